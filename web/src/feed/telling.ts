import type { Controls, FeedSheet } from '../api/client';

const DRIVING: Controls = {
  key: 'ENGINE',
  lights: 'DIPPED',
  fog: false,
  turn: 'OFF',
  auxiliary: false,
};

const TELLING = ['LOW_FOG', 'MAIN_AUX', 'LOW_AUX', 'DAY', 'LOW', 'TURN_LEFT'];

/** The position of the controls to begin with: one in which what the plan feeds is lit. */
export function telling(sheet: FeedSheet | undefined): Controls {
  const lit = (index: number) =>
    sheet?.lamps.some(
      (row) => sheet.plan.functions.includes(row.function) && row.cells[index]?.level !== 'OUT',
    );
  const states = sheet?.states.filter((_, index) => lit(index)) ?? [];
  const best = TELLING.map((name) => states.find((one) => one.state === name)).find(Boolean);
  return best?.controls ?? states[0]?.controls ?? DRIVING;
}
