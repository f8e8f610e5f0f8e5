import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import {
  api,
  type JobPage,
  type LampAtWall,
  type PairAtWall,
  type ReadingEdit,
  type WallSheet,
} from '../api/client';
import {
  answering,
  accepted,
  finding,
  JOB,
  length,
  openPage,
  sentence,
  taken,
  partly,
  takesEverything,
  press,
} from '../test/testing';
import { outbox } from '../kept/outbox';
import { WallPage } from './WallPage';
import { wallWords } from '../words/page/wall';
import { appWords } from '../words/page/app';
import { keptWords } from '../words/page/kept';

type Strip = PairAtWall['marks'][number];

const SOURCE = { mark: 'COMMON_PRACTICE', words: 'common practice', reference: '' } as const;

const percent = (value: number) => ({
  value,
  quantity: 'PERCENT' as const,
  metric: `${value} %`,
  imperial: `${value} %`,
});

/** A lamp 660 mm high, its mark 50 mm below the line. */
function lamp(side: LampAtWall['side'], more: Partial<LampAtWall> = {}): LampAtWall {
  return {
    side,
    turnedSinceRead: false,
    findingIds: [],
    screws: [],
    place: {
      along: length(5000),
      asideLeft: length(side === 'LEFT' ? 600 : -600),
      aheadLeft: length(side === 'LEFT' ? 600 : -600),
      centre: length(660),
      line: length(660),
      lineUncertainty: length(1),
      working: [],
    },
    aim: {
      belowLine: length(50),
      mark: length(610),
      percent: percent(-1),
      tolerance: length(5),
      source: SOURCE,
      working: [
        { label: 'drop', formula: 'd × p', filled: sentence('5000 × 0.01'), result: length(50) },
      ],
    },
    ...more,
  };
}

const cutoff = (belowMm: number): Partial<LampAtWall> => ({
  reading: {
    belowLine: length(belowMm),
    height: length(660 - belowMm),
    percent: percent(-belowMm / 50),
    angle: percent(0),
    uncertainty: percent(0.05),
    reachSource: SOURCE,
    reachWorking: [],
  },
});

function pair(kind: PairAtWall['kind'], more: Partial<PairAtWall> = {}): PairAtWall {
  return {
    kind,
    school: 'EQUAL_DROP',
    schoolTitle: 'Equal drop',
    left: lamp('LEFT'),
    right: lamp('RIGHT'),
    marks: [],
    ...more,
  };
}

function page(sheet: Partial<WallSheet> = {}, more: Partial<JobPage> = {}): JobPage {
  return partly<JobPage>({
    job: JOB,
    vehicle: { id: 'v', name: 'Quenby Loft', nickname: 'library van 3', dipped: 'UN_DIPPED' },
    adjusters: [
      { id: 's', side: 'LEFT', lamp: 'DIPPED', axis: 'VERTICAL', place: 'behind', drive: 'hex' },
    ],
    newerRules: [],
    readings: [],
    bayReadings: [],
    stance: { unchanged: true, findings: [] },
    sheet: {
      cautions: [],
      findings: [],
      floor: { profiles: [] },
      horizon: { parts: ['Wall'], present: 0, marks: [] },
      next: {
        action: 'DONE',
        verdict: 'WITHIN',
        lamp: 'DIPPED',
        headline: sentence('Both lamps are right'),
        detail: sentence(''),
      },
      pairs: [pair('DIPPED')],
      steps: [],
      worst: 'WITHIN',
      ...sheet,
    },
    ...more,
  });
}

const next = (action: WallSheet['next']['action'], more: Partial<WallSheet['next']> = {}) => ({
  next: {
    action,
    verdict: 'NOT_KNOWN' as const,
    lamp: 'DIPPED' as const,
    headline: sentence('Next'),
    detail: sentence(''),
    ...more,
  },
});

let kept: { id: string; edit: ReadingEdit }[];
let judged: { kind: string; side?: string; value: number }[];

beforeEach(() => {
  vi.restoreAllMocks();
  localStorage.setItem('mellow.acting', 'Runa');
  kept = [];
  judged = [];
  vi.spyOn(api, 'GET').mockReturnValue(new Promise(() => undefined) as never);
  answering('POST', (_path: string, { body }: { body: { readings: typeof judged } }) => {
    judged.push(...body.readings.slice(-1));
    return Promise.resolve(accepted(page().sheet));
  });
  refuse(0);
});

