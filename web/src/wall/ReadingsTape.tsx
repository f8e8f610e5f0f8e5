import { Box } from '@chakra-ui/react';
import { useState } from 'react';
import type { Reading } from '../api/client';
import { stagePath, type Stage } from '../ui/stages';
import { TapeFrame, useWaiting, WaitingLines } from '../kept/Tape';
import { asItStood, lookingBackTo } from '../browser/moment';
import { wallWords } from '../words/page/wall';
import { ReadingLine } from './ReadingLine';
import { whatWasRead } from './whatWasRead';

/** The pages whose entries are readings. */
const ON_TAPE = new Set(['job', 'bay']);

/**
 * The readings like marks on a tape, in the order in which they were taken. A struck one stays
 * readable; the newest one that counts can be undone.
 */
export function ReadingsTape({
  of,
  stage,
  readings,
  onCorrect,
  onUndo,
  first = wallWords.theDistanceFromLampToWall(),
}: {
  /** The job or bay. */
  of: string;
  /** On the page of which stage of the job; left out for a bay. */
  stage?: Stage;
  readings: Reading[];
  onCorrect: (reading: Reading, typed: string, id: string) => Promise<unknown>;
  /** Takes a reading back; what it says is shown while that waits. */
  onUndo: (id: string, said: string) => Promise<unknown>;
  /** What to measure first, said while there is nothing. */
  first?: string;
}) {
  const waiting = useWaiting(of).filter((one) => ON_TAPE.has(one.page[0] ?? ''));
  const newest = readings.findLast((reading) => !reading.struckBy);
  const past = lookingBackTo() !== undefined;
  const [problem, setProblem] = useState<string>();
  const undo = async (reading: Reading) => {
    setProblem(undefined);
    try {
      await onUndo(reading.id, `${whatWasRead(reading)} ${reading.typed}`);
    } catch (refused) {
      setProblem((refused as Error).message);
    }
  };
  return (
    <TapeFrame title={wallWords.readingsNewestFirst()} jobId={stage && of}>
      {problem && (
        <Box role="alert" py="6px" fontWeight="600">
          {problem}
        </Box>
      )}
      {readings.length + waiting.length === 0 && (
        <Box py="16px">{wallWords.nothingMeasuredYetStartWithFirst({ first })}</Box>
      )}
      <Box as="ol" listStyleType="none">
        <WaitingLines waiting={waiting} />
        {readings.toReversed().map((reading) => (
          <ReadingLine
            key={reading.id}
            reading={reading}
            fixed={past || reading.struckBy !== undefined}
            then={stage && asItStood(reading.number, stagePath(of, stage))}
            onCorrect={(typed, id) => onCorrect(reading, typed, id)}
            onUndo={reading.id === newest?.id && !past ? () => void undo(reading) : undefined}
          />
        ))}
      </Box>
    </TapeFrame>
  );
}
