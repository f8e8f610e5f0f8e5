import { screen, within, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type {
  Controls,
  FeedEdit,
  FeedPage,
  FeedPart,
  FeedSheet,
  LampRow,
  PartNow,
  PlacedSymbol,
  SolvedFeed,
  SourceEdit,
} from '../api/client';
import { accepted, answering, finding, JOB, show, partly } from '../test/testing';
import { CircuitDrawing } from '../circuit/CircuitDrawing';
import { CircuitSymbol } from '../circuit/CircuitSymbol';
import { FrontLights } from '../circuit/FrontLights';
import { Measured } from '../harness/Measured';
import { ProbeForm, typedNumber, typedProbe } from '../harness/ProbeForm';
import { Routes } from '../harness/Routes';
import { pinWords } from '../circuit/pinWords';
import { told } from '../circuit/told';
import { LEGIBLE, wireWidth } from '../circuit/wires';
import { fitScale } from '../drawing/fitScale';
import { nextLevel, usualWishes, withWish } from '../circuit/words';
import { Battery } from './Battery';
import { BodyComputer } from './BodyComputer';
import { DriverSeat } from './DriverSeat';
import { planId } from './OwnPlan';
import { PartSheet } from './PartSheet';
import { QuestionForm } from './QuestionForm';
import { StatesColumn } from './StatesColumn';
import { StateTable } from './StateTable';
import { WishGrid } from './WishGrid';
import { appWords } from '../words/page/app';
import { feedWords } from '../words/page/feed';
import { meterWords } from '../words/page/meter';

const figure = (value: number, metric: string) =>
  ({ value, quantity: 'VOLTAGE', metric, imperial: metric }) as const;

const OFF: Controls = { key: 'OFF', lights: 'OFF', fog: false, turn: 'OFF', auxiliary: false };
const ON: Controls = { ...OFF, key: 'ENGINE', lights: 'SIDE', fog: true };

const cell = (
  level: LampRow['cells'][number]['level'],
  expected: LampRow['cells'][number]['level'],
): LampRow['cells'][number] => ({
  level,
  expected,
  agrees: level === expected,
  amps: figure(0, '0 A'),
  each: [],
});

const WIRE: FeedPart = {
  id: 'left branch',
  name: 'left branch',
  kind: 'wire',
  factory: false,
  tag: '',
  values: { size: '1.5 mm²', metres: '0.8', colour: 'yellow', from: 'fog 87', to: 'left fog +' },
  changes: [
    {
      name: 'size',
      asks: 'Wire',
      value: '1.5 mm²',
      options: [
        { value: '1.5 mm²', says: '1.5 mm²: loses 0.4 %, bears 20 A' },
        { value: '2.5 mm²', says: '2.5 mm²: loses 0.2 %, bears 27 A' },
      ],
    },
    { name: 'metres', asks: 'Length, m', value: '0.8', options: [] },
  ],
};

const SHEET: FeedSheet = {
  plan: {
    id: 'fog',
    version: 1,
    own: false,
    title: 'Fog lamps',
    does: 'A switch and a relay.',
    functions: ['FRONT_FOG'],
    factoryCuts: 1,
    cautions: [],
  },
  questions: [
    {
      id: 'fuse',
      asks: 'Which fuse?',
      kind: 'NUMBER',
      unit: 'A',
      options: [],
      hint: '',
      usual: '15',
      answer: '15',
      tag: '',
    },
    {
      id: 'farMetres',
      asks: 'How long is the long branch?',
      kind: 'NUMBER',
      unit: 'm',
      options: [],
      hint: '',
      usual: '1.6',
      answer: '1.6',
      tag: '',
    },
  ],
  states: [
    { state: 'KEY_OUT', words: 'key out', controls: OFF, phases: [] },
    { state: 'SIDE_FOG', words: 'side lamps, fog', controls: ON, phases: [] },
  ],
  lamps: [
    {
      words: 'front fog lamp',
      function: 'FRONT_FOG',
      pair: '',
      cells: [cell('OUT', 'OUT'), cell('OUT', 'FULL')],
    },
  ],
  before: [],
  undo: '',
  worst: 'OUT',
  findings: [finding('feed.drop@component:left%20branch', 'OUT', '{0} lost')],
  cuts: [],
  bill: [],
  labels: [],
  donors: [],
  beside: [],
  order: [
    { id: 'Probe the slot', does: 'Probe the slot', battery: 'ON' },
    { id: 'Splice', does: 'Splice', battery: 'OFF' },
  ],
  parts: [WIRE],
  points: {},
  drawing: {
    width: 300,
    height: 200,
    symbols: [
      {
        id: 'bar left branch from',
        part: '',
        symbol: 'BAR_END',
        x: 20,
        y: 0,
        width: 2,
        height: 2,
        pins: [{ terminal: '', node: 'battery +', at: { x: 21, y: 2 } }],
      },
    ],
    paths: [
      {
        id: 'wire left branch',
        wire: 'left branch',
        node: 'fog 87',
        spots: [
          { x: 21, y: 2 },
          { x: 21, y: 150 },
        ],
        label: { x: 30, y: 60 },
      },
    ],
    links: [],
  },
};

const NOW: PartNow = {
  id: 'left branch',
  amps: { '': figure(4.66, '4.66 A') },
  flows: true,
  on: true,
  volts: figure(0.09, '0.09 V'),
  working: [
    {
      label: 'lost on it',
      formula: 'current × resistance',
      filled: { pattern: '{0} × 0.02', figures: [figure(4.66, '4.66 A')] },
      result: figure(0.09, '0.09 V'),
    },
  ],
};

const SOLVED: SolvedFeed = {
  controls: ON,
  battery: figure(13.94, '13.94 V'),
  body: figure(0.04, '0.04 V'),
  nodes: { 'fog 87': figure(13.7, '13.70 V') },
  parts: [NOW],
  findings: [],
};

const FEED: FeedEdit = {
  wishes: [],
  plan: { id: 'fog', version: 1, answers: {}, changes: {} },
  sources: [],
  routes: [],
  hazards: [],
  readings: [],
  battery: [],
  open: [],
  settings: [],
};

const PAGE = partly<FeedPage>({
  job: JOB,
  vehicle: { id: 'v', name: 'Quenby Lantern', nickname: 'valley bus 7', widthMm: 2020 },
  connected: true,
  batteryElsewhere: [],
  sources: [],
  routes: [],
  known: [],
  states: [],
});

beforeEach(() => {
  vi.restoreAllMocks();
  localStorage.setItem('mellow.acting', 'Runa');
});

describe('wishes', () => {
  it('go round from as it comes to lit, reduced and out', () => {
    expect(nextLevel(undefined)).toBe('FULL');
    expect(nextLevel('FULL')).toBe('REDUCED');
    expect(nextLevel('REDUCED')).toBe('OUT');
    expect(nextLevel('OUT')).toBeUndefined();
  });

  it('are changed one at a time, the others stay', () => {
    const wishes = usualWishes(['DRL']);
    const changed = withWish(wishes, { function: 'DRL', state: 'LOW' }, 'REDUCED');
    expect(changed).toHaveLength(wishes.length);
    expect(changed.find((one) => one.state === 'LOW')?.level).toBe('REDUCED');
    expect(withWish(changed, { function: 'DRL', state: 'LOW' }, undefined)).toHaveLength(
      wishes.length - 1,
    );
  });

  it('are filled in by pressing states', async () => {
    const set = vi.fn();
    show(
      <WishGrid
        page={PAGE}
        wishes={usualWishes(['FRONT_FOG'])}
        set={set}
        lowStays=""
        setLowStays={vi.fn()}
      />,
    );
    await userEvent.click(screen.getByRole('button', { name: 'MAIN_FOG either way' }));
    expect(set).toHaveBeenLastCalledWith(
      expect.arrayContaining([{ function: 'FRONT_FOG', state: 'MAIN_FOG', level: 'FULL' }]),
    );
    await userEvent.click(screen.getByRole('button', { name: appWords.fogLamps() }));
    expect(set).toHaveBeenLastCalledWith([]);
  });
});

describe('the circuit', () => {
  it('says of a wire what it is, and what flows in it', () => {
    expect(told(SHEET, WIRE, undefined)).toEqual({
      name: 'left branch',
      line: '1.5 mm², 0.8 m',
      out: true,
    });
    expect(told(SHEET, WIRE, NOW).line).toBe('4.66 A · 0.09 V');
  });

  it('draws thicker wires thicker, gauges beside metric sizes', () => {
    const width = (size: string) => wireWidth({ ...WIRE, values: { ...WIRE.values, size } });
    expect(width('4 mm²')).toBeGreaterThan(width('1.5 mm²'));
    // AWG 14 is 2.08 mm²: between 1.5 and 2.5
    expect(width('AWG 14')).toBeGreaterThan(width('1.5 mm²'));
    expect(width('AWG 14')).toBeLessThan(width('2.5 mm²'));
  });

  it('never shrinks below what can be read', () => {
    expect(fitScale({ width: 3000, height: 400 }, { width: 600, height: 400 }, LEGIBLE)).toBe(0.82);
    expect(fitScale({ width: 600, height: 400 }, { width: 600, height: 400 }, LEGIBLE)).toBe(1);
  });

  it('opens a part by a press or by the keyboard', async () => {
    const onPart = vi.fn();
    show(<CircuitDrawing sheet={SHEET} solved={SOLVED} onPart={onPart} />);
    expect(screen.getByText(/battery, 13.94 V, engine running|battery, 13.94 V/)).toBeTruthy();
    const wire = screen.getByRole('button', { name: /Wire: left branch/ });
    wire.focus();
    await userEvent.keyboard('{Enter}');
    expect(onPart).toHaveBeenCalledWith('left branch');
  });

  it('changes a part in place, and only what was changed', async () => {
    const onChange = vi.fn();
    const onNode = vi.fn<(node: string) => Promise<void>>();
    onNode.mockRejectedValueOnce(new Error('The server cannot be reached.')).mockResolvedValue();
    show(
      <PartSheet
        part={WIRE}
        sheet={SHEET}
        solved={SOLVED}
        onChange={onChange}
        onAsk={vi.fn()}
        onNode={onNode}
      />,
    );
    await userEvent.click(screen.getByRole('button', { name: /13.70 V at fog 87/ }));
    expect(onNode).toHaveBeenCalledWith('fog 87');
    expect((await screen.findByRole('alert')).textContent).toBe('The server cannot be reached.');
    await userEvent.click(screen.getByRole('button', { name: /13.70 V at fog 87/ }));
    await waitFor(() => expect(screen.queryByRole('alert')).toBeNull());
    expect(screen.getByText('at fog 87')).toBeTruthy();
    expect(screen.getByText('current × resistance')).toBeTruthy();
    await userEvent.selectOptions(screen.getByLabelText('Wire'), '2.5 mm²');
    await userEvent.click(screen.getByRole('button', { name: appWords.changeIt() }));
    expect(onChange).toHaveBeenCalledWith({ size: '2.5 mm²' });
  });
});

describe('symbols', () => {
  const box = (symbol: PlacedSymbol['symbol'], pins = 2): PlacedSymbol => ({
    id: symbol,
    part: 'part',
    symbol,
    x: 10,
    y: 20,
    width: 44,
    height: 44,
    pins: Array.from({ length: pins }, (_, index) => ({
      terminal: '',
      node: `n${index}`,
      at: { x: 32, y: index === 0 ? 20 : 64 },
    })),
  });
  const drawn = (symbol: PlacedSymbol['symbol'], now: Partial<PartNow> = {}) => {
    const { container } = show(
      <svg>
        <CircuitSymbol box={box(symbol)} now={{ ...NOW, ...now }} />
      </svg>,
    );
    return container;
  };

  it('of a make contact close when it is on, of a break contact open', () => {
    const upright = (container: HTMLElement) =>
      [...container.querySelectorAll('line[stroke-width="3"]')].map(
        (line) => line.getAttribute('x1') === line.getAttribute('x2'),
      );
    expect(upright(drawn('MAKE', { on: true }))).toEqual([true]);
    expect(upright(drawn('MAKE', { on: false }))).toEqual([false]);
    expect(upright(drawn('BREAK', { on: true }))).toEqual([false]);
    expect(upright(drawn('BREAK', { on: false }))).toEqual([true]);
  });

  it('of a change-over stand on the one foot or the other', () => {
    const foot = (on: boolean) =>
      Number(
        drawn('CHANGE_OVER', { on }).querySelector('line[stroke-width="3"]')?.getAttribute('x2'),
      );
    expect(foot(true)).toBeGreaterThan(foot(false));
  });

  it('of a change-over have the number of each pin in a place of its own', () => {
    const placed = box('CHANGE_OVER', 0);
    const at = (x: number, y: number) => pinWords(placed, { terminal: '', node: '', at: { x, y } });
    const [arm, foot, other] = [at(32, 20), at(16, 64), at(48, 64)];
    expect(Math.max(arm.x, foot.x)).toBeLessThan(placed.x);
    expect(arm.y).toBeLessThan(foot.y);
    expect(other.x).toBeGreaterThan(16);
    expect(other.x).toBeLessThan(48);
  });

  it('of a lamp glow as bright as it is, and not at all in the dark', () => {
    const glow = (percent: number) =>
      Number(
        drawn('LAMP', {
          lamp: { function: 'DRL', side: 'LEFT', light: figure(percent, ''), level: 'FULL' },
        })
          .querySelector('circle')
          ?.getAttribute('opacity'),
      );
    expect(glow(0)).toBe(0);
    expect(glow(50)).toBeCloseTo(glow(100) / 2);
    expect(glow(130)).toBe(glow(100));
  });

  it('of what bears too much turn to the colour of what is out', () => {
    const stroke = (load: number) =>
      drawn('FUSE', { load: figure(load, '') })
        .querySelector('g')
        ?.getAttribute('stroke');
    expect(stroke(120)).toContain('out');
    expect(stroke(80)).not.toContain('out');
  });

  it.each(['COIL', 'DIODE', 'CLIP', 'JOINT', 'RESISTOR', 'SOLENOID', 'BOX', 'LOOSE'] as const)(
    'of a %s are drawn with a lead to each pin',
    (symbol) => {
      expect(drawn(symbol).querySelectorAll('line').length).toBeGreaterThanOrEqual(2);
    },
  );
});

describe('the vehicle’s front', () => {
  const lamp = (side: 'LEFT' | 'RIGHT', light: number): PartNow => ({
    ...NOW,
    id: `${side} fog`,
    lamp: { function: 'FRONT_FOG', side, light: figure(light, ''), level: light ? 'FULL' : 'OUT' },
  });

  it('are not said to be out before they are worked out', () => {
    show(<FrontLights solved={undefined} />);
    expect(screen.getByRole('img', { name: /not worked out/ })).toBeTruthy();
  });

  it('has the vehicle’s left at the right of who stands before it', () => {
    const { container } = show(
      <FrontLights solved={{ ...SOLVED, parts: [lamp('LEFT', 100), lamp('RIGHT', 0)] }} />,
    );
    expect(screen.getByRole('img', { name: /1 lamp lit/ })).toBeTruthy();
    const lit = [...container.querySelectorAll('circle[stroke]')]
      .filter((circle) => circle.getAttribute('fill')?.includes('lamp-fill'))
      .map((circle) => Number(circle.getAttribute('cx')));
    expect(lit).toHaveLength(1);
    expect(lit[0]).toBeGreaterThan(180);
  });

  it('shows the brighter one where two lamps serve one function', () => {
    show(
      <FrontLights
        solved={{ ...SOLVED, parts: [lamp('LEFT', 0), { ...lamp('LEFT', 90), id: 'second' }] }}
      />,
    );
    expect(screen.getByRole('img', { name: /1 lamp lit/ })).toBeTruthy();
  });
});

describe('the states beside the circuit', () => {
  it('turn back to how the factory had it', async () => {
    const before = [{ ...SHEET.lamps[0], cells: [cell('OUT', 'OUT'), cell('FULL', 'FULL')] }];
    show(
      <StatesColumn
        sheet={{ ...SHEET, before: before as LampRow[] }}
        solved={SOLVED}
        controls={OFF}
        onState={vi.fn()}
        onAsk={vi.fn()}
      />,
    );
    expect(screen.queryByRole('img', { name: appWords.lit() })).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: appWords.before() }));
    expect(screen.getByRole('img', { name: appWords.lit() })).toBeTruthy();
    expect(screen.getByText(feedWords.asTheFactoryHadIt())).toBeTruthy();
  });

  it('say once what plan and present state both find', () => {
    const same = finding('circuit.starves@component:lamp', 'OUT', 'Too weak {0}');
    show(
      <StatesColumn
        sheet={{ ...SHEET, findings: [same] }}
        solved={{ ...SOLVED, findings: [same] }}
        controls={OFF}
        onState={vi.fn()}
        onAsk={vi.fn()}
      />,
    );
    expect(screen.getAllByText(/Too weak/)).toHaveLength(1);
  });
});

