import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { beforeEach, expect, it, vi } from 'vitest';
import { api, type HandOverPage as Page } from '../api/client';
import { HistoryPage } from '../history/HistoryPage';
import {
  answering,
  accepted,
  finding,
  JOB,
  openPage,
  leaveDialog,
  outdated,
  refused,
  show,
  partly,
} from '../test/testing';
import { outbox } from '../kept/outbox';
import { HandOverPage } from './HandOverPage';
import { handoverWords } from '../words/page/handover';
import { appWords } from '../words/page/app';
import { historyWords } from '../words/page/history';

const page = (more = {}): Page =>
  partly<Page>({
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
    headings: {
      done: 'What was done',
      note: 'From the workshop',
      heed: 'Please note',
      fuses: 'Where the new fuses are',
      comeBack: 'When to come back',
      beforeAfter: 'Before and after',
    },
    ...more,
  });

const ABOVE = [
  {
    stage: 'PROVE',
    words: 'Prove',
    finding: finding('unproved', 'NOT_KNOWN', 'Left fog: not tried'),
  },
  {
    stage: 'TOGETHER',
    words: 'Together',
    finding: finding('align', 'NOT_KNOWN', 'Not done: all tight'),
    step: { id: 'together.align' },
  },
  {
    stage: 'TOGETHER',
    words: 'Together',
    finding: finding('film', 'NOT_KNOWN', 'Not done: film off'),
    step: { id: 'together.film' },
  },
];

let puts: { path: string; body: Record<string, unknown> }[] = [];
let answer: () => { data?: unknown; error?: unknown; response: Response };

beforeEach(() => {
  vi.restoreAllMocks();
  puts = [];
  localStorage.setItem('mellow.acting', 'Runa');
  answer = () => accepted(page());
  answering('GET', () => new Promise(() => undefined));
  answering('PUT', (path: string, { body }: { body: object }) => {
    puts.push({ path, body: body as Record<string, unknown> });
    return Promise.resolve(answer());
  });
});

function open(content: Page) {
  openPage('/jobs/:id/hand-over', '/jobs/j/hand-over', <HandOverPage />, {
    'hand-over/j': content,
  });
}

it('shows the owner’s page as it will be printed', () => {
  open(page());
  const paper = screen.getByRole('region', { name: handoverWords.theOwnersPage() });
  for (const words of ['One clip is new.', 'Fog lamps are for fog.', 'Taps looked at', '688 mm']) {
    expect(within(paper).getByText(words)).toBeTruthy();
  }
  expect(screen.getByRole('link', { name: handoverWords.packA4() }).getAttribute('href')).toBe(
    '/api/jobs/j/pack.pdf?language=en',
  );
});

it('keeps what is told to the owner on the version that was shown', async () => {
  open(page());
  const note = screen.getByLabelText(handoverWords.fromTheWorkshop());
  await userEvent.clear(note);
  await userEvent.type(note, 'Two clips are new.');
  await userEvent.tab();
  expect(puts[0]?.body).toMatchObject({ version: 2, handOver: { note: 'Two clips are new.' } });
});

it('says why it does not go, and goes with a reason that is signed', async () => {
  open(page({ above: ABOVE }));
  await userEvent.click(screen.getByRole('button', { name: appWords.handOver() }));
  const dialog = await screen.findByRole('dialog');
  answer = () => refused('It goes only with a reason.');
  const sign = within(dialog).getByRole('button', {
    name: handoverWords.signedWithThisReason({ signed: 'Sign as Runa' }),
  });
  await userEvent.click(sign);
  expect(await within(dialog).findByText('It goes only with a reason.')).toBeTruthy();
  await userEvent.type(within(dialog).getByRole('textbox'), 'needed today');
  answer = () => accepted(page());
  await userEvent.click(sign);
  expect(puts.at(-1)).toEqual({
    path: '/api/jobs/{jobId}/closed',
    body: { reason: 'needed today' },
  });
});

it('ticks and leaves out what is open where it closes', async () => {
  const said: unknown[] = [];
  vi.spyOn(outbox, 'write').mockImplementation(({ body }) => {
    said.push(body);
    return Promise.resolve('kept');
  });
  open(page({ above: ABOVE }));
  await userEvent.click(screen.getByRole('button', { name: appWords.handOver() }));
  const dialog = await screen.findByRole('dialog');
  const prove = within(dialog).getByRole('region', { name: appWords.prove() });
  expect(within(prove).getByText('Left fog: not tried')).toBeTruthy();
  expect(within(prove).queryByRole('button')).toBeNull();
  await userEvent.click(
    within(dialog).getByRole('button', {
      name: handoverWords.donePattern({ pattern: 'Not done: all tight' }),
    }),
  );
  await userEvent.type(within(dialog).getByRole('textbox'), 'bus leaves now');
  await userEvent.click(
    within(dialog).getByRole('button', {
      name: handoverWords.leaveOutAllLengthSteps({ length: '2' }),
    }),
  );
  expect(said).toMatchObject([
    { stage: 'TOGETHER', step: { step: 'together.align', skipped: false } },
    { step: { step: 'together.align', skipped: true, reason: 'bus leaves now' } },
    { step: { step: 'together.film', skipped: true } },
  ]);
});

