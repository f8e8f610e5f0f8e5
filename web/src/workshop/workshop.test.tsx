import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter, Route, Routes } from 'react-router';
import type { ReactElement } from 'react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Problem, type ProofCell, type StageWork, type WorkshopPage } from '../api/client';
import { outbox } from '../kept/outbox';
import { answering, finding, JOB, show, partly, type Partly } from '../test/testing';
import { ApartPage } from './ApartPage';
import { nextPieces } from './QuickEntry';
import { BenchPage } from '../bench/BenchPage';
import { ProofStandBack } from '../prove/ProofStandBack';
import { ProvePage } from '../prove/ProvePage';
import { TogetherPage } from './TogetherPage';
import { frameIn, screenToSpot, spotToScreen } from '../vehicle/vehicleViews';
import { movesOf } from './LineMoves';
import type { StageName } from './useWorkshop';
import { workshopWords } from '../words/page/workshop';
import { appWords } from '../words/page/app';

const stage = (name: StageName, more: Partly<StageWork> = {}): Partly<StageWork> => ({
  stage: name,
  words: name.toLowerCase(),
  planned: true,
  steps: [],
  findings: [],
  cautions: [],
  worked: { value: 0, quantity: 'MINUTES', metric: '0 min', imperial: '0 min' },
  ...more,
});

const STEP: StageWork['steps'][number] = {
  id: 'apart.front',
  words: 'Fasteners out',
  gate: false,
  people: 1,
  state: 'READY',
  waitsFor: [],
  unread: '',
  comesOff: '',
  atHand: ['T25', 'clip tool'],
  by: '',
  reason: '',
};

const GATE: StageWork['steps'][number] = {
  ...STEP,
  id: 'apart.gate',
  words: 'The hole',
  gate: true,
  state: 'WAITS',
  waitsFor: ['the place is proved'],
};

const line = (id: string, more = {}) => ({
  id,
  words: `4 clips ${id}`,
  row: {
    count: 4,
    kind: 'CLIP_PULL',
    name: '',
    size: '',
    thread: '',
    where: '',
    tray: '',
    holds: 'bumper',
    asFound: 'SOUND',
    hidden: false,
    people: 1,
    note: '',
  },
  out: 4,
  byHand: 0,
  awaiting: 0,
  back: 0,
  tight: 0,
  broken: 0,
  replaced: 0,
  stays: 0,
  first: [],
  takeOff: 'Straight out.',
  putBack: 'Until it clicks.',
  done: false,
  by: 'Runa',
  at: '2026-03-02T09:00:00Z',
  ...more,
});

const cell = (
  function_: ProofCell['function'],
  side: 'LEFT' | 'RIGHT',
  words: string,
  expected: ProofCell['expected'],
): Partly<ProofCell> => ({
  function: function_,
  side,
  name: '',
  words: `${side.toLowerCase()} ${words}`,
  functionWords: words,
  expected,
  tries: 0,
  seen: '',
  faults: 0,
  reopened: '',
  tests: [],
});

const both = (function_: ProofCell['function'], words: string, expected: ProofCell['expected']) => [
  cell(function_, 'LEFT', words, expected),
  cell(function_, 'RIGHT', words, expected),
];

