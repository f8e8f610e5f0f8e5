import type { ProofCell, ProofItem } from '../api/client';
import type { Write } from '../workshop/useWorkshop';
import { appWords } from '../words/page/app';
import { workshopWords } from '../words/page/workshop';

export type Outcome = NonNullable<ProofCell['outcome']>;

/** What lamps can do, by what they should do: one big button each. */
export function outcomesOf(cell: ProofCell): readonly (readonly [Outcome, string])[] {
  return cell.expected === 'OUT'
    ? [
        ['WORKS', appWords.unlit()],
        ['LIT', workshopWords.lit()],
        ['FLICKERS', appWords.flickers()],
      ]
    : [
        ['WORKS', cell.expected === 'REDUCED' ? appWords.reduced() : appWords.works()],
        ['AFTER_TRIES', workshopWords.afterTries()],
        ['WEAK', appWords.weak()],
        ['FLICKERS', appWords.flickers()],
        ['DEAD', appWords.dead()],
      ];
}

export const EXPECTED = {
  FULL: appWords.lit(),
  REDUCED: appWords.reduced(),
  OUT: appWords.unlit(),
} as const;

/** Lamps that stand beside each other: one a side, or one alone. */
export type Pair = [ProofCell, ...ProofCell[]];

/** The lamps of a state in pairs, the lit ones first: they are what one looks for. */
export function pairsOf(item: ProofItem): Pair[] {
  const rank = { FULL: 0, REDUCED: 1, OUT: 2 } as const;
  const pairs: Pair[] = [];
  for (const cell of item.lamps) {
    const pair = pairs.find(
      (one) => one.length === 1 && one[0].function === cell.function && one[0].side !== cell.side,
    );
    if (pair) {
      pair.push(cell);
    } else {
      pairs.push([cell]);
    }
  }
  const brightest = (pair: Pair) => Math.min(...pair.map((cell) => rank[cell.expected]));
  return pairs.toSorted((a, b) => brightest(a) - brightest(b));
}

/** Whether both lamps of a pair should do the same. */
export const isAlike = (pair: Pair) => pair.every((cell) => cell.expected === pair[0].expected);

export interface Seen {
  outcome: Outcome;
  tries?: number;
  seen?: string;
}

const WORDS: Record<Outcome, string> = {
  WORKS: workshopWords.asItShouldBe(),
  AFTER_TRIES: appWords.worksAfterTries(),
  WEAK: appWords.weak(),
  FLICKERS: appWords.flickers(),
  DEAD: appWords.dead(),
  LIT: workshopWords.litShouldBeOut(),
};

/** Writes down what a lamp did in a state. */
export function prove<Done>(
  write: (...said: Parameters<Write>) => Promise<Done>,
  item: ProofItem,
  cell: ProofCell,
  what: Seen,
) {
  return write(
    {
      proof: {
        state: item.state,
        function: cell.function,
        outcome: what.outcome,
        side: cell.side,
        tries: what.tries ?? 0,
        seen: what.seen ?? '',
        name: cell.name,
      },
    },
    `${cell.words}, ${item.name}: ${WORDS[what.outcome]}`,
  );
}

export const isWrong = (cell: ProofCell) =>
  cell.outcome !== undefined && cell.outcome !== 'WORKS' && cell.outcome !== 'AFTER_TRIES';

/** The first state of which something is open. */
export function openItem(items: ProofItem[]): number {
  const index = items.findIndex((item) => item.lamps.some((cell) => !cell.outcome));
  return index < 0 ? 0 : index;
}
