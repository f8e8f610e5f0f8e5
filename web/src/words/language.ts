import index from '../../../words/src/main/resources/words/index.json';
import { browserMemory } from '../browser/memory';

/** Languages of the catalogue, each in its own name. */
export const LANGUAGES = [
  ['en', 'English'],
  ['de', 'Deutsch'],
] as const;

/** English with each word 40 % longer, as the server has it: to look at a view with. Never on offer. */
export const STRETCHED = 'en-XA';

export type Language = (typeof LANGUAGES)[number][0] | typeof STRETCHED;

const KEY = 'mellow.language';

/** Those of them that are whole, so that somebody may read them. */
export const OFFERED: Language[] = LANGUAGES.map(([language]) => language).filter((language) =>
  index.offered.includes(language),
);

const among = (offered: readonly Language[], tag: string | undefined) =>
  offered.find((language) => tag === language || tag?.startsWith(`${language}-`));

export function keepLanguage(person: string, language: Language) {
  browserMemory.set(`${KEY}.${person}`, language);
}

/** What a person reads: the language picked, else the first on offer that the browser asks for. */
export function languageFor(
  person: string,
  asked: readonly string[],
  offered: readonly Language[] = OFFERED,
): Language {
  const picked = browserMemory.get(`${KEY}.${person}`);
  if (picked === STRETCHED) {
    return STRETCHED;
  }
  return (
    among(offered, picked) ??
    asked.map((tag) => among(offered, tag)).find((one) => one !== undefined) ??
    'en'
  );
}
