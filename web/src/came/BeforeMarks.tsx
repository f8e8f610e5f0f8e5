import { Box, Flex } from '@chakra-ui/react';
import type { JobPage, Side } from '../api/client';
import { bareText, useUnits } from '../ui/session';
import { MeasuredEntry } from '../entry/MeasuredEntry';
import { lastLiving, type KeepThing, type Thing } from '../kept/readings';
import { appWords } from '../words/page/app';
import { cameWords } from '../words/page/came';
import { sideWord } from '../words/terms';

/** The factory cutoff on the wall before the old lamps come off, at any distance. */
export function BeforeMarks({ page, onKeep }: { page: JobPage; onKeep: KeepThing }) {
  const units = useUnits();
  const entry = (thing: Thing, name: string, hint: string) => {
    const found = lastLiving(page.readings, thing);
    return (
      <MeasuredEntry
        label={`${name}${found ? `: ${bareText(found.value, units)}` : appWords.notRead()}`}
        shown={found ? bareText(found.value, units) : hint}
        onKeep={(typed, id) => onKeep(thing, typed, id)}
      />
    );
  };
  const cutoff = (side: Side) =>
    entry(
      { kind: 'BEFORE_BELOW', side },
      cameWords.cutoffBeforeSideBelowTheLamps({ side: sideWord(side) }),
      cameWords.sideBelow({ side: sideWord(side) }),
    );
  return (
    <Flex
      bg="panel"
      align="center"
      columnGap="10px"
      px="14px"
      minH="60px"
      wrap="wrap"
      borderTopWidth="1px"
      borderColor="hairline"
    >
      <Box color="quiet">{cameWords.oldCutoffOnTheWallBelow()}</Box>
      {cutoff('LEFT')}
      {cutoff('RIGHT')}
      <Box color="quiet">{cameWords.from()}</Box>
      {entry(
        { kind: 'BEFORE_DISTANCE' },
        cameWords.distanceOfTheOldLampsFrom(),
        cameWords.distance(),
      )}
    </Flex>
  );
}