/** Readings are kept, but for the first so many. */
function refuse(times: number) {
  answering(
    'PUT',
    (_path: string, asked: { params: { path: { id: string } }; body: ReadingEdit }) => {
      kept.push({ id: asked.params.path.id, edit: asked.body });
      return kept.length <= times
        ? Promise.reject(new TypeError('failed'))
        : Promise.resolve(accepted(page()));
    },
  );
}

function open(content: JobPage) {
  const elsewhere = ['/', '/bays', '/bays/:id', '/jobs/:id/stand-back'];
  return openPage('/jobs/:id', '/jobs/j', <WallPage />, { 'job/j': content }, elsewhere);
}

const handle = (side: string) => screen.getByRole('slider', { name: new RegExp(`the ${side}`) });

describe('the next thing to do at the wall', () => {
  it.each([
    ['MEASURE_DISTANCE', 'Measure the distance', /^Distance from the left lamp/],
    ['MEASURE_CENTRE', 'Measure the lamp', /^Height of the left lamp centre/],
    ['MEASURE_EDGE', 'Measure the lens edge', /^Lower lens edge of the left lamp/],
  ] as const)('%s opens where it is typed', async (action, words, label) => {
    open(page(next(action, { side: 'LEFT' })));
    await press(words);
    expect(screen.getByRole('textbox', { name: label })).toBeTruthy();
  });

  it('reads the lamp that is next, also a fog lamp of the other side', async () => {
    open(
      page({
        ...next('READ_CUTOFF', { side: 'RIGHT', lamp: 'FRONT_FOG' }),
        pairs: [pair('DIPPED'), pair('FRONT_FOG')],
      }),
    );
    await press(wallWords.readTheCutoff());
    expect(
      await screen.findByRole('dialog', {
        name: wallWords.lampTheOtherOneCovered({ lamp: 'Right fog lamp' }),
      }),
    ).toBeTruthy();
    expect(
      screen.getByRole('button', { name: wallWords.anAdjusterWasTurnedBefore() }),
    ).toBeTruthy();
  });

  it('asks for the turn where a screw was turned', async () => {
    open(page(next('TURN_AND_READ', { side: 'LEFT' })));
    await press(appWords.turnedReadAgain());
    expect(await screen.findByLabelText(wallWords.turned())).toBeTruthy();
    expect(screen.getByText('behind, hex')).toBeTruthy();
  });

  it.each([
    [undefined, '/bays'],
    [{ id: 'hall', name: 'Hall' }, '/bays/hall'],
  ])('reads the floor in the bay where it stands: %o', async (bay, path) => {
    const router = open(page(next('MEASURE_FLOOR'), { bay: bay as JobPage['bay'] }));
    await press(wallWords.readTheFloor());
    expect(router.state.location.pathname).toBe(path);
  });

  it('ends with the findings, and each with its working', async () => {
    open(
      page({ findings: [finding('aim.limits@lamp:DIPPED:LEFT', 'OUT', 'Left lamp {0} too high')] }),
    );
    expect(screen.getByRole('button', { name: '1 finding' })).toBeTruthy();
    await press(wallWords.seeTheFindings());
    const all = await screen.findByRole('dialog', { name: /findings/i });
    expect(within(all).getByText(/Left lamp/)).toBeTruthy();
  });
});