const page = (more = {}): WorkshopPage =>
  partly<WorkshopPage>({
    job: JOB,
    vehicle: { id: 'v', version: 1, name: 'Quenby Lantern', nickname: 'valley bus 7' },
    now: '2026-03-02T10:00:00Z',
    stages: (['APART', 'BENCH', 'PROVE', 'TOGETHER'] as const).map((name) => stage(name)),
    entries: [],
    ledger: [],
    reverse: [],
    hidden: [],
    timers: [],
    bench: {
      measures: [],
      choices: {},
      mount: 'GLUED',
      mountWords: 'glued',
      advised: 'GLUED',
      because: 'No boss.',
      rollWay: 'ON_BENCH',
      rollWords: '',
      section: {
        pieces: [
          {
            of: 'BODY',
            vertices: [
              { xMm: 0, yMm: 10 },
              { xMm: 20, yMm: 10 },
              { xMm: 20, yMm: -10 },
            ],
          },
        ],
        spans: [],
      },
      fit: [],
      aim: [],
      oven: [
        {
          side: 'LEFT',
          purpose: 'OPEN',
          school: 'COOL',
          temperature: '220 °F (104 °C)',
          fahrenheit: 220,
          fromMinutes: 5,
          toMinutes: 5,
          because: 'Cool first.',
          times: 0,
        },
      ],
      schools: [],
      lens: [{ grit: 600, words: '600 grit, wet', look: 'dull', done: ['LEFT'] }],
    },
    heat: [],
    proof: {
      items: [
        {
          state: 'SIDE_FOG',
          name: 'side lamps, fog',
          moves: ['side lamps on', 'fog switch on'],
          lamps: [
            ...both('DRL', 'daytime running lamp', 'OUT'),
            ...both('FRONT_FOG', 'front fog lamp', 'FULL'),
          ],
        },
        { name: 'main beam', moves: ['main beam on'], lamps: both('MAIN', 'main beam', 'FULL') },
      ],
      movements: 3,
      proved: false,
      open: 3,
      wired: true,
      live: true,
      flashes: [],
    },
    ...more,
  });

let said: Record<string, unknown>[] = [];
let refusal: string | undefined;

beforeEach(() => {
  vi.restoreAllMocks();
  said = [];
  refusal = undefined;
  localStorage.setItem('mellow.acting', 'Runa');
  answering('GET', () => new Promise(() => undefined));
  vi.spyOn(outbox, 'write').mockImplementation(({ body }) => {
    said.push(body);
    return refusal
      ? Promise.reject(new Problem(422, refusal, undefined, {}))
      : Promise.resolve('kept');
  });
});

function open(element: ReactElement, content: WorkshopPage) {
  show(
    <MemoryRouter initialEntries={['/jobs/j/x']}>
      <Routes>
        <Route path="/jobs/:id/x" element={element} />
      </Routes>
    </MemoryRouter>,
    'METRIC',
    { 'workshop/j': content },
  );
}

