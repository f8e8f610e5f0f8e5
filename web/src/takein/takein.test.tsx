import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { api, type Figure, type TakeInEdit, type TakeInPage as Page } from '../api/client';
import {
  answering,
  accepted,
  finding,
  JOB,
  openPage,
  outdated,
  partly,
  type Partly,
  press,
} from '../test/testing';
import { TakeInPage } from './TakeInPage';
import { appWords } from '../words/page/app';
import { takeinWords } from '../words/page/takein';

const NOTHING: TakeInEdit = {
  customer: '',
  kinds: [],
  wants: '',
  access: 'LAMPS_ONLY',
  secondSet: false,
  headlampsLoosened: false,
  changes: [],
  changesNote: '',
  checks: [],
};

type Step = Page['plan']['stages'][number]['steps'][number];

const minutes = (text: string): Figure => ({
  value: 20,
  quantity: 'MINUTES',
  metric: text,
  imperial: text,
});

const step = (id: string, words: string, more: Partly<Step> = {}) => ({
  id,
  words,
  gate: false,
  atHand: [],
  ...more,
});

const PLAN = partly<Page['plan']>({
  leftOut: [{ stage: 'PLACE', words: 'Place', reason: 'the covers have the holes' }],
  stages: [
    {
      stage: 'APART',
      words: 'Apart',
      canBeLeftOut: true,
      waitsFor: ['Parts: fog lamp, right, goes back'],
      steps: [
        step('apart.front', 'Fasteners out', { atHand: ['T25', 'clip tool'] }),
        step('apart.gate', 'The hole', { gate: true }),
      ],
    },
    {
      stage: 'WALL',
      words: 'Wall',
      waitsFor: [],
      steps: [step('wall.read', 'Read')],
      expected: {
        minutes: minutes('20 min'),
        source: { mark: 'LOCAL', words: 'own earlier jobs', reference: '3 jobs' },
      },
    },
  ],
  knownMinutes: minutes('20 min'),
  stagesWithoutMinutes: 1,
  atHand: ['T25', 'clip tool'],
  cautions: [],
  offered: ['DRL'],
});

const page = (takeIn: Partial<TakeInEdit> = {}, more = {}): Page =>
  partly<Page>({
    job: JOB,
    vehicle: { id: 'v', version: 1, name: 'Sollen Wick', nickname: 'ferry hatch', modelYear: 2014 },
    version: 4,
    takeIn: { ...NOTHING, ...takeIn },
    changedBy: 'Runa',
    plan: PLAN,
    findings: [finding('take-in.untried', 'NOT_KNOWN', '8 functions are not tried yet')],
    doneBefore: [],
    foundVersion: 0,
    found: { notes: [], minutes: {}, partsCost: '', lookBack: '' },
    foundBy: '',
    ...more,
  });

let kept: { version: number; takeIn: TakeInEdit }[];
let answer: (body: { version: number; takeIn: TakeInEdit }) => unknown;

beforeEach(() => {
  vi.restoreAllMocks();
  localStorage.setItem('mellow.acting', 'Runa');
  kept = [];
  answer = ({ version, takeIn }) => accepted(page(takeIn, { version: version + 1 }));
  vi.spyOn(api, 'GET').mockReturnValue(new Promise(() => undefined) as never);
  answering('PUT', (_path: string, { body }: { body: { version: number; takeIn: TakeInEdit } }) => {
    kept.push(body);
    return Promise.resolve(answer(body));
  });
});

function open(content: Page) {
  openPage('/jobs/:id/take-in', '/jobs/j/take-in', <TakeInPage />, { 'take-in/j': content });
}

const cell = (name: string) => screen.getByRole('button', { name });