describe('the driver’s seat', () => {
  it('has the controls that the plan knows, and moves one at a time', async () => {
    const set = vi.fn();
    show(<DriverSeat sheet={SHEET} controls={OFF} set={set} />);
    expect(screen.queryByRole('group', { name: feedWords.auxiliarySwitch() })).toBeNull();
    const lights = screen.getByRole('group', { name: feedWords.lights() });
    await userEvent.click(within(lights).getByRole('button', { name: feedWords.main() }));
    expect(set).toHaveBeenCalledWith({ ...OFF, lights: 'MAIN' });
  });

  it('is put into a state by its column, and a lamp that fails is named', async () => {
    const onState = vi.fn();
    show(<StateTable sheet={SHEET} controls={OFF} onState={onState} />);
    await userEvent.click(screen.getByRole('button', { name: 'side lamps, fog' }));
    expect(onState).toHaveBeenCalledWith(ON);
    expect(screen.getByRole('img', { name: 'out, expected lit' })).toBeTruthy();
  });
});

describe('questions and measures', () => {
  it('keeps what was answered before', async () => {
    const onDone = vi.fn();
    show(
      <QuestionForm
        sheet={SHEET}
        plan={{ id: 'fog', version: 1, answers: { outOnMain: 'yes' }, changes: {} }}
        slots={[]}
        problem={undefined}
        onDone={onDone}
      />,
    );
    const fuse = screen.getByLabelText('Which fuse? (A)');
    await userEvent.clear(fuse);
    await userEvent.type(fuse, '20');
    await userEvent.click(screen.getByRole('button', { name: feedWords.saveTheAnswers() }));
    expect(onDone).toHaveBeenCalledWith({
      id: 'fog',
      version: 1,
      answers: { outOnMain: 'yes', fuse: '20' },
      changes: {},
    });
  });

  it('asks each plan of a circuit by itself, and names what an earlier job tapped', async () => {
    const onDone = vi.fn();
    show(
      <QuestionForm
        sheet={{
          ...SHEET,
          questions: [
            ...SHEET.questions,
            {
              id: 'p2_slotName',
              asks: 'What is the donor slot called?',
              kind: 'TEXT',
              unit: '',
              options: [],
              hint: '',
              usual: 'the tapped slot',
              answer: 'the tapped slot',
              tag: 'p2',
            },
          ],
          beside: [
            {
              tag: 'p2',
              plan: { ...SHEET.plan, title: 'Running lamps' },
              pair: '',
              alike: ['FRONT_FOG'],
            },
          ],
        }}
        plan={{
          id: 'fog',
          version: 1,
          answers: {},
          changes: {},
          beside: [{ tag: 'p2', id: 'drl-tap', version: 1, pair: '' }],
        }}
        slots={[{ year: 2012, slot: 'slot 14', feeds: 'lamps', sameYear: false }]}
        problem={undefined}
        onDone={onDone}
      />,
    );
    const second = within(screen.getByRole('region', { name: 'Running lamps' }));
    expect(
      second.getByText('2012 had slot 14 (lamps); check, the model year differs.'),
    ).toBeTruthy();
    const slot = second.getByLabelText('What is the donor slot called?');
    await userEvent.clear(slot);
    await userEvent.type(slot, 'slot 9');
    await userEvent.type(second.getByLabelText(feedWords.whatAreItsLampsCalled()), 'new');
    await userEvent.click(screen.getByRole('button', { name: feedWords.saveTheAnswers() }));
    expect(onDone).toHaveBeenCalledWith(
      expect.objectContaining({
        answers: { p2_slotName: 'slot 9' },
        beside: [{ tag: 'p2', id: 'drl-tap', version: 1, pair: 'new' }],
      }),
    );
  });

  it('takes a meter’s reading with a comma, and refuses words', async () => {
    const onChange = vi.fn();
    show(<Measured jobId={JOB.id} sheet={SHEET} feed={FEED} onChange={onChange} onAsk={vi.fn()} />);
    await userEvent.type(screen.getByLabelText(feedWords.theMeterShowsV()), 'bright');
    await userEvent.click(screen.getByRole('button', { name: feedWords.compare() }));
    expect(screen.getByRole('alert').textContent).toContain('13.4');
    expect(onChange).not.toHaveBeenCalled();
    await userEvent.clear(screen.getByLabelText(feedWords.theMeterShowsV()));
    await userEvent.type(screen.getByLabelText(feedWords.theMeterShowsV()), '13,2');
    await userEvent.click(screen.getByRole('button', { name: feedWords.compare() }));
    expect(onChange).toHaveBeenCalledWith([
      expect.objectContaining({ value: 13.2, place: 'battery +', person: 'Runa' }),
    ]);
    expect(typedNumber(' ')).toBeNaN();
    expect(typedProbe('Lit', 12.5)).toBe(12.5);
    expect(typedProbe('dark', 12.5)).toBe(0);
    expect(typedProbe('dim', 12.5)).toBeNaN();
  });

  it('puts the simulated meter where it is to be read, and moves it with the choice', async () => {
    const posts: unknown[] = [];
    answering('GET', (path: string) =>
      Promise.resolve(
        accepted(
          path === '/api/meter'
            ? { identity: 'a meter', value: 12.43, unit: 'V' }
            : { address: '127.0.0.1:40123' },
        ),
      ),
    );
    answering('POST', (path: string, asked: { body: { state: string } }) => {
      posts.push([path, asked.body]);
      return Promise.resolve(
        asked.body.state === 'KEY_OUT'
          ? { response: new Response(null, { status: 204 }) }
          : {
              error: { detail: 'No such position.' },
              response: new Response(null, { status: 422 }),
            },
      );
    });
    show(<Measured jobId={JOB.id} sheet={SHEET} feed={FEED} onChange={vi.fn()} onAsk={vi.fn()} />);
    expect(posts).toEqual([]);
    await userEvent.click(screen.getByRole('button', { name: meterWords.readLive() }));
    const probes = '/api/jobs/{jobId}/find/simulated/probes/feed';
    const first = { state: 'KEY_OUT', amperes: false, place: 'battery +' };
    await waitFor(() => expect(posts).toEqual([[probes, first]]));
    await screen.findByText(/12[.,]43/);
    await userEvent.selectOptions(screen.getByLabelText(feedWords.inTheState()), 'SIDE_FOG');
    await waitFor(() =>
      expect(posts.slice(1)).toEqual([[probes, { ...first, state: 'SIDE_FOG' }]]),
    );
    // what it shows is of the place before
    expect((await screen.findByRole('alert')).textContent).toBe('No such position.');
    expect(screen.queryByText(/12[.,]43/)).toBeNull();
    expect(screen.queryByRole('button', { name: meterWords.keep() })).toBeNull();
  });

  it('keeps the readings of a wire that were taken, and no others', async () => {
    const onDone = vi.fn();
    const wire: SourceEdit = {
      id: 's',
      place: 'plug B, cavity 8',
      colour: 'red',
      ground: 'battery',
      supplyVolts: 12.6,
      readings: [{ key: 'OFF', lights: 'OFF', volts: 0 }],
    };
    show(<ProbeForm wire={wire} onDone={onDone} />);
    await userEvent.type(
      screen.getByLabelText(feedWords.keyWordsLightsLight({ words: 'out', light: 'side' })),
      '12.4',
    );
    await userEvent.click(screen.getByRole('button', { name: feedWords.saveTheReadings() }));
    expect(onDone).toHaveBeenCalledWith({
      ...wire,
      readings: [
        { key: 'OFF', lights: 'OFF', volts: 0 },
        { key: 'OFF', lights: 'SIDE', volts: 12.4 },
      ],
    });
  });
});

