import type { CircuitDrawing, CircuitLayout, FeedPart, FeedSheet, LayoutEnd } from '../api/client';

/** The vehicle from above, its nose up: columns from left to right, what is behind the firewall below. */
const COLUMN = { width: 212, apart: 50, from: 58, count: 4 } as const;
export const WIDTH =
  2 * COLUMN.from + COLUMN.count * COLUMN.width + (COLUMN.count - 1) * COLUMN.apart;
const NOSE = 40;
const FIREWALL = 64;
const STACKED = 14;

/** Of a place. */
const TITLE = 32;
export const LINE = 29;
const CHARACTERS = 18;

/** Wires in one gap lie beside each other. */
const LANES = 11;
const LANE = 4.2;

type Site = LayoutEnd['site'];
type Spot = CircuitDrawing['paths'][number]['spots'][number];
type DriverSide = 'LEFT' | 'RIGHT';

/** The columns of what is before the firewall and of what is behind it. */
const COLUMNS: Record<Site, { column: number; ahead: boolean }> = {
  LEFT_LAMPS: { column: 0, ahead: true },
  LEFT_GROUND: { column: 0, ahead: true },
  BATTERY: { column: 1, ahead: true },
  BODY_BOLT: { column: 1, ahead: true },
  ENGINE_BOX: { column: 2, ahead: true },
  LOOM: { column: 2, ahead: true },
  RIGHT_LAMPS: { column: 3, ahead: true },
  RIGHT_GROUND: { column: 3, ahead: true },
  STEERING_COLUMN: { column: 0, ahead: false },
  DASH: { column: 1, ahead: false },
  DASH_BOX: { column: 2, ahead: false },
  BODY_COMPUTER: { column: 3, ahead: false },
  BOOT: { column: 2, ahead: false },
};

export interface Terminal {
  node: string;
  words: string;
  at: Spot;
  onRight: boolean;
}

/** A part at its place: its name over one or more lines, its terminals at the edges. */
export interface Row {
  part: string;
  words: string[];
  y: number;
  height: number;
  terminals: Terminal[];
}

export interface Plate {
  site: Site;
  words: string;
  x: number;
  y: number;
  width: number;
  height: number;
  rows: Row[];
}

export interface Laid {
  part: string | undefined;
  spots: Spot[];
}

export interface OnVehicle {
  plates: Plate[];
  runs: Laid[];
  firewall: number;
  height: number;
}

/** Breaks a name where it grows longer than its place is wide. */
function lines(name: string): string[] {
  const broken: string[] = [];
  for (const word of name.split(' ')) {
    const last = broken.at(-1);
    if (last !== undefined && last.length + word.length < CHARACTERS) {
      broken[broken.length - 1] = `${last} ${word}`;
    } else {
      broken.push(word);
    }
  }
  return broken;
}

const columnX = (column: number) => COLUMN.from + column * (COLUMN.width + COLUMN.apart);

function column(site: Site, driver: DriverSide): number {
  const usual = COLUMNS[site].column;
  return driver === 'RIGHT' && !COLUMNS[site].ahead ? COLUMN.count - 1 - usual : usual;
}

/** The terminals of a part, in pairs: each pair has one at the left edge and one at the right. */
function terminalsOf(sheet: FeedSheet, part: FeedPart): { node: string; words: string }[] {
  const { values } = part;
  const drawn = sheet.drawing.symbols
    .filter((box) => box.part === part.id)
    .flatMap((box) => box.pins)
    .map((pin) => ({ node: pin.node, words: pin.terminal || poleOf(part, pin.node) }));
  const named = [values.plus ?? values.from, values.minus ?? values.to]
    .filter((node) => node !== undefined)
    .map((node) => ({ node, words: poleOf(part, node) }));
  return drawn.length > 0 ? drawn : named;
}

const poleOf = ({ values }: FeedPart, node: string) =>
  node === values.plus ? '+' : node === values.minus ? '−' : '';

/** The edges from which the wires of a point of the circuit lead away, from one of its places. */
type Leads = (node: string) => 'left' | 'right' | undefined;

/** Two places above each other are joined along the vehicle’s side. */
function leadsFrom(layout: CircuitLayout, site: Site, driver: DriverSide): Leads {
  const own = column(site, driver);
  return (node) => {
    const others = layout.runs.flatMap(({ from, to }) =>
      from.site === site && from.node === node
        ? [column(to.site, driver)]
        : to.site === site && to.node === node
          ? [column(from.site, driver)]
          : [],
    );
    const away = others.reduce((sum, other) => sum + other - own, 0);
    const outwards = own < COLUMN.count / 2 ? -1 : 1;
    return others.length === 0 ? undefined : (away || outwards) < 0 ? 'left' : 'right';
  };
}

/** The second one of a pair is at the right, unless their wires would cross each other. */
function crosses(leads: Leads, one: string, other: string | undefined): boolean {
  const wrong = Number(leads(one) === 'right') - Number(leads(one) === 'left');
  return other === undefined
    ? wrong > 0
    : wrong + Number(leads(other) === 'left') - Number(leads(other) === 'right') > 0;
}