describe('the cutoff on the drawing', () => {
  it('is judged at each place that it passes, and kept by Enter', async () => {
    open(page({ pairs: [pair('DIPPED', { left: lamp('LEFT', cutoff(50)) })] }));
    handle('left').focus();
    await userEvent.keyboard('{ArrowDown}');
    await userEvent.keyboard('{Shift>}{ArrowDown}{/Shift}');
    expect(
      await screen.findByRole('button', { name: wallWords.saveBelowMm({ belowMm: '61 mm' }) }),
    ).toBeTruthy();
    expect(judged.map((one) => [one.kind, one.side, one.value])).toEqual([
      ['CUTOFF_BELOW', 'LEFT', 51],
      ['CUTOFF_BELOW', 'LEFT', 61],
    ]);
    handle('left').focus();
    await userEvent.keyboard('{Enter}');
    await waitFor(() => expect(screen.queryByRole('button', { name: /^Save/ })).toBeNull());
    expect(kept.map((one) => one.edit)).toEqual([
      expect.objectContaining({ kind: 'CUTOFF_BELOW', side: 'LEFT', typed: '61', units: 'METRIC' }),
    ]);
  });

  it('moves by sixteenths where one measures in inches', async () => {
    const content = page({ pairs: [pair('DIPPED', { right: lamp('RIGHT', cutoff(50.8)) })] });
    open({ ...content, job: { ...content.job, units: 'IMPERIAL' } });
    handle('right').focus();
    await userEvent.keyboard('{ArrowUp}');
    await press(wallWords.saveBelowMm({ belowMm: '1 15/16 in' }));
    await waitFor(() => expect(kept).toHaveLength(1));
    expect(kept[0]?.edit).toMatchObject({ typed: '1 15/16', units: 'IMPERIAL', side: 'RIGHT' });
  });

  it('is dropped by Escape, and nothing is kept', async () => {
    open(page({ pairs: [pair('DIPPED', { left: lamp('LEFT', cutoff(50)) })] }));
    handle('left').focus();
    await userEvent.keyboard('{ArrowUp}{Escape}');
    expect(screen.queryByRole('button', { name: /^Save/ })).toBeNull();
    expect(kept).toEqual([]);
  });

  it('waits on the tape when the line is cut, and goes out once under the same id', async () => {
    refuse(1);
    open(page({ pairs: [pair('DIPPED', { left: lamp('LEFT', cutoff(50)) })] }));
    handle('left').focus();
    await userEvent.keyboard('{ArrowDown}');
    await press(wallWords.saveBelowMm({ belowMm: '51 mm' }));
    const tape = screen.getByRole('region', { name: /^Readings/ });
    expect(
      (await within(tape).findByText(keptWords.waitsForTheNetwork())).closest('li')?.textContent,
    ).toContain('left: 51');
    await act(async () => outbox.flush());
    await waitFor(() =>
      expect(within(tape).queryByText(keptWords.waitsForTheNetwork())).toBeNull(),
    );
    expect(new Set(kept.map((one) => one.id)).size).toBe(1);
    expect(kept).toHaveLength(2);
  });

  it('takes the newest reading of the tape back', async () => {
    const puts = takesEverything(() => page());
    const readings = [
      taken('CENTRE', 660, { side: 'LEFT' }),
      taken('CENTRE', 668, { side: 'RIGHT' }),
    ];
    open({ ...page(), readings });
    await userEvent.click(screen.getByRole('button', { name: /^Undo/ }));
    await waitFor(() =>
      expect(puts[0]).toMatchObject({
        path: '/api/jobs/{jobId}/undone/{id}',
        body: { strikes: readings[1]?.id },
      }),
    );
  });

  it('says what it was where a screw was turned since', () => {
    open(
      page({
        pairs: [
          pair('DIPPED', {
            left: lamp('LEFT', { ...cutoff(-12), turnedSinceRead: true }),
            right: lamp('RIGHT'),
          }),
        ],
      }),
    );
    expect(handle('left').getAttribute('aria-valuetext')).toContain('was 12 mm above');
    expect(handle('left').getAttribute('aria-valuetext')).toContain('not known');
    expect(handle('right').getAttribute('aria-valuetext')).toBe(appWords.notReadAlone());
  });
});

describe('what is measured on the drawing', () => {
  it('strikes through what was read before of the same lamp and side', async () => {
    const fog = taken('CENTRE', 401, { side: 'LEFT', lamp: 'FRONT_FOG' });
    const before = taken('CENTRE', 655, { side: 'LEFT' });
    open(page({}, { readings: [before, fog, taken('CENTRE', 654, { side: 'RIGHT' })] }));
    await press(wallWords.heightOfTheNameLampCentre({ name: 'left', value: ': 655 mm' }));
    await userEvent.type(screen.getByRole('textbox', { name: /left lamp centre/ }), '66 cm{Enter}');
    await waitFor(() => expect(kept).toHaveLength(1));
    expect(kept[0]?.edit).toMatchObject({
      kind: 'CENTRE',
      lamp: 'DIPPED',
      side: 'LEFT',
      typed: '66 cm',
      strikes: before.id,
    });
  });

  it('corrects what still waits where the same is typed twice without a network', async () => {
    refuse(99);
    const before = taken('CENTRE', 655, { side: 'LEFT' });
    open(page({}, { readings: [taken('CENTRE', 654, { side: 'RIGHT' }), before] }));
    for (const typed of ['66 cm', '67 cm']) {
      await press(wallWords.heightOfTheNameLampCentre({ name: 'left', value: ': 655 mm' }));
      const field = screen.getByRole('textbox', { name: /left lamp centre/ });
      await userEvent.type(field, `${typed}{Enter}`);
      await screen.findByText(new RegExp(typed));
    }
    const [first, second] = outbox.all();
    expect(first?.body).toMatchObject({ typed: '66 cm', strikes: before.id });
    expect(second?.body).toMatchObject({ typed: '67 cm', strikes: first?.id });
    // what waits strikes it already: the next one is offered
    expect(screen.getByRole('button', { name: /^Undo/ }).getAttribute('aria-label')).toContain(
      'right 654',
    );
  });

  it('shows the fog lamps on their own, and reads them by their keys', async () => {
    const fog = pair('FRONT_FOG', { schoolTitle: 'By the rule', left: lamp('LEFT', cutoff(22)) });
    open(page({ pairs: [pair('DIPPED'), fog] }));
    await press(appWords.fogLampsTitle());
    expect(screen.getByRole('button', { name: /^By the rule/ })).toBeTruthy();
    expect(handle('left').getAttribute('aria-valuetext')).toContain(
      wallWords.shownBelow({ shown: 'read', value: '22 mm' }),
    );
    await userEvent.keyboard('r');
    expect(await screen.findByRole('dialog', { name: /^Right fog lamp/ })).toBeTruthy();
  });
});

