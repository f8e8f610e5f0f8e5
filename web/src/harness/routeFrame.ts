import type { FeedEdit } from '../api/client';
import type { Body } from '../drawing/bodies';
import { feedWords } from '../words/page/feed';
import { sideWord } from '../words/terms';

export type Route = FeedEdit['routes'][number];
export type Stop = Route['stops'][number];
export type Hazard = FeedEdit['hazards'][number];

/** Of a view of a way, in units of its drawing. */
export const VIEW = { width: 300, height: 172, floor: 160 };

/** The stretch of the vehicle that both views show, to one scale. */
export interface RouteFrame {
  /** Units of the drawing per mm. */
  scale: number;
  /** mm ahead of the front axle, in the middle of the view from above. */
  middleMm: number;
}

/** As large as the vehicle's width, the way and what it keeps away from allow. */
export function frameOf(body: Body, route: Route, hazards: readonly Hazard[]): RouteFrame {
  const places = [...route.stops, ...hazards];
  const reach = Math.max(body.widthMm / 2, ...places.map((one) => Math.abs(one.leftMm))) + 60;
  const forwards = [0, body.frontOverhangMm, ...places.map((one) => one.forwardMm)];
  const back = Math.min(...forwards);
  const ahead = Math.max(...forwards);
  const tall = Math.max(ahead - back, ...places.map((one) => one.upMm)) + 160;
  return {
    scale: Math.min(VIEW.width / (2 * reach), VIEW.floor / tall),
    middleMm: (ahead + back) / 2,
  };
}

/** A place in mm, as route stops and hot parts have it. */
export interface Place {
  leftMm: number;
  forwardMm: number;
  upMm: number;
}

/** How a place is drawn, and how it goes when it is drawn by so much to the right and down. */
export interface RouteView {
  /** What stands left of the view, what it is, and what stands right. */
  words: readonly [string, string, string];
  at: (frame: RouteFrame, place: Place) => readonly [number, number];
  moved: (frame: RouteFrame, place: Place, right: number, down: number) => Partial<Place>;
}

// the nearest centimetre: finer is not to be had by hand on a drawing of this size
const toMm = (frame: RouteFrame, units: number) => Math.round(units / frame.scale / 10) * 10;

export const FROM_ABOVE: RouteView = {
  words: [sideWord('LEFT'), feedWords.fromAboveForwardUp(), sideWord('RIGHT')],
  at: (frame, place) => [
    VIEW.width / 2 - place.leftMm * frame.scale,
    VIEW.height / 2 - (place.forwardMm - frame.middleMm) * frame.scale,
  ],
  moved: (frame, place, right, down) => ({
    leftMm: place.leftMm - toMm(frame, right),
    forwardMm: place.forwardMm - toMm(frame, down),
  }),
};

/** Seen standing before the vehicle: its left lies right. */
export const FROM_AHEAD: RouteView = {
  words: [sideWord('RIGHT'), feedWords.fromTheFront(), sideWord('LEFT')],
  at: (frame, place) => [
    VIEW.width / 2 + place.leftMm * frame.scale,
    VIEW.floor - place.upMm * frame.scale,
  ],
  moved: (frame, place, right, down) => ({
    leftMm: place.leftMm + toMm(frame, right),
    upMm: Math.max(0, place.upMm - toMm(frame, down)),
  }),
};
