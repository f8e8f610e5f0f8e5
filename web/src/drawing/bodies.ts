import type { Vehicle } from '../api/client';

export type BodyKind = NonNullable<Vehicle['body']>;

/** An outline as shares of length or half width, and of height. */
type Profile = readonly (readonly [number, number])[];

/** Plain outlines from the side, the nose at 0, by kind of body; no make's likeness. */
const SIDES: Record<BodyKind, Profile> = {
  HATCH: [
    [0.02, 0.2],
    [0, 0.33],
    [0.01, 0.48],
    [0.12, 0.6],
    [0.3, 0.66],
    [0.44, 0.97],
    [0.6, 1],
    [0.82, 0.96],
    [0.97, 0.66],
    [1, 0.42],
    [0.985, 0.22],
  ],
  ESTATE: [
    [0.02, 0.2],
    [0, 0.33],
    [0.01, 0.48],
    [0.12, 0.6],
    [0.28, 0.65],
    [0.4, 0.97],
    [0.55, 1],
    [0.9, 0.95],
    [0.985, 0.62],
    [1, 0.42],
    [0.985, 0.22],
  ],
  ROADSTER: [
    [0.02, 0.22],
    [0, 0.36],
    [0.02, 0.52],
    [0.16, 0.66],
    [0.4, 0.72],
    [0.5, 1],
    [0.53, 1],
    [0.56, 0.76],
    [0.7, 0.78],
    [0.96, 0.7],
    [1, 0.5],
    [0.985, 0.24],
  ],
  OFF_ROADER: [
    [0.02, 0.26],
    [0, 0.36],
    [0, 0.55],
    [0.03, 0.61],
    [0.27, 0.64],
    [0.36, 0.98],
    [0.45, 1],
    [0.96, 0.99],
    [1, 0.62],
    [1, 0.3],
    [0.985, 0.26],
  ],
  PICKUP: [
    [0.015, 0.25],
    [0, 0.36],
    [0, 0.55],
    [0.03, 0.61],
    [0.26, 0.64],
    [0.36, 0.98],
    [0.44, 1],
    [0.6, 0.98],
    [0.63, 0.62],
    [1, 0.61],
    [1, 0.3],
    [0.985, 0.26],
  ],
  VAN: [
    [0.015, 0.14],
    [0, 0.2],
    [0, 0.36],
    [0.04, 0.44],
    [0.14, 0.52],
    [0.24, 0.93],
    [0.3, 1],
    [0.99, 1],
    [1, 0.6],
    [1, 0.16],
    [0.99, 0.14],
  ],
  BUS: [
    [0.01, 0.12],
    [0, 0.2],
    [0, 0.38],
    [0.03, 0.48],
    [0.08, 0.92],
    [0.13, 1],
    [0.98, 1],
    [1, 0.93],
    [1, 0.14],
    [0.99, 0.12],
  ],
};

const LOW: Profile = [
  [0, 0.145],
  [0.82, 0.15],
  [0.96, 0.195],
  [1, 0.29],
  [1, 0.5],
  [0.97, 0.6],
  [0.8, 0.66],
  [0.66, 0.96],
  [0.52, 1],
  [0, 1],
];
const TALL: Profile = [
  [0, 0.19],
  [0.84, 0.2],
  [0.97, 0.24],
  [1, 0.33],
  [1, 0.57],
  [0.97, 0.63],
  [0.84, 0.66],
  [0.76, 0.97],
  [0.62, 1],
  [0, 1],
];
const BOX: Profile = [
  [0, 0.1],
  [0.85, 0.105],
  [0.97, 0.14],
  [1, 0.2],
  [1, 0.5],
  [0.99, 0.75],
  [0.93, 0.97],
  [0.8, 1],
  [0, 1],
];
const FRONTS: Record<BodyKind, Profile> = {
  HATCH: LOW,
  ESTATE: LOW,
  ROADSTER: LOW,
  OFF_ROADER: TALL,
  PICKUP: TALL,
  VAN: BOX,
  BUS: BOX,
};

/** Where the windscreen begins and ends, and how wide it is there. */
const SCREENS: Record<BodyKind, Profile> = {
  HATCH: [
    [0.7, 0.68],
    [0.58, 0.94],
  ],
  ESTATE: [
    [0.7, 0.68],
    [0.58, 0.94],
  ],
  ROADSTER: [
    [0.72, 0.72],
    [0.62, 0.96],
  ],
  OFF_ROADER: [
    [0.78, 0.68],
    [0.7, 0.94],
  ],
  PICKUP: [
    [0.78, 0.68],
    [0.7, 0.94],
  ],
  VAN: [
    [0.9, 0.53],
    [0.8, 0.9],
  ],
  BUS: [
    [0.92, 0.5],
    [0.88, 0.88],
  ],
};

/** Heights that are drawn where none was measured. */
const USUAL_HEIGHT: Record<BodyKind, number> = {
  HATCH: 1480,
  ESTATE: 1480,
  ROADSTER: 1240,
  OFF_ROADER: 1820,
  PICKUP: 1820,
  VAN: 2300,
  BUS: 2700,
};
const USUAL_FRONT_OVERHANG_MM = 900;
const USUAL_REAR_OVERHANG_MM = 900;
const USUAL_WIDTH_MM = 1750;

/** A body in mm: what was measured, else what is usual for its kind. */
export interface Body {
  kind: BodyKind;
  heightMm: number;
  widthMm: number;
  frontOverhangMm: number;
  rearOverhangMm: number;
}

export function bodyOf(vehicle: Vehicle): Body {
  const kind = vehicle.body ?? 'HATCH';
  return {
    kind,
    heightMm: vehicle.heightMm ?? USUAL_HEIGHT[kind],
    widthMm: vehicle.widthMm ?? USUAL_WIDTH_MM,
    frontOverhangMm:
      vehicle.frontOverhangMm ?? Math.max(USUAL_FRONT_OVERHANG_MM, (vehicle.lampAheadMm ?? 0) + 90),
    rearOverhangMm: vehicle.rearOverhangMm ?? USUAL_REAR_OVERHANG_MM,
  };
}

/** A place in mm. */
export type Corner = readonly [number, number];

/** The side's corners: mm ahead of the front axle, and height. */
export function sideCorners(body: Body, wheelbaseMm: number): Corner[] {
  const length = body.frontOverhangMm + wheelbaseMm + body.rearOverhangMm;
  return SIDES[body.kind].map(([along, up]) => [
    body.frontOverhangMm - along * length,
    up * body.heightMm,
  ]);
}

/** The front's corners, once round: mm to the vehicle's left, and height. */
export function frontCorners(body: Body): Corner[] {
  return mirrored(FRONTS[body.kind], body);
}

/** The windscreen's corners, once round. */
export function screenCorners(body: Body): Corner[] {
  return mirrored(SCREENS[body.kind], body);
}

function mirrored(profile: Profile, body: Body): Corner[] {
  const left = profile.map(([out, up]): Corner => [(out * body.widthMm) / 2, up * body.heightMm]);
  return [...left, ...left.toReversed().map(([out, up]): Corner => [-out, up])];
}

/** An SVG path through corners that stand on the screen already. */
export function closedPath(corners: readonly Corner[]): string {
  return `M${corners.map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}Z`;
}
