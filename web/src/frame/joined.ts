import type { Horizon, Standing } from '../api/client';
import { STAGE_PAGES, type Stage } from '../ui/stages';

/** A strip of all stages, one of them parted. */
export interface Joined {
  horizon: Horizon;
  /** The stage that a part is, undefined for the parts of the one that is parted. */
  stages: (Stage | undefined)[];
  /** The parts that the page shows. */
  here: Set<number>;
}

/**
 * Puts the parts of a page's own strip in place of its stage. A part that bears the name of another
 * stage is that stage: "Hand over" stands once.
 */
export function joined(standing: Standing, here: Stage, own?: Horizon): Joined {
  const { stages, horizon } = standing;
  const planned = stages.indexOf(here);
  if (planned >= 0 && !own) {
    return { horizon, stages, here: new Set([planned]) };
  }
  // a page outside the plan stands before the last stage
  const at = planned < 0 ? stages.length - 1 : planned;
  const after = planned < 0 ? at : at + 1;
  const shown = own ?? { parts: [STAGE_PAGES[here]?.words ?? ''], present: 0, marks: [] };
  const parts = shown.parts.filter((part) => !horizon.parts.includes(part));
  const ofStage = (part: number) => (part < after ? part : part - after + at + parts.length);
  const ofOwn = (part: number) => {
    const words = shown.parts[part] ?? '';
    const stage = horizon.parts.indexOf(words);
    return stage < 0 ? at + parts.indexOf(words) : ofStage(stage);
  };
  return {
    horizon: {
      parts: [...horizon.parts.slice(0, at), ...parts, ...horizon.parts.slice(after)],
      present: horizon.present === planned ? ofOwn(shown.present) : ofStage(horizon.present),
      marks: [
        ...horizon.marks
          .filter((mark) => mark.part !== planned)
          .map((mark) => ({ ...mark, part: ofStage(mark.part) })),
        ...shown.marks.map((mark) => ({ ...mark, part: ofOwn(mark.part) })),
      ],
    },
    stages: [...stages.slice(0, at), ...parts.map(() => undefined), ...stages.slice(after)],
    here: new Set(parts.map((_, index) => at + index)),
  };
}
