import type { LampCheck, Side, TakeInEdit } from '../app/api/client';
import { STAGE_PAGES } from '../app/stages';
import { ACCESS, CHANGES, CHECKED, KINDS, said, STATES } from './words';
import { appWords } from '../words/page/app';
import { takeinWords } from '../words/page/takein';
import { sideWord } from '../words/terms';

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

/** A take-in told as words by name, to be held against another. */
export function told(edit: TakeInEdit): Record<string, string> {
  return {
    [takeinWords.toldCustomer()]: edit.customer,
    [takeinWords.toldWanted()]: edit.kinds.map((kind) => said(KINDS, kind)).join(', '),
    [takeinWords.toldInTheirWords()]: edit.wants,
    [takeinWords.toldAccess()]: said(ACCESS, edit.access),
    [takeinWords.toldSecondSet()]: edit.secondSet ? appWords.yes() : appWords.no(),
    [takeinWords.toldLoosened()]: edit.headlampsLoosened ? appWords.yes() : appWords.no(),
    [takeinWords.toldChanges()]: edit.changes.map((one) => said(CHANGES, one)).join(', '),
    [takeinWords.toldChangesNote()]: edit.changesNote,
    [takeinWords.toldLeftOut()]: (edit.leftOut ?? [])
      .map((one) => `${STAGE_PAGES[one.stage].words}: ${one.reason}`)
      .join(', '),
    ...Object.fromEntries(
      edit.checks.map((check) => [
        `${said(CHECKED, check.function)}, ${sideWord(check.side)}`,
        checkWords(check),
      ]),
    ),
  };
}
