import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { api, type Figure, type JobPage, type LampAtWall, type PairAtWall } from '../api/client';
import { finding, JOB, length, show, partly } from '../test/testing';
import { wallWords } from '../words/page/wall';
import { RoadDialog } from './RoadDialog';
import { settingOf } from './roadLight';

const figure = (value: number, quantity: Figure['quantity'], text: string): Figure => ({
  value,
  quantity,
  metric: text,
  imperial: text,
});
const percent = (value: number) => figure(value, 'PERCENT', `${value} %`);

const lamp = (side: 'LEFT' | 'RIGHT', more: object = {}) =>
  partly<LampAtWall>({
    side,
    place: {
      centre: length(668),
      aheadLeft: length(side === 'LEFT' ? 655 : -555),
      asideLeft: length(side === 'LEFT' ? 5 : 95),
    },
    aim: { percent: percent(-1.2) },
    turnedSinceRead: false,
    ...more,
  });

const pair = (left: object, right: object) =>
  partly<PairAtWall>({ kind: 'DIPPED', left: lamp('LEFT', left), right: lamp('RIGHT', right) });

const READ = { reading: { percent: percent(-0.3) } };

const lit = (which: string, lux: number, times?: number) => ({
  which,
  isolux: [
    { lux: figure(3, 'ILLUMINANCE', '3 lx'), rings: [[1000, 5000, -1000, 40000, 1000, 5000]] },
  ],
  onFoot: [
    {
      where: 'KERB',
      lux: figure(3, 'ILLUMINANCE', '3 lx'),
      reach: figure(87_000, 'REACH', '87 m'),
      speed: figure(64, 'SPEED', '64 km/h'),
    },
    { where: 'LANE', lux: figure(3, 'ILLUMINANCE', '3 lx') },
  ],
  oncoming: [
    {
      ahead: figure(50_000, 'REACH', '50 m'),
      lux: figure(lux, 'ILLUMINANCE', `${lux} lx`),
      ...(times && { times: figure(times, 'COUNT', String(times)) }),
      veil: figure(0.1, 'NUMBER', '0.1'),
    },
  ],
  insideMirror: figure(0.4, 'ILLUMINANCE', '0.4 lx'),
  outsideMirror: figure(0.4, 'ILLUMINANCE', '0.4 lx'),
});

const page = partly<JobPage>({ job: JOB, vehicle: { dipped: 'UN_DIPPED' } });

beforeEach(() => {
  localStorage.setItem('mellow.acting', 'Runa');
  vi.restoreAllMocks();
});

describe('the road', () => {
  function open(of: PairAtWall) {
    const post = vi.spyOn(api, 'POST').mockResolvedValue({
      data: {
        window: { fromMm: 5000, lengthMm: 135000, widthMm: 30000, laneMm: 3500 },
        settings: [lit('CAME', 0.41, 4.1), lit('ASKED', 0.1, 1)],
      },
      response: new Response(null, { status: 200 }),
    } as never);
    show(<RoadDialog page={page} pair={of} open close={() => undefined} />);
    return post;
  }

  it('says how many times the light as it came was, and what is not known', async () => {
    open(pair({ asItCame: percent(0.4) }, { asItCame: percent(0.2) }));
    const came = await screen.findByRole('region', { name: wallWords.roadAsItCame() });
    expect(await within(came).findByText('0.41 lx')).toBeTruthy();
    expect(came.textContent).toContain(wallWords.timesTheAsked({ times: '4.1' }));
    expect(came.textContent).toContain('87 m');
    expect(came.textContent).toContain(wallWords.roadNowhere());
    const now = screen.getByRole('region', { name: wallWords.roadNow() });
    expect(within(now).getByText(wallWords.roadNotRead())).toBeTruthy();
  });

  it('asks anew for other lamps', async () => {
    const post = open(pair(READ, READ));
    await userEvent.selectOptions(
      await screen.findByLabelText(wallWords.lampsNow()),
      wallWords.beamProjector(),
    );
    expect(post).toHaveBeenLastCalledWith(
      '/api/calc/road',
      expect.objectContaining({
        body: expect.objectContaining({
          settings: [
            expect.objectContaining({ which: 'NOW', beam: 'projector' }),
            expect.objectContaining({ which: 'ASKED', beam: 'projector' }),
          ],
        }) as unknown,
      }),
    );
  });

  it('says which points of its test a lamp misses', async () => {
    vi.spyOn(api, 'GET').mockResolvedValue({
      data: {
        name: 'reflector',
        watts: 55,
        test: {
          title: 'UN R112',
          note: 'Zone I is left out.',
          worst: 'OUT',
          findings: [finding('a', 'WITHIN', 'fine'), finding('b', 'OUT', 'B50L: 441 cd')],
        },
      },
      response: new Response(null, { status: 200 }),
    } as never);
    open(pair(READ, READ));
    expect(await screen.findByText('B50L: 441 cd')).toBeTruthy();
    expect(screen.getByText('Zone I is left out.')).toBeTruthy();
    expect(screen.queryByText('fine')).toBeNull();
    expect(screen.getByText(new RegExp(wallWords.pointsMissed({ count: 1 })))).toBeTruthy();
  });

  it('takes a lamp where it is and as it was read, and nothing for one that was turned since', () => {
    expect(settingOf(pair(READ, READ), 'NOW', 'reflector')?.lamps).toEqual([
      { leftMm: 650, heightMm: 668, percent: -0.3 },
      { leftMm: -650, heightMm: 668, percent: -0.3 },
    ]);
    expect(settingOf(pair(READ, {}), 'NOW', 'reflector')).toBeUndefined();
    expect(
      settingOf(pair(READ, { ...READ, turnedSinceRead: true }), 'NOW', 'reflector'),
    ).toBeUndefined();
  });
});
