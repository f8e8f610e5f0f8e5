import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Figure, LedgerLine, WorkshopPage } from '../api/client';
import { Problem } from '../api/client';
import { finding, show, partly } from '../test/testing';
import { BenchAim } from './BenchAim';
import { FitView } from './FitView';
import { HeatView } from '../prove/HeatView';
import { LineDialog } from '../workshop/LineDialog';
import { Oven } from './Oven';
import { TimerList } from './TimerList';
import type { Tell, Write } from '../workshop/useWorkshop';
import { workshopWords } from '../words/page/workshop';
import { appWords } from '../words/page/app';

const figure = (mm: number): Figure => ({
  value: mm,
  quantity: 'FINE_LENGTH',
  metric: `${mm}.0 mm`,
  imperial: `${(mm / 25.4).toFixed(2)} in`,
});

const PAGE = partly<WorkshopPage>({
  now: '2026-03-02T10:00:00Z',
  stages: [{ stage: 'BENCH', steps: [] }],
  timers: [],
  heat: [],
  bench: {
    measures: [
      { field: 'CUT_TO', words: 'may be cut to' },
      { field: 'THREAD', words: 'thread of the boss', value: figure(22) },
      { field: 'NOW_LEFT', words: 'now', side: 'LEFT', value: figure(806) },
    ],
    choices: { SEAL: 'WELDED' },
    mount: 'GLUED',
    advised: 'RING',
    because: 'The threaded boss goes through the bulb hole.',
    rollWay: 'ON_BENCH',
    section: {
      pieces: [
        {
          of: 'BODY',
          vertices: [
            { xMm: 0, yMm: 20 },
            { xMm: 60, yMm: 20 },
            { xMm: 60, yMm: -20 },
            { xMm: 0, yMm: -20 },
          ],
        },
      ],
      spans: [
        { field: 'LENS', upright: true, from: -31, to: 31, at: 60, value: figure(62) },
        { field: 'BOWL_DEPTH', upright: false, from: 0, to: 110, at: 30 },
      ],
    },
    fit: [],
    aim: [
      {
        side: 'LEFT',
        findings: [finding('bench.roll@lamp:DIPPED:LEFT', 'OUT', 'Left cutoff leans')],
      },
    ],
    oven: [
      {
        side: 'LEFT',
        purpose: 'OPEN',
        temperature: '220 °F (104 °C)',
        fahrenheit: 220,
        fromMinutes: 5,
        toMinutes: 5,
        because: 'Cool first.',
        times: 0,
      },
      {
        side: 'LEFT',
        purpose: 'RESEAL',
        temperature: '225 °F (107 °C)',
        fahrenheit: 225,
        fromMinutes: 5,
        toMinutes: 5,
        because: 'Cool first.',
        times: 0,
      },
    ],
    schools: [
      { school: 'HOT', words: 'hot', opening: '290 °F', resealing: '290 °F', closing: 'pliers' },
    ],
  },
});

const write = vi.fn<Write>();
const tell = vi.fn<Tell>();

beforeEach(() => {
  tell.mockReset();
  write.mockReset();
  write.mockResolvedValue('kept');
});

