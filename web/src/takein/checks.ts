import type { LampCheck, Side } from '../api/client';
import { CHECKED, said, STATES } from './words';
import { appWords } from '../words/page/app';
import { takeinWords } from '../words/page/takein';

type Fn = LampCheck['function'];

export const checkOf = (checks: LampCheck[], fn: Fn, side: Side) =>
  checks.find((one) => one.function === fn && one.side === side);

/** The grid with one cell turned to its next state; the last state goes back to "not tried". */
export function turned(checks: LampCheck[], fn: Fn, side: Side): LampCheck[] {
  const here = checkOf(checks, fn, side);
  const rest = checks.filter((one) => one !== here);
  const next = STATES[here ? STATES.findIndex(([state]) => state === here.state) + 1 : 0];
  return next
    ? [...rest, { function: fn, side, state: next[0], tries: next[0] === 'AFTER_TRIES' ? 2 : 0 }]
    : rest;
}

/** The grid with the lamps not noted yet that every vehicle has noted as working. */
export function restWorks(checks: LampCheck[]): LampCheck[] {
  const missing = CHECKED.slice(0, 4).flatMap(([fn]) =>
    (['LEFT', 'RIGHT'] as const)
      .filter((side) => !checkOf(checks, fn, side))
      .map((side) => ({ function: fn, side, state: 'WORKS' as const, tries: 0 })),
  );
  return [...checks, ...missing];
}

export const checkWords = (check: LampCheck | undefined) =>
  !check
    ? takeinWords.notTried()
    : check.state === 'AFTER_TRIES'
      ? takeinWords.worksAfterTries({ tries: appWords.countTries({ count: check.tries }) })
      : said(STATES, check.state);
