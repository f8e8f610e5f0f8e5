import { fireEvent, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter, Route, Routes } from 'react-router';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { api, type FeedEdit, type FeedPage as Page, type FeedProposal } from '../api/client';
import { answering, finding, JOB, show, takesEverything, partly } from '../test/testing';
import { FeedPage } from './FeedPage';
import { isFound } from './Proposals';
import { feedWords } from '../words/page/feed';
import { appWords } from '../words/page/app';
import { keptWords } from '../words/page/kept';

const NOTHING: FeedEdit = {
  wishes: [],
  sources: [],
  routes: [],
  hazards: [],
  readings: [],
  battery: [],
  open: [],
  settings: [],
};

const PLAN = partly<FeedProposal['plan']>({
  id: 'fog-own-switch',
  version: 1,
  own: false,
  title: 'Fog lamps with a switch of their own',
  does: 'A switch drives a relay.',
  functions: ['FRONT_FOG'],
  factoryCuts: 1,
  cautions: [],
});

const VEHICLE = { id: 'v', version: 1, name: 'Quenby Lantern', nickname: 'valley bus 7' };

const page = (more: Partial<Page> = {}): Page =>
  partly<Page>({
    job: JOB,
    vehicle: VEHICLE,
    version: 0,
    feed: NOTHING,
    changedBy: '',
    plans: [PLAN],
    states: [
      { state: 'SIDE_FOG', words: 'side lamps, fog' },
      { state: 'MAIN_FOG', words: 'main beam, fog' },
    ],
    functions: ['FRONT_FOG'],
    sources: [],
    routes: [],
    known: [],
    slots: [],
    connected: true,
    batteryElsewhere: [],
    cautions: [],
    ...more,
  });

const PROPOSAL: FeedProposal = {
  plan: PLAN,
  answers: { outOnMain: 'yes' },
  shared: [],
  answered: ['Do they go out on main beam? yes.'],
  misses: [],
  sources: [
    { id: 'side-lamp wire', words: 'side-lamp wire' },
    { id: 'main-beam wire', words: 'main-beam wire' },
  ],
  addedParts: 17,
  out: 0,
  atEdge: 0,
  gravest: [],
};

const WORSE: FeedProposal = {
  ...PROPOSAL,
  plan: { ...PLAN, id: 'aux-pods', title: 'Pods on an auxiliary factory switch' },
  misses: ['side lamps, fog: front fog lamp out, wished lit'],
  sources: [],
};

/** What is posted, answered as given. */
function posts(answer: (path: string) => unknown): Asked[] {
  const asked: Asked[] = [];
  answering('POST', (path: string, one: Asked) => {
    asked.push(one);
    return Promise.resolve({
      data: answer(path),
      response: new Response(null, { status: 200 }),
    });
  });
  return asked;
}

function open(content: Page) {
  show(
    <MemoryRouter initialEntries={['/jobs/j/feed']}>
      <Routes>
        <Route path="/jobs/:id/feed" element={<FeedPage />} />
      </Routes>
    </MemoryRouter>,
    'METRIC',
    { 'feed/j': content },
  );
}

beforeEach(() => {
  vi.restoreAllMocks();
  localStorage.setItem('mellow.acting', 'Runa');
  answering('GET', () => new Promise(() => undefined));
});

