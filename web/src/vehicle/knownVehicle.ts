import type { FrontEdit, LampPairEdit, ShapeEdit, Side, Vehicle } from '../api/client';
import { bodyOf, frontCorners, screenCorners, sideCorners, type Body } from '../drawing/bodies';
import { SIDES, spotOn } from './shapes';
import type { Spot, ViewName } from './vehicleViews';
import { workshopWords } from '../words/page/workshop';
import { sideWord } from '../words/terms';

/** What a job knows of its vehicle's front. */
export interface Known {
  vehicle: Vehicle;
  /** As Place has it; undefined while it is on its way or nothing was drawn. */
  front: FrontEdit | undefined;
  /** Heights of the marks on the lenses as it came, mm. */
  centreMm: Partial<Record<Side, number>>;
  /** Between those marks, mm. */
  spacingMm: number | undefined;
}

/** A place in shares of a view: to the right, and up. */
export type Share = readonly [number, number];

/** A lamp as it is drawn: measured or planned, or where such lamps usually sit. */
export interface DrawnLamp {
  name: string;
  at: Share;
  /** Half its width and height in shares of the view. */
  half: Share;
  round: boolean;
  known: boolean;
}

/** Something with a name that can be pressed. */
interface Region {
  name: string;
  holds: (across: number, up: number) => boolean;
}

/** One view of this vehicle, in shares of its frame. */
export interface KnownView {
  /** How wide it is for its height. */
  aspect: number;
  outline: Share[];
  details: Share[][];
  /** Centre, and radius as a share of the height. */
  wheels: { at: Share; radius: number }[];
  lamps: DrawnLamp[];
  regions: Region[];
}

const USUAL_HEIGHT_MM = 680;
const USUAL_SPACING_SHARE = 0.68;
const USUAL_LAMP_MM = 150;
const USUAL_WHEELBASE_MM = 2600;
/** Where the windscreen begins, as a share of the view of the front: what is worked on is below. */
const SCREEN_AT = 0.93;
/** So much of the view is left at each side. */
const ASIDE = 0.02;
/** The side views end behind the front wheel's arch, at so much of the wheelbase. */
const SHOWN_OF_WHEELBASE = 0.42;
/** A press this near an edge is a press on it, as a share of the height. */
const AT_EDGE = 0.06;
/** Wheels, by how tall the body is. */
const TALL_MM = 1700;
const WHEEL_MM = 320;
const LARGE_WHEEL_MM = 380;
const BUMPER_TOP_SHARE = 0.36;
const BUMPER_FOOT_SHARE = 0.16;

/** A view of the vehicle, drawn from what the job knows of it. */
export function knownView(known: Known, view: ViewName): KnownView {
  const body = bodyOf(known.vehicle);
  switch (view) {
    case 'FRONT':
      return front(known, { ...body, widthMm: known.front?.widthMm ?? body.widthMm });
    case 'UNDERSIDE':
      return underside(known, body);
    default:
      return side(known, body, view === 'LEFT_SIDE' ? 'LEFT' : 'RIGHT');
  }
}

/** What lies under a press, by its name; empty where it has none. */
export function nameAt(view: KnownView, spot: Spot): string {
  return view.regions.find((region) => region.holds(spot.across, spot.up))?.name ?? '';
}

/** How high the bonnet ends, and how high the views from before and from aside reach. */
function shownHeight(body: Body) {
  const hoodMm = Math.min(...screenCorners(body).map(([, up]) => up));
  return { hoodMm, topMm: hoodMm / SCREEN_AT };
}