describe('beside the plan', () => {
  it('writes down what was done to the battery, and by whom', async () => {
    const onChange = vi.fn();
    // what is kept is the same in every language
    const [probe, ...rest] = SHEET.order;
    const steps = probe ? [{ ...probe, does: 'Steckplatz messen' }, ...rest] : [];
    show(<Battery page={PAGE} feed={FEED} steps={steps} onChange={onChange} />);
    await userEvent.click(
      screen.getByRole('button', { name: feedWords.doneDoes({ does: 'Steckplatz messen' }) }),
    );
    expect(onChange).toHaveBeenLastCalledWith({
      battery: [
        expect.objectContaining({ what: 'LIVE_STEP', step: 'Probe the slot', person: 'Runa' }),
      ],
    });
    await userEvent.type(screen.getByLabelText(/makeshift/), 'tape for a grommet');
    await userEvent.click(screen.getByRole('button', { name: feedWords.makeshift() }));
    expect(onChange).toHaveBeenLastCalledWith({
      open: [
        expect.objectContaining({ kind: 'TEMPORARY', what: 'tape for a grommet', done: false }),
      ],
    });
  });

  it('logs what the body computer refused, too', async () => {
    const post = answering('POST', (_path: string, asked: { body: { write?: unknown } }) =>
      Promise.resolve({
        data: {
          parameters: [
            {
              name: 'running lamp type',
              words: 'running lamp type',
              value: 'filament',
              values: ['filament', 'LED'].map((value) => ({ value, words: value })),
            },
          ],
          outcome: asked.body.write && { before: 'filament', taken: false, says: 'Refused.' },
        },
        response: new Response(null, { status: 200 }),
      }),
    );
    const onChange = vi.fn();
    show(<BodyComputer feed={FEED} connected={false} onChange={onChange} />);
    await userEvent.click(await screen.findByRole('button', { name: 'LED' }));
    expect(post.mock.lastCall?.[1]).toMatchObject({ body: { volts: 0 } });
    expect(onChange).toHaveBeenCalledWith([
      expect.objectContaining({
        before: 'filament',
        after: 'LED',
        taken: false,
        result: 'Refused.',
      }),
    ]);
  });

  it('gives a way’s length to its question', async () => {
    const onUse = vi.fn();
    const route: FeedEdit['routes'][number] = {
      question: 'farMetres',
      name: 'to the left',
      stops: [
        { leftMm: -600, forwardMm: 200, upMm: 800, passes: 'NOTHING' },
        { leftMm: 600, forwardMm: 200, upMm: 800, passes: 'NOTHING' },
      ],
    };
    const length = {
      question: 'farMetres',
      name: 'to the left',
      straight: figure(1200, '1200 mm'),
      laid: figure(1320, '1320 mm'),
      cut: figure(1620, '1620 mm'),
      metres: '1.32',
      ties: 6,
    };
    show(
      <Routes
        page={{ ...PAGE, routes: [length] }}
        sheet={SHEET}
        feed={{ ...FEED, routes: [route] }}
        onChange={vi.fn()}
        onUse={onUse}
      />,
    );
    await userEvent.click(
      screen.getByRole('button', { name: feedWords.useMetresM({ metres: '1.32' }) }),
    );
    expect(onUse).toHaveBeenCalledWith('farMetres', '1.32');
  });

  it('gives a plan of its own a short name', () => {
    expect(planId('Fog lamps, as wé wire them!')).toBe('fog-lamps-as-we-wire-them');
  });
});
