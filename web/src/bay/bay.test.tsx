import { fireEvent, screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { BayPage } from '../api/client';
import { show, takesEverything, taken, partly } from '../test/testing';
import { BayForm } from './BayForm';
import { BayPlan } from './BayPlan';
import { appWords } from '../words/page/app';

const bay = {
  id: 'b',
  version: 5,
  name: 'Hall',
  note: 'the far end dips',
  units: 'METRIC' as const,
  changedBy: 'Runa',
  changedAt: '2026-11-25T10:59:00Z',
};

function page(readings: BayPage['readings']): BayPage {
  return partly<BayPage>({
    bay,
    readings,
    floor: { tyres: [], profiles: [], findings: [] },
  });
}

afterEach(() => vi.restoreAllMocks());

describe('the floor from above', () => {
  it('takes each reading where it was taken, and shows what was read', async () => {
    const onKeep = vi.fn().mockResolvedValue(undefined);
    show(<BayPlan page={page([taken('FLOOR_REAR_LEFT', -7)])} onKeep={onKeep} />);
    expect(screen.getByRole('button', { name: /rear left.*−7/i })).toBeTruthy();
    const name = /front right/i;
    fireEvent.click(screen.getByRole('button', { name }));
    const field = screen.getByRole('textbox', { name });
    fireEvent.change(field, { target: { value: '1/4 in' } });
    fireEvent.submit(field);
    await waitFor(() =>
      expect(onKeep).toHaveBeenCalledWith(
        { kind: 'FLOOR_FRONT_RIGHT' },
        '1/4 in',
        expect.any(String),
      ),
    );
  });

  it('follows the distances that were read', () => {
    show(
      <BayPlan
        page={page([taken('PLAN_FRONT_TYRES', 8540), taken('PLAN_WHEELBASE', 2600)])}
        onKeep={vi.fn()}
      />,
    );
    expect(screen.getByRole('button', { name: /8540/ })).toBeTruthy();
    expect(screen.getByRole('button', { name: /2600/ })).toBeTruthy();
  });
});

describe('a bay as typed', () => {
  it('is kept on the version that was shown', async () => {
    const puts = takesEverything();
    show(<BayForm bay={bay} />);
    fireEvent.change(screen.getByLabelText(appWords.name()), { target: { value: 'Hall, north' } });
    fireEvent.click(screen.getByRole('button', { name: appWords.save() }));
    await waitFor(() =>
      expect(puts[0]?.body).toEqual({
        version: 5,
        name: 'Hall, north',
        note: 'the far end dips',
        units: 'METRIC',
      }),
    );
  });
});
