import { Box } from '@chakra-ui/react';
import type { Hunt, Job } from '../api/client';
import { lookingBackTo } from '../browser/moment';
import { strikersOf, TapeFrame, TapeLine, WaitingLines } from '../kept/Tape';
import type { Waiting } from '../kept/outbox';
import { BareButton } from '../ui/buttons';
import { Refusal } from '../ui/Refusal';
import { clockTime } from '../words/dates';
import { findWords } from '../words/page/find';

/** What was checked, newest first; a line that was wrong is struck. */
export function CheckedTape({
  job,
  hunt,
  waiting,
  problem,
  onStrike,
}: {
  job: Job;
  hunt: Hunt;
  waiting: Waiting[];
  problem: string | undefined;
  onStrike: (id: string, words: string) => void;
}) {
  const strikers = strikersOf(waiting);
  const canStrike = !job.closedAt && !lookingBackTo();
  return (
    <TapeFrame title={findWords.checked()} jobId={job.id}>
      <Refusal words={problem} />
      {hunt.lines.length + waiting.length === 0 && <Box>{findWords.nothingCheckedYet()}</Box>}
      <Box as="ul" listStyleType="none">
        <WaitingLines waiting={waiting} />
        {hunt.lines.toReversed().map((line) => (
          <TapeLine
            key={line.id}
            struck={strikers.has(line.id)}
            foot={clockTime(line.at)}
            person={line.by}
            act={
              canStrike &&
              !strikers.has(line.id) && (
                <BareButton
                  color="tapeInk"
                  px="0"
                  my="-10px"
                  onClick={() => onStrike(line.id, `${findWords.strike()}: ${line.words}`)}
                >
                  {findWords.strike()}
                </BareButton>
              )
            }
          >
            {line.before
              ? findWords.beforeMending({ words: line.words })
              : line.counts
                ? line.words
                : findWords.ofAnotherCircuit({ words: line.words })}
          </TapeLine>
        ))}
      </Box>
    </TapeFrame>
  );
}
