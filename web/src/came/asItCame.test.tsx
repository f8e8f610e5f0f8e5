import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { api, type Finding, type JobPage, type Vehicle } from '../api/client';
import {
  answering,
  accepted,
  finding,
  JOB,
  length,
  openPage,
  type Put,
  refused,
  taken,
  takesEverything,
  partly,
  press,
} from '../test/testing';
import { AsItCamePage } from './AsItCamePage';
import { cameWords } from '../words/page/came';

const VEHICLE: Vehicle = {
  id: 'v',
  version: 4,
  name: 'Brask Tundal',
  nickname: 'snow patrol 2',
  driverSide: 'LEFT',
  lampAheadMm: 820,
  dipped: 'UN_DIPPED',
  steeperByMaker: false,
  changedBy: 'Runa',
  changedAt: '2026-11-25T10:59:00Z',
};

const page = (findings: Finding[], readings: JobPage['readings'] = []): JobPage =>
  partly<JobPage>({
    job: JOB,
    vehicle: VEHICLE,
    readings,
    stance: { unchanged: true, findings },
    bayReadings: [],
    adjusters: [],
  });

let puts: Put[];
let typed: string[];

beforeEach(() => {
  vi.restoreAllMocks();
  localStorage.setItem('mellow.acting', 'Runa');
  typed = [];
  vi.spyOn(api, 'GET').mockReturnValue(new Promise(() => undefined) as never);
  answering('POST', (_path: string, { body }: { body: { typed: string } }) => {
    typed.push(body.typed);
    return Promise.resolve(accepted({ value: length(1834) }));
  });
  puts = takesEverything(() => page([]));
});

function open(content: JobPage) {
  return openPage(
    '/jobs/:id/as-it-came',
    '/jobs/j/as-it-came',
    <AsItCamePage />,
    { 'job/j': content },
    ['/jobs/:id/photos'],
  );
}

async function measure(name: RegExp, words: string) {
  await press(name);
  await userEvent.type(screen.getByRole('textbox', { name }), `${words}{Enter}`);
}

describe('a vehicle as it came', () => {
  it('leads with what is out, before what is not known', () => {
    open(
      page([
        finding('stance.load', 'NOT_KNOWN', 'Its load is not noted'),
        finding('stance.rise', 'OUT', 'The lamps rose by {0}'),
        finding('stance.dial', 'WITHIN', 'The dial stands at 0'),
      ]),
    );
    const words = screen.getAllByText(/The lamps rose by|Its load is not noted/);
    expect(words.map((one) => one.textContent)).toEqual([
      'The lamps rose by 12 mm',
      'Its load is not noted',
      'The lamps rose by 12 mm',
    ]);
  });

  it('is seen from its left or from the front, with the marks on its lenses', async () => {
    open(page([], [taken('CENTRE', 661, { side: 'LEFT' }), taken('SPACING', 1206)]));
    expect(screen.getByRole('button', { name: 'Wheelbase, not measured' })).toBeTruthy();
    await userEvent.keyboard('v');
    expect(screen.getByRole('button', { name: 'Lens mark, left, height: 661' })).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Between the lens marks: 1206' })).toBeTruthy();
    expect(
      screen.getByRole('button', { name: cameWords.fromTheFront(), pressed: true }),
    ).toBeTruthy();
    await measure(/^Lens mark, right, height, not read/, '2 ft 2 in');
    await waitFor(() => expect(puts).toHaveLength(1));
    expect(puts[0]?.body).toMatchObject({ kind: 'CENTRE', side: 'RIGHT', typed: '2 ft 2 in' });
  });

  it('keeps a length of the vehicle beside the others, on the version that was shown', async () => {
    open(page([]));
    await press(cameWords.fromTheFront());
    await measure(/^Width, not measured/, '183.4 cm');
    await waitFor(() => expect(puts).toHaveLength(1));
    expect(typed).toEqual(['183.4 cm']);
    expect(puts[0]).toMatchObject({
      path: '/api/vehicles/{id}',
      ids: { id: 'v' },
      body: { version: 4, name: 'Brask Tundal', lampAheadMm: 820, widthMm: 1834 },
    });
  });

  it('says why a length was not kept, and keeps what was typed', async () => {
    vi.mocked(api.POST).mockResolvedValue(refused('“wide” is no length.') as never);
    open(page([]));
    await press(cameWords.fromTheFront());
    await measure(/^Width, not measured/, 'wide');
    expect((await screen.findByRole('alert')).textContent).toBe('“wide” is no length.');
    expect(screen.getByRole<HTMLInputElement>('textbox', { name: /^Width/ }).value).toBe('wide');
    expect(puts).toEqual([]);
  });

  it('goes to its photos by a key', async () => {
    const router = open(page([]));
    await userEvent.keyboard('p');
    await waitFor(() => expect(router.state.location.pathname).toBe('/jobs/j/photos'));
  });
});
