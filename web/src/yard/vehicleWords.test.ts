import { expect, it } from 'vitest';
import type { Vehicle } from '../api/client';
import { vehicleWords } from './vehicleWords';

const vehicle = (id: string, changedAt: string, more: Partial<Vehicle> = {}) =>
  ({ id, name: 'Quenby Loft', nickname: '', changedAt, ...more }) as Vehicle;

it('tells vehicles apart that have no nickname, or the same one', () => {
  const first = vehicle('v-0001', '2026-03-02T10:00:00Z');
  const second = vehicle('v-0002', '2026-03-09T10:00:00Z');
  const sameDay = vehicle('v-0003', '2026-03-09T11:00:00Z');
  const named = vehicle('v-0004', '2026-03-09T11:00:00Z', { nickname: 'van 3', modelYear: 2012 });
  const all = [first, second, sameDay, named];
  const words = all.map((one) => vehicleWords(one, all));
  expect(words).toEqual([
    'Quenby Loft, of 2 Mar 2026',
    'Quenby Loft, of 9 Mar 2026, 0002',
    'Quenby Loft, of 9 Mar 2026, 0003',
    'Quenby Loft, van 3, 2012',
  ]);
});