function rowOf(sheet: FeedSheet, part: FeedPart, x: number, y: number, leads: Leads): Row {
  const words = lines(part.name);
  const all = terminalsOf(sheet, part);
  const pairs = Math.ceil(all.length / 2);
  // one pair stands beside the name; where there are more they stand below it
  const first = pairs > 1 ? y + words.length * LINE : y + ((words.length - 1) * LINE) / 2;
  const terminals = all.map(({ node, words: terminal }, index) => {
    const pair = index - (index % 2);
    const turned = crosses(leads, all[pair]?.node ?? '', all[pair + 1]?.node);
    const onRight = (index % 2 === 1) !== turned;
    return {
      node,
      words: terminal,
      onRight,
      at: {
        x: x + (onRight ? COLUMN.width : 0),
        y: first + Math.floor(index / 2) * LINE + LINE / 2,
      },
    };
  });
  const height = (words.length + (pairs > 1 ? pairs : 0)) * LINE;
  return { part: part.id, words, y, height, terminals };
}

/** Where wires are joined to wires, each point is there at both edges. */
function splicesOf(layout: CircuitLayout, sheet: FeedSheet, x: number, from: number): Row[] {
  const nodes = layout.runs
    .flatMap((run) => [run.from, run.to])
    .filter((end) => end.site === 'LOOM')
    .map((end) => end.node);
  let y = from;
  return [...new Set(nodes)].map((node) => {
    const words = lines(sheet.points[node] ?? node);
    const at = y + (words.length * LINE) / 2;
    const row = {
      part: '',
      words,
      y,
      height: words.length * LINE,
      terminals: [false, true].map((onRight) => ({
        node,
        words: '',
        onRight,
        at: { x: x + (onRight ? COLUMN.width : 0), y: at },
      })),
    };
    y += row.height;
    return row;
  });
}

function plates(
  layout: CircuitLayout,
  sheet: FeedSheet,
  driver: DriverSide,
  ahead: boolean,
  from: number,
): Plate[] {
  const ends = new Map<number, number>();
  const order = Object.keys(COLUMNS);
  return layout.places
    .filter((place) => COLUMNS[place.site].ahead === ahead)
    .toSorted((one, other) => order.indexOf(one.site) - order.indexOf(other.site))
    .map((place) => {
      const at = column(place.site, driver);
      const x = columnX(at);
      const y = ends.get(at) ?? from;
      const leads = leadsFrom(layout, place.site, driver);
      const rows = place.site === 'LOOM' ? splicesOf(layout, sheet, x, y + TITLE) : ([] as Row[]);
      for (const id of place.parts) {
        const part = sheet.parts.find((one) => one.id === id);
        if (part) {
          const last = rows.at(-1);
          rows.push(rowOf(sheet, part, x, last ? last.y + last.height : y + TITLE, leads));
        }
      }
      const height = TITLE + rows.reduce((sum, row) => sum + row.height, 0) + 6;
      ends.set(at, y + height + STACKED);
      return { site: place.site, words: place.words, x, y, width: COLUMN.width, height, rows };
    });
}

const lowest = (all: Plate[]) => Math.max(0, ...all.map((one) => one.y + one.height));

/** The edge of its place that a wire leaves from: towards where it goes. */
function edge(plate: Plate | undefined, node: string, towards: Plate | undefined) {
  if (!plate) {
    return undefined;
  }
  const found = plate.rows.flatMap((row) => row.terminals).filter((one) => one.node === node);
  const right = (towards?.x ?? 0) > plate.x;
  return (
    found.find((one) => one.onRight === right) ??
    found[0] ?? {
      node,
      words: '',
      onRight: right,
      at: { x: plate.x + (right ? plate.width : 0), y: plate.y + TITLE / 2 },
    }
  );
}

/** Gives each wire in a gap a place beside those before it. */
function lanes() {
  const taken = new Map<string, number>();
  return (gap: string) => {
    const lane = taken.get(gap) ?? 0;
    taken.set(gap, lane + 1);
    return ((lane % LANES) - (LANES - 1) / 2) * LANE;
  };
}

/** The gap beside a terminal: as many as columns, and one more. */
const gapOf = ({ at }: Terminal) =>
  Math.round((at.x - COLUMN.from) / (COLUMN.width + COLUMN.apart));

const gapX = (gap: number) => columnX(gap) - COLUMN.apart / 2;

function route(
  from: Terminal,
  to: Terminal,
  firewall: number,
  lane: ReturnType<typeof lanes>,
): Spot[] {
  const [one, other] = [gapOf(from), gapOf(to)];
  const oneX = gapX(one) + lane(`gap ${String(one)}`);
  if (one === other) {
    return [from.at, { x: oneX, y: from.at.y }, { x: oneX, y: to.at.y }, to.at];
  }
  const otherX = gapX(other) + lane(`gap ${String(other)}`);
  const across = firewall + lane('firewall');
  return [
    from.at,
    { x: oneX, y: from.at.y },
    { x: oneX, y: across },
    { x: otherX, y: across },
    { x: otherX, y: to.at.y },
    to.at,
  ];
}

/** Places, parts and wires as they are drawn. */
export function onVehicle(layout: CircuitLayout, sheet: FeedSheet, driver: DriverSide): OnVehicle {
  const before = plates(layout, sheet, driver, true, NOSE);
  const firewall = lowest(before) + FIREWALL / 2;
  const behind = plates(layout, sheet, driver, false, firewall + FIREWALL / 2);
  const all = [...before, ...behind];
  const lane = lanes();
  const at = (site: Site) => all.find((one) => one.site === site);
  const runs = layout.runs.flatMap((run) => {
    const from = edge(at(run.from.site), run.from.node, at(run.to.site));
    const to = edge(at(run.to.site), run.to.node, at(run.from.site));
    return from && to ? [{ part: run.part, spots: route(from, to, firewall, lane) }] : [];
  });
  return {
    plates: all,
    runs,
    firewall,
    height: Math.max(lowest(all), firewall + FIREWALL / 2) + 20,
  };
}
