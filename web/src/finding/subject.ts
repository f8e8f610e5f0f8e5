import type { Side } from '../api/client';

/** The lamp that a subject is, or belongs to; without a side it is the pair. */
export interface LampSubject {
  function: string;
  side: Side | undefined;
  which: string;
}

/** A subject's text form: its kind's word, then its parts, as in an address. */
function split(text: string): [kind: string, ...parts: string[]] {
  const [kind = '', ...parts] = text.split(':');
  return [kind, ...parts.map(decodeURIComponent)];
}

const joined = (kind: string, ...parts: string[]) =>
  [kind, ...parts.map(encodeURIComponent)].join(':');

/** The lamp that a subject is about, where it is about one. */
export function lampOf(text: string): LampSubject | undefined {
  const [kind, of = '', side = '', which = ''] = split(text);
  return kind === 'lamp' || kind === 'surface'
    ? { function: of, side: side === 'LEFT' || side === 'RIGHT' ? side : undefined, which }
    : undefined;
}

/** Whether a subject is a component of a circuit, an end of it, or what it does in a state. */
export function isOfComponent(text: string, id: string): boolean {
  const [kind, first, second] = split(text);
  return kind === 'in-state' ? second === id : COMPONENTS.has(kind) && first === id;
}

const COMPONENTS = new Set(['component', 'end']);

export const partSubject = (id: string) => joined('part', id);

/** A finding's subject is one of the lamps called so, or the pair. */
export const isOfPair = (finding: { subject: string }, which: string) =>
  lampOf(finding.subject)?.which === which;

/** The finding of a rule on one lamp of a pair, or on the pair as a whole. */
export function findingOn<T extends { rule: string; subject: string }>(
  findings: T[],
  rule: string | undefined,
  which: string,
  side?: Side,
): T | undefined {
  return findings.find((one) => {
    const lamp = lampOf(one.subject);
    return one.rule === rule && lamp?.which === which && lamp.side === side;
  });
}
