import { describe, expect, it } from 'vitest';
import type { CircuitLayout, FeedSheet } from '../api/client';
import { partly } from '../test/testing';
import { onVehicle } from './onVehicle';

const SHEET = partly<FeedSheet>({
  points: { splice: 'splice in the loom' },
  parts: [
    { id: 'fuse', name: 'left low-beam fuse', values: {} },
    { id: 'relay', name: 'low-beam relay', values: {} },
    { id: 'lamp', name: 'left low beam', values: { plus: 'lamp +', minus: 'lamp -' } },
    { id: 'key', name: 'key, ignition', values: {} },
  ],
  drawing: {
    symbols: [
      {
        part: 'fuse',
        pins: [
          { node: 'low', terminal: '' },
          { node: 'fused', terminal: '' },
        ],
      },
      { part: 'relay', pins: ['86', '85'].map((terminal) => ({ node: terminal, terminal })) },
      { part: 'relay', pins: ['30', '87'].map((terminal) => ({ node: terminal, terminal })) },
      { part: 'lamp', pins: ['lamp +', 'lamp -'].map((node) => ({ node, terminal: '' })) },
      {
        part: 'key',
        pins: [
          { node: 'battery +', terminal: '' },
          { node: 'low', terminal: '' },
        ],
      },
    ],
  },
});

const LAYOUT: CircuitLayout = {
  places: [
    { site: 'LEFT_LAMPS', words: 'left lamps', parts: ['lamp'] },
    { site: 'ENGINE_BOX', words: 'box', parts: ['fuse', 'relay'] },
    { site: 'STEERING_COLUMN', words: 'steering column', parts: ['key'] },
    { site: 'LOOM', words: 'in the loom', parts: [] },
  ],
  runs: [
    {
      part: 'lead',
      from: { site: 'ENGINE_BOX', node: 'fused' },
      to: { site: 'LEFT_LAMPS', node: 'lamp +' },
    },
    {
      from: { site: 'STEERING_COLUMN', node: 'low' },
      to: { site: 'ENGINE_BOX', node: 'low' },
    },
    {
      part: 'return',
      from: { site: 'LEFT_LAMPS', node: 'lamp -' },
      to: { site: 'LOOM', node: 'splice' },
    },
  ],
  pins: [],
};

describe('a circuit on the vehicle', () => {
  it('has every wire end at a terminal of its own point', () => {
    const { plates, runs } = onVehicle(LAYOUT, SHEET, 'LEFT');
    const terminals = plates.flatMap((plate) => plate.rows.flatMap((row) => row.terminals));
    runs.forEach((run, index) => {
      const { from, to } = LAYOUT.runs[index] ?? { from: undefined, to: undefined };
      const ends = [run.spots[0], run.spots.at(-1)];
      [from, to].forEach((end, which) =>
        expect(
          terminals.filter((one) => one.node === end?.node).map((one) => one.at),
        ).toContainEqual(ends[which]),
      );
    });
  });

  it('bends wires at right angles only, and keeps places apart', () => {
    const { plates, runs } = onVehicle(LAYOUT, SHEET, 'LEFT');
    for (const { spots } of runs) {
      spots.slice(1).forEach((spot, index) => {
        const before = spots[index];
        expect(spot.x === before?.x || spot.y === before?.y).toBe(true);
      });
    }
    for (const one of plates) {
      for (const other of plates.filter((plate) => plate !== one)) {
        const apart =
          one.x + one.width <= other.x ||
          other.x + other.width <= one.x ||
          one.y + one.height <= other.y ||
          other.y + other.height <= one.y;
        expect(apart).toBe(true);
      }
    }
  });

  it('has the steering column on the driver’s side', () => {
    const x = (driver: 'LEFT' | 'RIGHT') =>
      onVehicle(LAYOUT, SHEET, driver).plates.find((one) => one.site === 'STEERING_COLUMN')?.x ?? 0;
    expect(x('LEFT')).toBeLessThan(x('RIGHT'));
  });

  it('names the poles of a lamp and the terminals of a relay', () => {
    const rows = onVehicle(LAYOUT, SHEET, 'LEFT').plates.flatMap((plate) => plate.rows);
    const named = (part: string) =>
      rows.find((row) => row.part === part)?.terminals.map((one) => one.words);
    expect(named('lamp')).toEqual(['+', '−']);
    expect(named('relay')).toEqual(['86', '85', '30', '87']);
  });
});