describe('apart', () => {
  it('takes a line in two presses: the place, then kind and count', async () => {
    open(<ApartPage />, page());
    const drawing = document.querySelector('[data-view=FRONT]') as Element;
    fireEvent.click(drawing, { clientX: 350, clientY: 60 });
    await userEvent.click(screen.getByRole('button', { name: '4 clip, pull' }));
    expect(said[0]).toMatchObject({
      stage: 'APART',
      out: { kind: 'CLIP_PULL', count: 4, spot: { view: 'FRONT' } },
    });
  });

  it('has at hand the pieces that come off next', () => {
    const swap = page({ stages: [stage('APART', { steps: [STEP] })], ledger: [] });
    expect(nextPieces(swap)).toEqual(['left headlamp', 'right headlamp', 'bumper']);
    const bumper = [stage('APART', { steps: [{ ...STEP, id: 'apart.bumper' }] })];
    const off = line('bumper', { row: { kind: 'PIECE', name: 'bumper' } });
    const back = line('grille', { row: { kind: 'PIECE', name: 'grille' }, done: true });
    expect(nextPieces(page({ stages: bumper, ledger: [off, back] }))).toEqual([
      'grille',
      'trim',
      'left headlamp',
    ]);
  });

  it('keeps what was typed when it cannot be read', async () => {
    refusal = 'No kind of fastener was named.';
    open(<ApartPage />, page());
    await userEvent.type(screen.getByLabelText(workshopWords.callItOut()), '4 things{Enter}');
    expect(await screen.findByText('No kind of fastener was named.')).toBeTruthy();
    expect(screen.getByLabelText<HTMLInputElement>(workshopWords.callItOut()).value).toBe(
      '4 things',
    );
  });

  it('takes a line as it is called out, at the place pointed at, while the next is typed', async () => {
    let arrive: () => void = () => undefined;
    vi.mocked(outbox.write).mockImplementation(({ body, words }) => {
      said.push({ ...body, words });
      return new Promise((resolve) => {
        arrive = () => resolve('waits');
      });
    });
    open(<ApartPage />, page());
    const field = screen.getByLabelText<HTMLInputElement>(workshopWords.callItOut());
    await userEvent.type(field, ' 2 nut {Enter}');
    await userEvent.clear(field);
    await userEvent.type(field, '1 bolt');
    await act(async () => arrive());
    expect(field.value).toBe('1 bolt');
    expect(said[0]).toMatchObject({ stage: 'APART', called: { typed: '2 nut' }, words: '2 nut' });
    await userEvent.type(field, '{Enter}');
    await act(async () => arrive());
    expect(field.value).toBe('');
  });

  it('ticks a step, and asks for a reason where it waits', async () => {
    open(<ApartPage />, page({ stages: [stage('APART', { steps: [STEP, GATE] })] }));
    expect(screen.getByText(appWords.atHand({ value: 'T25 · clip tool' }))).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: workshopWords.stepDone() }));
    expect(said[0]).toMatchObject({ step: { step: 'apart.front', skipped: false, reason: '' } });
    await userEvent.click(screen.getByRole('button', { name: /The hole/ }));
    const dialog = await screen.findByRole('dialog');
    expect(
      within(dialog).getByText(workshopWords.waitingForWhat({ what: 'the place is proved' })),
    ).toBeTruthy();
    refusal = 'To go on all the same needs a reason.';
    await userEvent.click(within(dialog).getByRole('button', { name: workshopWords.doneAnyway() }));
    expect(await within(dialog).findByText(refusal)).toBeTruthy();
    await userEvent.type(within(dialog).getByRole('textbox'), 'it was there');
    await userEvent.click(within(dialog).getByRole('button', { name: workshopWords.doneAnyway() }));
    expect(said.at(-1)).toMatchObject({ step: { reason: 'it was there' } });
  });

  it('offers to time what a step leaves curing', async () => {
    const glue: typeof STEP = {
      ...STEP,
      id: 'bench.glue',
      words: 'Glued',
      side: 'LEFT',
      cures: 'FULL_EPOXY',
    };
    open(<BenchPage />, page({ stages: [stage('BENCH', { steps: [glue] })] }));
    expect(screen.getByText(workshopWords.leavesACureToBeTimed())).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: workshopWords.stepDone() }));
    const cure = await screen.findByRole('dialog', { name: workshopWords.timeTheCure() });
    await userEvent.type(within(cure).getByLabelText(workshopWords.timeOnItsLabel()), '24 h');
    await userEvent.click(within(cure).getByRole('button', { name: workshopWords.start() }));
    expect(said.at(-1)).toMatchObject({
      timer: { adhesive: 'FULL_EPOXY', side: 'LEFT', kind: 'CURE', time: '24 h' },
    });
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
  });

  it('leaves the rest of a stage out under one reason', async () => {
    const done: typeof STEP = {
      ...STEP,
      id: 'apart.negative',
      words: 'Negative off',
      state: 'DONE',
    };
    open(<ApartPage />, page({ stages: [stage('APART', { steps: [done, STEP, GATE] })] }));
    await userEvent.click(screen.getByRole('button', { name: workshopWords.leaveOutTheRest() }));
    const rest = await screen.findByRole('dialog', {
      name: workshopWords.wordsLeaveOutTheRest({ words: 'apart' }),
    });
    refusal = 'Say why it is left out.';
    await userEvent.click(
      within(rest).getByRole('button', {
        name: workshopWords.leaveOutLength({ length: '2 steps' }),
      }),
    );
    expect(await within(rest).findByText(refusal)).toBeTruthy();
    refusal = undefined;
    await userEvent.type(
      within(rest).getByLabelText(workshopWords.whyTheyAreLeftOut()),
      'open already',
    );
    said = [];
    await userEvent.click(
      within(rest).getByRole('button', {
        name: workshopWords.leaveOutLength({ length: '2 steps' }),
      }),
    );
    await waitFor(() => expect(said).toHaveLength(2));
    expect(said.map((one) => one.step)).toEqual([
      { step: 'apart.front', side: undefined, skipped: true, reason: 'open already' },
      { step: 'apart.gate', side: undefined, skipped: true, reason: 'open already' },
    ]);
  });

  it('announces hidden ones, tells where one stopped, undoes the last', async () => {
    open(
      <ApartPage />,
      page({
        hidden: [{ jobId: 'x', vehicle: 'Quenby Lantern, valley bus 4', words: '1 bolt: liner' }],
        resume: {
          leftAt: '2026-03-01T17:00:00Z',
          last: 'off: bumper',
          out: 12,
          cured: ['full epoxy'],
          running: [],
        },
        entries: [
          { id: 'e', stage: 'APART', words: 'off: bumper', by: 'Runa', at: '2026-03-01T17:00:00Z' },
        ],
      }),
    );
    expect(screen.getByRole('note').textContent).toContain('1 bolt: liner');
    const stopped = screen.getByRole('region', { name: workshopWords.whereYouStopped() });
    expect(stopped.textContent).toContain('12 things are off the vehicle.');
    expect(stopped.textContent).toContain(workshopWords.readyMeanwhile({ value: 'full epoxy' }));
    await userEvent.click(
      screen.getByRole('button', { name: workshopWords.undoWords({ words: 'off: bumper' }) }),
    );
    expect(said[0]).toMatchObject({ strikes: 'e' });
  });
});

