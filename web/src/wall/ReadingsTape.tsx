import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { Reading } from '../app/api/client';
import { figureText, useUnits } from '../app/session';
import { BareButton } from '../app/buttons';
import { MeasuredEntry } from '../entry/MeasuredEntry';
import { TapeFrame, useWaiting, WaitingLines } from '../kept/Tape';
import { lookingBackTo } from '../record/moment';
import { appWords } from '../words/page/app';
import { wallWords } from '../words/page/wall';
import { sideWord, term } from '../words/terms';
import { dateFormat } from '../words/dates';

const CLOCK = dateFormat({ hour: '2-digit', minute: '2-digit' });
const DAY = dateFormat({ day: 'numeric', month: 'short' });

function when(iso: string) {
  const at = new Date(iso);
  const today = new Date().toDateString() === at.toDateString();
  return today ? CLOCK.format(at) : `${DAY.format(at)}, ${CLOCK.format(at)}`;
}

/** The pages whose entries are readings. */
const ON_TAPE = new Set(['job', 'bay']);

function what(reading: Reading) {
  const side = reading.side ? `, ${sideWord(reading.side)}` : '';
  const lamp = reading.lamp === 'DIPPED' ? '' : ` (${term('LampKind', reading.lamp)})`;
  return `${reading.title}${side}${lamp}`;
}

/**
 * The readings like marks on a tape, in the order in which they were taken. A struck one stays
 * readable; pressing one that counts corrects it.
 */
export function ReadingsTape({
  of,
  readings,
  onCorrect,
  onUndo,
  first = wallWords.theDistanceFromLampToWall(),
  ofJob = false,
}: {
  /** The job or bay. */
  of: string;
  readings: Reading[];
  onCorrect: (reading: Reading, typed: string, id: string) => Promise<unknown>;
  /** Takes a reading back; what it says is shown while that waits. */
  onUndo: (id: string, said: string) => Promise<unknown>;
  /** What to measure first, said while there is nothing. */
  first?: string;
  /** It is a job's, which has a record of its own. */
  ofJob?: boolean;
}) {
  const units = useUnits();
  const waiting = useWaiting(of).filter((one) => ON_TAPE.has(one.page[0] ?? ''));
  const newest = readings.findLast((reading) => !reading.struckBy);
  const [problem, setProblem] = useState<string>();
  const undo = async (reading: Reading) => {
    setProblem(undefined);
    try {
      await onUndo(reading.id, `${what(reading)} ${reading.typed}`);
    } catch (refused) {
      setProblem((refused as Error).message);
    }
  };
  const [correcting, setCorrecting] = useState<string>();
  return (
    <TapeFrame title={wallWords.readingsNewestFirst()} jobId={ofJob ? of : undefined}>
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
        {readings.toReversed().map((reading) => {
          const struck = reading.struckBy !== undefined;
          return (
            <Box
              as="li"
              key={reading.id}
              py="7px"
              borderBottomWidth="1px"
              borderStyle="dashed"
              borderColor="tapeQuiet"
              opacity={struck ? 0.75 : 1}
            >
              {correcting === reading.id && !struck ? (
                <>
                  <Box fontSize="15px">{what(reading)}</Box>
                  <MeasuredEntry
                    label={wallWords.correctReadingTypedTyped({
                      reading: what(reading),
                      typed: reading.typed,
                    })}
                    shown="correct"
                    align="left"
                    width="150px"
                    onKeep={async (typed, id) => {
                      await onCorrect(reading, typed, id);
                      setCorrecting(undefined);
                    }}
                  />
                </>
              ) : (
                <Box
                  as={struck ? 'div' : 'button'}
                  w="100%"
                  textAlign="left"
                  minH={struck ? undefined : '48px'}
                  cursor={struck ? 'default' : 'pointer'}
                  onClick={struck ? undefined : () => setCorrecting(reading.id)}
                >
                  <Box fontSize="15px">{what(reading)}</Box>
                  <Flex justify="space-between" align="flex-end" columnGap="8px" wrap="wrap">
                    <Box
                      fontFamily="heading"
                      fontSize="23px"
                      fontWeight="600"
                      lineHeight="1.15"
                      whiteSpace="nowrap"
                      textDecoration={struck ? 'line-through' : 'none'}
                    >
                      {struck ? reading.typed : shown(reading, units)}
                    </Box>
                    <Box
                      flex="1"
                      textAlign="right"
                      fontSize="13.5px"
                      color="tapeQuiet"
                      lineHeight="1.25"
                      whiteSpace="nowrap"
                    >
                      {wallWords.typedTyped({ typed: reading.typed })}
                      <br />
                      {reading.takenBy}, {when(reading.takenAt)}
                      {reading.undone && (
                        <>
                          <br />
                          {wallWords.undoneBy({
                            by: reading.undone.by,
                            when: when(reading.undone.at),
                          })}
                        </>
                      )}
                    </Box>
                  </Flex>
                  {!struck && <Box srOnly>{wallWords.correct()}</Box>}
                </Box>
              )}
              {reading.id === newest?.id && correcting !== reading.id && !lookingBackTo() && (
                <BareButton
                  color="tapeInk"
                  px="0"
                  my="-10px"
                  aria-label={wallWords.undoWords({
                    words: `${what(reading)} ${reading.typed}`,
                  })}
                  onClick={() => void undo(reading)}
                >
                  {appWords.undo()}
                </BareButton>
              )}
            </Box>
          );
        })}
      </Box>
    </TapeFrame>
  );
}

function shown(reading: Reading, units: 'METRIC' | 'IMPERIAL') {
  if (reading.kind !== 'TURN') {
    return figureText(reading.value, units);
  }
  const turns = figureText(reading.value, units);
  return `${turns} ${reading.value.value < 0 ? '↺' : '↻'}`;
}
