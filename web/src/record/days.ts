import type { RecordLine } from '../api/client';
import { dateFormat } from '../words/dates';

const DAY = dateFormat({ weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' });

/** The lines of one day, the newest first. */
export interface Day {
  words: string;
  lines: RecordLine[];
}

/** Lines by the day on which they were made, the newest first; what was kept late stays in its place. */
export function daysOf(lines: RecordLine[]): Day[] {
  const days: Day[] = [];
  for (const line of lines.toReversed()) {
    const words = DAY.format(new Date(line.at));
    const last = days.at(-1);
    if (last?.words === words) {
      last.lines.push(line);
    } else {
      days.push({ words, lines: [line] });
    }
  }
  return days;
}
