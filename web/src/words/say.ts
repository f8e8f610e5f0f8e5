import type { MessageFormatElement } from '@formatjs/icu-messageformat-parser';
import { IntlMessageFormat } from 'intl-messageformat';
import { STRETCHED, type Language } from './language';
import { stretched } from './stretched';

/** What stands in a message: words, or a number that is shown as it is. */
export type Text = string | number;

/** A message as the build parsed it: plain words, or the parts of what is put together. */
export type Message = string | MessageFormatElement[];

type Messages = Record<string, Message>;

/** The English ones come with their room; those of other languages are fetched where they are read. */
const OTHERS = import.meta.glob<Messages>(
  [
    '../../../words/src/main/resources/words/*/terms.json',
    '../../../words/src/main/resources/words/*/page/*.json',
    '!../../../words/src/main/resources/words/en/terms.json',
    '!../../../words/src/main/resources/words/en/page/*.json',
  ],
  { import: 'default' },
);

const roomOf = (path: string) => path.slice(path.lastIndexOf('/') + 1, -'.json'.length);

let language: Language = 'en';
const english = new Map<string, Messages>();
let rooms = english;
const formats = new Map<string, IntlMessageFormat>();

/** Tells the messages of a room in the language in which they are written first. */
export function inEnglish(room: string, messages: Messages) {
  english.set(room, messages);
}

/** The language that the page speaks. */
export function spoken(): Language {
  return language;
}

/**
 * Makes the page speak a language. Words are said while the page's modules are loaded, so this comes
 * before them; a page that is to speak another one is loaded again.
 */
export async function speak(wanted: Language): Promise<void> {
  const files = Object.entries(OTHERS).filter(([path]) => path.includes(`/words/${wanted}/`));
  rooms =
    wanted === 'en' || wanted === STRETCHED
      ? english
      : new Map(
          await Promise.all(
            files.map(async ([path, load]) => [roomOf(path), await load()] as [string, Messages]),
          ),
        );
  language = wanted;
  formats.clear();
  document.documentElement.lang = wanted;
}

/**
 * A message of a room of the page.
 *
 * @throws Error where the catalogue has no such message; the build checks that it has
 */
export function say(room: string, key: string, values?: Record<string, Text>): string {
  const name = `${room}.${key}`;
  let format = formats.get(name);
  if (!format) {
    const message = rooms.get(room)?.[key];
    if (message === undefined) {
      throw new Error(`The catalogue has no message ${name}`);
    }
    const said = language === STRETCHED ? stretched(message) : message;
    if (typeof said === 'string') {
      return said;
    }
    format = new IntlMessageFormat(said, language);
    formats.set(name, format);
  }
  return String(format.format(values));
}
