import type { Finding, PartEdit, PartsSheet, PlugEdit, Side, Verdict } from '../api/client';
import type { PartIdentity } from './PartForm';
import { partSubject } from '../finding/subject';
import { partsWords } from '../words/page/parts';
import { appWords } from '../words/page/app';

type Answers = PartEdit['checks'];
type Ask = keyof Answers;
type PlugState = PlugEdit['done'][Side];

/** A free id made of a name. */
export function idFor(name: string, taken: readonly string[]): string {
  const plain =
    name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-+|-+$/g, '')
      .slice(0, 32) || 'one';
  let id = plain;
  for (let count = 2; taken.includes(id); count++) {
    id = `${plain}-${count}`;
  }
  return id;
}

/** The list with one entry put in the place of the one with its id, or added. */
export function withOne<T extends { id: string }>(list: readonly T[], one: T): T[] {
  return list.some(({ id }) => id === one.id)
    ? list.map((other) => (other.id === one.id ? one : other))
    : [...list, one];
}

/** The part as a form says it is, with what was looked at so far. */
export function withIdentity(parts: readonly PartEdit[], part: PartIdentity): PartEdit {
  const known = parts.find((one) => one.id === part.id);
  return {
    checks: known?.checks ?? ({} as Answers),
    outcome: known?.outcome ?? 'OPEN',
    with: known?.with ?? '',
    ...part,
  };
}

/** The plug as a form says it is; ticks belong to what it was meant for. */
export function withTicks(
  plugs: readonly PlugEdit[],
  plug: Omit<PlugEdit, 'done' | 'once'>,
): PlugEdit {
  const known = plugs.find((one) => one.id === plug.id);
  return known?.use === plug.use
    ? { ...plug, done: known.done, once: known.once }
    : { ...plug, done: {} as PlugEdit['done'] };
}

/** The part with one check turned on: not looked at, right, wrong. */
export function checked(part: PartEdit, ask: Ask): PartEdit {
  const { [ask]: here, ...rest } = part.checks;
  const next = here === undefined ? 'RIGHT' : here === 'RIGHT' ? 'WRONG' : undefined;
  return { ...part, checks: (next ? { ...rest, [ask]: next } : rest) as Answers };
}

type Asks = PartsSheet['asks'][string];

/** Whether nothing was found wrong and something is not looked at yet. */
export function isAllToLookAt(part: PartEdit, asks: Asks): boolean {
  const answers = asks.map(({ ask }) => part.checks[ask]);
  return answers.includes(undefined) && !answers.includes('WRONG');
}

/** The part with all of it looked at and right; what is not settled fits then. */
export function allRight(part: PartEdit, asks: Asks): PartEdit {
  return {
    ...part,
    checks: Object.fromEntries(asks.map(({ ask }) => [ask, 'RIGHT'])) as Answers,
    outcome: part.outcome === 'OPEN' ? 'FITS' : part.outcome,
  };
}

/** The places at which a plug is ticked: a side, or none where the kit has it once. */
export function placesOf(plug: PlugEdit): (Side | undefined)[] {
  switch (plug.there) {
    case 'ONCE':
      return [undefined];
    case 'LEFT':
    case 'RIGHT':
      return [plug.there];
    default:
      return ['LEFT', 'RIGHT'];
  }
}

export const stateAt = (plug: PlugEdit, place: Side | undefined): PlugState | undefined =>
  place ? plug.done[place] : plug.once;

const TURNS: Record<PlugEdit['use'], readonly PlugState[]> = {
  CONNECT: ['CONNECTED'],
  INSULATE: ['INSULATED'],
  OPTION: ['CONNECTED', 'PARTED'],
};

/** The plug turned to its next state at a place: not ticked, then what it is meant to be. */
export function ticked(plug: PlugEdit, place: Side | undefined): PlugEdit {
  const states = TURNS[plug.use];
  const here = stateAt(plug, place);
  const next = states[here === undefined ? 0 : states.indexOf(here) + 1];
  if (place === undefined) {
    return { ...plug, once: next };
  }
  const others = Object.entries(plug.done).filter(([side]) => side !== place);
  return {
    ...plug,
    done: Object.fromEntries(next ? [...others, [place, next]] : others) as PlugEdit['done'],
  };
}

export const TICK_WORDS: Record<PlugState, string> = {
  CONNECTED: partsWords.connected(),
  INSULATED: partsWords.insulated(),
  PARTED: partsWords.partedAlone(),
};

/** Where a part stands, by the finding on it. */
export const verdictOf = (findings: Finding[], partId: string): Verdict =>
  findings.find((one) => one.rule === 'parts.part' && one.subject === partSubject(partId))
    ?.verdict ?? 'NOT_KNOWN';

const SETTLED: Record<PartEdit['outcome'], string> = {
  OPEN: partsWords.notSettled(),
  FITS: partsWords.fits(),
  ADAPTS: partsWords.adapts(),
  GOES_BACK: partsWords.goesBack(),
  MISSING: appWords.missing(),
};

export const outcomeWords = (part: PartEdit) => SETTLED[part.outcome];
