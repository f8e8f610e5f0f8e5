import { describe, expect, it } from 'vitest';
import type { Vehicle } from '../api/client';
import { bodyOf, frontCorners, sideCorners, type BodyKind } from './bodies';

const KINDS: BodyKind[] = ['HATCH', 'ESTATE', 'ROADSTER', 'OFF_ROADER', 'PICKUP', 'VAN', 'BUS'];
const vehicle = (body: BodyKind) =>
  ({ body, heightMm: 2000, widthMm: 1800, frontOverhangMm: 800, rearOverhangMm: 1000 }) as Vehicle;

describe.each(KINDS)('the outline of a body of the kind %s', (kind) => {
  const body = bodyOf(vehicle(kind));

  it('is as long and as high as was measured', () => {
    const side = sideCorners(body, 2500);
    const ahead = side.map(([x]) => x);
    expect(Math.max(...ahead)).toBeCloseTo(800, 9);
    expect(Math.min(...ahead)).toBeCloseTo(-3500, 9);
    expect(Math.max(...side.map(([, up]) => up))).toBeCloseTo(2000, 9);
  });

  it('is as wide as was measured, and alike on both sides', () => {
    const front = frontCorners(body);
    const out = front.map(([x]) => x);
    expect(Math.max(...out)).toBe(900);
    for (const [x, up] of front) {
      expect(front.some(([other, high]) => other === -x + 0 && high === up)).toBe(true);
    }
  });
});

it('draws what was not measured as is usual', () => {
  const body = bodyOf({ lampAheadMm: 950 } as Vehicle);
  expect(body).toMatchObject({ kind: 'HATCH', widthMm: 1750, frontOverhangMm: 1040 });
});
