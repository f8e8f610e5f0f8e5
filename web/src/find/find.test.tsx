import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { type FindPage as Page, type Hunt, type HuntCheck, type ShownEdit } from '../api/client';
import {
  accepted,
  answering,
  JOB,
  leaveDialog,
  openPage,
  partly,
  press,
  takesEverything,
} from '../test/testing';
import { findWords } from '../words/page/find';
import { meterWords } from '../words/page/meter';
import { term } from '../words/terms';
import { FindPage } from './FindPage';
import { FindStandBack } from './FindStandBack';

const LOOK: HuntCheck = {
  check: { kind: 'LAMP', state: 'LOW', lamp: 'left low beam', value: 0 },
  words: 'Low beam: look at left low beam',
  minutes: 0.4,
  splits: [9, 4],
  unit: '',
  opens: [],
};

const VOLTS: HuntCheck = {
  check: { kind: 'VOLTS', state: 'LOW', from: 'left low beam +', to: 'ground', value: 0 },
  words: 'Low beam: voltage from left low beam + to the battery’s negative',
  minutes: 26.4,
  splits: [5, 4, 1],
  unit: 'V',
  opens: ['LAMPS'],
};

const HUNT = partly<Hunt>({
  sheet: {
    plan: { id: 'factory-low-switched-plus', title: 'Low beam, switched plus' },
    questions: [],
    findings: [],
    parts: [
      {
        id: 'left ground',
        name: 'left ground',
        values: { from: 'left bolt', to: 'body' },
        changes: [
          {
            name: 'at',
            asks: 'Sits',
            value: 'LEFT_GROUND',
            options: [
              { value: 'LEFT_GROUND', says: 'left ground bolt' },
              { value: 'BODY_BOLT', says: 'ground bolt at the battery' },
            ],
          },
        ],
      },
    ],
    points: { ground: 'ground', 'left low beam +': 'left low beam +' },
    drawing: { width: 200, height: 200, symbols: [], paths: [], links: [] },
  },
  standing: 'SEARCHING',
  states: [{ state: 'LOW', words: 'low beam', controls: {} }],
  lamps: [
    { id: 'left low beam', words: 'left low beam' },
    { id: 'right low beam', words: 'right low beam' },
  ],
  parts: [
    { id: 'left low beam', words: 'left low beam' },
    { id: 'left ground', words: 'left ground' },
  ],
  layout: {
    places: [{ site: 'LEFT_GROUND', words: 'left ground bolt', parts: ['left ground'] }],
    runs: [],
    pins: [],
  },
  heat: { 'left ground': 0.6 },
  next: { check: LOOK, why: 'SPLITS', expected: [] },
  others: [VOLTS],
  candidates: [
    {
      parts: ['left ground'],
      words: 'Left ground: ground off',
      shares: [0.1, 0.6],
      explains: ['one'],
      leavesOpen: [],
    },
  ],
  lines: [
    {
      id: 'one',
      at: '2026-11-24T15:10:00Z',
      by: 'Runa',
      words: 'fog fuse: sound',
      counts: true,
      before: false,
      unexplained: false,
    },
  ],
});

function page(hunt: Hunt | undefined = HUNT, find: Partial<Page['find']> = {}) {
  return partly<Page>({
    job: JOB,
    vehicle: { name: 'Quenby Lantern', nickname: 'bus', driverSide: 'LEFT' },
    version: 1,
    find: { complaint: '', touched: [], open: [], tools: [], twoPeople: true, ...find },
    changedBy: 'Runa',
    circuits: [
      {
        id: 'factory-low-switched-plus',
        version: 1,
        title: 'Low beam, switched plus',
        does: 'A fuse.',
      },
    ],
    hasFeed: false,
    live: true,
    before: { sorts: [{ words: 'ground', count: 3 }], alike: [] },
    reaches: [{ reach: 'LAMPS', words: 'behind the lamps', minutes: 25 }],
    tools: [{ tool: 'METER', words: 'meter' }],
    cautions: [],
    hunt,
  });
}

let puts: ReturnType<typeof takesEverything>;

/** What was checked and saved, one moment after another. */
const written = () =>
  puts.flatMap((put) => (put.body.check ? [(put.body.check as { shown: ShownEdit[] }).shown] : []));

/** What the search stands on, as it was saved last. */
const saved = () => puts.map((put) => put.body.find as Page['find'] | undefined).findLast(Boolean);

