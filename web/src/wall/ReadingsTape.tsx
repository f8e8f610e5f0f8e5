import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { Reading } from '../app/api/client';
import { figureText, useUnits } from '../app/session';
import { MeasuredEntry } from '../entry/MeasuredEntry';
import { wallWords } from '../words/page/wall';
import { sideWord } from '../words/terms';
import { dateFormat } from '../words/dates';

const CLOCK = dateFormat({ hour: '2-digit', minute: '2-digit' });
const DAY = dateFormat({ day: 'numeric', month: 'short' });

function when(iso: string) {
  const at = new Date(iso);
  const today = new Date().toDateString() === at.toDateString();
  return today ? CLOCK.format(at) : `${DAY.format(at)}, ${CLOCK.format(at)}`;
}

function what(reading: Reading) {
  const side = reading.side ? `, ${sideWord(reading.side)}` : '';
  const lamp = { DIPPED: '', FRONT_FOG: ' (fog)', DRIVING: ' (driving)' }[reading.lamp];
  return `${reading.title}${side}${lamp}`;
}

/**
 * The readings like marks on a tape, in the order in which they were taken. A struck one stays
 * readable; pressing one that counts corrects it.
 */
export function ReadingsTape({
  readings,
  onCorrect,
  first = wallWords.theDistanceFromLampToWall(),
}: {
  readings: Reading[];
  onCorrect: (reading: Reading, typed: string, id: string) => Promise<unknown>;
  /** What to measure first, said while there is nothing. */
  first?: string;
}) {
  const units = useUnits();
  const [correcting, setCorrecting] = useState<string>();
  return (
    <Box
      as="section"
      aria-label={wallWords.readingsNewestFirst()}
      color="tapeInk"
      h="100%"
      overflowY="auto"
      tabIndex={0}
      pl="30px"
      pr="14px"
      pt="14px"
      css={{
        backgroundColor: 'var(--chakra-colors-tape)',
        backgroundImage:
          'repeating-linear-gradient(to bottom, var(--chakra-colors-tape-ink) 0 1px, transparent 1px 8px), repeating-linear-gradient(to bottom, var(--chakra-colors-tape-ink) 0 1px, transparent 1px 40px)',
        backgroundSize: '8px 100%, 16px 100%',
        backgroundRepeat: 'no-repeat',
        backgroundAttachment: 'local',
      }}
    >
      <Box fontFamily="scale" fontWeight="600" fontSize="14px" color="tapeQuiet" mb="4px">
        {wallWords.readingsNewestFirst()}
      </Box>
      {readings.length === 0 && (
        <Box py="16px">{wallWords.nothingMeasuredYetStartWithFirst({ first })}</Box>
      )}
      <Box as="ol" listStyleType="none">
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
                    </Box>
                  </Flex>
                  {!struck && <Box srOnly>{wallWords.correct()}</Box>}
                </Box>
              )}
            </Box>
          );
        })}
      </Box>
    </Box>
  );
}

function shown(reading: Reading, units: 'METRIC' | 'IMPERIAL') {
  if (reading.kind !== 'TURN') {
    return figureText(reading.value, units);
  }
  const turns = figureText(reading.value, units);
  return `${turns} ${reading.value.value < 0 ? '↺' : '↻'}`;
}
