import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import {
  api,
  type FrontEdit,
  type LampPairEdit,
  type PlacePage as Page,
  type PlaceSheet,
} from '../api/client';
import {
  answering,
  accepted,
  finding,
  fogLamps,
  JOB,
  length,
  openPage,
  leaveDialog,
  outdated,
  sentence,
  partly,
  press,
} from '../test/testing';
import { outbox } from '../kept/outbox';
import { PlacePage } from './PlacePage';
import { placeWords } from '../words/page/place';
import { appWords } from '../words/page/app';
import { keptWords } from '../words/page/kept';

const spot = { outMm: 600, heightMm: 400, headingDeg: 0 };
const FOG = fogLamps(spot);
const DRL: LampPairEdit = { ...FOG, id: 'drl', name: 'running lamp', function: 'DRL' };

const FRONT: FrontEdit = { widthMm: 1800, ruleSets: ['un-r48'], keepOuts: [], pairs: [FOG, DRL] };

const extent = () => ({
  inner: length(555),
  outer: length(645),
  lower: length(355),
  upper: length(445),
  toSide: length(255),
});

const percent = (value: number) => ({
  value,
  quantity: 'ANGLE' as const,
  metric: `${value}°`,
  imperial: `${value}°`,
});

function sheet(...findings: PlaceSheet['findings']): PlaceSheet {
  const gravest = findings.find((one) => one.verdict === 'OUT');
  return {
    worst: gravest ? 'OUT' : 'WITHIN',
    foremost: gravest?.id,
    findings,
    pairs: [
      {
        id: 'fog',
        innerSpacing: length(1110),
        left: extent(),
        right: extent(),
        litArea: { ...length(64), quantity: 'AREA' } as PlaceSheet['pairs'][number]['litArea'],
        bounds: [
          {
            asks: 'LOWER_EDGE_HEIGHT',
            atLeast: true,
            rule: 'place.un-r48.low',
            limit: length(250),
            lineMm: 250,
            ruleSet: 'un-r48',
          },
          {
            asks: 'HEADING',
            atLeast: false,
            rule: 'place.un-r48.heading',
            limit: percent(6) as PlaceSheet['pairs'][number]['litArea'],
            ruleSet: 'un-r48',
          },
        ],
      },
    ],
    bumper: [],
    horizon: { parts: ['Place'], present: 0, marks: [] },
    cautions: [],
  };
}

const page = (front: FrontEdit = FRONT, judged = sheet(), version = 4) =>
  partly<Page>({
    job: JOB,
    vehicle: { id: 'v', name: 'Sollen Wick', nickname: 'ferry hatch' },
    front,
    sheet: judged,
    version,
    changedBy: 'Runa',
  });

let judged: FrontEdit[];
let kept: { version: number; front: FrontEdit }[];
let nearest: unknown;
let refusals: unknown[];

beforeEach(() => {
  vi.restoreAllMocks();
  localStorage.setItem('mellow.acting', 'Runa');
  judged = [];
  kept = [];
  refusals = [];
  nearest = undefined;
  vi.spyOn(api, 'GET').mockReturnValue(new Promise(() => undefined) as never);
  answering('POST', (path: string, asked: { body: never }) => {
    if (path === '/api/calc/place') {
      judged.push((asked.body as { front: FrontEdit }).front);
      return Promise.resolve(accepted(sheet()));
    }
    return path === '/api/calc/place/nearest'
      ? Promise.resolve(accepted(nearest))
      : new Promise(() => undefined);
  });
  answering('PUT', (_path: string, { body }: { body: (typeof kept)[number] }) => {
    kept.push(body);
    return Promise.resolve(
      refusals.shift() ?? accepted(page(body.front, sheet(), body.version + 1)),
    );
  });
});

function open(content: Page) {
  openPage('/jobs/:id/place', '/jobs/j/place', <PlacePage />, { 'place/j': content });
}

const lamp = (name: RegExp) => screen.getByRole('button', { name });
const nudge = (name: RegExp, key: string) => fireEvent.keyDown(lamp(name), { key });
const both = (front: FrontEdit | undefined) =>
  front?.pairs[0] && [front.pairs[0].left.outMm, front.pairs[0].right.outMm];

