import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { createMemoryRouter, RouterProvider } from 'react-router';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { api, type Bay, type BayPage as Page, type Floor } from '../api/client';
import { finding, length, show, takesEverything, taken, partly, press } from '../test/testing';
import { BayList } from './BayList';
import { BayPage } from './BayPage';
import { bayWords } from '../words/page/bay';
import { appWords } from '../words/page/app';

const BAY: Bay = {
  id: 'b',
  version: 5,
  name: 'Hall',
  note: 'the far end dips',
  units: 'METRIC',
  changedBy: 'Runa',
  changedAt: '2026-11-25T10:59:00Z',
};

const REAR_LEFT = taken('FLOOR_REAR_LEFT', -7);

/** A floor falling away from the wall on the left, and rising on the right. */
const FLOOR = partly<Floor>({
  findings: [
    finding('floor.tyre', 'NOT_KNOWN', 'One tyre was read once'),
    finding('floor.twist', 'OUT', 'The floor is twisted by {0}'),
  ],
  plan: {
    footSpacing: length(1300),
    frontTyresToWall: length(8000),
    track: length(1550),
    wheelbase: length(2700),
  },
  profiles: (['LEFT', 'RIGHT'] as const).map((side) => ({
    side,
    correction: length(side === 'LEFT' ? -9 : 4),
    foot: length(0),
    planeAtFront: length(side === 'LEFT' ? -5 : 2),
    planeAtRear: length(side === 'LEFT' ? -7 : 3),
    planeAtWall: length(0),
    uncertainty: length(2),
  })),
  tyres: [],
});

const page = (floor: Floor = FLOOR): Page => ({ bay: BAY, readings: [REAR_LEFT], floor });

beforeEach(() => {
  vi.restoreAllMocks();
  localStorage.setItem('mellow.acting', 'Runa');
  vi.spyOn(api, 'GET').mockReturnValue(new Promise(() => undefined) as never);
});

function open(path: string, answered: Record<string, unknown>) {
  const router = createMemoryRouter(
    [
      { path: '/', element: <div>the yard</div> },
      { path: '/bays', element: <BayList /> },
      { path: '/bays/:id', element: <BayPage /> },
    ],
    { initialEntries: ['/', path] },
  );
  show(<RouterProvider router={router} />, 'METRIC', answered);
  return router;
}

async function read(tyre: RegExp, typed: string) {
  await press(tyre);
  await userEvent.type(screen.getByRole('textbox', { name: tyre }), `${typed}{Enter}`);
}

describe('a bay', () => {
  it('leads with the gravest finding, and shows how each comes about', async () => {
    open('/bays/b', { 'bay/b': page() });
    const said = screen.getAllByRole('button').map((one) => one.textContent);
    const order = ['twisted', 'read once'].map((word) =>
      said.findIndex((words) => words.includes(word)),
    );
    expect(order[0]).toBeLessThan(order[1] as number);
    await press(/read once/);
    expect(await screen.findByText(/UN R48, 6\.2\.6\.1/)).toBeTruthy();
  });

  it('tells which way the mark moves on each side, and how sure that is', () => {
    open('/bays/b', { 'bay/b': page() });
    const left = screen.getByRole('img', {
      name: bayWords.floorOnTheSideTheMark({ side: 'left', correction: '−9 mm' }),
    });
    expect(left.parentElement?.textContent).toContain(
      bayWords.markMovesValue2Uncertainty({ value: '9', value2: 'mm down', uncertainty: '2 mm' }),
    );
    const right = screen.getByRole('img', { name: /^Floor on the right/ });
    expect(right.parentElement?.textContent).toContain(
      bayWords.markMovesValue2Uncertainty({ value: '4', value2: 'mm up', uncertainty: '2 mm' }),
    );
  });

  it('says what to type while there is no profile', () => {
    open('/bays/b', { 'bay/b': page({ ...FLOOR, plan: undefined, profiles: [], findings: [] }) });
    expect(screen.getByText(/higher floor is plus, lower is minus/)).toBeTruthy();
    expect(screen.queryByRole('button', { name: bayWords.readTheTyresAgain() })).toBeNull();
  });

  it('corrects what is typed anew, but counts a second round beside the first', async () => {
    const puts = takesEverything(() => page());
    open('/bays/b', { 'bay/b': page() });
    await read(/rear left/i, '-8');
    await waitFor(() => expect(puts).toHaveLength(1));
    await press(bayWords.readTheTyresAgain());
    expect(screen.getByText(bayWords.typeEachTyreAgainOnThe())).toBeTruthy();
    await read(/rear left/i, '-6');
    await waitFor(() => expect(puts).toHaveLength(2));
    expect(puts.map(({ body }) => [body.kind, body.typed, body.strikes])).toEqual([
      ['FLOOR_REAR_LEFT', '-8', REAR_LEFT.id],
      ['FLOOR_REAR_LEFT', '-6', undefined],
    ]);
    await press(bayWords.doneReading());
    expect(screen.getByRole('button', { name: bayWords.readTheTyresAgain() })).toBeTruthy();
  });

  it('goes back to where it was opened from, by a key', async () => {
    const router = open('/bays/b', { 'bay/b': page() });
    await userEvent.keyboard('y');
    await waitFor(() => expect(router.state.location.pathname).toBe('/'));
  });

  it('can be named anew', async () => {
    open('/bays/b', { 'bay/b': page() });
    await press(bayWords.nameAndNote());
    const sheet = await screen.findByRole('dialog', { name: bayWords.theBay() });
    expect(within(sheet).getByLabelText<HTMLInputElement>(appWords.note()).value).toBe(
      'the far end dips',
    );
  });
});

describe('the bays', () => {
  it('lead to each floor', () => {
    open('/bays', { bays: [BAY] });
    expect(screen.getByRole('link', { name: /Hall/ }).getAttribute('href')).toBe('/bays/b');
  });

  it('take another, under one id however often it is sent', async () => {
    const puts = takesEverything(() => BAY, 1);
    const router = open('/bays', { bays: [] });
    expect(screen.getByText(/^No bay yet/)).toBeTruthy();
    const add = () => press(bayWords.addTheBay());
    expect(
      screen.getByRole<HTMLButtonElement>('button', { name: bayWords.addTheBay() }).disabled,
    ).toBe(true);
    await userEvent.type(screen.getByLabelText(appWords.name()), ' Yard gate ');
    await userEvent.type(screen.getByLabelText(bayWords.howItsFloorIsRead()), 'laser');
    await add();
    expect((await screen.findByRole('alert')).textContent).toContain(
      appWords.theServerCantBeReachedWhat(),
    );
    await add();
    await waitFor(() => expect(router.state.location.pathname).toMatch(/^\/bays\/./));
    expect(puts.map(({ body }) => body)).toEqual(
      Array(2).fill({ version: 0, name: 'Yard gate', note: 'laser', units: 'METRIC' }),
    );
    expect(new Set(puts.map(({ ids }) => ids.id)).size).toBe(1);
  });
});
