import type { LampAtWall, Verdict, WallSheet } from '../api/client';

/** What a reading is judged by: the rule, and its mark. */
const JUDGED = ['aim.limits', 'aim.target'];

const GRAVER: Verdict[] = ['WITHIN', 'NOT_KNOWN', 'AT_EDGE', 'OUT'];

/** The graver verdict on a lamp's reading: against the rule and against its mark. */
export function lampVerdict(sheet: WallSheet, lamp: LampAtWall): Verdict {
  if (!lamp.reading || lamp.turnedSinceRead) {
    return 'NOT_KNOWN';
  }
  return sheet.findings
    .filter((one) => lamp.findingIds.includes(one.id) && JUDGED.includes(one.rule))
    .map((one) => one.verdict)
    .reduce<Verdict>(
      (worst, one) => (GRAVER.indexOf(one) > GRAVER.indexOf(worst) ? one : worst),
      'WITHIN',
    );
}
