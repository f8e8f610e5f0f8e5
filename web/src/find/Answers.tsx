import { Box, Flex } from '@chakra-ui/react';
import { useCallback, useState } from 'react';
import type { Hunt, HuntCheck, ShownEdit } from '../api/client';
import { placeSimulated } from '../api/queries';
import { typedNumber } from '../harness/ProbeForm';
import { TextField } from '../settings/fields';
import { ActButton, BareButton, PlainButton } from '../ui/buttons';
import { Refusal } from '../ui/Refusal';
import { findWords } from '../words/page/find';
import { ANSWERS, answerWords, MEASURED, MOST_OHMS, seenWith } from './checking';
import { MeterLive } from '../meter/MeterLive';
import { Simulated } from './Simulated';
import type { Checked } from './useHunt';

/** So many other lamps are asked after beside the one that is looked at; the rest on demand. */
const AT_FIRST = 1;

/** What a check showed: a press for each answer, a figure for what is measured. */
export function Answers({
  jobId,
  hunt,
  check,
  checked,
  large = false,
}: {
  jobId: string;
  hunt: Hunt;
  check: HuntCheck;
  checked: Checked;
  /** To be read from afar and pressed in gloves. */
  large?: boolean;
}) {
  const [beside, setBeside] = useState<Record<string, number>>({});
  const others = seenWith(hunt, check);
  const measured = MEASURED[check.check.kind];
  const placeMeter = useCallback(() => placeSimulated(jobId, check.check), [jobId, check.check]);
  const [all, setAll] = useState(false);
  const [sent, setSent] = useState(false);
  // until it is kept, and the next check is here, a second press would say it twice
  const keep = (asked: ShownEdit, more: ShownEdit[]) => {
    if (!sent) {
      setSent(true);
      const words = findWords.lineWords({ check: check.words, answer: answerWords(asked) });
      void checked([asked, ...more], words).finally(() => setSent(false));
    }
  };
  const chosen = others.flatMap((one) => {
    const value = beside[one.lamp ?? ''];
    return value === undefined ? [] : [{ ...one, value }];
  });
  return (
    <Box>
      {measured ? (
        <>
          <Figure
            check={check}
            keep={(value) => keep({ ...check.check, value }, [])}
            large={large}
          />
          <MeterLive
            what={measured.what}
            keep={(value) => keep({ ...check.check, value }, [])}
            place={placeMeter}
          />
          {measured.what === 'OHMS' && (
            <PlainButton
              type="button"
              onClick={() => keep({ ...check.check, value: MOST_OHMS }, [])}
            >
              {findWords.isOpen()}
            </PlainButton>
          )}
        </>
      ) : (
        <Flex gap="8px" wrap="wrap" role="group" aria-label={check.words}>
          {ANSWERS[check.check.kind].map((words, value) => (
            <PlainButton
              key={words}
              flex="1"
              minH={large ? { base: '76px', md: '110px' } : '52px'}
              borderRadius="10px"
              fontSize={large ? 'clamp(20px, 2.8vw, 36px)' : '19px'}
              disabled={sent}
              onClick={() => keep({ ...check.check, value }, chosen)}
            >
              {words}
            </PlainButton>
          ))}
        </Flex>
      )}
      <Flex wrap="wrap" align="center" justify="space-between" columnGap="16px">
        <Box maxH={all ? '216px' : undefined} overflowY={all ? 'auto' : undefined}>
          {(all ? others : others.slice(0, AT_FIRST)).map((one) => (
            <Beside
              key={one.lamp}
              words={hunt.lamps.find((lamp) => lamp.id === one.lamp)?.words ?? ''}
              value={beside[one.lamp ?? '']}
              set={(value) => setBeside({ ...beside, [one.lamp ?? '']: value })}
              large={large}
            />
          ))}
        </Box>
        {others.length > AT_FIRST && !all && (
          <BareButton type="button" px="0" color="quiet" onClick={() => setAll(true)}>
            {findWords.moreLamps({ count: String(others.length - AT_FIRST) })}
          </BareButton>
        )}
        <Simulated jobId={jobId} asked={[check.check, ...others]} keep={keep} />
      </Flex>
    </Box>
  );
}

/** Another lamp that is seen at the same moment, if anybody looks. */
function Beside({
  words,
  value,
  set,
  large,
}: {
  words: string;
  value: number | undefined;
  set: (value: number) => void;
  large: boolean;
}) {
  const label = findWords.atTheSameMoment({ lamp: words });
  return (
    <Flex align="center" gap="4px" pt="4px" wrap="wrap" role="group" aria-label={label}>
      <Box color="quiet" pr="4px" fontSize={large ? '20px' : undefined}>
        {words}
      </Box>
      {ANSWERS.LAMP.map((answer, number) => (
        <PlainButton
          key={answer}
          px={large ? '18px' : '12px'}
          minH={large ? '60px' : undefined}
          fontSize={large ? '20px' : '15px'}
          aria-pressed={value === number}
          bg={value === number ? 'lampFill' : undefined}
          color={value === number ? 'onLamp' : 'ink'}
          onClick={() => set(number)}
        >
          {answer}
        </PlainButton>
      ))}
    </Flex>
  );
}

function Figure({
  check,
  keep,
  large,
}: {
  check: HuntCheck;
  keep: (value: number) => void;
  large: boolean;
}) {
  const [typed, setTyped] = useState('');
  const [problem, setProblem] = useState<string>();
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        const value = typedNumber(typed.replace(/ *[VAΩ]$/i, ''));
        if (Number.isNaN(value)) {
          setProblem(findWords.enterWhatTheMeterShows());
          return;
        }
        keep(value);
      }}
    >
      <Flex gap="12px" align="end" wrap="wrap">
        <Box flex="1" minW="160px" fontSize={large ? '24px' : undefined}>
          <TextField
            label={findWords.theMeterShows({ unit: check.unit })}
            value={typed}
            set={setTyped}
            maxLength={12}
          />
        </Box>
        <ActButton type="submit">{findWords.saveReading()}</ActButton>
      </Flex>
      <Refusal words={problem} />
    </form>
  );
}
