import { Box, Flex, Textarea } from '@chakra-ui/react';
import { useState } from 'react';
import { actingName, type HandOverPage as Page } from '../app/api/client';
import { Sheet } from '../app/Sheet';
import { useAttempt } from '../entry/useAttempt';
import { SentenceText } from '../finding/SentenceText';
import { VerdictShape } from '../finding/VerdictShape';
import { TextField } from '../settings/fields';
import { TypedForm } from '../settings/TypedForm';

const signed = () => `Sign as ${actingName() || '…'}`;

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
  return (
    <Sheet title="Hand over" open={open} close={close}>
      <TypedForm
        words={signed()}
        onSend={async () => {
          await onClose(reason);
          close();
        }}
      >
        <Box fontSize="17px">
          The record is closed with it: later corrections stand beside, with a name and a reason.
        </Box>
        {above.length > 0 && (
          <Box>
            {above.map((one) => (
              <Flex
                key={one.stage + one.finding.id}
                gap="10px"
                py="8px"
                align="center"
                fontSize="17px"
                borderTopWidth="1px"
                borderColor="hairline"
              >
                <VerdictShape verdict="OUT" size={20} />
                <SentenceText sentence={one.finding.headline} />
              </Flex>
            ))}
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
          </Box>
        )}
      </TypedForm>
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
  const attempt = useAttempt();
  return (
    <Sheet title="Add a correction" open={open} close={close}>
      <TypedForm
        words={signed()}
        onSend={async () => {
          await onAmend(attempt.idFor(words + why), words, why);
          attempt.done();
          setWords('');
          setWhy('');
          close();
        }}
      >
        <TextField label="What is right" value={words} set={setWords} maxLength={600} />
        <TextField label="Why it is corrected" value={why} set={setWhy} maxLength={300} />
      </TypedForm>
    </Sheet>
  );
}
