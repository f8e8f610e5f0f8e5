// Messages of the catalogue are parsed while the page is built, so that no parser goes out with it.
import { parse, TYPE } from '@formatjs/icu-messageformat-parser';

/** A message as the page has it: its words where it has nothing else, else its parts. */
export function parsed(message) {
  const [first, ...others] = parse(message, { ignoreTag: true });
  if (first === undefined) {
    return '';
  }
  return others.length === 0 && first.type === TYPE.literal ? first.value : [first, ...others];
}

export const parsedAll = (messages) =>
  Object.fromEntries(Object.entries(messages).map(([key, message]) => [key, parsed(message)]));

const CATALOGUE = /\/words\/src\/main\/resources\/words\/[^/]+\/(page\/[^/]+|terms)\.json$/;

/** For vite: files of the catalogue arrive parsed, still as JSON. */
export const parsedMessages = () => ({
  name: 'parsed-messages',
  enforce: 'pre',
  transform: (code, id) =>
    CATALOGUE.test(id) ? { code: JSON.stringify(parsedAll(JSON.parse(code))), map: null } : null,
});
