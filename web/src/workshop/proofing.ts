import type { ProofCell, ProofItem } from '../app/api/client';
import type { Write } from './useWorkshop';

export type Outcome = NonNullable<ProofCell['outcome']>;

/** What lamps can do, by what they should do: one big button each. */
export function outcomesOf(cell: ProofCell): readonly (readonly [Outcome, string])[] {
  return cell.expected === 'OUT'
    ? [
        ['WORKS', 'out'],
        ['LIT', 'lit!'],
        ['FLICKERS', 'flickers'],
      ]
    : [
        ['WORKS', cell.expected === 'REDUCED' ? 'reduced' : 'works'],
        ['AFTER_TRIES', 'after tries'],
        ['WEAK', 'weak'],
        ['FLICKERS', 'flickers'],
        ['DEAD', 'dead'],
      ];
}

export const EXPECTED = { FULL: 'lit', REDUCED: 'reduced', OUT: 'out' } as const;

/** The lamps of a state, the lit ones first: they are what one looks for. */
export function litFirst(item: ProofItem): ProofCell[] {
  const rank = { FULL: 0, REDUCED: 1, OUT: 2 } as const;
  return item.lamps.toSorted((a, b) => rank[a.expected] - rank[b.expected]);
}

export interface Seen {
  outcome: Outcome;
  side?: ProofCell['side'];
  tries?: number;
  seen?: string;
}

/** Writes down what lamps did in a state. */
export function prove<Done>(
  write: (...said: Parameters<Write>) => Promise<Done>,
  item: ProofItem,
  cell: ProofCell,
  what: Seen,
) {
  return write(
    {
      proof: {
        state: item.name,
        function: cell.function,
        lampsSide: cell.lampsSide,
        outcome: what.outcome,
        side: what.side,
        tries: what.tries ?? 0,
        seen: what.seen ?? '',
      },
    },
    `${cell.words}, ${item.name}: ${what.outcome.toLowerCase().replace('_', ' ')}`,
  );
}

/** The first state of which something is open. */
export function openItem(items: ProofItem[]): number {
  const index = items.findIndex((item) => item.lamps.some((cell) => !cell.outcome));
  return index < 0 ? 0 : index;
}
