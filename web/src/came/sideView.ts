import type { View } from '../drawing/view';

/**
 * The vehicle seen from its left: the front at the left. x is mm ahead of the front axle, so that
 * the rear axle stands at minus the wheelbase.
 */
export interface SideShape {
  wheelbaseMm: number;
  lampAheadMm: number;
  tyreFrontMm: number;
  tyreRearMm: number;
  frontRiseMm: number;
  rearRiseMm: number;
  /** Height of the lamp's centre now; the body is drawn as tall as that asks. */
  lampHeightMm: number;
}

/** Height of the lamp on the plain body below. */
const PLAIN_LAMP_MM = 680;

export const AROUND_MM = 620;
const NOSE_MM = 140;
const TAIL_MM = 820;

/** A view in which the whole vehicle stands, with its beam ahead. */
export function sideView(shape: SideShape, width: number, footY: number): View & { scale: number } {
  const length = shape.lampAheadMm + shape.wheelbaseMm + TAIL_MM + 2 * AROUND_MM;
  const scale = Math.max(1e-6, Math.min(width / length, footY / 2500));
  const left = (width - length * scale) / 2 + (AROUND_MM + shape.lampAheadMm) * scale;
  return { scale, centreX: left, footY };
}

/** Screen x of a place so many mm ahead of the front axle. */
export const aheadToScreenX = (view: View, aheadMm: number) => view.centreX - aheadMm * view.scale;

/** Height of the body's floor line at a place, raised by what was done to the axles. */
export function riseAt(shape: SideShape, aheadMm: number): number {
  return shape.frontRiseMm + ((shape.frontRiseMm - shape.rearRiseMm) * aheadMm) / shape.wheelbaseMm;
}

/** A plain body of no make: corners as mm ahead of the front axle and height, tipped with the axles. */
export function bodyPath(view: View, shape: SideShape): string {
  const nose = shape.lampAheadMm + NOSE_MM;
  const tail = -shape.wheelbaseMm - TAIL_MM;
  const came = shape.lampHeightMm - riseAt(shape, shape.lampAheadMm);
  const tall = Math.min(1.7, Math.max(0.7, came / PLAIN_LAMP_MM));
  const corners: [number, number][] = [
    [nose - 60, 300],
    [nose, 480],
    [nose - 30, 760],
    [nose - 420, 960],
    [nose - 900, 1010],
    [nose - 1500, 1560],
    [tail + 700, 1600],
    [tail + 60, 1160],
    [tail, 760],
    [tail + 60, 330],
  ];
  return corners
    .map(([ahead, height], index) => {
      const x = aheadToScreenX(view, ahead).toFixed(1);
      const y = (view.footY - (height * tall + riseAt(shape, ahead)) * view.scale).toFixed(1);
      return `${index === 0 ? 'M' : 'L'}${x} ${y}`;
    })
    .join('')
    .concat('Z');
}
