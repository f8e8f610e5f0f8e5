import { STRETCHED, type Language } from './language';
import { spoken } from './say';

/** Which country's writing of dates and numbers goes with a language. */
export const LOCALES: Record<Language, string> = { en: 'en-GB', de: 'de-DE', [STRETCHED]: 'en-GB' };

/** How a date or a time is written in the language that the page speaks. */
export const dateFormat = (options: Intl.DateTimeFormatOptions) =>
  new Intl.DateTimeFormat(LOCALES[spoken()], options);

const CLOCK = dateFormat({ hour: '2-digit', minute: '2-digit' });
const DAY = dateFormat({ day: 'numeric', month: 'short' });

/** A moment as a workshop says it: today's by the clock, others with their day. */
export function clockTime(iso: string): string {
  const at = new Date(iso);
  const today = new Date().toDateString() === at.toDateString();
  return today ? CLOCK.format(at) : `${DAY.format(at)}, ${CLOCK.format(at)}`;
}
