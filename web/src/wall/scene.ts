import type { JobPage, LampAtWall, PairAtWall, Side, WallSheet } from '../api/client';
import type { View } from '../drawing/view';
import type { Worked } from '../finding/Working';
import type { KeepThing } from '../kept/readings';
import type { Draft } from './useDraft';

export const TAPE_WIDTH = 34;
export const FLOOR_HEIGHT = 56;
/** Room around the lamps, in mm. */
export const AROUND_MM = 640;
export const ABOVE_MM = 420;
export const ASSUMED_SPACING_MM = 1200;
/** From a lamp inwards to the dimension line of its mark. */
export const TAPE_ARM_MM = 300;

export const ASSUMED_HEIGHT_MM = 700;

export interface Props {
  page: JobPage;
  sheet: WallSheet;
  pair: PairAtWall;
  draft: Draft | undefined;
  onMove: (draft: Draft) => void;
  onKeepDraft: () => void;
  onDropDraft: () => void;
  onKeep: KeepThing;
  onAsk: (worked: Worked) => void;
}

/** What all parts of the wall's drawing need. */
export type Scene = Props & {
  view: View;
  spacingMm: number;
  /** Straight ahead of a lamp, in mm to the left of the vehicle's centre. */
  ahead: Record<Side, number>;
  units: 'METRIC' | 'IMPERIAL';
};

export function lampOf(pair: PairAtWall, side: Side): LampAtWall {
  return side === 'LEFT' ? pair.left : pair.right;
}

/** Where a lamp's dimension lines stand, from its straight-ahead line outwards, in mm. */
export function columns(spacingMm: number) {
  return {
    room: spacingMm / 2 - 24,
    centre: Math.min(470, AROUND_MM - 150),
    edge: Math.min(250, AROUND_MM - 300),
  };
}