describe('taking a vehicle in', () => {
  it('keeps each press on the version before it', async () => {
    open(page());
    await press(appWords.fogLamps());
    await waitFor(() => expect(kept).toHaveLength(1));
    await press(takeinWords.bumperOff());
    await waitFor(() => expect(kept).toHaveLength(2));
    expect(kept.map((one) => one.version)).toEqual([4, 5]);
    expect(kept[1]?.takeIn).toMatchObject({ kinds: ['FOG'], access: 'BUMPER_OFF' });
  });

  it('turns a lamp from not tried through its states', async () => {
    open(page());
    await userEvent.click(cell('low beam, left: not tried'));
    await userEvent.click(await screen.findByRole('button', { name: 'low beam, left: works' }));
    await screen.findByRole('button', { name: 'low beam, left: dead' });
    await waitFor(() =>
      expect(kept.at(-1)?.takeIn.checks).toEqual([
        expect.objectContaining({ function: 'DIPPED', side: 'LEFT', state: 'DEAD' }),
      ]),
    );
  });

  it('marks what every vehicle has as working, and leaves what was found', async () => {
    open(page({ checks: [{ function: 'MAIN', side: 'RIGHT', state: 'WEAK', tries: 0 }] }));
    await press(takeinWords.allStandardLightsWork());
    await waitFor(() => expect(kept).toHaveLength(1));
    const states = kept[0]?.takeIn.checks.map((one) => `${one.function} ${one.side} ${one.state}`);
    expect(states).toHaveLength(8);
    expect(states).toContain('MAIN RIGHT WEAK');
    expect(states).toContain('TURN LEFT WORKS');
  });

  it('shows what somebody else kept meanwhile beside what is here', async () => {
    answer = () => outdated(page({ kinds: ['DRL'] }, { version: 9 }));
    open(page());
    await press(appWords.fogLamps());
    expect(await screen.findByText(/Ilse/)).toBeTruthy();
    expect(
      screen.getByRole('button', { name: appWords.fogLamps() }).getAttribute('aria-pressed'),
    ).toBe('true');
  });

  it('asks about a change only once there is one', async () => {
    open(page());
    expect(screen.queryByLabelText(takeinWords.whatWasChanged())).toBeNull();
    await press(takeinWords.tyres());
    await userEvent.type(
      await screen.findByLabelText(takeinWords.whatWasChanged()),
      'larger by two sizes',
    );
    await userEvent.tab();
    await waitFor(() =>
      expect(kept.at(-1)?.takeIn).toMatchObject({
        changes: ['TYRES'],
        changesNote: 'larger by two sizes',
      }),
    );
  });

  it('shows the plan with what it waits for, and a stage’s steps', async () => {
    open(page());
    const plan = screen.getByRole('list', { name: takeinWords.plan() });
    expect(
      within(plan).getByText(appWords.waits({ value: 'Parts: fog lamp, right, goes back' })),
    ).toBeTruthy();
    expect(within(plan).getByText('20 min')).toBeTruthy();
    expect(
      screen.getByText(
        takeinWords.stagesWithoutMinutesNotTimedYetInOwn({
          stagesWithoutMinutes: '20 min known; 1 stage',
        }),
      ),
    ).toBeTruthy();
    expect(
      screen.getByText(takeinWords.openAnyway({ kinds: 'daytime running lamps' })),
    ).toBeTruthy();
    await userEvent.click(within(plan).getByRole('button', { name: /^Apart/ }));
    const steps = await screen.findByRole('dialog', { name: appWords.apart() });
    expect(within(steps).getByText(/Can’t be undone/)).toBeTruthy();
    expect(
      within(steps).getByText(takeinWords.atHandLength({ length: 'T25, clip tool' })),
    ).toBeTruthy();
    expect(
      within(steps)
        .getByRole('link', { name: takeinWords.goToWords({ words: 'Apart' }) })
        .getAttribute('href'),
    ).toBe('/jobs/j/apart');
  });

  it('leaves a stage out with a reason, and takes one in again', async () => {
    open(page({ leftOut: [{ stage: 'PLACE', reason: 'the covers have the holes' }] }));
    const plan = screen.getByRole('list', { name: takeinWords.plan() });
    await userEvent.click(within(plan).getByRole('button', { name: /^Apart/ }));
    const apart = await screen.findByRole('dialog', { name: appWords.apart() });
    const leave = within(apart).getByRole('button', { name: appWords.leaveItOut() });
    await userEvent.click(leave);
    expect(within(apart).getByText(/Enter why it is left out/)).toBeTruthy();
    expect(kept).toEqual([]);
    await userEvent.type(
      within(apart).getByLabelText(takeinWords.whyThisStageIsLeftOut()),
      'open already, elsewhere',
    );
    await userEvent.click(leave);
    await waitFor(() => expect(kept.at(-1)?.takeIn.leftOut).toHaveLength(2));
    expect(kept.at(-1)?.takeIn.leftOut).toContainEqual({
      stage: 'APART',
      reason: 'open already, elsewhere',
    });
    await press(takeinWords.takeInAgainWords({ words: 'Place' }));
    await waitFor(() =>
      expect(kept.at(-1)?.takeIn.leftOut?.map((one) => one.stage)).toEqual(['APART']),
    );
  });

  it('lists what to have at hand, and what earlier jobs found', async () => {
    open(
      page(
        {},
        {
          doneBefore: [
            {
              jobId: 'e',
              work: 'projector lamp swap',
              vehicle: 'Marten’s hatch',
              nickname: '',
              kinds: ['SWAP'],
              touchedAt: '2026-11-20T10:00:00Z',
              why: ['the same model'],
              found: {
                notes: [{ about: 'HIDDEN_BOLT', words: 'behind the washer neck' }],
                minutes: { APART: 30, WALL: 50 },
                estimateMinutes: 60,
                partsCost: '',
                lookBack: '',
              },
            },
          ],
        },
      ),
    );
    const before = screen.getByRole('region', { name: takeinWords.doneBefore() });
    expect(within(before).getByText('Marten’s hatch, Nov 2026; the same model')).toBeTruthy();
    expect(within(before).getByText(/behind the washer neck/)).toBeTruthy();
    expect(
      within(before).getByText(
        takeinWords.tookMinutesMin({ minutes: 80 }) +
          takeinWords.toldEstimateMinutesMin({ estimateMinutes: 60 }),
      ),
    ).toBeTruthy();
    await press(takeinWords.atHandLength({ length: '2 things' }));
    const list = await screen.findByRole('dialog', { name: takeinWords.atHand() });
    expect(within(list).getByText('clip tool')).toBeTruthy();
  });
});
