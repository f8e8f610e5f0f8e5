import type { Vehicle } from '../api/client';
import { yardWords } from '../words/page/yard';
import { dateFormat } from '../words/dates';

const DAY = dateFormat({ day: 'numeric', month: 'short', year: 'numeric' });

function told(vehicle: Vehicle): string {
  return [vehicle.name, vehicle.nickname, vehicle.variant, vehicle.modelYear]
    .filter(Boolean)
    .join(', ');
}

/** A vehicle in words that no other one has: by when it was written down where all else is alike. */
export function vehicleWords(vehicle: Vehicle, all: readonly Vehicle[]): string {
  const words = told(vehicle);
  const alike = all.filter((other) => other.id !== vehicle.id && told(other) === words);
  if (alike.length === 0) {
    return words;
  }
  const day = DAY.format(new Date(vehicle.changedAt));
  const sameDay = alike.some((other) => DAY.format(new Date(other.changedAt)) === day);
  return yardWords.wordsOfDay({ words, day, value: sameDay ? `, ${vehicle.id.slice(-4)}` : '' });
}
