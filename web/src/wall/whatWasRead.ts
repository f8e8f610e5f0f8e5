import type { Reading } from '../api/client';
import { sideWord, term } from '../words/terms';

/** What a reading is of: "Cutoff below, left (front fog lamp)". */
export function whatWasRead(reading: Reading): string {
  const side = reading.side ? `, ${sideWord(reading.side)}` : '';
  const lamp = reading.lamp === 'DIPPED' ? '' : ` (${term('LampKind', reading.lamp)})`;
  return `${reading.title}${side}${lamp}`;
}
