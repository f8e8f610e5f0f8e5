import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { Reading } from '../api/client';
import { BareButton } from '../ui/buttons';
import { figureText, useUnits } from '../ui/session';
import { MeasuredEntry } from '../entry/MeasuredEntry';
import { clockTime } from '../words/dates';
import { appWords } from '../words/page/app';
import { recordWords } from '../words/page/record';
import { wallWords } from '../words/page/wall';
import { whatWasRead } from './whatWasRead';

/** A reading on the tape. Pressing one that counts corrects it, or leads to what there was then. */
export function ReadingLine({
  reading,
  fixed,
  then,
  onCorrect,
  onUndo,
}: {
  reading: Reading;
  /** Nothing of it is changed: it was struck, or the page looks back. */
  fixed: boolean;
  /** Where the job is shown as it stood right after it; a bay is not. */
  then: string | undefined;
  onCorrect: (typed: string, id: string) => Promise<unknown>;
  /** Set for the newest one that counts. */
  onUndo: (() => void) | undefined;
}) {
  const [open, setOpen] = useState(false);
  const struck = reading.struckBy !== undefined;
  const words = whatWasRead(reading);
  return (
    <Box
      as="li"
      py="7px"
      borderBottomWidth="1px"
      borderStyle="dashed"
      borderColor="tapeQuiet"
      opacity={struck ? 0.75 : 1}
    >
      {open && !fixed ? (
        <>
          <Box fontSize="15px">{words}</Box>
          <Value reading={reading} struck={false} />
          <Flex align="center" columnGap="16px" wrap="wrap" ml="-10px">
            <MeasuredEntry
              label={wallWords.correctReadingTypedTyped({ reading: words, typed: reading.typed })}
              shown={wallWords.correct()}
              align="left"
              width="150px"
              color="tapeInk"
              onKeep={async (typed, id) => {
                await onCorrect(typed, id);
                setOpen(false);
              }}
            />
            {then && (
              <BareButton asChild color="tapeInk" px="0">
                <a href={then}>{recordWords.asItStoodThen()}</a>
              </BareButton>
            )}
          </Flex>
        </>
      ) : (
        <Box
          as={fixed ? 'div' : 'button'}
          w="100%"
          textAlign="left"
          minH={fixed ? undefined : '48px'}
          cursor={fixed ? 'default' : 'pointer'}
          onClick={fixed ? undefined : () => setOpen(true)}
        >
          <Box fontSize="15px">{words}</Box>
          <Value reading={reading} struck={struck} />
          {!fixed && <Box srOnly>{wallWords.correct()}</Box>}
        </Box>
      )}
      {onUndo && !open && (
        <BareButton
          color="tapeInk"
          px="0"
          my="-10px"
          aria-label={wallWords.undoWords({ words: `${words} ${reading.typed}` })}
          onClick={onUndo}
        >
          {appWords.undo()}
        </BareButton>
      )}
    </Box>
  );
}

/** What it came to, as it was typed, by whom and when. */
function Value({ reading, struck }: { reading: Reading; struck: boolean }) {
  const units = useUnits();
  return (
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
        {reading.takenBy}, {clockTime(reading.takenAt)}
        {reading.undone && (
          <>
            <br />
            {wallWords.undoneBy({ by: reading.undone.by, when: clockTime(reading.undone.at) })}
          </>
        )}
      </Box>
    </Flex>
  );
}

function shown(reading: Reading, units: 'METRIC' | 'IMPERIAL') {
  if (reading.kind !== 'TURN') {
    return figureText(reading.value, units);
  }
  const turns = figureText(reading.value, units);
  return `${turns} ${reading.value.value < 0 ? '↺' : '↻'}`;
}
