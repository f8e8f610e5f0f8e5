import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { type Photo, type PhotosPage as Page } from '../api/client';
import {
  answering,
  accepted,
  finding,
  JOB,
  openPage,
  outdated,
  photo,
  type Put,
  refused,
  press,
} from '../test/testing';
import { outbox } from '../kept/outbox';
import { PhotosPage } from './PhotosPage';
import { photosWords } from '../words/page/photos';
import { appWords } from '../words/page/app';
import { keptWords } from '../words/page/kept';

const BEFORE = photo('before', { shows: 'cutoff on the wall', focusLocked: true });
const AFTER = photo('after', { moment: 'AFTER', version: 4, focusLocked: true });

const page = (...photos: Photo[]) =>
  ({ job: JOB, vehicle: { id: 'v', name: 'Quenby Loft', nickname: 'van' }, photos }) as Page;

let puts: Put[];
let answers: ((put: Put) => unknown)[];

beforeEach(() => {
  vi.restoreAllMocks();
  localStorage.setItem('mellow.acting', 'Runa');
  puts = [];
  answers = [];
  answering('GET', (path: string) =>
    path.endsWith('comparison')
      ? Promise.resolve(
          accepted({ findings: [finding('photo.exposure', 'OUT', 'Exposure was not locked')] }),
        )
      : new Promise(() => undefined),
  );
  answering('PUT', (path: string, asked: { params: { path: Put['ids'] }; body: Put['body'] }) => {
    const put = { path, ids: asked.params.path, body: asked.body };
    puts.push(put);
    return Promise.resolve(answers.shift()?.(put) ?? accepted(page(BEFORE, AFTER)));
  });
});

function open(content: Page) {
  return openPage('/jobs/:id/photos', '/jobs/j/photos', <PhotosPage />, { 'photos/j': content }, [
    '/jobs/:id/as-it-came',
  ]);
}

const notes = () => screen.getByRole('region', { name: photosWords.notes() });

