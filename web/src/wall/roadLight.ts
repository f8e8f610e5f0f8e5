import type { LampAtWall, LampSetting, PairAtWall, Vehicle } from '../api/client';
import { wallWords } from '../words/page/wall';

export type Which = LampSetting['which'];

/** The lamps that ship as beam files, for each kind that is aimed by a cutoff. */
export const BEAMS = {
  DIPPED: [
    ['reflector', wallWords.beamReflector()],
    ['reflector-arc', wallWords.beamReflectorArc()],
    ['reflector-chips', wallWords.beamReflectorChips()],
    ['projector', wallWords.beamProjector()],
    ['projector-vol', wallWords.beamProjectorVol()],
    ['projector-vor', wallWords.beamProjectorVor()],
  ],
  FRONT_FOG: [
    ['fog-b', wallWords.beamFogB()],
    ['fog-f3', wallWords.beamFogF3()],
  ],
} as const;

export const SETTINGS: readonly (readonly [Which, string])[] = [
  ['CAME', wallWords.roadAsItCame()],
  ['NOW', wallWords.roadNow()],
  ['ASKED', wallWords.roadAsAsked()],
];

/** The beam that a lens of this class throws, as far as the class tells. */
export function usualBeam(pair: PairAtWall, vehicle: Vehicle): string {
  if (pair.kind === 'FRONT_FOG') {
    return vehicle.fog === 'FOG_F3' ? 'fog-f3' : 'fog-b';
  }
  return (
    { SAE_VOL: 'projector-vol', SAE_VOR: 'projector-vor' }[vehicle.dipped as string] ?? 'reflector'
  );
}

/** Where a lamp's cutoff falls; undefined where nobody has seen it. */
function percent(lamp: LampAtWall, which: Which): number | undefined {
  if (which === 'NOW') {
    // what was turned since is not known until it is read again
    return lamp.turnedSinceRead ? undefined : lamp.reading?.percent.value;
  }
  return which === 'CAME' ? lamp.asItCame?.value : lamp.aim?.percent.value;
}

/** Both lamps with one aim; undefined where a lamp or its aim is not known. */
export function settingOf(pair: PairAtWall, which: Which, beam: string): LampSetting | undefined {
  const lamps = [pair.left, pair.right].map((lamp) => {
    const falls = percent(lamp, which);
    return lamp.place && falls !== undefined
      ? {
          leftMm: lamp.place.aheadLeft.value - lamp.place.asideLeft.value,
          heightMm: lamp.place.centre.value,
          percent: falls,
        }
      : undefined;
  });
  const known = lamps.filter((lamp) => lamp !== undefined);
  return known.length === lamps.length ? { which, beam, lamps: known } : undefined;
}