it('says on the tape why a press was refused', async () => {
  open(
    <ApartPage />,
    page({
      entries: [
        { id: 'e', stage: 'APART', words: 'off: bumper', by: 'Runa', at: '2026-03-01T17:00:00Z' },
      ],
    }),
  );
  refusal = 'That was undone already.';
  await userEvent.click(
    screen.getByRole('button', { name: workshopWords.undoWords({ words: 'off: bumper' }) }),
  );
  expect(await screen.findByText('undo: That was undone already.')).toBeTruthy();
});

describe('together', () => {
  it('lists what goes back in order, with what has to be in first', async () => {
    open(
      <TogetherPage />,
      page({
        ledger: [line('one'), line('two', { first: ['left fog connector'] })],
        reverse: ['two', 'one'],
        stages: [stage('TOGETHER', { findings: [finding('x', 'OUT', 'Not plugged: fog')] })],
      }),
    );
    const groups = screen.getAllByRole('group', { name: /4 clips/ });
    expect(groups.map((one) => one.getAttribute('aria-label'))).toEqual([
      '4 clips two',
      '4 clips one',
    ]);
    expect(screen.getByText(/first: left fog connector/)).toBeTruthy();
    expect(screen.getAllByText('Until it clicks.')).toHaveLength(1);
    expect(screen.getByText('Not plugged: fog')).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'All 4 back: 4 clips one' }));
    expect(said[0]).toMatchObject({ move: { row: 'one', move: 'BACK', count: 4 } });
  });

  it('lists by itself what is in by hand, to be tightened in order', () => {
    const byHand = line('two', { out: 0, byHand: 4 });
    open(<TogetherPage />, page({ ledger: [line('one'), byHand], reverse: ['two', 'one'] }));
    const list = within(screen.getByRole('region', { name: workshopWords.byHandSoFar() }));
    expect(list.getByText('4 clips two')).toBeTruthy();
    expect(list.queryByText('4 clips one')).toBeNull();
  });

  it('says how a line comes off and goes back, and keeps what is added to it', async () => {
    open(<TogetherPage />, page({ ledger: [line('one')], reverse: ['one'] }));
    await userEvent.click(screen.getByRole('button', { name: '4 clips one' }));
    const sheet = await screen.findByRole('dialog', { name: '4 clips one' });
    expect(
      within(sheet).getByText('Straight out. Back: Until it clicks. Common practice.'),
    ).toBeTruthy();
    await userEvent.type(within(sheet).getByLabelText(workshopWords.trayOrBag()), 'tray 2');
    await userEvent.click(within(sheet).getByRole('button', { name: appWords.save() }));
    expect(said[0]).toMatchObject({ out: { tray: 'tray 2', changes: 'one' } });
  });

  it('does not tick a step that reads something before it is read', async () => {
    const reads = { ...STEP, unread: 'Read the heat first.' };
    open(<ApartPage />, page({ stages: [stage('APART', { steps: [reads] })] }));
    await userEvent.click(screen.getByRole('button', { name: workshopWords.stepDone() }));
    expect(said).toEqual([]);
    const dialog = await screen.findByRole('dialog');
    expect(within(dialog).getByText('Read the heat first.')).toBeTruthy();
    expect(within(dialog).queryByRole('button', { name: appWords.done() })).toBeNull();
    await userEvent.type(within(dialog).getByRole('textbox'), 'no thermometer');
    await userEvent.click(within(dialog).getByRole('button', { name: appWords.leaveItOut() }));
    expect(said[0]).toMatchObject({ step: { skipped: true, reason: 'no thermometer' } });
  });

  it('names the next step beside what is wrong, so that nobody ticks unseen', async () => {
    open(
      <ApartPage />,
      page({
        stages: [
          stage('APART', { steps: [STEP, GATE], findings: [finding('x', 'AT_EDGE', 'The right')] }),
        ],
      }),
    );
    const band = screen.getByRole('region', { name: appWords.whereItStands() });
    expect(within(band).getByText('Fasteners out')).toBeTruthy();
    await userEvent.click(within(band).getByRole('button', { name: workshopWords.stepDone() }));
    expect(said[0]).toMatchObject({ step: { step: 'apart.front', skipped: false } });
  });

  it('offers what can become of a line, and nothing else', () => {
    const offered = (more: object) => movesOf(line('x', more) as never).map(([move]) => move);
    expect(offered({})).toEqual(['BACK', 'BACK', 'BROKEN', 'STAYS']);
    expect(offered({ out: 1, awaiting: 1 })).toEqual(['REPLACED']);
    expect(offered({ out: 0, byHand: 3 })).toEqual(['TIGHT']);
  });
});

