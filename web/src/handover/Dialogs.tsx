import { Box, Flex, Textarea } from '@chakra-ui/react';
import { useState } from 'react';
import { actingName, type HandOverPage as Page } from '../app/api/client';
import { ActButton } from '../app/buttons';
import { Sheet } from '../app/Sheet';
import { useAttempt } from '../entry/useAttempt';
import { SentenceText } from '../finding/SentenceText';
import { VerdictShape } from '../finding/VerdictShape';
import { TextField } from '../settings/fields';

/** Handing over: with something above the horizon only with a signed reason. */
export function CloseDialog({
  open,
  close,
  above,
  onClose,
}: {
  open: boolean;
  close: () => void;
  above: Page['above'];
  onClose: (reason: string) => Promise<void>;
}) {
  const [reason, setReason] = useState('');
  const [problem, setProblem] = useState<string>();
  const go = async () => {
    try {
      await onClose(reason);
      close();
    } catch (refused) {
      setProblem((refused as Error).message);
    }
  };
  return (
    <Sheet title="Hand over" open={open} close={close}>
      <Box fontSize="17px">
        The record is closed with it: later corrections stand beside, with a name and a reason.
      </Box>
      {above.map((one) => (
        <Flex
          key={one.stage + one.finding.id}
          gap="10px"
          py="6px"
          borderTopWidth="1px"
          borderColor="hairline"
        >
          <VerdictShape verdict="OUT" size={20} />
          <Box>
            <SentenceText sentence={one.finding.headline} />
          </Box>
        </Flex>
      ))}
      {above.length > 0 && (
        <Box as="label" display="block" pt="12px">
          <Box color="quiet">Why it goes all the same; it is printed on the pack</Box>
          <Textarea
            rows={3}
            maxLength={600}
            fontSize="17px"
            value={reason}
            onChange={(event) => setReason(event.target.value)}
          />
        </Box>
      )}
      {problem && (
        <Box role="alert" color="out" pt="8px">
          {problem}
        </Box>
      )}
      <Flex justify="flex-end" pt="16px">
        <ActButton onClick={() => void go()}>Sign as {actingName() || '…'}</ActButton>
      </Flex>
    </Sheet>
  );
}

/** A correction beside a closed record. */
export function AmendDialog({
  open,
  close,
  onAmend,
}: {
  open: boolean;
  close: () => void;
  onAmend: (id: string, words: string, why: string) => Promise<void>;
}) {
  const [words, setWords] = useState('');
  const [why, setWhy] = useState('');
  const [problem, setProblem] = useState<string>();
  const attempt = useAttempt();
  const go = async () => {
    try {
      await onAmend(attempt.idFor(words + why), words, why);
      attempt.done();
      setWords('');
      setWhy('');
      close();
    } catch (refused) {
      setProblem((refused as Error).message);
    }
  };
  return (
    <Sheet title="Add a correction" open={open} close={close}>
      <TextField label="What is right" value={words} set={setWords} maxLength={600} />
      <Box pt="10px">
        <TextField label="Why it is corrected" value={why} set={setWhy} maxLength={300} />
      </Box>
      {problem && (
        <Box role="alert" color="out" pt="8px">
          {problem}
        </Box>
      )}
      <Flex justify="flex-end" pt="16px">
        <ActButton onClick={() => void go()}>Sign as {actingName() || '…'}</ActButton>
      </Flex>
    </Sheet>
  );
}
