import { Box, Flex, Grid } from '@chakra-ui/react';
import { useState } from 'react';
import type { LedgerLine, OutEdit } from '../api/client';
import { ActButton, PlainButton } from '../ui/buttons';
import { Sheet } from '../ui/Sheet';
import { Refusal } from '../ui/Refusal';
import { Choice, TextField } from '../settings/fields';
import { appWords } from '../words/page/app';
import { workshopWords } from '../words/page/workshop';
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
  ['UNSORTED', workshopWords.notEnteredYet()],
  ['BOLT', workshopWords.bolt()],
  ['NUT', workshopWords.nut()],
  ['SCREW', workshopWords.screw()],
  ['CLIP_PULL', workshopWords.clipPinPulled()],
  ['CLIP_PUSH', workshopWords.clipPinPushed()],
  ['RIVET', workshopWords.rivet()],
  ['TAB', workshopWords.tab()],
  ['LATCH', workshopWords.latch()],
  ['STUD', workshopWords.ballStud()],
  ['PEG', workshopWords.locatingPeg()],
  ['CONNECTOR', workshopWords.connector()],
  ['THING', workshopWords.bulbSocketBracketOrTheLike()],
  ['PIECE', workshopWords.partBumperLampTrim()],
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
          {[line.takeOff, line.putBack && workshopWords.backPutBack({ putBack: line.putBack })]
            .filter(Boolean)
            .join(' ')}{' '}
          {workshopWords.commonPractice()}
        </Box>
      )}
      <LineMoves line={line} write={write} onProblem={setProblem} />
      <Refusal words={problem} py="6px" />
      {untouched ? (
        <>
          <RowFields row={row} set={set} />
          <Flex justify="flex-end" pt="16px">
            <ActButton onClick={() => void keep()}>{appWords.save()}</ActButton>
          </Flex>
        </>
      ) : (
        <Box color="quiet" pt="10px">
          {[
            row.holds && workshopWords.holdsHolds({ holds: row.holds }),
            row.after && workshopWords.afterAfter({ after: row.after }),
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

function RowFields({ row, set }: { row: OutEdit; set: (part: Partial<OutEdit>) => void }) {
  return (
    <>
      <Grid templateColumns={{ base: '1fr', md: '1fr 1fr 1fr' }} gap="12px" pt="12px">
        <Choice
          label={appWords.whatItIs()}
          value={row.kind}
          set={(kind) => set({ kind })}
          options={KINDS}
        />
        <TextField
          label={appWords.called()}
          value={row.name}
          set={(name) => set({ name })}
          maxLength={60}
          placeholder={workshopWords.leftBezel()}
        />
        <TextField
          label={workshopWords.comesOffAfter()}
          value={row.after ?? ''}
          set={(after) => set({ after })}
          maxLength={60}
          placeholder={workshopWords.flap()}
        />
        <Choice
          label={workshopWords.tool()}
          value={SIZES.includes(row.size) ? row.size : ''}
          set={(size) => set({ size })}
          options={SIZES.map((size) => [size, size || appWords.notSaid()] as const)}
        />
        <TextField
          label={workshopWords.threadTitle()}
          value={row.thread}
          set={(thread) => set({ thread })}
          maxLength={20}
          placeholder="M6"
        />
        <TextField
          label={workshopWords.trayOrBag()}
          value={row.tray}
          set={(tray) => set({ tray })}
          maxLength={40}
          placeholder={workshopWords.tray2()}
        />
        <TextField
          label={workshopWords.holds()}
          value={row.holds}
          set={(holds) => set({ holds })}
          maxLength={60}
          placeholder={workshopWords.bumper()}
        />
        <TextField
          label={appWords.place()}
          value={row.where}
          set={(where) => set({ where })}
          maxLength={80}
        />
        <Choice
          label={workshopWords.asFound()}
          value={row.asFound}
          set={(asFound) => set({ asFound })}
          options={[
            ['SOUND', workshopWords.sound()],
            ['MISSING', appWords.missing()],
            ['SUBSTITUTED', workshopWords.anotherOneInItsPlace()],
            ['BROKEN', workshopWords.broken()],
            ['GLUED', workshopWords.glued()],
          ]}
        />
      </Grid>
      <Flex gap="8px" py="12px" wrap="wrap">
        <Toggle on={row.hidden} set={(hidden) => set({ hidden })}>
          {workshopWords.hiddenUntilSomethingElseIsOff()}
        </Toggle>
        <Toggle on={row.captive ?? false} set={(captive) => set({ captive })}>
          {workshopWords.captiveOnlyLoosened()}
        </Toggle>
        <Toggle on={row.people === 2} set={(two) => set({ people: two ? 2 : 1 })}>
          {workshopWords.takesTwoPeople()}
        </Toggle>
      </Flex>
      <TextField
        label={appWords.note()}
        value={row.note}
        set={(note) => set({ note })}
        maxLength={200}
      />
    </>
  );
}