describe('the photos of a job', () => {
  it('ask for one before anything comes off, and then for one after', async () => {
    open(page());
    expect(screen.getByText(photosWords.noPhotoBeforeTheWork())).toBeTruthy();
    expect(screen.getByText(/focus, exposure and white balance locked/)).toBeTruthy();
    expect(
      screen.getByRole<HTMLButtonElement>('button', { name: /^Lay after over before/ }).disabled,
    ).toBe(true);
    await userEvent.keyboard('o');
    expect(screen.getByText(photosWords.noPhotoBeforeTheWork())).toBeTruthy();
  });

  it('are laid over one another, and say what the comparison is good for', async () => {
    open(page(BEFORE, AFTER));
    expect((await screen.findAllByText('Exposure was not locked')).length).toBeGreaterThan(0);
    await userEvent.keyboard('o');
    expect(within(notes()).getByText(photosWords.whatTheComparisonIsGoodFor())).toBeTruthy();
    await userEvent.click(within(notes()).getByRole('button', { name: /Exposure was not locked/ }));
    expect(await screen.findByText(/UN R48, 6\.2\.6\.1/)).toBeTruthy();
  });

  it('show the last one, and another by a press', async () => {
    open(page(BEFORE, photo('gone', { putAside: true, shows: 'blurred' })));
    expect(within(notes()).getByRole('button', { name: appWords.undo() })).toBeTruthy();
    expect(screen.getByRole('button', { name: /put aside/, pressed: true })).toBeTruthy();
    await press(/cutoff on the wall/);
    expect(within(notes()).getByLabelText<HTMLInputElement>(photosWords.whatItShows()).value).toBe(
      'cutoff on the wall',
    );
  });

  it('keep what is noted beside what was noted before', async () => {
    open(page(AFTER));
    await press(photosWords.whiteBalanceLocked());
    await press(photosWords.setItsTwoTapeMarks());
    const far = within(notes()).getByLabelText(photosWords.fromHowFarItWasTaken());
    await userEvent.type(far, ' 25 ft ');
    await userEvent.tab();
    await waitFor(() => expect(puts).toHaveLength(3));
    expect(puts.every(({ ids }) => ids.id === 'after')).toBe(true);
    expect(puts[0]?.body).toMatchObject({ version: 4, focusLocked: true, balanceLocked: true });
    expect(puts[1]?.body.marks).toEqual({ leftX: 0.3, leftY: 0.5, rightX: 0.7, rightY: 0.5 });
    expect(puts[2]?.body.fromTyped).toBe('25 ft');
  });

  it('keep a note on what somebody else touched elsewhere', async () => {
    answers = [() => outdated({ ...AFTER, version: 5, shows: 'theirs' })];
    open(page(AFTER));
    await press(photosWords.exposureLocked());
    await waitFor(() => expect(puts).toHaveLength(2));
    expect(puts[1]?.body).toMatchObject({ version: 5, shows: 'theirs', exposureLocked: true });
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('go on from the version that was kept, though the first said nothing new', async () => {
    let arrive: (answer: unknown) => void = () => undefined;
    answers = [() => new Promise((resolve) => (arrive = resolve))];
    open(page(AFTER));
    await press(photosWords.exposureLocked());
    await press(photosWords.whiteBalanceLocked());
    arrive(accepted(page(AFTER)));
    await waitFor(() => expect(puts).toHaveLength(2));
    expect(puts[1]?.body).toMatchObject({ version: 4, exposureLocked: true, balanceLocked: true });
  });

  it('ask before what somebody else wrote is written over', async () => {
    answers = [() => outdated({ ...AFTER, version: 5, shows: 'theirs' })];
    open(page(AFTER));
    await userEvent.type(within(notes()).getByLabelText(photosWords.whatItShows()), 'mine');
    await userEvent.tab();
    expect((await screen.findByRole('alert')).textContent).toContain(
      appWords.changedMeanwhileByChangedBy({ changedBy: 'Ilse' }),
    );
    expect(puts).toHaveLength(1);
    await press(photosWords.sendItAgain());
    await waitFor(() => expect(puts).toHaveLength(2));
    expect(puts[1]?.body.shows).toBe('mine');
  });

  it('go on to how the vehicle came', async () => {
    const router = open(page(BEFORE));
    await press(appWords.asItCame());
    expect(router.state.location.pathname).toBe('/jobs/j/as-it-came');
  });
});

describe('a photo that is added', () => {
  beforeEach(() => {
    URL.createObjectURL = () => 'blob:waits';
    URL.revokeObjectURL = () => undefined;
  });

  const file = (name: string) => new File([new Uint8Array([1])], name, { type: 'image/jpeg' });

  const pick = (...files: File[]) => {
    const [input] = document.querySelectorAll<HTMLInputElement>('input[type=file]');
    fireEvent.change(input as HTMLInputElement, { target: { files } });
  };

  it('is kept while another is refused, and that one sent again under its id or dropped', async () => {
    const noPicture = () => refused('That is no picture.');
    answers = [noPicture, () => accepted(page(BEFORE)), noPicture];
    open(page());
    pick(file('list.pdf.jpg'), file('front.jpg'));
    expect((await screen.findByRole('alert')).textContent).toBe(
      'list.pdf.jpg: That is no picture.',
    );
    expect(await screen.findByRole('button', { name: /cutoff on the wall/ })).toBeTruthy();
    await press(photosWords.sendAgain());
    await waitFor(() => expect(puts).toHaveLength(3));
    const [list, front, again] = puts.map(({ ids }) => ids.id);
    expect(again).toBe(list);
    expect(front).not.toBe(list);
    await userEvent.click(await screen.findByRole('button', { name: keptWords.dropIt() }));
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('waits for the network with its picture, and goes out as the file that it is', async () => {
    let isAway = true;
    let sent: { params: { query: object }; bodySerializer: () => Blob } | undefined;
    answering('PUT', (_: string, asked: typeof sent) => {
      sent = asked;
      return isAway
        ? Promise.reject(new TypeError('no network'))
        : Promise.resolve(accepted(page(BEFORE)));
    });
    open(page());
    pick(file('front.jpg'));
    expect((await screen.findByRole('status')).textContent).toContain('front.jpg: waits');
    await waitFor(() => expect(document.querySelector('img')?.src).toBe('blob:waits'));
    isAway = false;
    act(() => void outbox.flush());
    expect(await screen.findByRole('button', { name: /cutoff on the wall/ })).toBeTruthy();
    expect(sent?.params.query).toMatchObject({ moment: 'BEFORE' });
    expect(sent?.bodySerializer().size).toBe(1);
    await waitFor(() => expect(screen.queryByText(/front.jpg/)).toBeNull());
  });
});
