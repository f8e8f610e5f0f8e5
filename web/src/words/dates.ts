import { STRETCHED, type Language } from './language';
import { spoken } from './say';

/** Which country's writing of dates and numbers goes with a language. */
export const LOCALES: Record<Language, string> = { en: 'en-GB', de: 'de-DE', [STRETCHED]: 'en-GB' };

/** How a date or a time is written in the language that the page speaks. */
export const dateFormat = (options: Intl.DateTimeFormatOptions) =>
  new Intl.DateTimeFormat(LOCALES[spoken()], options);
