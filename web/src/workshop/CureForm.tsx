import { Box, Grid } from '@chakra-ui/react';
import { useState } from 'react';
import type { EntryEdit } from '../app/api/client';
import { PlainButton } from '../app/buttons';
import { Refusal } from '../app/Refusal';
import { Choice, TextField } from '../settings/fields';
import type { Write } from './useWorkshop';

type Adhesive = NonNullable<NonNullable<EntryEdit['timer']>['adhesive']>;

const ADHESIVES: readonly (readonly [Adhesive, string])[] = [
  ['FAST_EPOXY', 'fast epoxy'],
  ['FULL_EPOXY', 'full epoxy'],
  ['SEALANT', 'sealant'],
  ['SILICONE', 'silicone'],
  ['THREADLOCKER', 'threadlocker'],
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
  const usualName = [words || 'timer', side !== 'BOTH' && side.toLowerCase()]
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
        `timer: ${called}, ${time}`,
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
    <Box as="section" aria-label="Cures and other timers" pt="16px">
      <Box fontFamily="heading" fontWeight="600" fontSize="20px" pb="8px">
        What cures, by its label
      </Box>
      <Grid
        templateColumns={{ base: '1fr 1fr', md: '2fr 1fr 1fr 1fr auto' }}
        gap="10px"
        alignItems="end"
      >
        <Choice
          label="Adhesive"
          value={adhesive}
          set={setAdhesive}
          options={[...ADHESIVES, ['NONE', 'something else'] as const]}
        />
        <Choice
          label="Which lamp"
          value={side}
          set={setSide}
          options={[
            ['BOTH', 'both'],
            ['LEFT', 'left'],
            ['RIGHT', 'right'],
          ]}
        />
        <TextField
          label="Time on its label"
          value={time}
          set={setTime}
          maxLength={20}
          placeholder="24 h"
        />
        <TextField
          label="Called"
          value={name}
          set={setName}
          maxLength={60}
          placeholder={usualName}
        />
        <PlainButton onClick={() => void start()}>Start</PlainButton>
      </Grid>
      <Refusal words={problem} pt="6px" />
    </Box>
  );
}
