import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { api, type Adjuster, type JobPage, type Vehicle } from '../api/client';
import {
  answering,
  JOB,
  length,
  outdated,
  show,
  takesEverything,
  partly,
  press,
} from '../test/testing';
import { outbox } from '../kept/outbox';
import { JobForm } from './JobForm';
import { ScrewForm } from './ScrewForm';
import { SettingsDialog } from './SettingsDialog';
import { VehicleForm } from './VehicleForm';
import { appWords } from '../words/page/app';
import { settingsWords } from '../words/page/settings';
import { keptWords } from '../words/page/kept';

const RULES = [
  { id: 'un-r48', title: 'UN R48', aim: [{}], place: [], marks: 'UN' },
  { id: 'fitters', title: 'Fitters', aim: [], place: [{}], marks: 'UN' },
  { id: 'gb', title: 'Great Britain', aim: [{}], place: [], marks: 'UN' },
];
const KNOWN = { 'rule-sets': RULES, bays: [{ id: 'b', name: 'Hall' }] };

const screw: Adjuster = {
  id: 's',
  version: 2,
  lamp: 'DIPPED',
  side: 'RIGHT',
  axis: 'VERTICAL',
  drive: 'Phillips',
  place: 'behind the grille',
  reach: 'FRONT_OPEN_ONLY',
  rememberedRate: -0.4,
  changedBy: 'Runa',
};

const vehicle: Vehicle = {
  id: 'v',
  version: 4,
  name: 'Brask Tundal',
  nickname: 'test',
  driverSide: 'LEFT',
  wheelbaseMm: 2750,
  dipped: 'UN_DIPPED',
  lensDipped: 'E4 HCR',
  steeperByMaker: false,
  changedBy: 'Runa',
  changedAt: '2026-11-25T10:59:00Z',
};

const page = partly<JobPage>({
  job: JOB,
  vehicle,
  adjusters: [screw],
  readings: [],
  newerRules: [],
  sheet: { pairs: [], findings: [] },
});

const keep = (words = 'Save') => press(words);
const fill = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });

afterEach(() => vi.restoreAllMocks());

describe('what is settled', () => {
  it('is parted into the job, the vehicle and its adjusters', async () => {
    show(<SettingsDialog page={page} open close={() => undefined} />, 'METRIC', KNOWN);
    expect(screen.getByLabelText(appWords.judgedBy())).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: appWords.vehicle() }));
    expect(screen.getByLabelText(appWords.wheelbase())).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: settingsWords.adjusters() }));
    expect(screen.getByDisplayValue('behind the grille')).toBeTruthy();
  });
});

describe('what is settled for a job', () => {
  it('offers the sets that aim, and is kept on the version that was shown', async () => {
    const puts = takesEverything(() => ({ ...page, job: { ...JOB, version: 4 } }));
    show(<JobForm page={page} />, 'METRIC', KNOWN);
    const judgedBy = screen.getByLabelText<HTMLSelectElement>(appWords.judgedBy());
    expect([...judgedBy.options].map((one) => one.value)).toEqual(['un-r48', 'gb']);
    await userEvent.selectOptions(judgedBy, 'gb');
    await userEvent.selectOptions(screen.getByLabelText(appWords.bay()), 'b');
    fill('Inclination on the vehicle’s label', '1.2 %');
    await keep();
    expect(await screen.findByText(settingsWords.saved())).toBeTruthy();
    expect(puts[0]).toMatchObject({
      path: '/api/jobs/{id}',
      ids: { id: 'j' },
      body: { version: 3, ruleSet: 'gb', bayId: 'b', labelTyped: '1.2 %', school: 'RULE' },
    });
    await keep();
    await waitFor(() => expect(puts[1]?.body.version).toBe(4));
  });

  it('says why something was not kept, and what was typed is still there', async () => {
    vi.spyOn(api, 'PUT').mockResolvedValue({
      error: { detail: 'An inclination, as in 1.2 %.', field: 'labelTyped' },
      response: new Response(null, { status: 422 }),
    } as never);
    show(<JobForm page={page} />, 'METRIC', KNOWN);
    fill('Inclination on the vehicle’s label', 'steep');
    await keep();
    expect((await screen.findByRole('alert')).textContent).toBe('An inclination, as in 1.2 %.');
    expect(screen.getByLabelText<HTMLInputElement>(/^Inclination/).value).toBe('steep');
  });

  it('waits for the network, and goes on from there when it is opened again', async () => {
    const lost = vi.spyOn(api, 'PUT').mockRejectedValue(new TypeError('no network'));
    const { unmount } = show(<JobForm page={page} />, 'METRIC', KNOWN);
    fill('Work', 'fog lamps');
    await keep();
    expect(await screen.findByText(keptWords.waitsForTheNetwork())).toBeTruthy();
    unmount();
    show(<JobForm page={page} />, 'METRIC', KNOWN);
    expect(screen.getByLabelText<HTMLInputElement>(settingsWords.work()).value).toBe(
      appWords.fogLamps(),
    );
    fill('Work', 'fog lamps and aim');
    lost.mockRestore();
    const puts = takesEverything(() => ({ ...page, job: { ...JOB, version: 4 } }));
    await keep();
    await waitFor(() => expect(outbox.all()).toEqual([]));
    expect(puts.map(({ body }) => [body.version, body.work])).toEqual([[3, 'fog lamps and aim']]);
  });

  it('shows the bay that is set, though the others are not known yet', () => {
    answering('GET', () => new Promise(() => undefined));
    const bay = partly<NonNullable<JobPage['bay']>>({ id: 'b', name: 'Hall' });
    show(<JobForm page={{ ...page, bay, job: { ...JOB, bayId: 'b' } }} />);
    const shown = screen.getByLabelText<HTMLSelectElement>(appWords.bay());
    expect(shown.selectedOptions[0]?.textContent).toBe('Hall');
  });

  it('is kept later while it is still open, and goes on from there', async () => {
    const put = vi.spyOn(api, 'PUT').mockRejectedValueOnce(new TypeError('no network'));
    show(<JobForm page={page} />, 'METRIC', KNOWN);
    fill('Work', 'fog lamps');
    await keep();
    await screen.findByText(keptWords.waitsForTheNetwork());
    put.mockRestore();
    const puts = takesEverything(() => ({ ...page, job: { ...JOB, version: 4 } }));
    fill('Work', 'fog lamps and aim');
    await act(() => outbox.flush());
    await waitFor(() => expect(screen.queryByText(keptWords.waitsForTheNetwork())).toBeNull());
    expect(screen.getByLabelText<HTMLInputElement>(settingsWords.work()).value).toBe(
      'fog lamps and aim',
    );
    await keep();
    await waitFor(() => expect(puts).toHaveLength(2));
    expect(puts.map(({ body }) => [body.version, body.work])).toEqual([
      [3, 'fog lamps'],
      [4, 'fog lamps and aim'],
    ]);
  });

  it('says what somebody else changed while it waited, once it is sent again', async () => {
    const put = vi.spyOn(api, 'PUT').mockRejectedValueOnce(new TypeError('no network'));
    show(<JobForm page={page} />, 'METRIC', KNOWN);
    fill('Work', 'mine');
    await keep();
    await screen.findByText(keptWords.waitsForTheNetwork());
    put.mockResolvedValue(outdated({ ...JOB, version: 4 }) as never);
    await act(() => outbox.flush());
    expect(outbox.all()[0]?.refused).toContain(
      appWords.changedMeanwhileByChangedBy({ changedBy: 'Ilse' }),
    );
    await keep();
    expect((await screen.findByRole('alert')).textContent).toContain('What differs');
    expect(outbox.all()).toEqual([]);
  });
});

