import { useState } from 'react';
import type { ProofItem } from '../api/client';
import { isAlike, openItem, pairsOf } from './proofing';

/** Goes through the states and their lamps, the two of a pair together while they are alike. */
export function useProofWalk(items: ProofItem[], leave: () => void) {
  const [at, setAt] = useState(() => openItem(items));
  const [pairAt, setPairAt] = useState(0);
  /** Which lamps of a pair are asked for: all at first, one after the other once they differ. */
  const [alone, setAlone] = useState<number>();
  const item = items[at];
  const pairs = item ? pairsOf(item) : [];
  const pair = pairs[Math.min(pairAt, pairs.length - 1)];
  const one = alone ?? (pair && !isAlike(pair) ? 0 : undefined);
  const asked = pair && (one === undefined ? pair : pair.slice(one, one + 1));
  const go = (state: number, place: number) => {
    setAt(state);
    setPairAt(place);
    setAlone(undefined);
  };
  const onward = () => {
    if (pair && one !== undefined && one + 1 < pair.length) {
      setAlone(one + 1);
    } else if (pairAt + 1 < pairs.length) {
      go(at, pairAt + 1);
    } else if (at + 1 < items.length) {
      go(at + 1, 0);
    } else {
      leave();
    }
  };
  const back = () => {
    if (one !== undefined && one > 0) {
      setAlone(one - 1);
    } else if (pairAt > 0) {
      go(at, pairAt - 1);
    } else if (at > 0) {
      go(at - 1, 0);
    } else {
      leave();
    }
  };
  return {
    item,
    at,
    asked,
    /** Whether this is the first that is asked of its state. */
    begins: pairAt === 0 && alone === undefined,
    /** Asks for the two of the pair by themselves. */
    askEach: () => setAlone(0),
    onward,
    back,
  };
}