describe('the fit', () => {
  it('takes a measurement where it lies on the section, in the units shown', async () => {
    show(<FitView page={PAGE} write={write} tell={tell} />, 'IMPERIAL');
    await userEvent.click(screen.getByRole('button', { name: 'to the lens ?, not measured' }));
    await userEvent.type(screen.getByRole('textbox'), '4 1/2{Enter}');
    expect(write.mock.calls[0]?.[0]).toEqual({
      measure: { field: 'BOWL_DEPTH', typed: '4 1/2', units: 'IMPERIAL' },
    });
    expect(screen.getByRole('button', { name: 'lens 2.44' })).toBeTruthy();
  });

  it('keeps what was typed where the server refuses it', async () => {
    write.mockRejectedValue(new Problem(422, 'A length on a bench lies between…', undefined, {}));
    show(<FitView page={PAGE} write={write} tell={tell} />);
    await userEvent.click(screen.getByRole('button', { name: 'may be cut to: ?' }));
    await userEvent.type(screen.getByRole('textbox'), '-4{Enter}');
    expect(await screen.findByRole('alert')).toBeTruthy();
    expect(screen.getByRole<HTMLInputElement>('textbox').value).toBe('-4');
  });

  it('shows both ways, what is advised, and chooses', async () => {
    show(<FitView page={PAGE} write={write} tell={tell} />);
    expect(screen.getByText(/Advised otherwise: The threaded boss/)).toBeTruthy();
    const mount = screen.getByRole('group', { name: workshopWords.mount() });
    expect(
      within(mount).getByRole('button', { name: workshopWords.glued(), pressed: true }),
    ).toBeTruthy();
    await userEvent.click(within(mount).getByRole('button', { name: workshopWords.ringAndNut() }));
    expect(tell.mock.calls[0]?.[0]).toEqual({ choice: { which: 'MOUNT', value: 'RING' } });
    expect(
      screen.getByRole('button', { name: workshopWords.welded(), pressed: true }),
    ).toBeTruthy();
  });
});

describe('heat and time', () => {
  it('offers to reseal once the housing is open', () => {
    const opened = {
      ...PAGE,
      stages: partly<WorkshopPage['stages']>([
        { stage: 'BENCH', steps: [{ id: 'bench.open', side: 'LEFT', state: 'DONE' }] },
      ]),
    };
    show(<Oven page={opened} write={write} />);
    expect(screen.getByText(/225 °F \(107 °C\), 5/)).toBeTruthy();
  });

  it('times a cure by its label, and says where the label is not read', async () => {
    show(<Oven page={PAGE} write={write} />);
    const cures = screen.getByRole('region', { name: workshopWords.curesAndOtherTimers() });
    await userEvent.selectOptions(
      within(cures).getByLabelText(workshopWords.adhesive()),
      'FULL_EPOXY',
    );
    await userEvent.selectOptions(within(cures).getByLabelText(workshopWords.whichLamp()), 'LEFT');
    write.mockRejectedValueOnce(new Problem(422, 'Nothing was typed.', undefined, {}));
    await userEvent.click(within(cures).getByRole('button', { name: workshopWords.start() }));
    expect(await within(cures).findByText('Nothing was typed.')).toBeTruthy();
    await userEvent.type(within(cures).getByLabelText(workshopWords.timeOnItsLabel()), '24 h');
    await userEvent.click(within(cures).getByRole('button', { name: workshopWords.start() }));
    expect(write.mock.lastCall?.[0]).toEqual({
      timer: {
        name: 'full epoxy, left',
        kind: 'CURE',
        side: 'LEFT',
        adhesive: 'FULL_EPOXY',
        time: '24 h',
      },
    });
  });

  it('counts down by the server’s clock, and stops a timer', async () => {
    const timers = partly<WorkshopPage['timers']>([
      {
        id: 'late',
        name: 'sealant',
        kind: 'CURE',
        end: '2026-03-02T12:05:00Z',
        state: 'RUNNING',
      },
      { id: 'next', name: 'oven', kind: 'BAKE', end: '2026-03-02T10:04:30Z', state: 'RUNNING' },
      { id: 'done', name: 'tack', kind: 'CURE', end: '2026-03-02T09:00:00Z', state: 'OVER' },
    ]);
    show(<TimerList page={{ ...PAGE, timers }} tell={tell} />);
    const running = screen.getAllByRole('timer');
    expect(running.map((one) => one.textContent)).toEqual(['4:30', '2 h 05']);
    await userEvent.click(screen.getByRole('button', { name: 'Stop: oven' }));
    expect(tell.mock.calls[0]?.[0]).toEqual({ stop: { timer: 'next' } });
  });

  it('draws where the warming ends, in the units shown', () => {
    const celsius = (value: number): Figure => ({
      value,
      quantity: 'TEMPERATURE',
      metric: `${value} °C`,
      imperial: `${Math.round(value * 1.8 + 32)} °F`,
    });
    const heat = partly<WorkshopPage['heat']>([
      {
        what: 'left resistor',
        limitCelsius: 56,
        limit: celsius(56),
        readings: [{ minutes: 0, celsius: 20 }],
        curve: {
          end: celsius(65),
          endCelsius: 65,
          endDeviation: 1,
          tauMinutes: 4,
          points: [
            { minutes: 0, celsius: 20 },
            { minutes: 20, celsius: 64.7 },
          ],
        },
        finding: finding('heat@lamp:DIPPED:LEFT', 'OUT', 'Left resistor will end at {0}'),
      },
    ]);
    show(<HeatView page={{ ...PAGE, heat }} write={write} />, 'IMPERIAL');
    const drawing = screen.getByRole('img', {
      name: workshopWords.temperaturesOfWhat({ what: 'left resistor' }),
    });
    expect(within(drawing).getByText('149 °F')).toBeTruthy();
    expect(
      within(drawing).getByText(workshopWords.mayReachLimit({ limit: '133 °F' })),
    ).toBeTruthy();
  });
});

