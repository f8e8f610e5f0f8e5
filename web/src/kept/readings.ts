import type {
  JobPage,
  LampKind,
  Reading,
  ReadingEdit,
  ReadingKind,
  Side,
  Taken,
  Units,
  WallRequest,
} from '../api/client';

import type { KeepReading, KnownReading } from './useReadings';

/** What a reading is of. */
export interface Thing {
  kind: ReadingKind;
  lamp?: LampKind;
  side?: Side;
  adjusterId?: string;
}

/** Keeps what was typed of a thing, under an id made before the first try. */
export type KeepThing = (thing: Thing, typed: string, id: string) => Promise<unknown>;

/** The last reading of a thing that was not struck through. */
export function lastLiving<Known extends KnownReading>(
  readings: Known[],
  thing: Thing,
): Known | undefined {
  return readings.findLast(
    (reading) =>
      !reading.struckBy &&
      reading.kind === thing.kind &&
      reading.lamp === (thing.lamp ?? 'DIPPED') &&
      reading.side === thing.side &&
      reading.adjusterId === thing.adjusterId,
  );
}

/** What the entry of a thing is asked for by. */
export const entryName = ({ kind, lamp = 'DIPPED', side }: Thing) => [kind, lamp, side].join(':');

/** A reading as it is sent; with {@code corrects} it strikes an earlier one through. */
export function reading(
  thing: Thing,
  typed: string,
  units: Units,
  corrects?: KnownReading,
): ReadingEdit {
  return { lamp: 'DIPPED', ...thing, typed, units, strikes: corrects?.id };
}

/**
 * Keeping and correcting for a page that shows some readings. Typed anew, a thing's last reading is
 * struck through, unless it is to count beside the earlier ones.
 */
export function readingActions(
  readings: KnownReading[],
  units: Units,
  keep: KeepReading,
  countsBeside: (thing: Thing) => boolean = () => false,
) {
  const keepThing: KeepThing = (thing, typed, id) => {
    const corrects = countsBeside(thing) ? undefined : lastLiving(readings, thing);
    return keep({ id, edit: reading(thing, typed, units, corrects) });
  };
  const correct = (wrong: Reading, typed: string, id: string) => {
    const { kind, lamp, side, adjusterId } = wrong;
    return keep({ id, edit: reading({ kind, lamp, side, adjusterId }, typed, units, wrong) });
  };
  return { keepThing, correct };
}

const taken = (of: Reading): Taken => ({
  kind: of.kind,
  lamp: of.lamp,
  side: of.side,
  adjusterId: of.adjusterId,
  value: of.value.value,
  plusMinus: of.plusMinus,
});

/** What the aim is computed from; with a draft, as if that reading were kept. */
export function wallRequest(page: JobPage, draft?: Taken): WallRequest {
  const { job, vehicle, adjusters } = page;
  return {
    setup: {
      traffic: job.traffic,
      ruleSet: job.ruleSet,
      units: job.units,
      school: job.school,
      labelPercent: job.labelPercent,
      stanceChanged: job.stanceChanged,
      frontClosed: job.frontClosed,
      markEdge: job.markEdge,
      markOrigin: job.markOrigin,
      tapeWidthMm: job.tapeWidthMm,
      dipped: vehicle.dipped,
      fog: vehicle.fog,
      drivingAimed: vehicle.drivingAimed,
      vehicleClass: vehicle.vehicleClass,
      body: vehicle.body,
      steeperByMaker: vehicle.steeperByMaker,
      adjusters: adjusters.map(({ id, lamp, side, axis, reach, rememberedRate }) => ({
        id,
        lamp,
        side,
        axis,
        reach,
        rememberedRate,
      })),
    },
    readings: [
      ...page.readings.filter((one) => !one.struckBy).map(taken),
      ...(draft ? [draft] : []),
    ],
    bayReadings: page.bayReadings.filter((one) => !one.struckBy).map(taken),
  };
}
