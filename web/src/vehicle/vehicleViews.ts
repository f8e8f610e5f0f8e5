import type { OutEdit } from '../api/client';
import { appWords } from '../words/page/app';
import { workshopWords } from '../words/page/workshop';

export type Spot = NonNullable<OutEdit['spot']>;
export type ViewName = Spot['view'];

/** The views of the vehicle, and what stands at their edges. */
export const VIEWS: readonly (readonly [ViewName, string, string, string, string])[] = [
  ['FRONT', workshopWords.front(), '1', appWords.right(), appWords.left()],
  ['LEFT_SIDE', workshopWords.leftSide(), '2', workshopWords.frontEnd(), workshopWords.backEnd()],
  ['RIGHT_SIDE', workshopWords.rightSide(), '3', workshopWords.frontEnd(), workshopWords.backEnd()],
  ['UNDERSIDE', workshopWords.underside(), '4', workshopWords.frontEnd(), workshopWords.backEnd()],
];

/** What a view is called, and what stands at its left and right edge. */
export function edges(view: ViewName): [string, string, string] {
  const found = VIEWS.find(([one]) => one === view);
  return found ? [found[1], found[3], found[4]] : ['', '', ''];
}

export interface Frame {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** The largest frame of so many times its height in the middle of a size. */
export function frameIn(aspect: number, width: number, height: number, margin: number): Frame {
  const most = { width: width - 2 * margin, height: height - 2 * margin };
  const scale = Math.min(most.width / aspect, most.height);
  const frame = { width: scale * aspect, height: scale };
  return { ...frame, x: (width - frame.width) / 2, y: (height - frame.height) / 2 };
}

/** Where a share of a view is drawn. Seen from the front, the vehicle's left is at the right. */
export function spotToScreen(
  spot: Pick<Spot, 'across' | 'up'>,
  frame: Frame,
): { x: number; y: number } {
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
