import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import {
  api,
  type ChosenPlan,
  type Controls,
  type FeedPage,
  type FeedSheet,
  type ProbedWire,
} from '../api/client';
import { JOB, length, show, takesEverything, partly } from '../test/testing';
import { Lists } from './Lists';
import { Sources } from './Sources';
import { telling } from './telling';
import { feedWords } from '../words/page/feed';

const LOW: Controls = {
  key: 'ENGINE',
  lights: 'DIPPED',
  fog: false,
  turn: 'OFF',
  auxiliary: false,
};
const PLAN: ChosenPlan = {
  id: 'drl-tap',
  version: 1,
  answers: { tapAmps: '7.5', batteryAh: '70' },
  changes: {},
};

const SHEET = partly<FeedSheet>({
  plan: { id: 'drl-tap', version: 1, own: false, title: 'One tap', functions: ['DRL'] },
  states: [
    { state: 'DAY', words: 'engine, lights off', controls: { ...LOW, lights: 'OFF' }, phases: [] },
    { state: 'LOW', words: 'low beam', controls: LOW, phases: [] },
  ],
  lamps: [
    {
      words: 'daytime running lamp',
      function: 'DRL',
      cells: [{ level: 'FULL' }, { level: 'OUT' }],
    },
  ],
  order: [
    { id: 'Probe the slot', does: 'Probe the slot', battery: 'ON' },
    { id: 'Lay both branches', does: 'Lay both branches', battery: 'OFF' },
  ],
  undo: 'Tap out, old fuse back.',
  cuts: [
    {
      size: '0.75 mm²',
      colour: 'white',
      total: length(3000),
      pieces: [
        { label: 'right branch', length: length(1900), fromEnd: 'splice', toEnd: 'lamp plug' },
      ],
    },
  ],
  bill: [{ what: 'fuse tap, mini', count: 1 }],
  labels: ['right branch', 'right branch'],
});

beforeEach(() => {
  vi.restoreAllMocks();
});

function lists(onPlan = vi.fn()) {
  show(<Lists sheet={SHEET} job={JOB} plan={PLAN} controls={LOW} onPlan={onPlan} />);
  return onPlan;
}

describe('the lists', () => {
  it('say in which order, what is cut, what is bought and how it is undone', () => {
    lists();
    const steps = screen.getAllByRole('listitem').map((step) => step.textContent);
    expect(steps).toEqual(['1Probe the slotbattery on', '2Lay both branchesnegative off']);
    expect(screen.getByText('0.75 mm², white: 3000 mm')).toBeTruthy();
    expect(screen.getByText('splice — lamp plug')).toBeTruthy();
    // on its piece, and on both its labels
    expect(screen.getAllByText('right branch')).toHaveLength(3);
    expect(screen.getByText('fuse tap, mini')).toBeTruthy();
    expect(screen.getByText('Tap out, old fuse back.')).toBeTruthy();
  });

  it('offer the netlist of the state that is shown', () => {
    lists();
    const link = screen.getByRole('link', { name: feedWords.netlistWords({ words: 'low beam' }) });
    expect(link.getAttribute('href')).toBe('/api/jobs/j/feed/netlist?state=LOW&language=en');
  });

  it('take a table of parts in, and say what is wrong with one', async () => {
    const post = vi
      .spyOn(api, 'POST')
      .mockResolvedValueOnce({
        data: { ...PLAN, changes: { 'drl feed': { size: '1.5 mm²' } } },
        response: new Response(null, { status: 200 }),
      } as never)
      .mockResolvedValueOnce({
        error: { detail: 'line 2: No part is called “x”.' },
        response: new Response(null, { status: 422 }),
      } as never);
    const onPlan = lists();
    const file = (text: string) => new File([text], 'parts.csv', { type: 'text/csv' });
    await userEvent.upload(
      screen.getByLabelText(feedWords.importACSV()),
      file('part,kind,name,value'),
    );
    await vi.waitFor(() =>
      expect(onPlan).toHaveBeenCalledWith(
        expect.objectContaining({ changes: { 'drl feed': { size: '1.5 mm²' } } }),
      ),
    );
    expect(post.mock.calls[0]?.[1]).toMatchObject({ body: { csv: 'part,kind,name,value' } });
    await userEvent.upload(screen.getByLabelText(feedWords.importACSV()), file('bad'));
    expect((await screen.findByRole('alert')).textContent).toContain('No part is called “x”');
    expect(onPlan).toHaveBeenCalledTimes(1);
  });

  it('keep the plan as the shop’s own, with its answers as the usual ones', async () => {
    vi.spyOn(api, 'GET').mockResolvedValue({
      data: JSON.stringify({ id: 'drl-tap', questions: [{ id: 'tapAmps', usual: '5' }] }),
      response: new Response(null, { status: 200 }),
    } as never);
    const puts = takesEverything();
    lists();
    await userEvent.click(screen.getByRole('button', { name: feedWords.saveWithTheseAnswers() }));
    expect((await screen.findByRole('alert')).textContent).toBe(feedWords.giveItANameFirst());
    await userEvent.type(screen.getByLabelText(feedWords.whatIsItCalled()), 'Valley lamps');
    await userEvent.click(screen.getByRole('button', { name: feedWords.saveWithTheseAnswers() }));
    expect((await screen.findByRole('status')).textContent).toContain('Saved as “Valley lamps”');
    expect(puts[0]?.ids).toEqual({ id: 'valley-lamps' });
    expect(JSON.parse(String(puts[0]?.body.file))).toMatchObject({
      questions: [{ id: 'tapAmps', usual: '7.5' }],
    });
  });
});

describe('sources', () => {
  const wire = (more: Partial<ProbedWire>): ProbedWire =>
    ({
      wire: {
        id: 's',
        place: 'plug B, cavity 8',
        colour: 'red',
        ground: 'battery',
        supplyVolts: 12.5,
        readings: [{ key: 'OFF', lights: 'SIDE', volts: 12.4 }],
      },
      answer: 'IS',
      kinds: ['LAMPS_ON'],
      words: 'lamps on',
      ...more,
    }) as ProbedWire;

  it('say what a wire is, or where to read next', () => {
    const { wire: probed } = wire({});
    const open = wire({
      wire: { ...probed, id: 't' },
      answer: 'OPEN',
      words: 'accessory or ignition',
      readNext: { key: 'ACCESSORY', lights: 'OFF' },
    });
    const page = partly<FeedPage>({ sources: [wire({}), open], known: [wire({})] });
    show(<Sources page={page} onEdit={vi.fn()} onAdd={vi.fn()} />);
    expect(screen.getAllByText('plug B, cavity 8, red: lamps on')).toHaveLength(2);
    expect(screen.getByText(/key at “acc” and the lights at “off”/)).toBeTruthy();
    expect(screen.getAllByText(/out\/side 12.4 V · battery 12.5 V · against battery/)).toBeTruthy();
    // what was found in an earlier job is not read on from here
    expect(screen.getAllByRole('button', { name: feedWords.readOn() })).toHaveLength(2);
  });
});

describe('the controls to begin with', () => {
  it('are such that what the plan feeds is lit', () => {
    expect(telling(SHEET).lights).toBe('OFF');
    expect(telling(undefined).lights).toBe('DIPPED');
  });
});