describe('the order of work at the wall', () => {
  const step = (task: WallSheet['steps'][number]['task'], subject: string) => ({
    task,
    subject,
    title: subject,
    detail: sentence(''),
    state: 'LATER' as const,
  });

  it.each([
    ['READ', 'lamp:DIPPED:LEFT', /^Left lamp/],
    ['READ', 'lamp:FRONT_FOG:RIGHT', /^Right fog lamp/],
    ['TAPE', 'lamp:DIPPED', 'Tape the wall'],
  ] as const)('%s of %s opens its dialog', async (task, subject, name) => {
    open(page({ steps: [step(task, subject)], pairs: [pair('DIPPED'), pair('FRONT_FOG')] }));
    await press(new RegExp(subject));
    expect(await screen.findByRole('dialog', { name })).toBeTruthy();
  });

  it('asks for the bay where the floor is to be read and none is chosen', async () => {
    open(page({ steps: [step('FLOOR', 'bay')] }));
    await press(/bay/);
    expect(await screen.findByRole('dialog', { name: 'Quenby Loft' })).toBeTruthy();
  });
});

describe('the marks to tape', () => {
  const strip = (role: Strip['role'], leftMm: number, more: Partial<Strip> = {}) => ({
    role,
    left: length(leftMm),
    ...more,
  });

  async function tape(more: Partial<JobPage> = {}) {
    open(
      page(
        {
          pairs: [
            pair('DIPPED', {
              marks: [
                strip('AIM', -590, { side: 'RIGHT', height: length(604) }),
                strip('LAMP_LINE', 0, { height: length(660) }),
                strip('CENTRE_LINE', 0),
                strip('STRAIGHT_AHEAD', 600, { side: 'LEFT' }),
              ],
            }),
          ],
        },
        more,
      ),
    );
    await userEvent.keyboard('m');
    return screen.findByRole('dialog', { name: wallWords.tapeTheWall() });
  }

  it('come in the order in which people tape, each from the centre line', async () => {
    const dialog = await tape();
    const words = dialog.textContent;
    const at = [
      'Vehicle’s centre lineon the centre lineupright',
      'Straight ahead, left600 mm to the leftupright',
      'Lamp-height lineon the centre line660 mm',
      'Aim, right590 mm to the right604 mm',
    ].map((one) => words.indexOf(one));
    expect(at.every((one) => one >= 0)).toBe(true);
    expect(at).toEqual(at.toSorted((a, b) => a - b));
    await userEvent.click(within(dialog).getByRole('button', { name: '604 mm' }));
    expect(await screen.findByText(wallWords.whereTheNameMarkGoes({ name: 'right' }))).toBeTruthy();
  });

  it('take the axes as taped only where the line was transferred', async () => {
    const dialog = await tape();
    expect(within(dialog).queryByText(wallWords.axisTapedSide({ side: 'left' }))).toBeNull();
  });

  it('keep what was taped and what the old lamps showed', async () => {
    const dialog = await tape({ job: { ...JOB, markOrigin: 'TRANSFERRED' } });
    expect(within(dialog).getByText(/transferred: taped at the axes/)).toBeTruthy();
    for (const [name, typed] of [
      ['Axis taped, left, not read', '661'],
      ['Below before, right, not read', '-4'],
    ] as const) {
      fireEvent.click(within(dialog).getByRole('button', { name }));
      await userEvent.type(within(dialog).getByRole('textbox', { name }), `${typed}{Enter}`);
    }
    await waitFor(() => expect(kept).toHaveLength(2));
    expect(kept.map(({ edit }) => [edit.kind, edit.side, edit.typed])).toEqual([
      ['AXIS_MARK', 'LEFT', '661'],
      ['BEFORE_BELOW', 'RIGHT', '-4'],
    ]);
  });
});
