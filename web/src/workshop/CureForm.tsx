import { Box, Grid } from '@chakra-ui/react';
import { useState } from 'react';
import type { EntryEdit } from '../api/client';
import { PlainButton } from '../ui/buttons';
import { Refusal } from '../ui/Refusal';
import { Choice, TextField } from '../settings/fields';
import type { Write } from './useWorkshop';
import { appWords } from '../words/page/app';
import { workshopWords } from '../words/page/workshop';
import { sideWord } from '../words/terms';

type Adhesive = NonNullable<NonNullable<EntryEdit['timer']>['adhesive']>;

const ADHESIVES: readonly (readonly [Adhesive, string])[] = [
  ['FAST_EPOXY', workshopWords.fastEpoxy()],
  ['FULL_EPOXY', workshopWords.fullEpoxy()],
  ['SEALANT', workshopWords.sealant()],
  ['SILICONE', workshopWords.silicone()],
  ['THREADLOCKER', workshopWords.threadlocker()],
];

/** Starts a timer for what cures, or for something else. */
export function CureForm({
  write,
  usual = 'FAST_EPOXY',
  usualSide = 'BOTH',
  onStarted,
}: {
  write: Write;
  usual?: Adhesive;
  usualSide?: 'BOTH' | 'LEFT' | 'RIGHT';
  onStarted?: () => void;
}) {
  const [adhesive, setAdhesive] = useState<Adhesive | 'NONE'>(usual);
  const [side, setSide] = useState<'BOTH' | 'LEFT' | 'RIGHT'>(usualSide);
  const [time, setTime] = useState('');
  const [name, setName] = useState('');
  const [problem, setProblem] = useState<string>();
  const words = ADHESIVES.find(([one]) => one === adhesive)?.[1] ?? '';
  const usualName = [words || workshopWords.timer(), side !== 'BOTH' && sideWord(side)]
    .filter(Boolean)
    .join(', ');
  const start = async () => {
    const called = name.trim() || usualName;
    try {
      await write(
        {
          timer: {
            name: called,
            kind: adhesive === 'NONE' ? 'OTHER' : 'CURE',
            side: side === 'BOTH' ? undefined : side,
            adhesive: adhesive === 'NONE' ? undefined : adhesive,
            time,
          },
        },
        workshopWords.timerCalledTime({ called, time }),
      );
      setProblem(undefined);
      setTime('');
      setName('');
      onStarted?.();
    } catch (refused) {
      setProblem((refused as Error).message);
    }
  };
  return (
    <Box as="section" aria-label={workshopWords.curesAndOtherTimers()} pt="16px">
      <Box fontFamily="heading" fontWeight="600" fontSize="20px" pb="8px">
        {workshopWords.whatCuresByItsLabel()}
      </Box>
      <Grid
        templateColumns={{ base: '1fr 1fr', md: '2fr 1fr 1fr 1fr auto' }}
        gap="10px"
        alignItems="end"
      >
        <Choice
          label={workshopWords.adhesive()}
          value={adhesive}
          set={setAdhesive}
          options={[...ADHESIVES, ['NONE', workshopWords.somethingElse()] as const]}
        />
        <Choice
          label={workshopWords.whichLamp()}
          value={side}
          set={setSide}
          options={[
            ['BOTH', workshopWords.both()],
            ['LEFT', appWords.left()],
            ['RIGHT', appWords.right()],
          ]}
        />
        <TextField
          label={workshopWords.timeOnItsLabel()}
          value={time}
          set={setTime}
          maxLength={20}
          placeholder="24 h"
        />
        <TextField
          label={appWords.called()}
          value={name}
          set={setName}
          maxLength={60}
          placeholder={usualName}
        />
        <PlainButton onClick={() => void start()}>{workshopWords.start()}</PlainButton>
      </Grid>
      <Refusal words={problem} pt="6px" />
    </Box>
  );
}