describe('the front', () => {
  it('moves both lamps together, judges each place, and keeps the last', async () => {
    open(page());
    expect(screen.getByText(placeWords.everyLampWithinTheRulesChosen())).toBeTruthy();
    nudge(/^Left fog lamp, lower edge 355 mm/, 'ArrowRight');
    nudge(/^Left fog lamp, lower/, 'ArrowRight');
    await waitFor(() => expect(both(judged.at(-1))).toEqual([602, 602]));
    await press(placeWords.saveThisPlace());
    await waitFor(() => expect(kept).toHaveLength(1));
    expect(kept[0]?.version).toBe(4);
    expect(both(kept[0]?.front)).toEqual([602, 602]);
    await waitFor(() =>
      expect(screen.queryByRole('button', { name: placeWords.saveThisPlace() })).toBeNull(),
    );
    expect(lamp(/^Left fog lamp, lower/)).toBeTruthy();
  });

  it('moves one lamp where the sides are parted, and mirrors the left one again', async () => {
    open(page());
    await userEvent.keyboard('p');
    expect(screen.getByRole('button', { name: /^Sides parted/ })).toBeTruthy();
    nudge(/^Right fog lamp, lower/, 'ArrowRight');
    await waitFor(() => expect(both(judged.at(-1))).toEqual([600, 599]));
    await press(/^Sides parted/);
    await waitFor(() => expect(both(judged.at(-1))).toEqual([600, 600]));
    expect(screen.getByRole('button', { name: /^Both sides together/ })).toBeTruthy();
  });

  it('keeps as a draft what is moved while the place before it is on its way', async () => {
    let arrive = (): void => undefined;
    refusals.push(
      new Promise((resolve) => {
        arrive = () => resolve(accepted(page(kept[0]!.front, sheet(), 5)));
      }),
    );
    open(page());
    nudge(/^Left fog lamp, lower/, 'ArrowRight');
    await press(placeWords.saveThisPlace());
    nudge(/^Left fog lamp, lower/, 'ArrowRight');
    await act(async () => Promise.resolve(arrive()));
    await press(placeWords.saveThisPlace());
    expect(kept.map((one) => [one.version, both(one.front)?.[0]])).toEqual([
      [4, 601],
      [5, 602],
    ]);
  });

  it('drops what is not kept', async () => {
    open(page());
    nudge(/^Left fog lamp, lower/, 'ArrowUp');
    await press(appWords.drop());
    expect(screen.queryByRole('button', { name: placeWords.saveThisPlace() })).toBeNull();
    expect(kept).toEqual([]);
  });

  it('drops what was moved, and not the place that still waits to be saved', async () => {
    const lost = Promise.reject(new TypeError('no network'));
    lost.catch(() => undefined);
    refusals.push(lost);
    open(page());
    nudge(/^Left fog lamp, lower/, 'ArrowRight');
    await press(placeWords.saveThisPlace());
    expect(
      await screen.findByText(keptWords.changesWaitForTheNetwork(), { exact: false }),
    ).toBeTruthy();
    nudge(/^Left fog lamp, lower/, 'ArrowRight');
    await press(appWords.drop());
    await act(async () => outbox.flush());
    expect(kept.map((one) => both(one.front)?.[0])).toEqual([601, 601]);
  });

  it('never makes a template of what is only drawn', async () => {
    open(page());
    nudge(/^Left fog lamp, lower/, 'ArrowUp');
    await userEvent.keyboard('t');
    expect(await screen.findByText(/^Save the place first/)).toBeTruthy();
  });

  it('leads with what is out, and shows the rules of the lamp that is chosen', async () => {
    open(
      page(
        FRONT,
        sheet(
          finding('place.un-r48.low@lamp:DRL:LEFT:drl', 'OUT', 'Running lamp too low by {0}'),
          finding('place.un-r48.low@lamp:FRONT_FOG:LEFT:fog', 'WITHIN', 'Fog lamp high enough'),
        ),
      ),
    );
    const rules = () => screen.getByRole('region', { name: placeWords.whatTheRulesSay() });
    expect(within(rules()).getByText(/Running lamp too low/)).toBeTruthy();
    await press(/Fog lamps/);
    expect(within(rules()).getByText(/Fog lamp high enough/)).toBeTruthy();
    expect(within(rules()).queryByText(/Running lamp too low/)).toBeNull();
  });
});

describe('the nearest good place', () => {
  const OUT = page(
    FRONT,
    sheet(finding('place.un-r48.low@lamp:FRONT_FOG:LEFT:fog', 'OUT', 'Too low')),
  );

  it('is shown as a draft that one keeps or drops', async () => {
    nearest = { kind: 'FOUND', outMm: 610, heightMm: 420, clashes: [] };
    open(OUT);
    const [, band] = screen.getAllByRole('button', { name: /^Nearest good place/ });
    await userEvent.click(band as HTMLElement);
    await waitFor(() => expect(both(judged.at(-1))).toEqual([610, 610]));
    expect(screen.getByRole('button', { name: placeWords.saveThisPlace() })).toBeTruthy();
    expect(kept).toEqual([]);
  });

  it.each([
    [{ kind: 'STAYS', clashes: [] }, 'It can stay', /Every limit of place is met/],
    [
      { kind: 'NONE', clashes: [sentence('The bumper is lower than {0}', length(500))] },
      'No good place',
      /The bumper is lower than/,
    ],
  ])('says so where there is none: %o', async (answer, title, words) => {
    nearest = answer;
    open(OUT);
    await userEvent.keyboard('n');
    const dialog = await screen.findByRole('dialog', { name: title });
    expect(within(dialog).getByText(words)).toBeTruthy();
    expect(screen.queryByRole('button', { name: placeWords.saveThisPlace() })).toBeNull();
  });
});

