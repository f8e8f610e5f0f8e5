import type { Size } from './useSize';

/** How far a drawing is scaled to fit, within what stays legible. */
export function fitScale(
  drawing: Size,
  room: Size,
  [least, most]: readonly [number, number],
): number {
  const fits = Math.min(room.width / drawing.width, room.height / drawing.height);
  return Math.max(least, Math.min(most, fits));
}