it('closes a clean job in two presses', async () => {
  open(page());
  await userEvent.click(screen.getByRole('button', { name: appWords.handOver() }));
  const dialog = await screen.findByRole('dialog');
  await userEvent.click(
    within(dialog).getByRole('button', {
      name: handoverWords.signAsActingName({ actingName: 'Runa' }),
    }),
  );
  expect(puts.at(-1)).toEqual({ path: '/api/jobs/{jobId}/closed', body: { reason: '' } });
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
  expect(
    screen.getByText(handoverWords.handedOverByBy({ by: 'Ilse', value: '2026-11-01' })),
  ).toBeTruthy();
  expect(screen.queryByLabelText(handoverWords.fromTheWorkshop())).toBeNull();
  expect(screen.getByText('−0.26 %')).toBeTruthy();
  await userEvent.click(screen.getByRole('button', { name: handoverWords.addACorrection() }));
  await userEvent.type(
    await screen.findByLabelText(handoverWords.whatIsRight()),
    'The fuse is 10 A',
  );
  await userEvent.type(screen.getByLabelText(handoverWords.whyItIsCorrected()), 'misread');
  await userEvent.click(
    screen.getByRole('button', { name: handoverWords.signAsActingName({ actingName: 'Runa' }) }),
  );
  expect(puts[0]?.body).toEqual({ words: 'The fuse is 10 A', why: 'misread' });
});

it('shows what somebody else told the owner beside one’s own, and loses neither', async () => {
  const theirs = page({
    version: 9,
    handOver: {
      note: 'One clip is new.',
      fuses: '10 A',
      comeBack: [{ what: 'taps', from: '2027-01-01', latest: '2027-02-01' }],
    },
  });
  answer = () => outdated(theirs);
  open(page());
  await userEvent.type(screen.getByLabelText(handoverWords.whereTheNewFusesAre()), '15 A');
  await userEvent.tab();
  await userEvent.click(await screen.findByRole('button', { name: appWords.seeBoth() }));
  const dialog = await screen.findByRole('dialog', {
    name: appWords.changedMeanwhileByChangedBy({ changedBy: 'Ilse' }),
  });
  const rows = within(dialog).getAllByRole('row');
  expect(rows.map((row) => row.textContent)).toEqual(['IlseYou', 'What differstheirsmine']);
  await leaveDialog();
  answer = () => accepted(page({ version: 10 }));
  await userEvent.click(screen.getByRole('button', { name: appWords.useMine() }));
  await waitFor(() =>
    expect(puts.at(-1)?.body).toMatchObject({ version: 9, handOver: { fuses: '15 A' } }),
  );
});

it('takes what to come back for only where its days follow one another', async () => {
  open(page());
  await userEvent.type(screen.getByLabelText(handoverWords.somethingMore()), 'Lens looked at');
  fireEvent.change(screen.getByLabelText(handoverWords.from()), {
    target: { value: '2027-05-01' },
  });
  fireEvent.change(screen.getByLabelText(handoverWords.by()), { target: { value: '2027-04-01' } });
  expect(screen.getByRole('alert').textContent).toContain('before');
  const add = screen.getByRole<HTMLButtonElement>('button', { name: handoverWords.add() });
  expect(add.disabled).toBe(true);
  fireEvent.change(screen.getByLabelText(handoverWords.by()), { target: { value: '2027-05-01' } });
  await userEvent.click(add);
  await waitFor(() =>
    expect(puts[0]?.body).toMatchObject({
      handOver: {
        comeBack: [{ what: 'Lens looked at', from: '2027-05-01', latest: '2027-05-01' }],
      },
    }),
  );
});

it('comes back as one job, however often that is sent', async () => {
  const ids: (string | undefined)[] = [];
  answering('PUT', (_path: string, asked: { params: { path: { id?: string } } }) => {
    ids.push(asked.params.path.id);
    return ids.length === 1
      ? Promise.reject(new TypeError('failed'))
      : Promise.resolve(accepted({}));
  });
  open(page({ closed: { by: 'Ilse', at: '2026-11-01T10:00:00Z', reason: '', findings: [] } }));
  const back = screen.getByRole('button', { name: handoverWords.itComesBack() });
  await userEvent.click(back);
  expect((await screen.findByRole('alert')).textContent).toContain(
    appWords.theServerCantBeReachedWhat(),
  );
  await userEvent.click(back);
  await waitFor(() => expect(ids).toHaveLength(2));
  expect(new Set(ids).size).toBe(1);
});

it('says why nothing is found where the record can’t be reached', async () => {
  vi.mocked(api.GET).mockResolvedValue(refused('The record cannot be reached.') as never);
  show(
    <MemoryRouter>
      <HistoryPage />
    </MemoryRouter>,
  );
  expect(await screen.findAllByText('The record cannot be reached.')).toHaveLength(2);
  expect(screen.queryByText(historyWords.noJobContainsAllOfThese())).toBeNull();
});

it('finds jobs by words, and gives each chart its numbers as a table', async () => {
  answering('GET', (path: string) =>
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
    }),
  );
  show(
    <MemoryRouter>
      <HistoryPage />
    </MemoryRouter>,
  );
  expect(await screen.findByText('off: 9 clips')).toBeTruthy();
  const times = await screen.findByRole('table', { name: historyWords.timeAStageTakes() });
  expect(within(times).getByText('40 min')).toBeTruthy();
  expect(
    within(screen.getByRole('table', { name: historyWords.fastenersThatGaveTrouble() })).getByText(
      '3 ×',
    ),
  ).toBeTruthy();
  await userEvent.type(screen.getByRole('textbox'), 'clip');
  expect(vi.mocked(api.GET).mock.lastCall?.[1]).toMatchObject({
    params: { query: { text: 'clip' } },
  });
});
