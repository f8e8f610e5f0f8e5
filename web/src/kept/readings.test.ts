import { describe, expect, it } from 'vitest';
import type { JobPage } from '../api/client';
import { taken, partly } from '../test/testing';
import { lastLiving, reading, wallRequest } from './readings';

describe('readings', () => {
  const readings = [
    taken('CENTRE', 660, { side: 'LEFT', struckBy: 'CENTRE-668' }),
    taken('CENTRE', 668, { side: 'LEFT', strikes: 'CENTRE-660' }),
    taken('CENTRE', 400, { side: 'LEFT', lamp: 'FRONT_FOG' }),
    taken('CENTRE', 671, { side: 'RIGHT' }),
  ];

  it('count by thing, the last that was not struck', () => {
    expect(lastLiving(readings, { kind: 'CENTRE', side: 'LEFT' })?.value.value).toBe(668);
    expect(
      lastLiving(readings, { kind: 'CENTRE', side: 'LEFT', lamp: 'FRONT_FOG' })?.value.value,
    ).toBe(400);
    expect(lastLiving(readings, { kind: 'SPACING' })).toBeUndefined();
  });

  it('are sent with what they correct', () => {
    const wrong = readings[1];
    expect(reading({ kind: 'CENTRE', side: 'LEFT' }, '669', 'METRIC', wrong)).toEqual({
      kind: 'CENTRE',
      lamp: 'DIPPED',
      side: 'LEFT',
      typed: '669',
      units: 'METRIC',
      strikes: 'CENTRE-668',
    });
  });

  it('go into a judgement without the struck ones, the draft last', () => {
    const page = partly<JobPage>({
      job: { ruleSet: 'un-r48' },
      vehicle: { dipped: 'UN_DIPPED' },
      adjusters: [],
      readings,
      bayReadings: [],
    });
    const request = wallRequest(page, { kind: 'CUTOFF_BELOW', side: 'LEFT', value: 55 });
    expect(request.readings.map((one) => one.value)).toEqual([668, 400, 671, 55]);
  });
});