it('reads the projector on the bench’s tape, side by side', async () => {
  show(<BenchAim page={PAGE} write={write} />);
  const lamp = screen.getByRole('region', { name: workshopWords.sideLamp({ side: 'left' }) });
  expect(within(lamp).getByText(/Left cutoff leans/)).toBeTruthy();
  await userEvent.click(
    within(lamp).getByRole('button', {
      name: workshopWords.sideLampWords({
        side: 'left',
        words: `${workshopWords.projectorPlace({ place: 'left place' })}: 806.0`,
      }),
    }),
  );
  await userEvent.type(within(lamp).getByRole('textbox'), '800{Enter}');
  expect(write.mock.calls[0]?.[0]).toEqual({
    measure: { field: 'NOW_LEFT', side: 'LEFT', typed: '800', units: 'METRIC' },
  });
});

const ROW: LedgerLine['row'] = {
  count: 2,
  kind: 'BOLT',
  name: '',
  size: '10 mm',
  thread: '',
  where: 'left',
  tray: '',
  holds: '',
  asFound: 'SOUND',
  hidden: false,
  people: 1,
  note: '',
};

const LINE = partly<LedgerLine>({
  id: 'line',
  words: '2 bolts, 10 mm, left',
  row: ROW,
  out: 2,
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
});

describe('a line of the ledger', () => {
  it('is completed in its place', async () => {
    const close = vi.fn();
    show(<LineDialog line={LINE} write={write} close={close} />);
    const dialog = await screen.findByRole('dialog');
    await userEvent.type(within(dialog).getByLabelText(workshopWords.holds()), 'bumper');
    await userEvent.click(
      within(dialog).getByRole('button', { name: workshopWords.hiddenUntilSomethingElseIsOff() }),
    );
    await userEvent.click(
      within(dialog).getByRole('button', { name: workshopWords.takesTwoPeople() }),
    );
    await userEvent.click(within(dialog).getByRole('button', { name: appWords.save() }));
    expect(write.mock.calls.map(([said]) => said)).toEqual([
      { out: { ...ROW, holds: 'bumper', hidden: true, people: 2, changes: 'line' } },
    ]);
    expect(close).toHaveBeenCalled();
  });

  it('that something became of is only looked at', async () => {
    show(
      <LineDialog
        line={{ ...LINE, back: 1, out: 1, row: { ...ROW, tray: 'tray 2' } }}
        write={write}
        close={vi.fn()}
      />,
    );
    const dialog = await screen.findByRole('dialog');
    expect(within(dialog).queryByRole('button', { name: appWords.save() })).toBeNull();
    expect(within(dialog).getByText(workshopWords.tray2())).toBeTruthy();
    write.mockRejectedValueOnce(new Problem(422, 'Undone by Ilse meanwhile.', undefined, {}));
    await userEvent.click(
      within(dialog).getByRole('button', { name: 'One broken or lost: 2 bolts, 10 mm, left' }),
    );
    expect(await within(dialog).findByText('Undone by Ilse meanwhile.')).toBeTruthy();
  });
});