function front(known: Known, body: Body): KnownView {
  const screen = screenCorners(body);
  const { hoodMm, topMm } = shownHeight(body);
  const shown = body.widthMm * (1 + 2 * ASIDE);
  const at = ([left, up]: readonly [number, number]): Share => [0.5 + left / shown, up / topMm];
  const lamps = drawnLamps(known, body, topMm, shown);
  const lowBeamMm =
    Math.min(...SIDES.map((one) => known.centreMm[one] ?? USUAL_HEIGHT_MM)) - USUAL_LAMP_MM;
  const bumper = {
    top: Math.min(BUMPER_TOP_SHARE * body.heightMm, Math.max(lowBeamMm, 300)),
    foot: Math.min(BUMPER_FOOT_SHARE * body.heightMm, 320),
  };
  const half = body.widthMm / 2;
  const grille = { half: half * 0.42, low: bumper.top + 40, high: bumper.top + 220 };
  const across = (share: number, mm: number) => at([share * half, mm]);
  const line = (mm: number, share: number) => [across(-share, mm), across(share, mm)];
  const rectangle = (halfMm: number, low: number, high: number): Share[] => [
    at([-halfMm, low]),
    at([halfMm, low]),
    at([halfMm * 0.94, high]),
    at([-halfMm * 0.94, high]),
    at([-halfMm, low]),
  ];
  const obstacles = (known.front?.keepOuts ?? []).map((one) => ({
    name: one.name,
    corners: (one.outline.corners ?? []).map((corner) => at([corner.outMm, corner.upMm])),
  }));
  const share = (mm: number) => mm / topMm;
  const near = (mm: number) => (_: number, up: number) => Math.abs(up - share(mm)) < AT_EDGE / 2;
  return {
    aspect: shown / topMm,
    outline: frontCorners(body).map(at),
    details: [
      ...[1, -1].map((sign) => tyre(at, sign * half)),
      line(bumper.top, 0.985),
      line(bumper.foot + 10, 0.9),
      rectangle(grille.half, grille.low, grille.high),
      rectangle(half * 0.5, bumper.foot + 50, bumper.top - 60),
      screen.slice(0, 1).concat(screen.slice(-1)).map(at),
      ...obstacles.map((one) => [...one.corners, ...one.corners.slice(0, 1)]),
    ],
    wheels: [],
    lamps,
    regions: [
      ...lamps.map(lampRegion),
      ...obstacles
        .filter((one) => one.corners.length > 0)
        .map((one) => ({ name: one.name, holds: inside(one.corners) })),
      { name: workshopWords.bumperUpperEdge(), holds: near(bumper.top) },
      {
        name: workshopWords.bumperLowerEdge(),
        holds: (_: number, up: number) => up < share(bumper.foot + 60),
      },
      { name: workshopWords.bonnetEdge(), holds: near(hoodMm) },
      {
        name: 'grille',
        holds: (x: number, up: number) =>
          Math.abs(x - 0.5) < grille.half / shown &&
          up > share(grille.low) &&
          up < share(grille.high),
      },
      { name: 'bumper', holds: (_: number, up: number) => up < share(bumper.top) },
    ],
  };
}

function inside(corners: Share[]) {
  const all = (of: 0 | 1) => corners.map((corner) => corner[of]);
  const [left, right] = [Math.min(...all(0)), Math.max(...all(0))];
  const [low, high] = [Math.min(...all(1)), Math.max(...all(1))];
  return (across: number, up: number) => across > left && across < right && up > low && up < high;
}

/** A tyre below the body, seen from before. */
function tyre(at: (mm: readonly [number, number]) => Share, sideMm: number): Share[] {
  return [
    at([sideMm * 0.74, 240]),
    at([sideMm * 0.74, 0]),
    at([sideMm * 0.96, 0]),
    at([sideMm * 0.96, 280]),
  ];
}

function lampRegion({ name, at, half }: DrawnLamp): Region {
  return {
    name,
    holds: (across, up) =>
      Math.abs(across - at[0]) < half[0] * 1.25 && Math.abs(up - at[1]) < half[1] * 1.25,
  };
}

/** The lamps of Place, and the low beams by their marks where Place has none. */
function drawnLamps(known: Known, body: Body, topMm: number, shownMm: number): DrawnLamp[] {
  const pairs = known.front?.pairs ?? [];
  const spacing = known.spacingMm ?? body.widthMm * USUAL_SPACING_SHARE;
  const drawn = pairs.flatMap((pair) =>
    SIDES.map((side) => {
      const spot = spotOn(pair, side);
      const reach = reachOf(pair);
      return {
        name: `${sideWord(side)} ${pair.name}`,
        at: [0.5 + spot.leftMm / shownMm, spot.heightMm / topMm] as Share,
        half: [reach.out / shownMm, reach.up / topMm] as Share,
        round: pair.heads.every((head) => head.lit.form === 'ELLIPSE'),
        known: !pair.guessed?.includes('PLACE'),
      };
    }),
  );
  if (pairs.some((pair) => pair.function === 'DIPPED')) {
    return drawn;
  }
  const low = SIDES.map((side) => ({
    name: workshopWords.sideHeadlamp({ side: sideWord(side) }),
    at: [
      0.5 + ((side === 'LEFT' ? 1 : -1) * spacing) / 2 / shownMm,
      (known.centreMm[side] ?? USUAL_HEIGHT_MM) / topMm,
    ] as Share,
    half: [(USUAL_LAMP_MM * 0.8) / shownMm, (USUAL_LAMP_MM * 0.6) / topMm] as Share,
    round: true,
    known: known.centreMm[side] !== undefined && known.spacingMm !== undefined,
  }));
  return [...drawn, ...low];
}

/** How far a pair's lit surfaces and housing reach from its reference point, mm. */
function reachOf(pair: LampPairEdit): { out: number; up: number } {
  const shapes: [ShapeEdit, number, number][] = pair.heads.map((head) => [
    head.lit,
    head.outMm,
    head.upMm,
  ]);
  if (pair.housing) {
    shapes.push([pair.housing, 0, 0]);
  }
  const half = (shape: ShapeEdit, of: 'width' | 'height') =>
    shape.form === 'POLYGON'
      ? Math.max(
          ...(shape.corners ?? []).map((corner) =>
            Math.abs(of === 'width' ? corner.outMm : corner.upMm),
          ),
        )
      : ((of === 'width' ? shape.widthMm : shape.heightMm) ?? 0) / 2;
  return {
    out: Math.max(...shapes.map(([shape, out]) => Math.abs(out) + half(shape, 'width'))),
    up: Math.max(...shapes.map(([shape, , up]) => Math.abs(up) + half(shape, 'height'))),
  };
}