describe('prove', () => {
  it('shows the lit lamps first and writes down that all is as it should be', async () => {
    open(<ProvePage />, page());
    expect(screen.getByText('side lamps on · fog switch on')).toBeTruthy();
    const lamps = screen.getAllByRole('group', { name: /should be/ });
    expect(lamps[0]?.getAttribute('aria-label')).toBe(
      workshopWords.wordsShouldBe({ words: 'left front fog lamp', expected: 'lit' }),
    );
    await userEvent.click(screen.getByRole('button', { name: workshopWords.allAsTheyShouldBe() }));
    expect(said).toHaveLength(4);
    expect(said[0]).toMatchObject({ proof: { state: 'SIDE_FOG', outcome: 'WORKS' } });
    // nothing is said of a state that was not looked at: one goes on by hand
    expect(screen.getByRole('heading', { name: 'side lamps, fog' })).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: workshopWords.nextState() }));
    expect(screen.getByRole('heading', { name: appWords.mainBeam() })).toBeTruthy();
  });

  it('asks what was seen where a lamp does otherwise', async () => {
    open(<ProvePage />, page());
    const fog = screen.getByRole('group', { name: /left front fog lamp/ });
    await userEvent.click(within(fog).getByRole('button', { name: workshopWords.notSo() }));
    const dialog = await screen.findByRole('dialog');
    await userEvent.click(within(dialog).getByRole('button', { name: workshopWords.record() }));
    expect(await within(dialog).findByText(workshopWords.enterFirstWhatItDid())).toBeTruthy();
    await userEvent.click(within(dialog).getByRole('button', { name: appWords.flickers() }));
    await userEvent.type(within(dialog).getByLabelText(workshopWords.whatWasSeen()), 'when cold');
    await userEvent.click(within(dialog).getByRole('button', { name: workshopWords.record() }));
    expect(said[0]).toMatchObject({
      proof: { function: 'FRONT_FOG', outcome: 'FLICKERS', side: 'LEFT', seen: 'when cold' },
    });
  });

  it('goes pair by pair from before the vehicle, and lamp by lamp once they differ', async () => {
    open(<ProofStandBack />, page());
    expect(screen.getByText('Say: side lamps on, fog switch on')).toBeTruthy();
    expect(
      screen.getByRole('heading', {
        name: workshopWords.functionWordsBoth({ functionWords: 'front fog lamp' }),
      }),
    ).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: appWords.dead() }));
    expect(said, 'it is not said yet which').toEqual([]);
    expect(screen.getByRole('heading', { name: 'left front fog lamp' })).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: appWords.dead() }));
    await userEvent.click(screen.getByRole('button', { name: appWords.works() }));
    expect(said).toMatchObject([
      { proof: { side: 'LEFT', outcome: 'DEAD' } },
      { proof: { side: 'RIGHT', outcome: 'WORKS' } },
    ]);
    expect(
      screen.getByRole('heading', {
        name: workshopWords.functionWordsBoth({ functionWords: 'daytime running lamp' }),
      }),
    ).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: appWords.out() }));
    expect(said).toHaveLength(4);
    expect(
      screen.getByRole('heading', {
        name: workshopWords.functionWordsBoth({ functionWords: 'main beam' }),
      }),
    ).toBeTruthy();
  });

  it('says that nothing can be lit on a dead vehicle, and puts the battery on', async () => {
    const dead = page();
    open(<ProvePage />, page({ proof: { ...dead.proof, live: false } }));
    await userEvent.click(
      screen.getByRole('button', { name: workshopWords.helperBatteryConnectedTitle() }),
    );
    expect(said[0]).toMatchObject({ battery: { what: 'SECOND_ON' } });
    await userEvent.click(screen.getByRole('button', { name: appWords.negativeOn() }));
    expect(said[1]).toMatchObject({ battery: { what: 'NEGATIVE_ON' } });
  });

  it('counts flashes by side', async () => {
    open(<ProvePage />, page());
    await userEvent.click(screen.getByRole('button', { name: /^Flash rate/ }));
    const right = screen.getByRole('form', {
      name: workshopWords.flashesWords({ words: 'right' }),
    });
    const count = within(right).getByLabelText(workshopWords.flashesWords({ words: 'right' }));
    await userEvent.type(count, '1o');
    await userEvent.click(within(right).getByRole('button', { name: workshopWords.record() }));
    expect(await screen.findByText(/whole number/)).toBeTruthy();
    expect(said).toEqual([]);
    await userEvent.clear(count);
    await userEvent.type(count, '15');
    await userEvent.click(within(right).getByRole('button', { name: workshopWords.record() }));
    expect(said[0]).toMatchObject({ flash: { side: 'RIGHT', flashes: 15, time: '10 s' } });
  });

  it('writes a temperature down, and says why it cannot be', async () => {
    open(<ProvePage />, page());
    await userEvent.click(screen.getByRole('button', { name: /^Heat/ }));
    await userEvent.type(screen.getByLabelText(workshopWords.whatWarms()), 'left resistor');
    await userEvent.type(screen.getByLabelText(workshopWords.temperature()), '47');
    refusal = 'A bare number is no temperature.';
    await userEvent.click(screen.getByRole('button', { name: workshopWords.record() }));
    expect(await screen.findByText(refusal)).toBeTruthy();
    expect(screen.getByLabelText<HTMLInputElement>(workshopWords.temperature()).value).toBe('47');
  });
});

