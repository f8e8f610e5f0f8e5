import type { DrivingState, FindEdit, Hunt, HuntCheck, ShownEdit } from '../api/client';
import type { MeterQuantity } from '../api/queries';
import type { Pointed } from '../circuit/Suspicion';
import { findWords } from '../words/page/find';
import { term } from '../words/terms';
import { decimalText } from '../words/numbers';

export type Kind = ShownEdit['kind'];

/** How a lamp may look, in the order of the answers’ numbers. */
const LOOKS = ['OUT', 'WEAK', 'LIT', 'FLICKERS', 'AFTER_TRIES'].map((look) => term('Look', look));

/** The answers of each kind of check that is not measured, by their numbers. */
export const ANSWERS: Record<Kind, readonly string[]> = {
  LAMP: LOOKS,
  LAMP_WARM: LOOKS,
  LAMP_COLD: LOOKS,
  LAMP_WET: LOOKS,
  LAMP_STILL: LOOKS,
  FED_ALONE: LOOKS,
  SWAPPED: LOOKS,
  PLUG_TURNED: LOOKS,
  UNPLUGGED: LOOKS,
  EXCHANGED: LOOKS,
  BRIDGED: LOOKS,
  SHAKEN: [findWords.staysAsItIs(), findWords.changes()],
  VOLTS: [],
  AMPS: [],
  OHMS: [],
  FELT: [findWords.cold(), findWords.warm()],
  TEST_LIGHT: LOOKS.slice(0, 3),
  RELAY: [findWords.doesNotPullIn(), findWords.pullsIn()],
  FUSE: [findWords.sound(), findWords.blown()],
  PLUG: [findWords.notHome(), findWords.home()],
  INSPECTED: [findWords.good(), findWords.bad()],
};

export const KINDS: readonly (readonly [Kind, string])[] = [
  ['LAMP', findWords.kindLamp()],
  ['LAMP_WARM', findWords.kindLampWarm()],
  ['LAMP_COLD', findWords.kindLampCold()],
  ['LAMP_WET', findWords.kindLampWet()],
  ['LAMP_STILL', findWords.kindLampStill()],
  ['VOLTS', findWords.kindVolts()],
  ['AMPS', findWords.kindAmps()],
  ['OHMS', findWords.kindOhms()],
  ['TEST_LIGHT', findWords.kindTestLight()],
  ['FUSE', findWords.kindFuse()],
  ['RELAY', findWords.kindRelay()],
  ['PLUG', findWords.kindPlug()],
  ['PLUG_TURNED', findWords.kindPlugTurned()],
  ['EXCHANGED', findWords.kindExchanged()],
  ['SWAPPED', findWords.kindSwapped()],
  ['FED_ALONE', findWords.kindFedAlone()],
  ['FELT', findWords.kindFelt()],
  ['UNPLUGGED', findWords.kindUnplugged()],
  ['BRIDGED', findWords.kindBridged()],
  ['SHAKEN', findWords.kindShaken()],
  ['INSPECTED', findWords.kindInspected()],
];

/** What has to be said of a check of each kind. */
export const ASKED: Record<Kind, readonly ('state' | 'part' | 'from' | 'to' | 'lamp')[]> = {
  LAMP: ['state', 'lamp'],
  LAMP_WARM: ['state', 'lamp'],
  LAMP_COLD: ['state', 'lamp'],
  LAMP_WET: ['state', 'lamp'],
  LAMP_STILL: ['state', 'lamp'],
  FED_ALONE: ['lamp'],
  SWAPPED: ['state', 'part', 'lamp'],
  OHMS: ['state', 'from', 'to'],
  FELT: ['state', 'part'],
  PLUG_TURNED: ['state', 'lamp'],
  UNPLUGGED: ['state', 'part', 'lamp'],
  EXCHANGED: ['state', 'part', 'lamp'],
  BRIDGED: ['state', 'from', 'to', 'lamp'],
  SHAKEN: ['state', 'part', 'lamp'],
  VOLTS: ['state', 'from', 'to'],
  AMPS: ['state', 'part'],
  TEST_LIGHT: ['state', 'from'],
  RELAY: ['state', 'part'],
  FUSE: ['part'],
  PLUG: ['part'],
  INSPECTED: ['part'],
};

/** What shows more than that is open. */
export const MOST_OHMS = 10_000;

/** What a meter is asked for by each kind of check that is measured, and in which unit. */
export const MEASURED: Partial<Record<Kind, { what: MeterQuantity; unit: string }>> = {
  VOLTS: { what: 'VOLTS', unit: 'V' },
  AMPS: { what: 'AMPS', unit: 'A' },
  OHMS: { what: 'OHMS', unit: 'Ω' },
};

/** The battery’s own negative, as circuits call it. */
export const GROUND = 'ground';

/** Where a check is made on the drawing. */
export function pointedAt({ kind, part, from, to, lamp }: ShownEdit): Pointed {
  return kind === 'VOLTS' || kind === 'OHMS' || kind === 'BRIDGED' || kind === 'TEST_LIGHT'
    ? { red: from, black: to }
    : { part: part ?? lamp };
}

/** What a check showed, in words. */
export function answerWords({ kind, value }: ShownEdit): string {
  switch (kind) {
    case 'VOLTS':
      return findWords.volts({ value: decimalText(value) });
    case 'AMPS':
      return findWords.amperes({ value: decimalText(value) });
    case 'OHMS':
      return value >= MOST_OHMS ? findWords.open() : findWords.ohms({ value: decimalText(value) });
    default:
      return ANSWERS[kind][value] ?? '';
  }
}

/** A search goes on: after something was mended, what led to it does not count any more. */
export function searchingOn(find: FindEdit, hunt: Hunt | undefined): Partial<FindEdit> {
  const { ended, earlier = [] } = find;
  return ended?.how === 'MENDED' && hunt
    ? {
        ended: undefined,
        earlier: [
          ...earlier,
          { ended, lines: hunt.lines.filter((line) => !line.before).map((line) => line.id) },
        ],
      }
    : { ended: undefined };
}

/** How a search ended. */
export function endedWords({ how, did }: NonNullable<FindEdit['ended']>): string {
  switch (how) {
    case 'MENDED':
      return findWords.endedMended({ did });
    case 'BYPASSED':
      return findWords.endedBypassed({ did });
    case 'GIVEN_UP':
      return findWords.endedGivenUp({ did });
  }
}

/** The other lamps, which are seen at the same moment. */
export function seenWith(hunt: Hunt, check: HuntCheck): ShownEdit[] {
  const { kind, state, lamp } = check.check;
  return kind === 'LAMP'
    ? hunt.lamps
        .filter((one) => one.id !== lamp)
        // its twin of the other side first: whoever looks sees both
        .toSorted((one, other) => Number(other.twin === lamp) - Number(one.twin === lamp))
        .map((one) => ({ kind, state, lamp: one.id, value: 0 }))
    : [];
}

export const stateWords = (hunt: Hunt, state: DrivingState) =>
  hunt.states.find((one) => one.state === state)?.words ?? '';

/** A share as it is told: nothing is certain, and little is not nothing. */
export function shareText(share: number): string {
  const percent = Math.round(share * 100);
  return percent < 1 ? '< 1 %' : percent > 99 ? '> 99 %' : `${String(percent)} %`;
}

/** Minutes to the nearest, as a technician would say them. */
export function minutesText(minutes: number): string {
  return minutes < 1
    ? findWords.underAMinute()
    : findWords.minutes({ minutes: decimalText(Math.round(minutes)) });
}