describe('from wishes to a plan', () => {
  it('begins with what such work is about, and shows the plans side by side', async () => {
    posts(() => [PROPOSAL, WORSE]);
    open(page());
    expect(screen.getByText(feedWords.noPlanChosenYet())).toBeTruthy();
    expect(screen.getByRole('button', { name: 'side lamps, fog lit' })).toBeTruthy();
    const best = await screen.findByRole('article', { name: PLAN.title });
    expect(within(best).getByText(/Does everything wanted · 17 parts/)).toBeTruthy();
    expect(within(best).getByText(/needs the side-lamp wire, main-beam wire/)).toBeTruthy();
    const worse = screen.getByRole('article', { name: WORSE.plan.title });
    expect(within(worse).getByText(/1 wish not met/)).toBeTruthy();
    expect(within(worse).getByText('side lamps, fog: front fog lamp out, wished lit')).toBeTruthy();
  });

  it('keeps the plan that is taken, with its answers and the wishes', async () => {
    posts(() => [PROPOSAL]);
    const puts = takesEverything(() => page({ version: 1 }));
    open(page());
    await userEvent.click(
      await screen.findByRole('button', { name: `Use this plan: ${PLAN.title}` }),
    );
    expect(puts[0]?.body).toMatchObject({
      version: 0,
      feed: {
        plan: { id: 'fog-own-switch', version: 1, answers: { outOnMain: 'yes' }, changes: {} },
        wishes: expect.arrayContaining([
          { function: 'FRONT_FOG', state: 'SIDE_FOG', level: 'FULL' },
        ]) as unknown,
      },
    });
  });

  it('puts another plan beside the one that is taken, in one circuit', async () => {
    posts((path) => (path.includes('proposals') ? [PROPOSAL, WORSE] : undefined));
    const puts = takesEverything((put) => page({ version: 3, feed: put.body.feed as FeedEdit }));
    const taken = { id: PLAN.id, version: 1, answers: { outOnMain: 'yes' }, changes: {} };
    open(page({ version: 2, feed: { ...NOTHING, plan: taken, wishes: [] } }));
    await userEvent.click(screen.getByRole('button', { name: appWords.fogLamps() }));
    await userEvent.click(
      await screen.findByRole('button', { name: `Add beside: ${WORSE.plan.title}` }),
    );
    expect(puts.at(-1)?.body).toMatchObject({
      feed: {
        plan: {
          ...taken,
          answers: { outOnMain: 'yes', p2_outOnMain: 'yes' },
          beside: [{ tag: 'p2', id: 'aux-pods', version: 1, pair: '' }],
        },
      },
    });
  });

  it('reaches every plan, wished for or not', async () => {
    posts(() => [PROPOSAL]);
    takesEverything((put) => page({ version: 1, feed: put.body.feed as FeedEdit }));
    open(page({ plans: [PLAN, WORSE.plan] }));
    await userEvent.click(await screen.findByRole('button', { name: /1 more plan/ }));
    expect(screen.getByRole('article', { name: WORSE.plan.title })).toBeTruthy();
  });

  it('asks anew when a wish is changed', async () => {
    const asked = posts(() => []);
    takesEverything((put) => page({ version: 1, feed: put.body.feed as FeedEdit }));
    open(page());
    await userEvent.click(screen.getByRole('button', { name: 'main beam, fog either way' }));
    await vi.waitFor(() =>
      expect(asked.at(-1)).toMatchObject({
        body: {
          wishes: expect.arrayContaining([
            { function: 'FRONT_FOG', state: 'MAIN_FOG', level: 'FULL' },
          ]) as unknown,
        },
      }),
    );
  });

  it('lets no plan be taken that still answers the wishes of before', async () => {
    const answers = [Promise.resolve([PROPOSAL]), new Promise(() => undefined)];
    answering('POST', async () => ({
      data: await answers.shift(),
      response: new Response(null, { status: 200 }),
    }));
    takesEverything((put) => page({ version: 1, feed: put.body.feed as FeedEdit }));
    open(page());
    const take = await screen.findByRole<HTMLButtonElement>('button', {
      name: `Use this plan: ${PLAN.title}`,
    });
    expect(take.disabled).toBe(false);
    await userEvent.click(screen.getByRole('button', { name: 'main beam, fog either way' }));
    expect(take.disabled).toBe(true);
  });

  it('tells whether a wire that is needed was found', () => {
    const wire = { answer: 'IS', kinds: ['LAMPS_ON'], words: 'lamps on', wire: {} };
    expect(isFound([wire] as never, 'side-lamp wire')).toBe(true);
    expect(isFound([wire] as never, 'ignition wire')).toBe(false);
    expect(isFound([{ ...wire, answer: 'OPEN' }] as never, 'side-lamp wire')).toBe(false);
  });
});

const SHEET = partly<Page['sheet']>({
  plan: PLAN,
  questions: [],
  states: [
    {
      state: 'LOW_FOG',
      phases: [],
      words: 'low beam, fog',
      controls: { key: 'ENGINE', lights: 'DIPPED', fog: true, turn: 'OFF', auxiliary: false },
    },
  ],
  lamps: [
    { words: 'front fog lamp', function: 'FRONT_FOG', cells: [{ level: 'FULL', agrees: true }] },
  ],
  before: [],
  undo: '',
  findings: [finding('feed.drop@component:left%20fog%20lamp', 'OUT', '{0} lost on the way')],
  fix: { words: '1.5 mm²', answers: { branchSize: '1.5 mm²' }, changes: {} },
  cuts: [],
  bill: [],
  labels: [],
  beside: [],
  order: [],
  parts: [],
  drawing: { width: 100, height: 100, symbols: [], paths: [], links: [] },
});

const taken = page({
  version: 4,
  feed: {
    ...NOTHING,
    plan: { id: 'fog-own-switch', version: 1, answers: { branchSize: '1 mm²' }, changes: {} },
  },
  sheet: SHEET,
});

interface Asked {
  body: { controls: unknown };
}

