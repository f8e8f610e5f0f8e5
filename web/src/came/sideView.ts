import { sideCorners, closedPath, type Body } from '../drawing/bodies';
import type { View } from '../drawing/view';

/**
 * The vehicle seen from its left: the front at the left. x is mm ahead of the front axle, so that
 * the rear axle stands at minus the wheelbase.
 */
export interface SideShape {
  body: Body;
  wheelbaseMm: number;
  lampAheadMm: number;
  tyreFrontMm: number;
  tyreRearMm: number;
  frontRiseMm: number;
  rearRiseMm: number;
  lampHeightMm: number;
}

/** Room ahead of the nose for the beam and its words, and behind the tail for the height. */
const AHEAD_MM = 620;
const BEHIND_MM = 480;
/** Room above the roof for the overhangs, in pixels: their figures do not shrink. */
const ABOVE_PX = 58;

/** A view in which the whole vehicle stands, with its beam ahead. */
export function sideView(shape: SideShape, width: number, footY: number): View {
  const { body } = shape;
  const highest = Math.max(0, shape.frontRiseMm, shape.rearRiseMm);
  const length =
    body.frontOverhangMm + shape.wheelbaseMm + body.rearOverhangMm + AHEAD_MM + BEHIND_MM;
  const scale = Math.max(
    1e-6,
    Math.min(width / length, (footY - ABOVE_PX) / (body.heightMm + highest)),
  );
  const left = (width - length * scale) / 2 + (AHEAD_MM + body.frontOverhangMm) * scale;
  return { scale, centreX: left, footY };
}

/** Screen x of a place so many mm ahead of the front axle. */
export const aheadToScreenX = (view: View, aheadMm: number) => view.centreX - aheadMm * view.scale;

/** Height of the body's floor line at a place, raised by what was done to the axles. */
export function riseAt(shape: SideShape, aheadMm: number): number {
  return shape.frontRiseMm + ((shape.frontRiseMm - shape.rearRiseMm) * aheadMm) / shape.wheelbaseMm;
}

/** The body's outline, tipped with the axles. */
export function bodyPath(view: View, shape: SideShape): string {
  return closedPath(
    sideCorners(shape.body, shape.wheelbaseMm).map(([ahead, height]) => [
      aheadToScreenX(view, ahead),
      view.footY - (height + riseAt(shape, ahead)) * view.scale,
    ]),
  );
}
