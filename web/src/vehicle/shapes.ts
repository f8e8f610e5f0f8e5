import type { FrontEdit, LampPairEdit, ShapeEdit, Side, SpotEdit } from '../api/client';
import { mmToScreenY, type View } from '../drawing/view';

/**
 * The front as one stands before it: the vehicle's left lies at the right. Lamps are described in
 * axes of their own, out from the centre line and up; both sides share one description.
 */
export const SIDES: readonly Side[] = ['LEFT', 'RIGHT'];

const sign = (side: Side) => (side === 'LEFT' ? 1 : -1);

/** Screen x of a place so many mm to the vehicle's left. */
export function leftMmToScreenX(view: View, leftMm: number): number {
  return view.centreX + leftMm * view.scale;
}

/** A lamp's reference point, left of the centre line and above the ground. */
export function spotOn(pair: LampPairEdit, side: Side): { leftMm: number; heightMm: number } {
  const spot = spotOf(pair, side);
  return { leftMm: sign(side) * spot.outMm, heightMm: spot.heightMm };
}

export function spotOf(pair: LampPairEdit, side: Side): SpotEdit {
  return side === 'LEFT' ? pair.left : pair.right;
}

/** SVG path of an outline about a point of the lamp's own axes, on one side of the vehicle. */
export function shapePath(
  view: View,
  shape: ShapeEdit,
  side: Side,
  at: { outMm: number; heightMm: number },
): string {
  const x = (outMm: number) => leftMmToScreenX(view, sign(side) * (at.outMm + outMm)).toFixed(2);
  const y = (upMm: number) => (view.footY - (at.heightMm + upMm) * view.scale).toFixed(2);
  const w = (shape.widthMm ?? 0) / 2;
  const h = (shape.heightMm ?? 0) / 2;
  switch (shape.form) {
    case 'RECTANGLE':
      return `M${x(-w)} ${y(-h)}L${x(w)} ${y(-h)}L${x(w)} ${y(h)}L${x(-w)} ${y(h)}Z`;
    case 'ELLIPSE': {
      const r = `${(w * view.scale).toFixed(2)} ${(h * view.scale).toFixed(2)}`;
      return `M${x(-w)} ${y(0)}A${r} 0 1 0 ${x(w)} ${y(0)}A${r} 0 1 0 ${x(-w)} ${y(0)}Z`;
    }
    case 'POLYGON':
      return (shape.corners ?? [])
        .map((corner, i) => `${i === 0 ? 'M' : 'L'}${x(corner.outMm)} ${y(corner.upMm)}`)
        .join('')
        .concat('Z');
  }
}

/** The front with one pair changed. */
export function withPair(front: FrontEdit, pair: LampPairEdit): FrontEdit {
  return { ...front, pairs: front.pairs.map((one) => (one.id === pair.id ? pair : one)) };
}

/** The pair with one lamp changed, and the other alike unless the sides are parted. */
export function moved(
  pair: LampPairEdit,
  side: Side,
  change: Partial<SpotEdit>,
  parted: boolean,
): LampPairEdit {
  const known: Guess[] = [
    ...('outMm' in change || 'heightMm' in change ? (['PLACE'] as const) : []),
    ...('headingDeg' in change ? (['HEADING'] as const) : []),
  ];
  return {
    ...without(pair, known),
    left: side === 'LEFT' || !parted ? { ...pair.left, ...change } : pair.left,
    right: side === 'RIGHT' || !parted ? { ...pair.right, ...change } : pair.right,
  };
}

/** Where brackets give and holes wander: the usual allowance inside each limit, mm. */
export const USUAL_FITTING_MM = 5;

/** What a tape of millimetres is read to, mm: where a front does not say otherwise. */
export const TAPE_MM = 1;

type Guess = NonNullable<LampPairEdit['guessed']>[number];

/** The pair with something of it measured or chosen. */
function without(pair: LampPairEdit, known: readonly Guess[]): LampPairEdit {
  return pair.guessed && known.length > 0
    ? { ...pair, guessed: pair.guessed.filter((one) => !known.includes(one)) }
    : pair;
}

/** The pair as somebody takes it who has looked at the drawing. */
export function asDrawn(pair: LampPairEdit): LampPairEdit {
  return without(pair, ['PLACE', 'HEADING']);
}

/** Whether something of a pair was neither measured nor chosen. */
export function isGuessed(pair: LampPairEdit): boolean {
  return (pair.guessed?.length ?? 0) > 0;
}

/** Whether both lamps sit at mirrored places; their directions may differ. */
export function isMirrored({ left, right }: LampPairEdit): boolean {
  return left.outMm === right.outMm && left.heightMm === right.heightMm;
}

/** The pair with the right lamp set where the left one sits. */
export function mirrored(pair: LampPairEdit): LampPairEdit {
  const { outMm, heightMm } = pair.left;
  return moved(pair, 'RIGHT', { outMm, heightMm }, true);
}

/** An id that no pair and nothing in the way has yet: "fog", "fog-2". */
export function freeId(front: FrontEdit, name: string): string {
  const taken = new Set([...front.pairs, ...front.keepOuts].map((one) => one.id));
  const base =
    name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '')
      .slice(0, 30) || 'lamp';
  for (let n = 1; ; n++) {
    const id = n === 1 ? base : `${base}-${n}`;
    if (!taken.has(id)) {
      return id;
    }
  }
}

/** Rows of a drawing that something takes, px from its top. */
export interface Rows {
  top: number;
  bottom: number;
}

/** Where the dimension to the vehicle's side stands: below the lamp. */
export function outerLineY(view: View, lowerMm: number): number {
  return mmToScreenY(view, lowerMm) + 18;
}

/** The rows that this dimension and its words take. */
export function outerWords(view: View, lowerMm: number): Rows {
  const line = outerLineY(view, lowerMm);
  return { top: line - 8, bottom: line + 48 };
}

const ABOVE = { top: -18, bottom: -3, baseline: -5 };
const BELOW = { top: 5, bottom: 20, baseline: 16 };

/** The baseline of a line's words: above it, or below it where something stands above. */
export function wordsBeside(lineY: number, taken: Rows): number {
  const hits = ({ top, bottom }: Rows) => lineY + top < taken.bottom && lineY + bottom > taken.top;
  const hasNoRoomAbove = lineY + ABOVE.top < 0 || hits(ABOVE);
  return lineY + (hasNoRoomAbove && !hits(BELOW) ? BELOW : ABOVE).baseline;
}
