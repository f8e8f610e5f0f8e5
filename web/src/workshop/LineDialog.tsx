import { Box, Flex, Grid } from '@chakra-ui/react';
import { useState } from 'react';
import type { LedgerLine, OutEdit } from '../app/api/client';
import { ActButton, PlainButton } from '../app/buttons';
import { Sheet } from '../app/Sheet';
import { Refusal } from '../app/Refusal';
import { Choice, TextField } from '../settings/fields';
import { LineMoves } from './LineMoves';
import { rowWords } from './QuickEntry';
import type { Write } from './useWorkshop';

/** A line of the ledger: what became of it, and what else is known of it. */
export function LineDialog({
  line,
  write,
  close,
}: {
  line: LedgerLine | undefined;
  write: Write;
  close: () => void;
}) {
  return (
    <Sheet title={line?.words ?? ''} open={line !== undefined} close={close} size="xl">
      {line && <Line key={line.id} line={line} write={write} close={close} />}
    </Sheet>
  );
}

const KINDS: readonly (readonly [OutEdit['kind'], string])[] = [
  ['UNSORTED', 'not said yet'],
  ['BOLT', 'bolt'],
  ['NUT', 'nut'],
  ['SCREW', 'screw'],
  ['CLIP_PULL', 'clip, pin pulled'],
  ['CLIP_PUSH', 'clip, pin pushed'],
  ['RIVET', 'rivet'],
  ['TAB', 'tab'],
  ['LATCH', 'latch'],
  ['STUD', 'ball stud'],
  ['PEG', 'locating peg'],
  ['CONNECTOR', 'connector'],
  ['THING', 'bulb, socket, bracket or the like'],
  ['PIECE', 'piece: bumper, lamp, trim'],
];

const SIZES = ['', '5.5 mm', '7 mm', '8 mm', '10 mm', '13 mm', 'T25', 'T30'];

function Line({ line, write, close }: { line: LedgerLine; write: Write; close: () => void }) {
  const [row, setRow] = useState<OutEdit>(line.row);
  const [problem, setProblem] = useState<string>();
  const set = (part: Partial<OutEdit>) => setRow((before) => ({ ...before, ...part }));
  const untouched = line.back + line.broken + line.replaced + line.stays === 0;
  const keep = async () => {
    try {
      await write({ out: { ...row, changes: line.id } }, rowWords(row));
      close();
    } catch (refused) {
      setProblem((refused as Error).message);
    }
  };
  return (
    <Box fontSize="16px">
      {(line.takeOff || line.putBack) && (
        <Box color="quiet" pb="8px" maxW="70ch">
          {[line.takeOff, line.putBack && `Back: ${line.putBack}`].filter(Boolean).join(' ')} Common
          practice.
        </Box>
      )}
      <LineMoves line={line} write={write} onProblem={setProblem} />
      <Refusal words={problem} py="6px" />
      {untouched ? (
        <>
          <Grid templateColumns={{ base: '1fr', md: '1fr 1fr 1fr' }} gap="12px" pt="12px">
            <Choice
              label="What it is"
              value={row.kind}
              set={(kind) => set({ kind })}
              options={KINDS}
            />
            <TextField
              label="Called"
              value={row.name}
              set={(name) => set({ name })}
              maxLength={60}
              placeholder="left bezel"
            />
            <TextField
              label="Comes off after"
              value={row.after ?? ''}
              set={(after) => set({ after })}
              maxLength={60}
              placeholder="flap"
            />
            <Choice
              label="Tool"
              value={SIZES.includes(row.size) ? row.size : ''}
              set={(size) => set({ size })}
              options={SIZES.map((size) => [size, size || 'not said'] as const)}
            />
            <TextField
              label="Thread"
              value={row.thread}
              set={(thread) => set({ thread })}
              maxLength={20}
              placeholder="M6"
            />
            <TextField
              label="Tray or bag"
              value={row.tray}
              set={(tray) => set({ tray })}
              maxLength={40}
              placeholder="tray 2"
            />
            <TextField
              label="Holds"
              value={row.holds}
              set={(holds) => set({ holds })}
              maxLength={60}
              placeholder="bumper"
            />
            <TextField
              label="Place"
              value={row.where}
              set={(where) => set({ where })}
              maxLength={80}
            />
            <Choice
              label="As found"
              value={row.asFound}
              set={(asFound) => set({ asFound })}
              options={[
                ['SOUND', 'sound'],
                ['MISSING', 'missing'],
                ['SUBSTITUTED', 'another one in its place'],
                ['BROKEN', 'broken'],
                ['GLUED', 'glued'],
              ]}
            />
          </Grid>
          <Flex gap="8px" py="12px" wrap="wrap">
            <Toggle on={row.hidden} set={(hidden) => set({ hidden })}>
              Hidden until something else is off
            </Toggle>
            <Toggle on={row.captive ?? false} set={(captive) => set({ captive })}>
              Captive: only loosened
            </Toggle>
            <Toggle on={row.people === 2} set={(two) => set({ people: two ? 2 : 1 })}>
              Takes two people
            </Toggle>
          </Flex>
          <TextField label="Note" value={row.note} set={(note) => set({ note })} maxLength={200} />
          <Flex justify="flex-end" pt="16px">
            <ActButton onClick={() => void keep()}>Keep</ActButton>
          </Flex>
        </>
      ) : (
        <Box color="quiet" pt="10px">
          {[
            row.holds && `holds ${row.holds}`,
            row.after && `after ${row.after}`,
            row.tray,
            row.thread,
            row.note,
          ]
            .filter(Boolean)
            .join(' · ')}
        </Box>
      )}
    </Box>
  );
}

function Toggle({
  on,
  set,
  children,
}: {
  on: boolean;
  set: (on: boolean) => void;
  children: string;
}) {
  return (
    <PlainButton
      aria-pressed={on}
      bg={on ? 'lampFill' : undefined}
      color={on ? 'onLamp' : 'ink'}
      onClick={() => set(!on)}
    >
      {children}
    </PlainButton>
  );
}