function open(answer: Page, view = <FindPage />) {
  answering('GET', (path: string) =>
    path.endsWith('/find')
      ? Promise.resolve(accepted(answer))
      : path === '/api/meter/simulated'
        ? Promise.resolve(accepted({ address: '127.0.0.1:40123' }))
        : path === '/api/meter'
          ? Promise.resolve(accepted({ identity: 'a meter', value: 12.43, unit: 'V' }))
          : new Promise(() => undefined),
  );
  answering('POST', (path: string) =>
    Promise.resolve(accepted(path.endsWith('/simulated') ? [{ ...LOOK.check, value: 3 }] : {})),
  );
  openPage('/jobs/:id/find', `/jobs/${JOB.id}/find`, view, {
    [`find/${JOB.id}`]: answer,
  });
}

describe('the search for a fault', () => {
  beforeEach(() => {
    vi.restoreAllMocks();
    localStorage.setItem('mellow.acting', 'Runa');
    puts = takesEverything(() => page());
  });

  it('keeps an answer with what other lamps did at the same moment', async () => {
    open(page());
    const next = await screen.findByRole('region', { name: findWords.nextCheck() });
    expect(next.textContent).toContain(findWords.whySplits({ count: 13, groups: '9 · 4' }));
    const beside = within(next).getByRole('group', {
      name: findWords.atTheSameMoment({ lamp: 'right low beam' }),
    });
    await userEvent.click(within(beside).getByRole('button', { name: term('Look', 'LIT') }));
    const answers = within(next).getByRole('group', { name: LOOK.words });
    await userEvent.click(within(answers).getByRole('button', { name: term('Look', 'OUT') }));
    await waitFor(() =>
      expect(written()[0]).toEqual([
        { ...LOOK.check, value: 0 },
        { kind: 'LAMP', state: 'LOW', lamp: 'right low beam', value: 2 },
      ]),
    );
  });

  it('takes a figure as the meter shows it, and says so where it is none', async () => {
    open(page({ ...HUNT, next: { check: VOLTS, why: 'SPLITS', expected: [] } }));
    const field = await screen.findByLabelText(findWords.theMeterShows({ unit: 'V' }));
    await userEvent.type(field, 'lit');
    await press(findWords.saveReading());
    expect(screen.getByRole('alert').textContent).toBe(findWords.enterWhatTheMeterShows());
    await userEvent.clear(field);
    await userEvent.type(field, '11,9 V');
    await press(findWords.saveReading());
    await waitFor(() => expect(written()[0]?.[0]?.value).toBe(11.9));
  });

  it('follows a meter by its address, and keeps what it shows by a press', async () => {
    open(page({ ...HUNT, next: { check: VOLTS, why: 'SPLITS', expected: [] } }));
    await press(meterWords.readLive());
    expect(await screen.findByText(meterWords.now({ value: '12.43', unit: 'V' }))).toBeTruthy();
    expect(screen.getByLabelText<HTMLInputElement>(meterWords.address()).value).toBe(
      '127.0.0.1:40123',
    );
    expect(written()).toEqual([]);
    await press(meterWords.keep());
    await waitFor(() => expect(written()[0]?.[0]?.value).toBe(12.43));
  });

  it('keeps a live figure by a foot switch', async () => {
    open(page({ ...HUNT, next: { check: VOLTS, why: 'SPLITS', expected: [] } }));
    await press(meterWords.readLive());
    await screen.findByText(meterWords.now({ value: '12.43', unit: 'V' }));
    await userEvent.keyboard('{PageDown}');
    await waitFor(() => expect(written()[0]?.[0]?.value).toBe(12.43));
  });

  it('tells what earlier searches of the shop found', async () => {
    open(page());
    expect(
      await screen.findByText(
        findWords.foundBefore({ sorts: findWords.sortCount({ words: 'ground', count: '3' }) }),
      ),
    ).toBeTruthy();
  });

  it('lets nothing count that led to what was mended, once the search goes on', async () => {
    open(page(HUNT, { ended: { how: 'MENDED', parts: ['left ground'], did: 'cleaned' } }));
    await press(findWords.searchOn());
    await waitFor(() => {
      const find = puts.flatMap((put) => (put.body.find ? [put.body.find as Page['find']] : []));
      expect(find.at(-1)?.ended).toBeUndefined();
      expect(find.at(-1)?.earlier).toEqual([
        { ended: { how: 'MENDED', parts: ['left ground'], did: 'cleaned' }, lines: ['one'] },
      ]);
    });
  });

  it('saves what the simulated vehicle shows only when told to', async () => {
    open(page());
    await press(findWords.askTheSimulatedVehicle());
    expect(
      await screen.findByText(findWords.simulatedShows({ words: term('Look', 'FLICKERS') })),
    ).toBeTruthy();
    expect(written()).toEqual([]);
    await press(findWords.saveWhatItShows());
    await waitFor(() => expect(written()[0]?.[0]?.value).toBe(3));
  });

  it('tells what a suspect explains and what it leaves open', async () => {
    open(page());
    await press(/Left ground/);
    const dialog = await screen.findByRole('dialog', { name: 'Left ground: ground off' });
    expect(dialog.textContent).toContain('fog fuse: sound');
    expect(dialog.textContent).toContain(`${findWords.leavesOpen()}${findWords.nothing()}`);
    await leaveDialog();
  });

  it('takes any other check, with the fields that it needs', async () => {
    open(page());
    await press(new RegExp(findWords.otherCheck()));
    const dialog = await screen.findByRole('dialog', { name: findWords.otherCheck() });
    await userEvent.selectOptions(
      within(dialog).getByLabelText(findWords.whatWasDone()),
      findWords.kindPlug(),
    );
    expect(within(dialog).queryByLabelText(findWords.controlsAt())).toBeNull();
    await userEvent.click(within(dialog).getByRole('button', { name: findWords.enterIt() }));
    await userEvent.click(await within(dialog).findByRole('button', { name: findWords.notHome() }));
    await waitFor(() =>
      expect(written()[0]).toEqual([{ kind: 'PLUG', part: 'left low beam', value: 0 }]),
    );
  });

  it('shows what sits where, and takes it where this vehicle has it', async () => {
    const plan = { id: 'factory-low-switched-plus', version: 1, answers: {}, changes: {} };
    open(page(HUNT, { plan }));
    await press(new RegExp(findWords.onTheVehicle()));
    const vehicle = screen.getByRole('region', { name: findWords.theVehicleItCanBeScrolled() });
    expect(within(vehicle).getByText('left ground bolt')).toBeTruthy();
    await userEvent.click(within(vehicle).getByRole('button', { name: 'left ground' }));
    const dialog = await screen.findByRole('dialog', { name: findWords.otherCheck() });
    await userEvent.selectOptions(
      within(dialog).getByLabelText(findWords.whereItSits()),
      'BODY_BOLT',
    );
    await waitFor(() =>
      expect(saved()?.plan?.changes).toEqual({ 'left ground': { at: 'BODY_BOLT' } }),
    );
  });

  it('ends with what it was and what was done, and goes on again', async () => {
    open(page({ ...HUNT, standing: 'FOUND', next: undefined }));
    await press(findWords.endTheSearch());
    const dialog = await screen.findByRole('dialog', { name: findWords.endTheSearch() });
    await userEvent.type(within(dialog).getByLabelText(findWords.whatWasMended()), 'bolt cleaned');
    await userEvent.click(within(dialog).getByRole('button', { name: findWords.endTheSearch() }));
    await waitFor(() =>
      expect(saved()?.ended).toEqual({
        how: 'MENDED',
        parts: ['left ground'],
        did: 'bolt cleaned',
      }),
    );
  });

  it.each([
    ['on the page', <FindPage key="page" />],
    ['at the vehicle', <FindStandBack key="stand-back" />],
  ])('says %s that no fault shows', async (_, view) => {
    const nothing = { parts: [], words: 'No fault in this circuit now', shares: [0.02, 0.92] };
    open(
      page({
        ...HUNT,
        standing: 'SOUND',
        next: undefined,
        candidates: [{ ...nothing, explains: [], leavesOpen: [] }],
      }),
      view,
    );
    expect(await screen.findByText(findWords.noFaultNow())).toBeTruthy();
    expect(screen.queryByText(findWords.nothingTellsAnyMore())).toBeNull();
  });

  it('asks for a circuit where none is known', async () => {
    open({ ...page(), hunt: undefined });
    expect(await screen.findByText(findWords.chooseACircuitToSearch())).toBeTruthy();
    await userEvent.click(
      screen.getAllByRole('button', { name: new RegExp(findWords.chooseTheCircuit()) })[0] as never,
    );
    await press(/Low beam, switched plus/);
    await waitFor(() => expect(saved()?.plan?.id).toBe('factory-low-switched-plus'));
  });
});
