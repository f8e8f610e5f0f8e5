/** A rule as it stands in a file. */
export interface RuleJson {
  id: string;
  unit: string;
  limits: Partial<Record<'least' | 'most' | 'lowest' | 'highest', number>>;
  aim?: number;
  clause: string;
  document?: unknown;
  [more: string]: unknown;
}

/** A local set as it stands in a file. */
export interface ChangeJson {
  id: string;
  version: number;
  title: string;
  over: string;
  reason: string;
  off?: string[];
  aim?: RuleJson[];
  place?: RuleJson[];
}

/** Any rule set's file, as far as its rules go. */
export interface SetJson {
  over?: string;
  aim?: RuleJson[];
  place?: RuleJson[];
}

type Kind = 'aim' | 'place';
const KINDS: readonly Kind[] = ['aim', 'place'];

/** A rule in the first of some files that has it, and of which kind it is. */
export function findRule(
  files: readonly SetJson[],
  id: string,
): { kind: Kind; rule: RuleJson } | undefined {
  for (const file of files) {
    for (const kind of KINDS) {
      const rule = file[kind]?.find((one) => one.id === id);
      if (rule) {
        return { kind, rule };
      }
    }
  }
  return undefined;
}

/** The set without what it says of a rule. */
function without(change: ChangeJson, id: string): ChangeJson {
  return {
    ...change,
    off: change.off?.filter((one) => one !== id),
    aim: change.aim?.filter((one) => one.id !== id),
    place: change.place?.filter((one) => one.id !== id),
  };
}

/** The set with a rule of its own; it is the shop's, whatever document it was taken from. */
export function withRule(change: ChangeJson, kind: Kind, rule: RuleJson): ChangeJson {
  const rest = without(change, rule.id);
  const own = { ...rule };
  delete own.document;
  return { ...rest, [kind]: [...(rest[kind] ?? []), own] };
}

export function switchedOff(change: ChangeJson, id: string): ChangeJson {
  const rest = without(change, id);
  return { ...rest, off: [...(rest.off ?? []), id] };
}

/** The set with a rule as its base has it. */
export const asItsBase = without;

/** The file's text; lists that became empty are left out, one of them stays for the schema. */
export function fileText(change: ChangeJson): string {
  const { off, aim, place, ...head } = change;
  return JSON.stringify({
    ...head,
    off: off ?? [],
    ...(aim?.length ? { aim } : {}),
    ...(place?.length ? { place } : {}),
  });
}