it('takes a plan out of a circuit again, with all that was answered in it', async () => {
  posts(() => []);
  const puts = takesEverything((put) => page({ version: 5, feed: put.body.feed as FeedEdit }));
  open(
    page({
      version: 4,
      feed: {
        ...NOTHING,
        plan: {
          id: PLAN.id,
          version: 1,
          answers: { fuse: '15', p2_watts: '6' },
          changes: {},
          beside: [{ tag: 'p2', id: 'drl-tap', version: 1, pair: '' }],
        },
      },
      sheet: {
        ...SHEET,
        beside: [
          { tag: 'p2', plan: { ...PLAN, id: 'drl-tap', title: 'One tap' }, pair: '', alike: [] },
        ],
      } as Page['sheet'],
    }),
  );
  expect(screen.getByRole('button', { name: '2 plans, one circuit: what is asked' })).toBeTruthy();
  fireEvent.keyDown(window, { key: '1' });
  await userEvent.click(
    await screen.findByRole('button', { name: feedWords.removeTitle({ title: 'One tap' }) }),
  );
  expect(puts.at(-1)?.body).toMatchObject({
    feed: { plan: { id: PLAN.id, answers: { fuse: '15' }, beside: [] } },
  });
});

describe('a plan that was taken', () => {
  const solved = {
    battery: { metric: '13.94 V' },
    body: { metric: '0.04 V' },
    controls: {},
    nodes: {},
    parts: [],
    findings: [],
  };

  it('is solved with the controls where its lamps are lit, and anew when one is moved', async () => {
    const asked = posts((path) => (path.includes('body-computer') ? { parameters: [] } : solved));
    open(taken);
    const at = () => asked.at(-1)?.body.controls;
    await vi.waitFor(() => expect(at()).toMatchObject({ lights: 'DIPPED', fog: true }));
    const lights = screen.getByRole('group', { name: feedWords.lights() });
    await userEvent.click(within(lights).getByRole('button', { name: feedWords.main() }));
    await vi.waitFor(() => expect(at()).toMatchObject({ lights: 'MAIN', fog: true }));
  });

  it('says why a state of its controls could not be worked out', async () => {
    posts((path) => (path.includes('body-computer') ? { parameters: [] } : solved));
    open(taken);
    const lights = await screen.findByRole('group', { name: feedWords.lights() });
    answering('POST', () =>
      Promise.resolve({
        error: { detail: 'The relay chatters.' },
        response: new Response(null, { status: 422 }),
      }),
    );
    await userEvent.click(within(lights).getByRole('button', { name: feedWords.main() }));
    expect((await screen.findByRole('alert')).textContent).toContain('The relay chatters');
    expect(screen.getByRole('img', { name: /not worked out/ })).toBeTruthy();
  });

  it('takes the change that mends what is worst', async () => {
    posts((path) => (path.includes('body-computer') ? { parameters: [] } : solved));
    const puts = takesEverything(() => taken);
    open(taken);
    await userEvent.click(screen.getByRole('button', { name: 'Use 1.5 mm²' }));
    expect(puts[0]?.body).toMatchObject({
      version: 4,
      feed: { plan: { answers: { branchSize: '1.5 mm²' } } },
    });
  });

  it('shows each of its views by its key', async () => {
    posts((path) => (path.includes('body-computer') ? { parameters: [] } : solved));
    open(taken);
    await userEvent.keyboard('3');
    expect(screen.getByRole('region', { name: feedWords.lists() })).toBeTruthy();
    await userEvent.keyboard('4');
    expect(screen.getByText(feedWords.wiresFoundByProbing())).toBeTruthy();
    await userEvent.keyboard('6');
    expect(screen.getByText(feedWords.wiresAreLive())).toBeTruthy();
    await userEvent.keyboard('2');
    expect(
      screen.getByRole('group', { name: feedWords.theCircuitFromBatteryToGround() }),
    ).toBeTruthy();
    // alone: the states go, the circuit has the room
    expect(screen.getByRole('region', { name: feedWords.statesAndFindings() })).toBeTruthy();
    await userEvent.keyboard('x');
    expect(screen.queryByRole('region', { name: feedWords.statesAndFindings() })).toBeNull();
  });

  it('takes back what the server refused', async () => {
    posts((path) => (path.includes('body-computer') ? { parameters: [] } : solved));
    vi.spyOn(api, 'PUT').mockResolvedValue({
      error: { detail: 'The battery is connected: take the negative terminal off first.' },
      response: new Response(null, { status: 422 }),
    } as never);
    open(taken);
    await userEvent.keyboard('6');
    await userEvent.click(screen.getByRole('button', { name: feedWords.negativeOff() }));
    expect((await screen.findByRole('alert')).textContent).toContain('The battery is connected');
    await userEvent.click(screen.getByRole('button', { name: keptWords.dropIt() }));
    expect(screen.queryByRole('alert')).toBeNull();
    expect(screen.getByText(feedWords.nothingYetItCameConnected())).toBeTruthy();
  });
});
