import { describe, expect, it } from 'vitest';
import type { Horizon, Standing } from '../api/client';
import { joined } from './joined';

const mark = (part: number, findingId: string): Horizon['marks'][number] => ({
  part,
  verdict: 'WITHIN',
  share: 0.5,
  findingId,
  says: { pattern: findingId, figures: [] },
});

function standing(present: number): Standing {
  return {
    stage: 'WALL',
    verdict: 'WITHIN',
    headline: { pattern: 'all well', figures: [] },
    stages: ['TAKE_IN', 'WALL', 'HAND_OVER'],
    horizon: {
      parts: ['Take in', 'Wall', 'Hand over'],
      present,
      marks: [mark(0, 'tried'), mark(1, 'stale'), mark(2, 'record')],
    },
  };
}

const own: Horizon = {
  parts: ['Left lamp', 'Right lamp', 'Hand over'],
  present: 1,
  marks: [mark(0, 'left'), mark(1, 'right')],
};

describe('a strip with one stage parted', () => {
  it('puts the page’s own parts and marks in place of the stage’s', () => {
    const { horizon, stages, here } = joined(standing(1), 'WALL', own);
    expect(horizon.parts).toEqual(['Take in', 'Left lamp', 'Right lamp', 'Hand over']);
    expect(horizon.marks.map((one) => [one.findingId, one.part])).toEqual([
      ['tried', 0],
      ['record', 3],
      ['left', 1],
      ['right', 2],
    ]);
    expect(stages).toEqual(['TAKE_IN', undefined, undefined, 'HAND_OVER']);
    expect([...here]).toEqual([1, 2]);
  });

  it('keeps the sun where the whole job stands', () => {
    expect(joined(standing(0), 'WALL', own).horizon.present).toBe(0);
    expect(joined(standing(1), 'WALL', own).horizon.present).toBe(2);
    expect(joined(standing(2), 'WALL', own).horizon.present).toBe(3);
  });

  it('lets a part with another stage’s name be that stage', () => {
    const handedOver = { ...own, present: 2, marks: [mark(2, 'ready')] };
    const { horizon } = joined(standing(1), 'WALL', handedOver);
    expect(horizon.present).toBe(3);
    expect(horizon.marks.find((one) => one.findingId === 'ready')?.part).toBe(3);
  });

  it('shows a page outside the plan before the last stage', () => {
    const lamps = { parts: ['Fog lamps', 'Drill'], present: 0, marks: [mark(0, 'fog')] };
    const { horizon, here } = joined(standing(0), 'PLACE', lamps);
    expect(horizon.parts).toEqual(['Take in', 'Wall', 'Fog lamps', 'Drill', 'Hand over']);
    expect(horizon.marks.map((one) => [one.findingId, one.part])).toEqual([
      ['tried', 0],
      ['stale', 1],
      ['record', 4],
      ['fog', 2],
    ]);
    expect([...here]).toEqual([2, 3]);
    expect(joined(standing(2), 'PLACE').horizon.parts).toEqual([
      'Take in',
      'Wall',
      'Place',
      'Hand over',
    ]);
    expect(joined(standing(2), 'PLACE').horizon.present).toBe(3);
  });

  it('parts nothing where the page has no parts of its own', () => {
    const { horizon, here } = joined(standing(0), 'WALL');
    expect(horizon).toEqual(standing(0).horizon);
    expect([...here]).toEqual([1]);
  });
});
