import type { OutEdit } from '../app/api/client';

export type Spot = NonNullable<OutEdit['spot']>;
export type ViewName = Spot['view'];

/** The views of the vehicle, and what stands at their edges. */
export const VIEWS: readonly (readonly [ViewName, string, string, string, string])[] = [
  ['FRONT', 'Front', '1', 'right', 'left'],
  ['LEFT_SIDE', 'Left side', '2', 'front', 'back'],
  ['RIGHT_SIDE', 'Right side', '3', 'front', 'back'],
  ['UNDERSIDE', 'Underside', '4', 'front', 'back'],
];

/** What a view is called, and what stands at its left and right edge. */
export function edges(view: ViewName): [string, string, string] {
  const found = VIEWS.find(([one]) => one === view);
  return found ? [found[1], found[3], found[4]] : ['', '', ''];
}

/** A plain outline as shares of the view, x to the right and y downwards; no make's likeness. */
export const OUTLINES: Record<ViewName, [number, number][]> = {
  FRONT: [
    [0.02, 0.82],
    [0.03, 0.5],
    [0.09, 0.24],
    [0.2, 0.06],
    [0.8, 0.06],
    [0.91, 0.24],
    [0.97, 0.5],
    [0.98, 0.82],
    [0.9, 0.94],
    [0.1, 0.94],
  ],
  LEFT_SIDE: [
    [0.02, 0.86],
    [0.0, 0.6],
    [0.06, 0.4],
    [0.5, 0.26],
    [0.78, 0.04],
    [1, 0.02],
    [1, 0.9],
    [0.72, 0.9],
    [0.66, 0.68],
    [0.5, 0.6],
    [0.34, 0.68],
    [0.28, 0.9],
  ],
  RIGHT_SIDE: [],
  UNDERSIDE: [
    [0.02, 0.2],
    [0.0, 0.5],
    [0.02, 0.8],
    [0.1, 0.95],
    [1, 0.98],
    [1, 0.02],
    [0.1, 0.05],
  ],
};
OUTLINES.RIGHT_SIDE = OUTLINES.LEFT_SIDE;

/** Details that tell the view apart: lines as shares. */
export const DETAILS: Record<ViewName, [number, number][][]> = {
  FRONT: [
    [
      [0.26, 0.1],
      [0.74, 0.1],
      [0.82, 0.26],
      [0.18, 0.26],
      [0.26, 0.1],
    ],
    [
      [0.34, 0.42],
      [0.66, 0.42],
      [0.63, 0.56],
      [0.37, 0.56],
      [0.34, 0.42],
    ],
    [
      [0.03, 0.62],
      [0.97, 0.62],
    ],
    [
      [0.3, 0.72],
      [0.7, 0.72],
      [0.67, 0.86],
      [0.33, 0.86],
      [0.3, 0.72],
    ],
  ],
  LEFT_SIDE: [
    [
      [0.01, 0.62],
      [0.28, 0.62],
      [0.28, 0.9],
    ],
    [
      [0.72, 0.3],
      [0.72, 0.9],
    ],
  ],
  RIGHT_SIDE: [],
  UNDERSIDE: [
    [
      [0.16, 0.06],
      [0.16, 0.94],
    ],
    [
      [0.36, 0.16],
      [0.62, 0.16],
    ],
    [
      [0.36, 0.84],
      [0.62, 0.84],
    ],
  ],
};
DETAILS.RIGHT_SIDE = DETAILS.LEFT_SIDE;

/** How wide a view is for its height. */
export const ASPECT: Record<ViewName, number> = {
  FRONT: 1.75,
  LEFT_SIDE: 1.6,
  RIGHT_SIDE: 1.6,
  UNDERSIDE: 1.6,
};

export interface Frame {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** The largest frame of a view in the middle of a size. */
export function frameIn(view: ViewName, width: number, height: number, margin: number): Frame {
  const most = { width: width - 2 * margin, height: height - 2 * margin };
  const scale = Math.min(most.width / ASPECT[view], most.height);
  const frame = { width: scale * ASPECT[view], height: scale };
  return { ...frame, x: (width - frame.width) / 2, y: (height - frame.height) / 2 };
}

/** Where a share of a view is drawn. Seen from the front, the vehicle's left is at the right. */
export function spotToScreen(spot: Spot, frame: Frame): { x: number; y: number } {
  return { x: frame.x + spot.across * frame.width, y: frame.y + (1 - spot.up) * frame.height };
}

/** The spot under a point of the screen; undefined outside the frame. */
export function screenToSpot(view: ViewName, x: number, y: number, frame: Frame): Spot | undefined {
  const across = (x - frame.x) / frame.width;
  const up = 1 - (y - frame.y) / frame.height;
  const inside = (share: number) => share >= 0 && share <= 1;
  const tidy = (share: number) => Math.round(share * 1000) / 1000;
  return inside(across) && inside(up) ? { view, across: tidy(across), up: tidy(up) } : undefined;
}