describe('bench', () => {
  it('asks what is in the oven before a bake', async () => {
    open(<BenchPage />, page());
    await userEvent.click(screen.getByRole('button', { name: /^Oven and cures/ }));
    expect(screen.getByText('Cool first.')).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: workshopWords.noBulbs() }));
    await userEvent.click(screen.getByRole('button', { name: workshopWords.intoTheOven() }));
    expect(said[0]).toMatchObject({
      bake: { side: 'LEFT', temperature: '220 °F', time: '5 min', notInside: ['BULBS'] },
    });
  });

  it('climbs the lens ladder', async () => {
    open(<BenchPage />, page());
    await userEvent.click(screen.getByRole('button', { name: /^Lens/ }));
    expect(
      screen
        .getByRole('button', {
          name: workshopWords.sideLensListed({ side: 'left', words: '600 grit, wet' }),
        })
        .getAttribute('aria-pressed'),
    ).toBe('true');
    await userEvent.click(
      screen.getByRole('button', {
        name: workshopWords.sideLensListed({ side: 'right', words: '600 grit, wet' }),
      }),
    );
    expect(said[0]).toMatchObject({ lens: { side: 'RIGHT', grit: 600 } });
  });
});

it('finds the place under a finger, and draws it there', () => {
  const frame = frameIn(1.75, 700, 300, 20);
  const spot = screenToSpot('FRONT', 300, 100, frame);
  expect(spot && spotToScreen(spot, frame).x).toBeCloseTo(300, 0);
  expect(spot && spotToScreen(spot, frame).y).toBeCloseTo(100, 0);
  expect(screenToSpot('FRONT', 2, 2, frame)).toBeUndefined();
});
