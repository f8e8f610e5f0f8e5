import { Flex } from '@chakra-ui/react';
import { useState, type ReactNode } from 'react';
import { ActButton, PlainButton } from '../ui/buttons';
import { Refusal } from '../ui/Refusal';
import { FormFoot } from './FormFoot';

/** What else can be done where a form is sent. */
export interface OtherAct {
  words: string;
  /** Throws with a sentence where it cannot. */
  act: () => void | Promise<void>;
}

/** A form whose texts are read when it is sent: what cannot be read is said, and nothing is lost. */
export function TypedForm({
  words,
  onSend,
  others = [],
  children,
}: {
  words: string;
  /** Reads and takes what was typed; throws with a sentence where it cannot. */
  onSend: () => Promise<void>;
  others?: OtherAct[];
  children: ReactNode;
}) {
  const [problem, setProblem] = useState<string>();
  const attempt = async (work: OtherAct['act']) => {
    try {
      await work();
      setProblem(undefined);
    } catch (refusal) {
      setProblem((refusal as Error).message);
    }
  };
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        void attempt(onSend);
      }}
    >
      <Flex direction="column" gap="14px">
        {children}
        <Refusal words={problem} />
        <FormFoot>
          <ActButton type="submit">{words}</ActButton>
          {others.map(({ words: other, act }) => (
            <PlainButton key={other} type="button" onClick={() => void attempt(act)}>
              {other}
            </PlainButton>
          ))}
        </FormFoot>
      </Flex>
    </form>
  );
}
