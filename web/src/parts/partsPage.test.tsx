import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import {
  api,
  type PartEdit,
  type PartsEdit,
  type PartsPage as Page,
  type PlugEdit,
} from '../api/client';
import { finding, JOB, openPage, takesEverything, partly } from '../test/testing';
import { PartsPage } from './PartsPage';
import { partsWords } from '../words/page/parts';
import { appWords } from '../words/page/app';
import { takeinWords } from '../words/page/takein';

const NOTHING: PartsEdit = { parts: [], plugs: [], candidates: [], why: '' };

const part = (id: string, more: Partial<PartEdit> = {}): PartEdit => ({
  id,
  name: 'fog lamp',
  side: 'LEFT',
  neededFor: 'APART',
  checks: {} as PartEdit['checks'],
  outcome: 'OPEN',
  with: '',
  ...more,
});

const plug = (id: string, more: Partial<PlugEdit> = {}): PlugEdit => ({
  id,
  label: id,
  socket: 'low beam socket',
  family: '',
  gender: 'NOT_SAID',
  adapter: '',
  use: 'CONNECT',
  done: {} as PlugEdit['done'],
  ...more,
});

const LEFT = part('fog-lamp-left');
const RIGHT = part('fog-lamp-right', { side: 'RIGHT', outcome: 'GOES_BACK', with: 'cracked' });

const page = (parts: Partial<PartsEdit> = {}, sheet: Partial<Page['sheet']> = {}, version = 4) =>
  partly<Page>({
    job: JOB,
    vehicle: { id: 'v', name: 'Sollen Wick', nickname: 'ferry hatch' },
    version,
    changedBy: 'Runa',
    parts: { ...NOTHING, ...parts },
    usual: [],
    sheet: { asks: {}, findings: [], waiting: {}, ...sheet },
  });

let kept: { version: number; parts: PartsEdit }[];

beforeEach(() => {
  vi.restoreAllMocks();
  localStorage.setItem('mellow.acting', 'Runa');
  kept = [];
  vi.spyOn(api, 'GET').mockReturnValue(new Promise(() => undefined) as never);
  vi.spyOn(api, 'POST').mockReturnValue(new Promise(() => undefined) as never);
  takesEverything(({ body }) => {
    const sent = body as (typeof kept)[number];
    kept.push(sent);
    return page(sent.parts, {}, sent.version + 1);
  });
});

function open(content: Page) {
  openPage('/jobs/:id/parts', '/jobs/j/parts', <PartsPage />, { 'parts/j': content });
}

const press = async (name: string | RegExp) =>
  userEvent.click(await screen.findByRole('button', { name }));
const bench = () => screen.getByRole('region', { name: partsWords.thePartOnTheBench() });
const choose = async (label: string, value: string) =>
  userEvent.selectOptions(await screen.findByLabelText(label), value);

describe('the parts of a job', () => {
  it('begins with the one that is out, and says what waits for it', () => {
    open(
      page(
        { parts: [LEFT, RIGHT] },
        {
          findings: [
            finding('parts.part@part:fog-lamp-right', 'OUT', 'The right fog lamp goes back'),
          ],
          waiting: { HAND_OVER: ['fog lamp, right'] },
          asks: { 'fog-lamp-right': [{ ask: 'SIDE', words: 'it is for this side' }] },
        },
      ),
    );
    expect(within(bench()).getByText('fog lamp, right')).toBeTruthy();
    expect(within(bench()).getByLabelText<HTMLInputElement>(appWords.why()).value).toBe('cracked');
    expect(screen.getByText(partsWords.waits({ value: 'Hand over' }))).toBeTruthy();
  });

  it('is begun with what such work usually takes', async () => {
    open({ ...page(), usual: [LEFT, RIGHT] });
    await press(partsWords.startWithLengthUsualParts({ length: '2' }));
    await waitFor(() => expect(kept[0]?.parts.parts).toEqual([LEFT, RIGHT]));
    expect(kept[0]?.version).toBe(4);
  });

  it('takes a part under an id of its own, and refuses one without a name', async () => {
    open(page({ parts: [LEFT] }));
    await userEvent.keyboard('a');
    await press(appWords.addIt());
    expect((await screen.findByRole('alert')).textContent).toBe(partsWords.thePartHasNoNameYet());
    await userEvent.type(await screen.findByLabelText(appWords.whatItIs()), 'fog lamp ');
    await choose(partsWords.sideFromTheDriversSeat(), takeinWords.lEFT());
    await choose(partsWords.switchedAs(), 'FRONT_FOG');
    await userEvent.type(screen.getByLabelText(partsWords.colourTemperatureK()), 'warm');
    await press(appWords.addIt());
    expect((await screen.findByRole('alert')).textContent).toContain('for example 4300');
    await userEvent.clear(screen.getByLabelText(partsWords.colourTemperatureK()));
    await userEvent.type(screen.getByLabelText(partsWords.colourTemperatureK()), '3000 k');
    await userEvent.type(screen.getByLabelText(partsWords.onItsLensAsPrinted()), ' B E4 ');
    await press(appWords.addIt());
    await waitFor(() => expect(kept).toHaveLength(1));
    expect(kept[0]?.parts.parts[1]).toMatchObject({
      id: 'fog-lamp-left-2',
      name: 'fog lamp',
      side: 'LEFT',
      outcome: 'OPEN',
      light: { circuit: 'FRONT_FOG', kelvin: 3000 },
      marks: 'B E4',
    });
  });

  it('keeps what was looked at when a part is named anew, and forgets the light it no longer has', async () => {
    const lamp = part('lamp', {
      checks: { SIDE: 'RIGHT' } as PartEdit['checks'],
      light: { circuit: 'DRL', pattern: 'SIGNAL', lens: 'CLEAR' },
      marks: 'RL',
    });
    open(page({ parts: [lamp] }));
    expect(within(bench()).getByText(/marked RL/)).toBeTruthy();
    await press(partsWords.changeThisPart());
    await userEvent.type(await screen.findByLabelText(appWords.whatItIs()), ' housing');
    await choose(partsWords.switchedAs(), '');
    await press(appWords.changeIt());
    await waitFor(() => expect(kept).toHaveLength(1));
    expect(kept[0]?.parts.parts).toEqual([
      expect.objectContaining({
        id: 'lamp',
        name: 'fog lamp housing',
        checks: { SIDE: 'RIGHT' },
        light: undefined,
        marks: undefined,
      }),
    ]);
  });

  it('takes a part off the list', async () => {
    open(page({ parts: [LEFT, RIGHT] }));
    await press(/fog lamp.*right, goes back/);
    await press(partsWords.changeThisPart());
    await press(partsWords.takeItOffTheList());
    await waitFor(() => expect(kept[0]?.parts.parts).toEqual([LEFT]));
    expect(within(bench()).getByText('fog lamp, left')).toBeTruthy();
  });

  it('answers what is asked of a part by presses', async () => {
    open(
      page(
        { parts: [LEFT] },
        { asks: { 'fog-lamp-left': [{ ask: 'SIDE', words: 'it is for this side' }] } },
      ),
    );
    await userEvent.click(screen.getByRole('button', { name: /it is for this side/ }));
    await waitFor(() => expect(kept.at(-1)?.parts.parts[0]?.checks).toEqual({ SIDE: 'RIGHT' }));
    await press(partsWords.fits());
    await waitFor(() => expect(kept.at(-1)?.parts.parts[0]?.outcome).toBe('FITS'));
    expect(kept.map((one) => one.version)).toEqual([4, 5]);
  });
});