describe('a screw that is remembered', () => {
  it('says which way it moves the beam, and takes over what this job found', async () => {
    const puts = takesEverything();
    const found = {
      adjusterId: 's',
      rateIsRead: true,
      rate: { value: -0.55, quantity: 'PERCENT' as const, metric: '−0.55 %', imperial: '−0.55 %' },
    };
    const pairs = partly<JobPage['sheet']['pairs']>([
      { left: { screws: [] }, right: { screws: [found] } },
    ]);
    const learnt = { ...page, sheet: { ...page.sheet, pairs } };
    show(<ScrewForm page={learnt} screw={screw} />);
    expect(screen.getByText(/one turn clockwise moves the beam 0.40 % down/)).toBeTruthy();
    expect(screen.getByText(/Found in this job: 0.55 % down/)).toBeTruthy();
    await keep('Take over');
    expect(screen.queryByRole('button', { name: settingsWords.takeOver() })).toBeNull();
    await keep('Remember');
    await waitFor(() =>
      expect(puts[0]?.body).toMatchObject({
        version: 2,
        rememberedRate: -0.55,
        drive: 'Phillips',
        reach: 'FRONT_OPEN_ONLY',
      }),
    );
  });
});

describe('a vehicle as typed', () => {
  it('has its lengths read by the server and keeps what was not touched', async () => {
    const puts = takesEverything(() => vehicle);
    const read = (path: string, asked: { body: { typed: string } }) =>
      Promise.resolve({
        data: path.endsWith('lens')
          ? { marks: [], findings: [], dipped: 'UN_DIPPED' }
          : { value: length(asked.body.typed === '60 in' ? 1524 : Number(asked.body.typed)) },
        response: new Response(null, { status: 200 }),
      });
    answering('POST', read);
    const onStored = vi.fn();
    show(<VehicleForm job={JOB} vehicle={vehicle} onStored={onStored} />, 'METRIC', KNOWN);
    expect(screen.getByLabelText<HTMLInputElement>(appWords.wheelbase()).value).toBe('2750');
    fill('Width', '60 in');
    fill('Model year', '2019');
    fireEvent.change(screen.getByLabelText(settingsWords.classByItsPapers()), {
      target: { value: 'N1' },
    });
    await userEvent.click(screen.getByLabelText(settingsWords.drivingLampsOrPodsAreAimed()));
    await keep();
    await waitFor(() => expect(onStored).toHaveBeenCalled());
    expect(puts[0]?.body).toMatchObject({
      version: 4,
      name: 'Brask Tundal',
      widthMm: 1524,
      wheelbaseMm: 2750,
      modelYear: 2019,
      vehicleClass: 'N1',
      drivingAimed: true,
      lensDipped: 'E4 HCR',
    });
  });
});
