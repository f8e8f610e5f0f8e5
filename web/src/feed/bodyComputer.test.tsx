import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, it, vi } from 'vitest';
import { api, type FeedEdit } from '../api/client';
import { answering, show, partly } from '../test/testing';
import { BodyComputer } from './BodyComputer';

const TAKEN = {
  parameter: 'running lamps present',
  before: 'no',
  after: 'yes',
  result: 'Taken, and read back.',
  taken: true,
  person: 'Runa',
  at: '2026-03-02T09:00:00Z',
};
const REFUSED = { ...TAKEN, parameter: 'running lamp type', taken: false, after: 'LED' };

interface Written {
  body: { written: unknown[]; write?: { parameter: string; value: string }; volts: number };
}

let asked: Written['body'][] = [];

beforeEach(() => {
  asked = [];
  localStorage.setItem('mellow.acting', 'Runa');
  answering('POST', (_: string, { body }: Written) => {
    asked.push(body);
    return Promise.resolve({
      data: {
        parameters: [
          {
            name: 'running lamp type',
            words: 'running lamp type',
            value: 'filament',
            values: ['filament', 'LED'].map((value) => ({ value, words: value })),
          },
        ],
        outcome: body.write
          ? { before: 'filament', taken: body.volts > 0, says: 'The battery is off.' }
          : undefined,
      },
      response: new Response(null, { status: 200 }),
    });
  });
});

const open = (settings: FeedEdit['settings'], connected: boolean, onChange = vi.fn()) => {
  show(
    <BodyComputer
      feed={partly<FeedEdit>({ settings })}
      connected={connected}
      onChange={onChange}
    />,
  );
  return onChange;
};

it('tells the body computer what was taken before, and not what was refused', async () => {
  open([TAKEN, REFUSED], true);
  await screen.findByRole('group', { name: 'running lamp type' });
  expect(asked[0]?.written).toEqual([{ parameter: 'running lamps present', value: 'yes' }]);
});

it('writes a value and logs it with what came of it, refused or not', async () => {
  const onChange = open([TAKEN], false);
  const row = await screen.findByRole('group', { name: 'running lamp type' });
  expect(within(row).getByRole('button', { name: 'filament', pressed: true })).toBeTruthy();
  await userEvent.click(within(row).getByRole('button', { name: 'LED' }));
  expect(asked.find((body) => body.write)).toMatchObject({
    write: { parameter: 'running lamp type', value: 'LED' },
    volts: 0,
  });
  expect(onChange).toHaveBeenCalledWith([
    TAKEN,
    expect.objectContaining({
      parameter: 'running lamp type',
      before: 'filament',
      after: 'LED',
      taken: false,
      result: 'The battery is off.',
      person: 'Runa',
    }),
  ]);
});

it('says why a value could not be written, and logs nothing', async () => {
  const onChange = open([], true);
  const led = within(await screen.findByRole('group', { name: 'running lamp type' })).getByRole(
    'button',
    { name: 'LED' },
  );
  vi.mocked(api.POST).mockRejectedValue(new TypeError('Failed to fetch'));
  await userEvent.click(led);
  expect((await screen.findByRole('alert')).textContent).not.toBe('');
  expect(onChange).not.toHaveBeenCalled();
});
