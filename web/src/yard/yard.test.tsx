import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { api, type YardRow } from '../api/client';
import { answering, accepted, length, mark, openPage, refused, sentence } from '../test/testing';
import { Yard } from './Yard';
import { yardWords } from '../words/page/yard';
import { appWords } from '../words/page/app';

const NOW = new Date();
const daysAgo = (days: number) =>
  new Date(NOW.getFullYear(), NOW.getMonth(), NOW.getDate() - days, 9, 5).toISOString();

function row(id: string, nickname: string, more: Partial<YardRow> = {}): YardRow {
  return {
    jobId: id,
    vehicle: 'Quenby Loft',
    nickname,
    work: 'aim after new springs',
    units: 'METRIC',
    bay: 'Hall',
    touchedAt: daysAgo(0),
    readable: true,
    standing: {
      stage: 'WALL',
      verdict: 'WITHIN',
      headline: sentence('Nothing stands above the horizon'),
      stages: ['TAKE_IN', 'WALL'],
      horizon: { parts: ['Take in', 'Wall'], present: 1, marks: [] },
    },
    ...more,
  };
}

const OUT = {
  stage: 'APART',
  verdict: 'OUT',
  headline: sentence('Left lamp {0} too high', length(38)),
  stages: ['TAKE_IN', 'APART'],
  horizon: { parts: ['Take in', 'Apart'], present: 1, marks: [mark(1, 'OUT', -0.4, 'too high')] },
} satisfies YardRow['standing'];

let asked: { text: string; after: string }[];
let pages: (query: { text: string; after: string }) => { rows: YardRow[]; next?: string };

beforeEach(() => {
  vi.restoreAllMocks();
  localStorage.setItem('mellow.acting', 'Runa');
  asked = [];
  pages = () => ({ rows: [] });
  answering(
    'GET',
    (path: string, request: { params: { query: { text: string; after: string } } }) => {
      if (path !== '/api/yard') {
        return new Promise(() => undefined);
      }
      asked.push(request.params.query);
      return Promise.resolve(accepted(pages(request.params.query)));
    },
  );
});

function open() {
  const elsewhere = ['/jobs/:id/apart', '/jobs/:id', '/history', '/rulebook', '/bays'];
  return openPage('/', '/', <Yard />, {}, elsewhere);
}

describe('the yard', () => {
  it('says how many stand above the horizon, and leads to where each stands', async () => {
    pages = () => ({
      rows: [row('a', 'library van 1'), row('b', 'valley bus 7', { standing: OUT })],
    });
    const router = open();
    expect(
      await screen.findByText(
        yardWords.lengthAboveWithFindingsOut({ length: '2', value: ' vehicles', above: '1' }),
      ),
    ).toBeTruthy();
    expect(screen.getByText(/38 mm/)).toBeTruthy();
    await userEvent.click(screen.getByText('valley bus 7'));
    expect(router.state.location.pathname).toBe('/jobs/b/apart');
  });

  it('tells when each was touched as one says it, and where it stands', async () => {
    pages = () => ({
      rows: [
        row('a', 'one'),
        row('b', 'two', { touchedAt: daysAgo(1), bay: undefined }),
        row('c', 'three', { touchedAt: '2026-01-09T12:00:00Z' }),
      ],
    });
    open();
    const rows = (await screen.findAllByRole('listitem')).map((one) => one.textContent);
    expect(rows[0]).toContain('Halltoday 09:05');
    expect(rows[1]).toContain('no bayyesterday');
    expect(rows[2]).toContain('9 January');
  });

  it('asks the server for what is searched, and says where there is none', async () => {
    pages = ({ text }) => ({ rows: text === 'bus' ? [row('b', 'valley bus 7')] : [] });
    open();
    expect(await screen.findByText(/The yard is empty/)).toBeTruthy();
    await userEvent.type(screen.getByLabelText(yardWords.search()), ' bus ');
    expect(await screen.findByText('valley bus 7')).toBeTruthy();
    await userEvent.type(screen.getByLabelText(yardWords.search()), 'x');
    expect(await screen.findByText(yardWords.noVehicleOrWorkMatchesThese())).toBeTruthy();
    expect(asked.map((one) => one.text)).toContain('bus');
  });

  it('goes on with older jobs where there are more', async () => {
    pages = ({ after }) =>
      after === ''
        ? { rows: [row('a', 'library van 1')], next: 'a' }
        : { rows: [row('z', 'club roadster')] };
    open();
    expect(await screen.findByText(/^1 vehicle and more/)).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: yardWords.olderJobs() }));
    expect(await screen.findByText('club roadster')).toBeTruthy();
    expect(screen.getByText('library van 1')).toBeTruthy();
    await waitFor(() =>
      expect(screen.queryByRole('button', { name: yardWords.olderJobs() })).toBeNull(),
    );
    expect(asked.at(-1)).toEqual({ text: '', after: 'a' });
  });

  it('says what is wrong where the server can’t be reached', async () => {
    vi.mocked(api.GET).mockResolvedValue(
      refused('The record cannot be reached just now.') as never,
    );
    open();
    expect((await screen.findByRole('alert')).textContent).toContain('cannot be reached just now');
  });

  it.each([
    ['h', '/history'],
    ['r', '/rulebook'],
    ['b', '/bays'],
  ])('goes by the key %s', async (key, path) => {
    const router = open();
    await screen.findByText(/The yard is empty/);
    await userEvent.keyboard(key);
    expect(router.state.location.pathname).toBe(path);
  });

  it('takes a vehicle in by its key, and types keys where one types', async () => {
    open();
    await screen.findByText(/The yard is empty/);
    await userEvent.keyboard('s');
    await userEvent.keyboard('n');
    expect((screen.getByLabelText(yardWords.search()) as HTMLInputElement).value).toBe('n');
    await userEvent.click(screen.getByRole('button', { name: yardWords.takeAVehicleIn() }));
    const sheet = await screen.findByRole('dialog', { name: yardWords.takeAVehicleIn() });
    expect(within(sheet).getByLabelText(appWords.whatItIsCalledHere())).toBeTruthy();
  });

  it('lets a job be put aside that cannot be read, and brings it back', async () => {
    pages = () => ({ rows: [row('a', 'one', { readable: false }), row('b', 'two')] });
    const put = vi
      .spyOn(api, 'PUT')
      .mockResolvedValue(
        accepted([
          { jobId: 'a', vehicle: 'Quenby Loft', work: 'aim', why: 'unread', by: 'Runa', at: '' },
        ]) as never,
      );
    open();
    const link = await screen.findByRole('link', { name: yardWords.whatIsStored() });
    expect(link.getAttribute('href')).toBe('/api/jobs/a/stored');
    await userEvent.click(screen.getByRole('button', { name: appWords.putItAside() }));
    expect(put.mock.lastCall?.[1]).toMatchObject({
      params: { path: { id: 'a' } },
      body: { aside: true },
    });
    await userEvent.click(
      await screen.findByRole('button', { name: yardWords.lengthPutAside({ length: '1 job' }) }),
    );
    await userEvent.click(screen.getByRole('button', { name: yardWords.backIntoTheYard() }));
    expect(put.mock.lastCall?.[1]).toMatchObject({ body: { aside: false } });
  });
});
