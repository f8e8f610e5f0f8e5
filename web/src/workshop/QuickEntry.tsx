import { Box, Flex, Grid, Input } from '@chakra-ui/react';
import { useState } from 'react';
import type { OutEdit, WorkshopPage } from '../api/client';
import { PlainButton } from '../ui/buttons';
import { Refusal } from '../ui/Refusal';
import { workshopWords } from '../words/page/workshop';
import { term } from '../words/terms';

type Kind = OutEdit['kind'];

/** What comes off most, each with counts to press; all others are typed or chosen below. */
const QUICK: readonly (readonly [Kind, string])[] = [
  ['BOLT', workshopWords.bolt()],
  ['SCREW', workshopWords.screw()],
  ['CLIP_PULL', workshopWords.clipPull()],
  ['CLIP_PUSH', workshopWords.clipPush()],
  ['CONNECTOR', workshopWords.connector()],
  ['NUT', workshopWords.nut()],
];
const COUNTS = [1, 2, 3, 4, 5, 6];

const LAMPS = [workshopWords.leftHeadlamp(), workshopWords.rightHeadlamp()];
const FACE = ['bumper', 'grille', 'trim'];
const LINERS = [workshopWords.leftLiner(), workshopWords.rightLiner()];
const PIECES_SHOWN = 3;

/** The pieces that come off next: the face first where the bumper has to go, what is off left out. */
export function nextPieces({ stages, ledger }: WorkshopPage): string[] {
  const bumperGoes = stages.some((one) => one.steps.some((step) => step.id === 'apart.bumper'));
  const order = bumperGoes ? [...FACE, ...LAMPS, ...LINERS] : [...LAMPS, ...FACE, ...LINERS];
  const off = new Set(ledger.filter((line) => !line.done).map((line) => line.row.name));
  return order.filter((piece) => !off.has(piece)).slice(0, PIECES_SHOWN);
}

export const PLAIN_ROW: OutEdit = {
  count: 1,
  kind: 'BOLT',
  name: '',
  size: '',
  thread: '',
  where: '',
  tray: '',
  holds: '',
  asFound: 'SOUND',
  hidden: false,
  people: 1,
  note: '',
};

/** What goes by its own name. */
const NAMED: Kind[] = ['PIECE', 'THING', 'UNSORTED'];

/** In words, as it waits to be sent. */
export function rowWords(row: OutEdit): string {
  const kind = NAMED.includes(row.kind) ? row.name : term('FastenerKind', row.kind);
  return workshopWords.off({ value: row.kind === 'PIECE' ? kind : `${row.count} ${kind}` });
}

/** Lines of the ledger in two presses: the place on the drawing, then kind and count. */
export function QuickEntry({
  pieces,
  onRow,
  onCalled,
}: {
  /** Pieces of the front to be pressed. */
  pieces: string[];
  onRow: (row: OutEdit) => Promise<unknown>;
  /** Takes a line as it is called out; it is read where it is kept. */
  onCalled: (typed: string) => Promise<unknown>;
}) {
  const [typed, setTyped] = useState('');
  const [problem, setProblem] = useState<string>();
  const attempt = async (write: () => Promise<unknown>) => {
    try {
      await write();
      setProblem(undefined);
    } catch (refused) {
      setProblem((refused as Error).message);
    }
  };
  const call = async () => {
    await onCalled(typed.trim());
    // the next line may be typed already
    setTyped((now) => (now === typed ? '' : now));
  };
  return (
    <Box px={{ base: '14px', lg: '18px' }} py="8px" bg="ground">
      <Flex gap="8px" align="center" wrap="wrap">
        <Box
          as="form"
          flex="1"
          minW="220px"
          onSubmit={(event: React.FormEvent) => {
            event.preventDefault();
            if (typed.trim()) {
              void attempt(call);
            }
          }}
        >
          <Input
            h="48px"
            aria-label={workshopWords.callItOut()}
            aria-invalid={problem !== undefined}
            autoComplete="off"
            placeholder={workshopWords.n4ClipUpperEdge()}
            maxLength={80}
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
            fontSize="17px"
          />
        </Box>
        <Flex gap="6px" role="group" aria-label={workshopWords.pieces()} wrap="wrap">
          {pieces.map((name) => (
            <PlainButton
              key={name}
              px="13px"
              aria-label={workshopWords.offName({ name })}
              onClick={() => void attempt(() => onRow({ ...PLAIN_ROW, kind: 'PIECE', name }))}
            >
              {name}
            </PlainButton>
          ))}
        </Flex>
      </Flex>
      <Refusal words={problem} pt="4px" />
      <Grid templateColumns={{ base: '1fr', xl: '1fr 1fr' }} columnGap="22px" rowGap="4px" pt="8px">
        {QUICK.map(([kind, words]) => (
          <Counts
            key={kind}
            words={words}
            onCount={(count) => void attempt(() => onRow({ ...PLAIN_ROW, kind, count }))}
          />
        ))}
      </Grid>
    </Box>
  );
}

function Counts({ words, onCount }: { words: string; onCount: (count: number) => void }) {
  return (
    <Grid
      templateColumns={`74px repeat(${COUNTS.length}, minmax(0, 1fr))`}
      gap="4px"
      role="group"
      aria-label={words}
    >
      <Flex align="center" fontFamily="heading" fontWeight="600">
        {words}
      </Flex>
      {COUNTS.map((count) => (
        <PlainButton
          key={count}
          px="0"
          minW="0"
          borderRadius="6px"
          fontSize="18px"
          aria-label={`${count} ${words}`}
          onClick={() => onCount(count)}
        >
          {count}
        </PlainButton>
      ))}
    </Grid>
  );
}
