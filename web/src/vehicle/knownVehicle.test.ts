import { describe, expect, it } from 'vitest';
import type { FrontEdit, Vehicle } from '../api/client';
import { fogLamps, partly } from '../test/testing';
import { knownView, nameAt, type Known } from './knownVehicle';
import type { Spot, ViewName } from './vehicleViews';
import { workshopWords } from '../words/page/workshop';

const bus = { body: 'BUS', heightMm: 2720, widthMm: 1900, frontOverhangMm: 1010 } as Vehicle;
const hatch = { body: 'HATCH', heightMm: 1490, widthMm: 1700 } as Vehicle;
const fog = { ...fogLamps({ outMm: 700, heightMm: 300, headingDeg: 0 }), name: 'fog lamp' };
const front = partly<FrontEdit>({
  ruleSets: [],
  widthMm: 1900,
  pairs: [fog],
  keepOuts: [],
});

const known = (vehicle: Vehicle, more: Partial<Known> = {}): Known => ({
  vehicle,
  front: undefined,
  centreMm: {},
  spacingMm: undefined,
  ...more,
});

/** What a press on the middle of a lamp or at a place is called. */
function called(of: Known, view: ViewName, across: number, up: number) {
  return nameAt(knownView(of, view), { view, across, up } as Spot);
}

describe('the vehicle as the job knows it', () => {
  it('has the outline of its kind, and the lamps where they were measured', () => {
    const tall = knownView(known(bus), 'FRONT');
    const low = knownView(known(hatch), 'FRONT');
    expect(tall.outline).not.toEqual(low.outline);
    const [left] = knownView(
      known(hatch, { centreMm: { LEFT: 640, RIGHT: 640 }, spacingMm: 1200 }),
      'FRONT',
    ).lamps;
    // 600 mm left of the middle, of a width of 1700 mm with its room at both sides
    expect(left?.at[0]).toBeCloseTo(0.5 + 600 / (1700 * 1.04), 6);
    expect(left?.known).toBe(true);
    expect(low.lamps.every((lamp) => !lamp.known)).toBe(true);
  });

  it('draws the lamps of Place, and names what is pressed', () => {
    const job = known(bus, { front });
    const view = knownView(job, 'FRONT');
    expect(view.lamps.map((lamp) => lamp.name)).toEqual([
      'left fog lamp',
      'right fog lamp',
      'left headlamp',
      'right headlamp',
    ]);
    const [fogLeft] = view.lamps;
    expect(called(job, 'FRONT', fogLeft?.at[0] ?? 0, fogLeft?.at[1] ?? 0)).toBe(
      workshopWords.sideLamp({ side: 'left fog' }),
    );
    expect(called(job, 'FRONT', 0.5, 0.05)).toBe(workshopWords.bumperLowerEdge());
    expect(called(job, 'FRONT', 0.5, 0.93)).toBe(workshopWords.bonnetEdge());
  });

  it('names the wheel arch from aside and the bumper from below', () => {
    const side = knownView(known(hatch), 'LEFT_SIDE');
    const [across, up] = side.wheels[0]?.at ?? [0, 0];
    expect(called(known(hatch), 'LEFT_SIDE', across, up)).toBe(workshopWords.leftWheelArch());
    expect(called(known(hatch), 'RIGHT_SIDE', across, up)).toBe(workshopWords.rightWheelArch());
    expect(called(known(hatch), 'UNDERSIDE', 0.05, 0.5)).toBe(workshopWords.bumperFromBelow());
  });
});
