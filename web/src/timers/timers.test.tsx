import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { api, Problem, type ShopTimer } from '../api/client';
import { Header } from '../frame/Header';
import { outbox } from '../kept/outbox';
import { show } from '../test/testing';
import { BellProvider } from './Bell';
import { left } from './times';
import { appWords } from '../words/page/app';
import { timersWords } from '../words/page/timers';

const NOW = '2026-03-02T10:00:00Z';

const timer = (id: string, name: string, end: string): ShopTimer => ({
  jobId: `job of ${id}`,
  vehicle: 'valley bus 7',
  timer: {
    id,
    name,
    kind: 'BAKE',
    start: '2026-03-02T09:54:00Z',
    seconds: 300,
    end,
    state: 'RUNNING',
    by: 'Runa',
  },
});

let written: { job: string; said: Record<string, unknown> }[];

beforeEach(() => {
  localStorage.setItem('mellow.acting', 'Runa');
  written = [];
  vi.spyOn(outbox, 'write').mockImplementation(({ of, body }) => {
    written.push({ job: of, said: body });
    return Promise.resolve('kept');
  });
  vi.spyOn(api, 'GET').mockReturnValue(new Promise(() => undefined) as never);
});

afterEach(() => vi.restoreAllMocks());

function open(timers: ShopTimer[]) {
  return show(
    <BellProvider>
      <Header title="History" />
    </BellProvider>,
    'METRIC',
    { timers: { now: NOW, timers } },
  );
}

it('rings on any page, and is seen to for the job that it belongs to', async () => {
  open([
    timer('over', 'oven, left lamp', '2026-03-02T09:59:00Z'),
    timer('runs', 'sealant', '2026-03-02T10:30:00Z'),
  ]);
  const alarm = await screen.findByRole('dialog', { name: appWords.timers() });
  expect(within(alarm).getByText('oven, left lamp: ready')).toBeTruthy();
  expect(within(alarm).getAllByText('valley bus 7')).toHaveLength(2);
  await userEvent.click(within(alarm).getByRole('button', { name: appWords.seenTo() }));
  expect(written).toEqual([
    { job: 'job of over', said: { stage: 'BENCH', stop: { timer: 'over' } } },
  ]);
  await waitFor(() => expect(screen.queryByRole('dialog', { name: appWords.timers() })).toBeNull());
});

it('goes back to work without ending anything, and comes back by its key', async () => {
  open([timer('over', 'tack', '2026-03-02T09:59:48Z')]);
  await userEvent.click(await screen.findByRole('button', { name: timersWords.backToWork() }));
  expect(screen.queryByRole('dialog', { name: appWords.timers() })).toBeNull();
  expect(
    await screen.findByRole('button', { name: /^Timer: tack, valley bus 7,\s*\+0:1/ }),
  ).toBeTruthy();
  fireEvent.keyDown(window, { key: 't' });
  expect(await screen.findByRole('dialog', { name: appWords.timers() })).toBeTruthy();
  await userEvent.keyboard('{Escape}');
  await waitFor(() => expect(screen.queryByRole('dialog', { name: appWords.timers() })).toBeNull());
  expect(written).toEqual([]);
});

it('rings at the end though nothing was asked of the server meanwhile', () => {
  vi.useFakeTimers();
  try {
    open([timer('soon', 'fast epoxy', '2026-03-02T10:00:05Z')]);
    expect(screen.queryByRole('dialog', { name: appWords.timers() })).toBeNull();
    act(() => void vi.advanceTimersByTime(6_000));
    expect(screen.getByRole('dialog', { name: appWords.timers() })).toBeTruthy();
  } finally {
    vi.useRealTimers();
  }
});

it('can be pressed while the page asks who one is, says what was refused, and goes on ringing', async () => {
  localStorage.removeItem('mellow.acting');
  vi.mocked(outbox.write).mockRejectedValue(
    new Problem(422, 'Pick who you are first: each entry keeps its name.', 'person', {}),
  );
  open([timer('soon', 'tack', '2026-03-02T10:00:01Z')]);
  expect(await screen.findByRole('dialog', { name: appWords.whoAreYou() })).toBeTruthy();
  await userEvent.click(
    await screen.findByRole('button', { name: appWords.seenTo() }, { timeout: 4_000 }),
  );
  expect((await screen.findByRole('alert')).textContent).toContain('Pick who you are first');
  expect(screen.getByRole('dialog', { name: appWords.timers() })).toBeTruthy();
});

it('lets a person be picked while it rings', async () => {
  localStorage.removeItem('mellow.acting');
  show(
    <BellProvider>
      <Header title="History" />
    </BellProvider>,
    'METRIC',
    {
      timers: { now: NOW, timers: [timer('over', 'tack', '2026-03-02T09:59:48Z')] },
      shop: { version: 1, name: 'Workshop', people: [{ id: 'r', name: 'Runa' }] },
    },
  );
  const alarm = await screen.findByRole('dialog', { name: appWords.timers(), hidden: true });
  const who = await within(alarm).findByRole('group', {
    name: timersWords.whoSeesToIt(),
    hidden: true,
  });
  await userEvent.click(within(who).getByText('Runa'));
  expect(localStorage.getItem('mellow.acting')).toBe('Runa');
  expect(within(alarm).queryByText(timersWords.whoSeesToIt())).toBeNull();
});

it('tells what is left of a timer as one reads it', () => {
  expect(left(299.2)).toBe('5:00');
  expect(left(59)).toBe('0:59');
  expect(left(3600)).toBe('1 h 00');
  expect(left(26 * 3600)).toBe('1 d 2 h');
  expect(left(-12)).toBe('+0:12');
});
