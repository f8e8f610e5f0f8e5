import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter, Route, Routes } from 'react-router';
import { beforeEach, expect, it, vi } from 'vitest';
import { api, type HandOverPage as Page } from '../app/api/client';
import { HistoryPage } from '../history/HistoryPage';
import { finding, JOB, show } from '../test/testing';
import { HandOverPage } from './HandOverPage';

vi.mock('../drawing/useSize', () => ({
  useWidth: () => 400,
  useSize: () => ({ width: 1, height: 1 }),
}));

const page = (more = {}): Page =>
  ({
    job: JOB,
    vehicle: { id: 'v', version: 1, name: 'Quenby Lantern', nickname: 'valley bus 7' },
    version: 2,
    handOver: { note: 'One clip is new.', fuses: '', comeBack: [] },
    changedBy: 'Runa',
    above: [],
    done: ['Fog lamps were fitted and wired.'],
    heed: ['Fog lamps are for fog.'],
    followUps: [{ what: 'Taps looked at', from: '2027-01-01', latest: '2027-03-01', because: '' }],
    beforeAfter: [{ what: 'left lamp, centre', before: '690 mm', after: '688 mm' }],
    minutes: [],
    amendments: [],
    comebacks: [],
    ...more,
  }) as unknown as Page;

const ABOVE = [
  { stage: 'PROVE', words: 'Prove', finding: finding('hand-over.unproved', 'OUT', 'Not proved') },
];

let puts: { path: string; body: Record<string, unknown> }[] = [];
let answer: () => { data?: unknown; error?: unknown; response: Response };

beforeEach(() => {
  vi.restoreAllMocks();
  puts = [];
  localStorage.setItem('mellow.acting', 'Runa');
  answer = () => ({ data: page(), response: new Response(null, { status: 200 }) });
  vi.spyOn(api, 'GET').mockImplementation(
    (() => new Promise(() => undefined)) as unknown as typeof api.GET,
  );
  vi.spyOn(api, 'PUT').mockImplementation(((path: string, { body }: { body: object }) => {
    puts.push({ path, body: body as Record<string, unknown> });
    return Promise.resolve(answer());
  }) as unknown as typeof api.PUT);
});

function open(content: Page) {
  show(
    <MemoryRouter initialEntries={['/jobs/j/hand-over']}>
      <Routes>
        <Route path="/jobs/:id/hand-over" element={<HandOverPage />} />
      </Routes>
    </MemoryRouter>,
    'METRIC',
    { 'hand-over/j': content },
  );
}

it('shows the owner’s page as it will be printed', () => {
  open(page());
  const paper = screen.getByRole('region', { name: 'The owner’s page' });
  for (const words of ['One clip is new.', 'Fog lamps are for fog.', 'Taps looked at', '688 mm']) {
    expect(within(paper).getByText(words)).toBeTruthy();
  }
  expect(screen.getByRole('link', { name: 'Pack, A4' }).getAttribute('href')).toBe(
    '/api/jobs/j/pack.pdf',
  );
});

it('keeps what is told to the owner on the version that was shown', async () => {
  open(page());
  const note = screen.getByLabelText('From the workshop');
  await userEvent.clear(note);
  await userEvent.type(note, 'Two clips are new.');
  await userEvent.tab();
  expect(puts[0]?.body).toMatchObject({ version: 2, handOver: { note: 'Two clips are new.' } });
});

it('says why it does not go, and goes with a reason that is signed', async () => {
  open(page({ above: ABOVE }));
  await userEvent.click(screen.getByRole('button', { name: 'Hand over' }));
  const dialog = await screen.findByRole('dialog');
  answer = () => ({
    error: { detail: 'It goes only with a reason.' },
    response: new Response(null, { status: 422 }),
  });
  await userEvent.click(within(dialog).getByRole('button', { name: 'Sign as Runa' }));
  expect(await within(dialog).findByText('It goes only with a reason.')).toBeTruthy();
  await userEvent.type(within(dialog).getByRole('textbox'), 'needed today');
  answer = () => ({ data: page(), response: new Response(null, { status: 200 }) });
  await userEvent.click(within(dialog).getByRole('button', { name: 'Sign as Runa' }));
  expect(puts.at(-1)).toEqual({
    path: '/api/jobs/{jobId}/closed',
    body: { reason: 'needed today' },
  });
});

it('takes corrections beside a closed record, and what differs at a comeback', async () => {
  open(
    page({
      closed: { by: 'Ilse', at: '2026-11-01T10:00:00Z', reason: '', findings: [] },
      comebackOf: {
        jobId: 'x',
        work: 'aim',
        at: '2026-10-01T10:00:00Z',
        differences: [{ what: 'left cutoff', then: '−1.05 %', now: '−0.26 %' }],
      },
    }),
  );
  expect(screen.getByText('Handed over by Ilse, 2026-11-01')).toBeTruthy();
  expect(screen.queryByLabelText('From the workshop')).toBeNull();
  expect(screen.getByText('−0.26 %')).toBeTruthy();
  await userEvent.click(screen.getByRole('button', { name: 'Add a correction' }));
  await userEvent.type(await screen.findByLabelText('What is right'), 'The fuse is 10 A');
  await userEvent.type(screen.getByLabelText('Why it is corrected'), 'misread');
  await userEvent.click(screen.getByRole('button', { name: 'Sign as Runa' }));
  expect(puts[0]?.body).toEqual({ words: 'The fuse is 10 A', why: 'misread' });
});

it('finds jobs by words, and gives each chart its numbers as a table', async () => {
  vi.spyOn(api, 'GET').mockImplementation(((path: string) =>
    Promise.resolve({
      data:
        path === '/api/shop'
          ? { name: '', people: [] }
          : path === '/api/history'
            ? {
                jobs: [
                  {
                    jobId: 'a',
                    vehicle: 'Quenby Loft',
                    nickname: 'van 2',
                    work: 'lamps swapped',
                    at: '2026-10-17T09:00:00Z',
                    closed: true,
                    where: ['off: 9 clips'],
                  },
                ],
              }
            : {
                jobs: 14,
                times: [{ stage: 'WALL', words: 'Wall', middle: 40, most: 50, jobs: 2 }],
                estimates: [],
                fasteners: [{ what: 'clip: broken', count: 3 }],
                parts: [],
                rules: [],
              },
      response: new Response(null, { status: 200 }),
    })) as unknown as typeof api.GET);
  show(
    <MemoryRouter>
      <HistoryPage />
    </MemoryRouter>,
  );
  expect(await screen.findByText('off: 9 clips')).toBeTruthy();
  const times = await screen.findByRole('table', { name: 'Time a stage takes' });
  expect(within(times).getByText('40 min')).toBeTruthy();
  expect(
    within(screen.getByRole('table', { name: 'Fasteners that gave trouble' })).getByText('3 ×'),
  ).toBeTruthy();
  await userEvent.type(screen.getByRole('textbox'), 'clip');
  expect(vi.mocked(api.GET).mock.lastCall?.[1]).toMatchObject({
    params: { query: { text: 'clip' } },
  });
});
