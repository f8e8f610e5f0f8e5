import { Box, Flex, Textarea } from '@chakra-ui/react';
import { useState } from 'react';
import { actingName, type HandOverPage as Page } from '../api/client';
import { PlainButton } from '../ui/buttons';
import { Refusal } from '../ui/Refusal';
import { Sheet } from '../ui/Sheet';
import { useAttempt } from '../entry/useAttempt';
import { SentenceText } from '../finding/SentenceText';
import { VerdictShape } from '../finding/VerdictShape';
import { TextField } from '../settings/fields';
import { TypedForm } from '../settings/TypedForm';
import { appWords } from '../words/page/app';
import { handoverWords } from '../words/page/handover';

const signed = () => handoverWords.signAsActingName({ actingName: actingName() || '…' });

type Above = Page['above'][number];

/**
 * Handing over. Whatever is open stands here by its name, at its stage: ticked, left out, or taken
 * together under one signed reason. Where nothing is open it is signed at once.
 */
export function CloseDialog({
  open,
  close,
  above,
  onStep,
  onClose,
}: {
  open: boolean;
  close: () => void;
  above: Page['above'];
  /** Throws with a sentence where a step cannot be ticked or left out so. */
  onStep: (one: Above, skipped: boolean, reason: string) => Promise<void>;
  onClose: (reason: string) => Promise<void>;
}) {
  const [reason, setReason] = useState('');
  const [problem, setProblem] = useState<string>();
  const [busy, setBusy] = useState(false);
  const stages = [...new Set(above.map((one) => one.stage))];
  const settle = async (points: Above[], skipped: boolean) => {
    setBusy(true);
    try {
      for (const one of points) {
        await onStep(one, skipped, reason);
      }
      setProblem(undefined);
    } catch (refused) {
      setProblem((refused as Error).message);
    } finally {
      setBusy(false);
    }
  };
  return (
    <Sheet title={appWords.handOver()} open={open} close={close}>
      <TypedForm
        words={
          above.length > 0 ? handoverWords.signedWithThisReason({ signed: signed() }) : signed()
        }
        onSend={async () => {
          await onClose(reason);
          close();
        }}
      >
        <Box fontSize="17px">
          {above.length === 0
            ? handoverWords.nothingIsOpenSigningClosesThe()
            : handoverWords.thisIsOpenDoItTick()}
        </Box>
        {above.length > 0 && (
          <Box as="label" display="block">
            <Box color="quiet">{handoverWords.whyItIsLeftOutOr()}</Box>
            <Textarea
              rows={2}
              maxLength={300}
              fontSize="17px"
              value={reason}
              onChange={(event) => setReason(event.target.value)}
            />
            <Refusal words={problem} pt="6px" />
          </Box>
        )}
        {stages.map((stage) => (
          <OpenAt
            key={stage}
            points={above.filter((one) => one.stage === stage)}
            busy={busy}
            onSettle={(points, skipped) => void settle(points, skipped)}
          />
        ))}
      </TypedForm>
    </Sheet>
  );
}

/** What is open at a stage. */
function OpenAt({
  points,
  busy,
  onSettle,
}: {
  points: Above[];
  busy: boolean;
  onSettle: (points: Above[], skipped: boolean) => void;
}) {
  const steps = points.filter((one) => one.step);
  return (
    <Box as="section" aria-label={points[0]?.words}>
      <Flex align="center" gap="10px" minH="48px" py="6px" fontSize="17px">
        <Box as="h3" flex="1" fontFamily="heading" fontWeight="600" fontSize="19px">
          {points[0]?.words}
        </Box>
        {steps.length > 1 && (
          <PlainButton type="button" disabled={busy} onClick={() => onSettle(steps, true)}>
            {handoverWords.leaveOutAllLengthSteps({ length: steps.length })}
          </PlainButton>
        )}
      </Flex>
      {points.map((one) => (
        <Flex
          key={one.finding.id}
          gap="10px"
          py="6px"
          align="center"
          fontSize="17px"
          borderTopWidth="1px"
          borderColor="hairline"
        >
          <VerdictShape verdict={one.finding.verdict} size={20} />
          <Box flex="1" minW="0">
            <SentenceText sentence={one.finding.headline} />
          </Box>
          {one.step && (
            <>
              <PlainButton
                type="button"
                disabled={busy}
                aria-label={handoverWords.donePattern({ pattern: one.finding.headline.pattern })}
                onClick={() => onSettle([one], false)}
              >
                {appWords.done()}
              </PlainButton>
              <PlainButton
                type="button"
                disabled={busy}
                aria-label={handoverWords.leaveOutPattern({
                  pattern: one.finding.headline.pattern,
                })}
                onClick={() => onSettle([one], true)}
              >
                {handoverWords.leaveOut()}
              </PlainButton>
            </>
          )}
        </Flex>
      ))}
    </Box>
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
    <Sheet title={handoverWords.addACorrection()} open={open} close={close}>
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
        <TextField
          label={handoverWords.whatIsRight()}
          value={words}
          set={setWords}
          maxLength={600}
        />
        <TextField
          label={handoverWords.whyItIsCorrected()}
          value={why}
          set={setWhy}
          maxLength={300}
        />
      </TypedForm>
    </Sheet>
  );
}
