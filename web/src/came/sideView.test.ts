import { describe, expect, it } from 'vitest';
import { aheadToScreenX, riseAt, sideView } from './sideView';

const shape = {
  body: {
    kind: 'HATCH' as const,
    heightMm: 1480,
    widthMm: 1750,
    frontOverhangMm: 950,
    rearOverhangMm: 820,
  },
  wheelbaseMm: 2500,
  lampAheadMm: 900,
  tyreFrontMm: 700,
  tyreRearMm: 700,
  frontRiseMm: 60,
  rearRiseMm: 40,
  lampHeightMm: 747.2,
};

describe('the vehicle seen from its left', () => {
  it('has its front at the left and stands inside', () => {
    const view = sideView(shape, 800, 380);
    expect(aheadToScreenX(view, 900)).toBeGreaterThan(0);
    expect(aheadToScreenX(view, 900)).toBeLessThan(aheadToScreenX(view, 0));
    expect(aheadToScreenX(view, -2500 - 820)).toBeLessThan(800);
    expect(1480 * view.scale).toBeLessThan(380);
  });

  it('tips with its axles', () => {
    expect(riseAt(shape, 0)).toBe(60);
    expect(riseAt(shape, -2500)).toBe(40);
    expect(riseAt(shape, 900)).toBeCloseTo(67.2, 9);
  });
});