function side(known: Known, body: Body, which: Side): KnownView {
  const wheelbase = known.vehicle.wheelbaseMm ?? USUAL_WHEELBASE_MM;
  const shown = body.frontOverhangMm + wheelbase * SHOWN_OF_WHEELBASE;
  const { topMm } = shownHeight(body);
  const at = ([ahead, up]: readonly [number, number]): Share => [
    (body.frontOverhangMm - ahead) / shown,
    up / topMm,
  ];
  const radiusMm = body.heightMm > TALL_MM ? LARGE_WHEEL_MM : WHEEL_MM;
  const archMm = radiusMm * 1.18;
  const wheelAt = at([0, radiusMm]);
  const lampAt = at([
    known.vehicle.lampAheadMm ?? body.frontOverhangMm - 110,
    known.centreMm[which] ?? USUAL_HEIGHT_MM,
  ]);
  const lamp: DrawnLamp = {
    name: workshopWords.sideHeadlamp({ side: sideWord(which) }),
    at: lampAt,
    half: [130 / shown, 80 / topMm],
    round: false,
    known: known.centreMm[which] !== undefined && known.vehicle.lampAheadMm !== undefined,
  };
  const bumperTop = body.heightMm * BUMPER_TOP_SHARE;
  return {
    aspect: shown / topMm,
    outline: sideCorners(body, wheelbase).map(at),
    details: [
      archLine(wheelAt, archMm / shown, archMm / topMm),
      [at([archMm, bumperTop]), at([body.frontOverhangMm, bumperTop])],
    ],
    wheels: [{ at: wheelAt, radius: radiusMm / topMm }],
    lamps: [lamp],
    regions: [
      lampRegion(lamp),
      {
        name: workshopWords.sideWheelArch({ side: sideWord(which) }),
        holds: (x, up) =>
          Math.hypot((x - wheelAt[0]) * shown, (up - wheelAt[1]) * topMm) < archMm * 1.15,
      },
      {
        name: workshopWords.bumperSideCorner({ side: sideWord(which) }),
        holds: (x, up) => x < wheelAt[0] && up < bumperTop / topMm,
      },
    ],
  };
}

/** Half a circle over a wheel. */
function archLine([x, y]: Share, across: number, up: number): Share[] {
  return Array.from({ length: 13 }, (_, i) => {
    const turn = (Math.PI * i) / 12;
    return [x - across * Math.cos(turn), y + up * Math.sin(turn)] as Share;
  });
}

function underside(known: Known, body: Body): KnownView {
  const wheelbase = known.vehicle.wheelbaseMm ?? USUAL_WHEELBASE_MM;
  const shown = body.frontOverhangMm + wheelbase * SHOWN_OF_WHEELBASE;
  const width = body.widthMm * (1 + 2 * ASIDE);
  const setback = known.front?.bumperSetbackMm ?? 120;
  const at = (back: number, left: number): Share => [back / shown, 0.5 - left / width];
  const half = body.widthMm / 2;
  // the bumper lies back with the square of the way to its side
  const nose = Array.from({ length: 13 }, (_, i) => {
    const left = half - (body.widthMm * i) / 12;
    return at(setback * (left / half) ** 2, left);
  });
  const axle = body.frontOverhangMm;
  const tyre = (sign: number): Share[] => [
    at(axle - 320, sign * half * 0.96),
    at(axle + 320, sign * half * 0.96),
    at(axle + 320, sign * half * 0.72),
    at(axle - 320, sign * half * 0.72),
    at(axle - 320, sign * half * 0.96),
  ];
  return {
    aspect: shown / width,
    outline: [...nose, [1, 0.5 + half / width], [1, 0.5 - half / width]],
    details: [
      tyre(1),
      tyre(-1),
      [at(axle, half * 0.72), at(axle, -half * 0.72)],
      [at(260, half * 0.9), at(260, -half * 0.9)],
    ],
    wheels: [],
    lamps: [],
    regions: [
      { name: workshopWords.bumperFromBelow(), holds: (x) => x < 260 / shown },
      {
        name: workshopWords.leftWheelArch(),
        holds: (x, up) => wheelArch(x, up, axle / shown) && up < 0.3,
      },
      {
        name: workshopWords.rightWheelArch(),
        holds: (x, up) => wheelArch(x, up, axle / shown) && up > 0.7,
      },
      { name: workshopWords.underTray(), holds: (x) => x < axle / shown },
    ],
  };
}

const wheelArch = (across: number, up: number, axle: number) =>
  Math.abs(across - axle) < 0.22 && Math.abs(up - 0.5) > 0.2;
