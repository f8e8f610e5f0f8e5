import type { BesidePlan, ChosenPlan } from '../api/client';

const TAGS = ['p2', 'p3', 'p4', 'p5'] as const;

/** A plan as it is taken: its id, its version, and the answers that differ from the usual ones. */
export interface Taken {
  id: string;
  version: number;
  answers: Record<string, string>;
}

/** What stands under a plan's tag is that plan's own; the rest is the vehicle's or the first's. */
function isOf(tag: string, name: string): boolean {
  return name.startsWith(`${tag}_`);
}

/** Whether another plan finds room in the circuit. */
export function hasRoom(plan: ChosenPlan): boolean {
  return (plan.beside?.length ?? 0) < TAGS.length;
}

/**
 * The circuit with one more plan in it.
 *
 * @param shared questions that stand there once for all plans, such as those of the battery
 */
export function withPlan(plan: ChosenPlan, added: Taken, shared: ReadonlySet<string>): ChosenPlan {
  const beside = plan.beside ?? [];
  const tag = TAGS.find((one) => beside.every((other) => other.tag !== one));
  if (!tag) {
    return plan;
  }
  const answers = { ...plan.answers };
  for (const [question, answer] of Object.entries(added.answers)) {
    if (!shared.has(question)) {
      answers[`${tag}_${question}`] = answer;
    }
  }
  return {
    ...plan,
    answers,
    beside: [...beside, { tag, id: added.id, version: added.version, pair: '' }],
  };
}

/**
 * The circuit without one of its plans, and without what was answered or changed in it.
 *
 * @param partOf the tag of the plan that a part stands with
 */
export function withoutPlan(
  plan: ChosenPlan,
  tag: string,
  partOf: (part: string) => string,
): ChosenPlan {
  return {
    ...plan,
    answers: Object.fromEntries(
      Object.entries(plan.answers).filter(([question]) => !isOf(tag, question)),
    ),
    changes: Object.fromEntries(
      Object.entries(plan.changes).filter(([part]) => partOf(part) !== tag),
    ),
    beside: (plan.beside ?? []).filter((one) => one.tag !== tag),
  };
}

/** The circuit with a plan's lamps called otherwise. */
export function withPair(plan: ChosenPlan, tag: string, pair: string): ChosenPlan {
  return {
    ...plan,
    beside: (plan.beside ?? []).map((one): BesidePlan =>
      one.tag === tag ? { ...one, pair } : one,
    ),
  };
}
