import { Box, Flex } from '@chakra-ui/react';
import { useState, type ReactNode } from 'react';
import { ActButton } from '../app/buttons';
import { FormFoot } from './FormFoot';

/** A form whose texts are read when it is sent: what cannot be read is said, and nothing is lost. */
export function TypedForm({
  words,
  onSend,
  more,
  children,
}: {
  words: string;
  /** Reads and takes what was typed; throws with a sentence where it cannot. */
  onSend: () => Promise<void>;
  /** Further buttons. */
  more?: ReactNode;
  children: ReactNode;
}) {
  const [problem, setProblem] = useState<string>();
  const send = async () => {
    try {
      await onSend();
      setProblem(undefined);
    } catch (refusal) {
      setProblem((refusal as Error).message);
    }
  };
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        void send();
      }}
    >
      <Flex direction="column" gap="14px">
        {children}
        {problem && (
          <Box role="alert" color="out">
            {problem}
          </Box>
        )}
        <FormFoot>
          <ActButton type="submit">{words}</ActButton>
          {more}
        </FormFoot>
      </Flex>
    </form>
  );
}
