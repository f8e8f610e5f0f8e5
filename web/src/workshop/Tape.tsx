import { Box } from '@chakra-ui/react';
import type { WorkshopPage } from '../api/client';
import { BareButton } from '../ui/buttons';
import { clockTime } from '../words/dates';
import type { Waiting } from '../kept/outbox';
import { strikersOf, TapeFrame, TapeLine, WaitingLines } from '../kept/Tape';
import { stagePath } from '../ui/stages';
import { asItStood, lookingBackTo } from '../browser/moment';
import { workshopWords } from '../words/page/workshop';

type Entry = WorkshopPage['entries'][number];

/** What was written down, newest first; what waits for the network stands on top, and says so. */
export function Tape({
  jobId,
  entries,
  waiting,
  problem,
  onUndo,
}: {
  jobId: string;
  entries: Entry[];
  waiting: Waiting[];
  /** Why the last press was refused. */
  problem?: string;
  onUndo: (id: string) => void;
}) {
  const strikers = strikersOf(waiting);
  const isStruck = (entry: Entry) => entry.struckBy !== undefined || strikers.has(entry.id);
  const newest = entries.findLast((entry) => !isStruck(entry) && !entry.strikes);
  return (
    <TapeFrame title={workshopWords.logNewestFirst()} jobId={jobId}>
      {problem && (
        <Box role="alert" py="6px" fontWeight="600">
          {problem}
        </Box>
      )}
      {entries.length + waiting.length === 0 && (
        <Box py="16px">{workshopWords.nothingRecordedYet()}</Box>
      )}
      <Box as="ol" listStyleType="none">
        <WaitingLines waiting={waiting} />
        {entries.toReversed().map((entry) => (
          <TapeLine
            key={entry.id}
            struck={isStruck(entry)}
            foot={clockTime(entry.at)}
            then={asItStood(entry.number, stagePath(jobId, entry.stage))}
            person={entry.by}
            act={
              entry.id === newest?.id &&
              !lookingBackTo() && (
                <BareButton
                  color="tapeInk"
                  my="-10px"
                  aria-label={workshopWords.undoWords({ words: entry.words })}
                  onClick={() => onUndo(entry.id)}
                >
                  {workshopWords.undo()}
                </BareButton>
              )
            }
          >
            {entry.words}
          </TapeLine>
        ))}
      </Box>
    </TapeFrame>
  );
}
