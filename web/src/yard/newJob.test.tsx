import { fireEvent, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { createMemoryRouter, RouterProvider } from 'react-router';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { show, takesEverything, press } from '../test/testing';
import { NewJob } from './NewJob';
import { yardWords } from '../words/page/yard';
import { appWords } from '../words/page/app';

const RULES = [
  { id: 'un-r48', title: 'UN R48', aim: [{}], usualTraffic: 'RIGHT', marks: 'UN', place: [] },
  { id: 'us', title: 'SAE J599', aim: [{}], usualTraffic: 'RIGHT', marks: 'SAE', place: [] },
  { id: 'gb', title: 'Great Britain', aim: [{}], usualTraffic: 'LEFT', marks: 'UN', place: [] },
];

function dialog(vehicles: unknown[] = [], rules: unknown = RULES) {
  const router = createMemoryRouter([
    { path: '/', element: <NewJob open close={() => undefined} /> },
    { path: '/jobs/:id/take-in', element: <div>taken in</div> },
  ]);
  show(<RouterProvider router={router} />, 'METRIC', {
    ...(rules ? { 'rule-sets': rules } : {}),
    vehicles,
    bays: [{ id: 'b', name: 'Hall' }],
  });
  return router;
}

const fill = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
const takeIn = () => press(yardWords.takeItIn());

afterEach(() => vi.restoreAllMocks());

describe('a vehicle taken in', () => {
  it('becomes a vehicle, a job and what is wanted, and its page opens', async () => {
    const sent = takesEverything();
    const router = dialog();
    await userEvent.click(screen.getByRole('button', { name: appWords.fogLamps() }));
    fill('Make and model', '  Quenby Loft ');
    await userEvent.selectOptions(screen.getByLabelText(appWords.judgedBy()), 'gb');
    await takeIn();
    expect(await screen.findByText('taken in')).toBeTruthy();
    const [vehicle, job, wanted] = sent;
    expect(sent.map((one) => one.path)).toEqual([
      '/api/vehicles/{id}',
      '/api/jobs/{id}',
      '/api/jobs/{jobId}/take-in',
    ]);
    // traffic on the left: the driver sits on the right
    expect(vehicle?.body).toMatchObject({ name: 'Quenby Loft', driverSide: 'RIGHT' });
    expect(job?.body).toMatchObject({
      vehicleId: vehicle?.ids.id,
      ruleSet: 'gb',
      traffic: 'LEFT',
      work: 'fog lamps',
      units: 'METRIC',
    });
    expect(wanted?.body).toMatchObject({ version: 0, takeIn: { kinds: ['FOG'] } });
    expect(router.state.location.pathname).toBe(`/jobs/${job?.ids.id}/take-in`);
  });

  it('is not taken in twice when sent again after the line was cut', async () => {
    const sent = takesEverything(undefined, 2);
    dialog();
    fill('Make and model', 'Orlo Drift');
    await takeIn();
    expect((await screen.findByRole('alert')).textContent).toContain(
      appWords.theServerCantBeReachedWhat(),
    );
    await takeIn();
    await screen.findByText('taken in');
    const ids = (path: string) => sent.filter((one) => one.path === path).map((one) => one.ids.id);
    expect(new Set(ids('/api/vehicles/{id}')).size).toBe(1);
    expect(ids('/api/jobs/{id}')).toHaveLength(2);
    expect(new Set(ids('/api/jobs/{id}')).size).toBe(1);
  });

  it('says that the rule sets are on their way as long as they are', () => {
    dialog([], null);
    expect(
      screen.getByLabelText<HTMLSelectElement>(appWords.judgedBy()).selectedOptions[0]?.text,
    ).toBe(appWords.loading());
  });

  it('may be one that is known already; the market brings its lamps and units', async () => {
    const sent = takesEverything();
    dialog([{ id: 'v1', name: 'Brask Skarn', nickname: 'road crew 2' }]);
    await userEvent.selectOptions(screen.getByLabelText(appWords.vehicle()), 'v1');
    await userEvent.selectOptions(screen.getByLabelText(appWords.judgedBy()), 'us');
    expect(screen.getByLabelText<HTMLSelectElement>(appWords.units()).value).toBe('IMPERIAL');
    await takeIn();
    await waitFor(() => expect(sent).toHaveLength(2));
    expect(sent[0]?.body).toMatchObject({ vehicleId: 'v1', units: 'IMPERIAL', work: 'aim' });
  });
});