describe('the plugs of a kit', () => {
  it('are mapped with what each mates with, and lose that with the plug', async () => {
    open(page({ plugs: [plug('black', { adapter: 'ring' })] }));
    expect(screen.getByText('low beam socket, adapter: ring')).toBeTruthy();
    await press(partsWords.addAConnector());
    await press(appWords.addIt());
    expect((await screen.findByRole('alert')).textContent).toContain(
      'what is printed on the connector',
    );
    await userEvent.type(screen.getByLabelText(partsWords.labelOrColourOfItsLead()), 'red');
    await choose(partsWords.gender(), 'MALE');
    await choose(partsWords.matesWith(), 'black');
    await press(appWords.addIt());
    await waitFor(() => expect(kept).toHaveLength(1));
    expect(await screen.findByText('male, mates with black')).toBeTruthy();
    await press(/^black/);
    await press(partsWords.takeItOffTheMap());
    await waitFor(() => expect(kept).toHaveLength(2));
    expect(kept[1]?.parts.plugs).toEqual([
      expect.objectContaining({ id: 'red', matesWith: undefined }),
    ]);
  });

  it('lose their ticks when they are meant for something else', async () => {
    open(page({ plugs: [plug('white', { done: { LEFT: 'CONNECTED' } as PlugEdit['done'] })] }));
    await press(/^white/);
    await choose(partsWords.meantToBe(), 'INSULATE');
    await press(appWords.changeIt());
    await waitFor(() => expect(kept[0]?.parts.plugs[0]?.done).toEqual({}));
  });
});

describe('what could be ordered', () => {
  const candidate = (id: string) => ({ id, name: id, cost: '120', note: '' });

  async function compare(parts: Partial<PartsEdit>) {
    open(page(parts));
    await userEvent.keyboard('c');
    return screen.findByRole('dialog', { name: partsWords.whatCouldBeOrdered() });
  }

  it('is held against the housing, taken with its reason, and let go again', async () => {
    const sheet = within(await compare({ candidates: [candidate('wide'), candidate('narrow')] }));
    const [outline] = sheet.getAllByRole('button', { name: /not compared/ });
    await userEvent.click(outline as HTMLElement);
    await userEvent.click(await sheet.findByRole('button', { name: /matches/ }));
    expect(await sheet.findByRole('button', { name: /does not match/ })).toBeTruthy();
    expect(sheet.queryByLabelText(partsWords.theReasonForIt())).toBeNull();
    const [, narrow] = sheet.getAllByRole('button', { name: partsWords.takeIt() });
    await userEvent.click(narrow as HTMLElement);
    await userEvent.type(await sheet.findByLabelText(partsWords.theReasonForIt()), 'the outline');
    await userEvent.tab();
    await waitFor(() =>
      expect(kept.at(-1)?.parts).toMatchObject({ chosen: 'narrow', why: 'the outline' }),
    );
    await userEvent.click(sheet.getByRole('button', { name: partsWords.taken() }));
    await waitFor(() => expect(kept.at(-1)?.parts.chosen).toBeUndefined());
  });

  it('goes off the list by a press, and is not taken any more then', async () => {
    const sheet = within(await compare({ candidates: [candidate('wide')], chosen: 'wide' }));
    await userEvent.click(
      sheet.getByRole('button', { name: partsWords.removeNameFromTheList({ name: 'wide' }) }),
    );
    await waitFor(() =>
      expect(kept.at(-1)?.parts).toMatchObject({ candidates: [], chosen: undefined }),
    );
  });
});
