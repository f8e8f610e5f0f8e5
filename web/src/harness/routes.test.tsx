import { fireEvent, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { FeedEdit, FeedPage, FeedSheet, Vehicle } from '../api/client';
import { bodyOf } from '../drawing/bodies';
import { length, show, partly } from '../test/testing';
import { frameOf, FROM_ABOVE, FROM_AHEAD, VIEW, type Hazard, type Route } from './routeFrame';
import { Routes } from './Routes';
import { feedWords } from '../words/page/feed';

const VAN = { body: 'VAN', widthMm: 2000, heightMm: 2300, frontOverhangMm: 900 } as Vehicle;
const ROUTE: Route = {
  question: 'longM',
  name: 'to the left lamp',
  stops: [
    { leftMm: -600, forwardMm: 200, upMm: 800, passes: 'NOTHING' },
    { leftMm: 600, forwardMm: 500, upMm: 400, passes: 'GROMMET' },
  ],
};
const FAN: Hazard = { name: 'fan', leftMm: 0, forwardMm: 350, upMm: 600, clearanceMm: 100 };

const feed = partly<FeedEdit>({ routes: [ROUTE], hazards: [FAN] });
const page = partly<FeedPage>({
  vehicle: VAN,
  routes: [{ laid: length(1650), cut: length(1950), ties: 8, metres: '1.65' }],
});
const sheet = partly<FeedSheet>({
  questions: [{ id: 'longM', asks: 'How long is the long branch?', unit: 'm', answer: '2.3' }],
});

const moved = () => {
  const onChange = vi.fn<(part: Partial<FeedEdit>) => void>();
  const onUse = vi.fn();
  show(<Routes page={page} sheet={sheet} feed={feed} onChange={onChange} onUse={onUse} />);
  return { onChange, onUse };
};
const handle = (view: string, stop: number) => {
  const found = screen
    .getByRole('img', { name: new RegExp(view) })
    .querySelector(`[data-stop="${stop}"]`);
  if (!found) {
    throw new Error(`no stop ${stop} ${view}`);
  }
  return found;
};

beforeEach(() => {
  // the page's own test surroundings hold no pointers
  Element.prototype.setPointerCapture = () => undefined;
});

describe('a way on the vehicle', () => {
  const frame = frameOf(bodyOf(VAN), ROUTE, [FAN]);

  it('lies within both views, to one scale', () => {
    for (const view of [FROM_ABOVE, FROM_AHEAD]) {
      for (const stop of ROUTE.stops) {
        const [x, y] = view.at(frame, stop);
        expect(x).toBeGreaterThan(0);
        expect(x).toBeLessThan(VIEW.width);
        expect(y).toBeGreaterThan(0);
        expect(y).toBeLessThan(VIEW.height);
      }
    }
    const across = (view: typeof FROM_ABOVE) =>
      Math.abs(view.at(frame, ROUTE.stops[0]!)[0] - view.at(frame, ROUTE.stops[1]!)[0]);
    expect(across(FROM_ABOVE)).toBeCloseTo(across(FROM_AHEAD));
  });

  it('has the left lamp left from above, right from the front', () => {
    const left = { leftMm: 600, forwardMm: 0, upMm: 500 };
    expect(FROM_ABOVE.at(frame, left)[0]).toBeLessThan(VIEW.width / 2);
    expect(FROM_AHEAD.at(frame, left)[0]).toBeGreaterThan(VIEW.width / 2);
  });

  it('shrinks for a stop that lies far out', () => {
    const far = { ...ROUTE, stops: [...ROUTE.stops, { ...ROUTE.stops[0]!, leftMm: 3000 }] };
    expect(frameOf(bodyOf(VAN), far, []).scale).toBeLessThan(frame.scale);
  });

  it('keeps a stop where it is dragged to, once it is let go', () => {
    const { onChange } = moved();
    const stop = handle('from the front', 2);
    // 30 units right and 20 up, from the front: to the vehicle's left, and higher
    fireEvent.pointerDown(stop, { pointerId: 1, clientX: 100, clientY: 100 });
    fireEvent.pointerMove(stop, { pointerId: 1, clientX: 130, clientY: 80 });
    expect(onChange).not.toHaveBeenCalled();
    fireEvent.pointerUp(stop, { pointerId: 1 });
    const kept = onChange.mock.calls[0]?.[0].routes?.[0]?.stops[1];
    // to the nearest centimetre
    expect(Math.abs((kept?.leftMm ?? 0) - (600 + 30 / frame.scale))).toBeLessThanOrEqual(5);
    expect(Math.abs((kept?.upMm ?? 0) - (400 + 20 / frame.scale))).toBeLessThanOrEqual(5);
    expect(kept).toMatchObject({ forwardMm: 500, passes: 'GROMMET' });
  });

  it('changes nothing where a stop was only touched', () => {
    const { onChange } = moved();
    const stop = handle('from above', 1);
    fireEvent.pointerDown(stop, { pointerId: 1, clientX: 100, clientY: 100 });
    fireEvent.pointerUp(stop, { pointerId: 1 });
    expect(onChange).not.toHaveBeenCalled();
  });

  it('takes typed millimetres, and leaves a word as it was', async () => {
    const { onChange, onUse } = moved();
    const field = screen.getByLabelText<HTMLInputElement>(
      feedWords.stopAtWords({ at: '1', words: 'up' }),
    );
    await userEvent.clear(field);
    await userEvent.type(field, 'high');
    await userEvent.tab();
    expect(onChange).not.toHaveBeenCalled();
    expect(field.value).toBe('800');
    await userEvent.clear(field);
    await userEvent.type(field, '750');
    await userEvent.tab();
    expect(onChange.mock.calls[0]?.[0].routes?.[0]?.stops[0]?.upMm).toBe(750);
    await userEvent.click(
      screen.getByRole('button', { name: feedWords.useMetresM({ metres: '1.65' }) }),
    );
    expect(onUse).toHaveBeenCalledWith('longM', '1.65');
  });
});
