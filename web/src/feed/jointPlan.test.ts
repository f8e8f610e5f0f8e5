import { describe, expect, it } from 'vitest';
import type { ChosenPlan } from '../api/client';
import { withoutPlan, withPlan } from './jointPlan';

const FIRST: ChosenPlan = {
  id: 'xenon-harness',
  version: 1,
  answers: { beams: 'low', lowStays: 'yes' },
  changes: { 'left return': { size: '2.5 mm²' } },
};

describe('several plans in one circuit', () => {
  it('puts the answers of each under its tag, and asks the vehicle’s once', () => {
    const second = withPlan(
      FIRST,
      { id: 'drl-tap', version: 1, answers: { watts: '6', lowStays: 'no' } },
      new Set(['lowStays']),
    );
    expect(second.answers).toEqual({ beams: 'low', lowStays: 'yes', p2_watts: '6' });
    expect(second.beside).toEqual([{ tag: 'p2', id: 'drl-tap', version: 1, pair: '' }]);
  });

  it('takes one out again with all that was answered and changed in it', () => {
    const fog = { id: 'fog-own-switch', version: 1, answers: { fuse: '20' } };
    const three = withPlan(
      withPlan(FIRST, { id: 'drl-tap', version: 1, answers: { watts: '6' } }, new Set()),
      fog,
      new Set(),
    );
    const changed = { ...three, changes: { ...three.changes, 'drl feed 2': { metres: '2' } } };
    const left = withoutPlan(changed, 'p2', (part) => (part === 'drl feed 2' ? 'p2' : ''));
    expect(left.answers).toEqual({ beams: 'low', lowStays: 'yes', p3_fuse: '20' });
    expect(left.changes).toEqual(FIRST.changes);
    expect(left.beside?.map((one) => one.tag)).toEqual(['p3']);
    // the freed tag is given again; names of parts do not move meanwhile
    expect(withPlan(left, fog, new Set()).beside?.map((one) => one.tag)).toEqual(['p3', 'p2']);
  });
});
