import { describe, expect, it } from 'vitest';
import { fitView, mmToScreenX, mmToScreenY, tickStep } from './view';

describe('the view from the seat', () => {
  const view = fitView({ halfWidthMm: 1250, heightMm: 1250 }, { width: 850, height: 390 });

  it('keeps one scale and fits both ways', () => {
    expect(1250 * view.scale).toBeLessThanOrEqual(390);
    expect(2 * 1250 * view.scale).toBeLessThanOrEqual(850);
  });
  it('shows the left lamp on the left', () => {
    expect(mmToScreenX(view, 655)).toBeLessThan(mmToScreenX(view, -655));
  });
  it('has higher things higher up, from the foot of the wall', () => {
    expect(mmToScreenY(view, 0)).toBe(view.footY);
    expect(mmToScreenY(view, 668)).toBeCloseTo(view.footY - 668 * view.scale, 9);
  });
  it('takes the first step that is wide enough', () => {
    expect(tickStep({ scale: 0.3, centreX: 0, footY: 0 }, [50, 100, 200, 500], 44)).toBe(200);
  });
});