describe('a nearest place that cannot be asked for', () => {
  it('says why, and leaves the front as it is', async () => {
    open(page(FRONT, sheet(finding('place.un-r48.low@lamp:FRONT_FOG:LEFT:fog', 'OUT', 'Too low'))));
    vi.mocked(api.POST).mockRejectedValue(new TypeError('failed'));
    await userEvent.keyboard('n');
    expect((await screen.findByRole('alert')).textContent).toContain(
      appWords.theServerCantBeReachedWhat(),
    );
    expect(screen.queryByRole('button', { name: placeWords.saveThisPlace() })).toBeNull();
  });
});

describe('where a lamp looks', () => {
  /** The fog lamps are chosen first; the direction of theirs was asked for once. */
  it('is asked of the lamp that is turned wrong, whichever was chosen', async () => {
    const running = 'place.un-r48.heading@lamp:DRL:LEFT:drl';
    open(page(FRONT, sheet(finding(running, 'OUT', 'Turned out'))));
    await press(/Fog lamps/);
    await press(placeWords.turnedMeasure());
    expect(screen.getByRole('textbox', { name: /^Left running lamp, direction/ })).toBeTruthy();
  });

  it('is typed as a protractor reads it, one side at a time', async () => {
    open(
      page(
        FRONT,
        sheet(finding('place.un-r48.heading@lamp:FRONT_FOG:RIGHT:fog', 'OUT', 'Turned out')),
      ),
    );
    await press(placeWords.turnedMeasure());
    const field = screen.getByRole('textbox', { name: /^Right fog lamp, direction: 0° ahead/ });
    await userEvent.type(field, '-2{Enter}');
    await waitFor(() =>
      expect(judged.at(-1)?.pairs[0]).toMatchObject({
        left: { headingDeg: 0 },
        right: { headingDeg: -2 },
      }),
    );
    expect(
      screen.getByRole('button', { name: /^Right fog lamp, direction: 2° inward/ }),
    ).toBeTruthy();
  });

  it('refuses what is no angle, and keeps what was typed', async () => {
    open(page());
    await press(/^Left fog lamp, direction/);
    const field = screen.getByRole<HTMLInputElement>('textbox', { name: /direction/ });
    await userEvent.type(field, 'askew{Enter}');
    expect((await screen.findByRole('alert')).textContent).toMatch(/^Degrees outwards/);
    expect(field.value).toBe('askew');
    expect(judged).toEqual([]);
  });
});

describe('a front that somebody else kept meanwhile', () => {
  const theirs = page(
    { ...FRONT, pairs: [{ ...FOG, left: { ...spot, outMm: 640 } }, DRL] },
    sheet(),
    9,
  );

  async function clash() {
    refusals = [outdated(theirs)];
    open(page());
    nudge(/^Left fog lamp, lower/, 'ArrowRight');
    await press(placeWords.saveThisPlace());
    await screen.findAllByText(appWords.changedMeanwhileByChangedBy({ changedBy: 'Ilse' }));
  }

  it('is shown beside one’s own, and replaced only by a press', async () => {
    await clash();
    await press(appWords.seeBoth());
    const dialog = await screen.findByRole('dialog', {
      name: appWords.changedMeanwhileByChangedBy({ changedBy: 'Ilse' }),
    });
    expect(within(dialog).getByText('What differs')).toBeTruthy();
    await leaveDialog();
    await press(appWords.useMine());
    await waitFor(() => expect(kept).toHaveLength(2));
    expect(kept.map((one) => one.version)).toEqual([4, 9]);
    expect(both(kept[1]?.front)).toEqual([601, 601]);
  });

  it('can be taken instead', async () => {
    await clash();
    await press(appWords.keepTheirs());
    await waitFor(() =>
      expect(
        screen.queryByText(appWords.changedMeanwhileByChangedBy({ changedBy: 'Ilse' })),
      ).toBeNull(),
    );
    expect(kept).toHaveLength(1);
    expect(screen.queryByRole('button', { name: placeWords.saveThisPlace() })).toBeNull();
  });
});

describe('a lamp of the front', () => {
  it('is the first thing asked for', async () => {
    open(page({ ...FRONT, pairs: [] }));
    expect(screen.getByText(placeWords.noLampOnThisFrontYet())).toBeTruthy();
    const [first] = screen.getAllByRole('button', { name: placeWords.addALamp() });
    await userEvent.click(first as HTMLElement);
    expect(
      await screen.findByRole('dialog', { name: placeWords.aLampForThisFront() }),
    ).toBeTruthy();
    expect(screen.getByLabelText<HTMLSelectElement>(placeWords.whatItIsFor()).value).toBe('DIPPED');
  });

  it('is taken off the drawing, and the next one is chosen', async () => {
    open(page());
    await press(placeWords.changeThisLamp());
    await press(placeWords.removeFromTheDrawing());
    await waitFor(() => expect(judged.at(-1)?.pairs.map((one) => one.id)).toEqual(['drl']));
    expect(screen.getByRole('button', { name: /Running lamps/, pressed: true })).toBeTruthy();
  });
});
