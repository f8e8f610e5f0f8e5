// Writes src/words/page: for each message of the page's catalogue a function that takes what stands
// in it, so that a missing message or a wrong argument does not compile. A message that no room says
// stops the build.
import { parse, TYPE } from '@formatjs/icu-messageformat-parser';
import fs from 'node:fs';
import path from 'node:path';
import { parsedAll } from './messages.mjs';

const here = import.meta.dirname;
const catalogue = path.join(here, '../words/src/main/resources/words/en/page');
const written = path.join(here, 'src/words/page');

/** The arguments of a message, each with its type: a number where the message counts. */
function argumentsOf(elements, found = new Map()) {
  for (const one of elements) {
    if (one.type === TYPE.literal || one.type === TYPE.pound) {
      continue;
    }
    if (one.type === TYPE.plural || one.type === TYPE.number) {
      found.set(one.value, 'number');
    } else if (!found.has(one.value)) {
      found.set(one.value, one.type === TYPE.select ? 'string' : 'Text');
    }
    for (const { value } of Object.values(one.options ?? {})) {
      argumentsOf(value, found);
    }
  }
  return found;
}

function functionOf(room, key, message) {
  const taken = [...argumentsOf(parse(message, { ignoreTag: true }))];
  const given = taken.map(([name, type]) => `${name}: ${type}`).join('; ');
  const says = message.replaceAll('*/', '* /').replaceAll('\n', ' ');
  return taken.length === 0
    ? `  /** ${says} */\n  ${key}: (): string => say('${room}', '${key}'),\n`
    : `  /** ${says} */\n  ${key}: (values: { ${given} }): string => say('${room}', '${key}', values),\n`;
}

function sources(folder) {
  return fs.readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const at = path.join(folder, entry.name);
    return entry.isDirectory()
      ? entry.name === 'page' || entry.name === 'test'
        ? []
        : sources(at)
      : /\.tsx?$/.test(entry.name) && !entry.name.includes('.test.')
        ? [fs.readFileSync(at, 'utf8')]
        : [];
  });
}

const texts = sources(path.join(here, 'src'));
const said = new Set(
  texts.flatMap((text) =>
    [...text.matchAll(/\b(\w+Words)\s*\.(\w+)/g)].map(([, room, key]) => `${room}.${key}`),
  ),
);
fs.rmSync(written, { recursive: true, force: true });
fs.mkdirSync(written, { recursive: true });

/** The words of constants: only of the kinds that the page says. */
function writeTerms() {
  const kinds = [
    ...new Set(
      texts.flatMap((text) => [...text.matchAll(/\bterm\(\s*'([\w.]+)'/g)].map(([, kind]) => kind)),
    ),
  ].sort();
  const all = JSON.parse(fs.readFileSync(path.join(catalogue, '../terms.json'), 'utf8'));
  const english = Object.fromEntries(
    Object.entries(all).filter(([key]) => kinds.includes(key.slice(0, key.lastIndexOf('.')))),
  );
  fs.writeFileSync(
    path.join(written, 'terms.ts'),
    `// written by words.mjs from the catalogue\nimport { inEnglish } from '../say';\n\n` +
      `inEnglish('terms', ${JSON.stringify(parsedAll(english), undefined, 2)});\n\n` +
      `export type Kind = ${kinds.map((kind) => `'${kind}'`).join(' | ')};\n`,
  );
}

const unsaid = [];
for (const file of fs.readdirSync(catalogue)) {
  const room = path.basename(file, '.json');
  const messages = JSON.parse(fs.readFileSync(path.join(catalogue, file), 'utf8'));
  unsaid.push(
    ...Object.keys(messages)
      .filter((key) => !said.has(`${room}Words.${key}`))
      .map((key) => `${room}.${key}`),
  );
  const functions = Object.entries(messages).map(([key, message]) =>
    functionOf(room, key, message),
  );
  const typed = functions.some((one) => one.includes(': Text'));
  fs.writeFileSync(
    path.join(written, `${room}.ts`),
    `// written by words.mjs from the catalogue\n` +
      `import english from '../../../../words/src/main/resources/words/en/page/${file}';\n` +
      `import { inEnglish, say${typed ? ', type Text' : ''} } from '../say';\n\n` +
      `inEnglish('${room}', english);\n\n` +
      `export const ${room}Words = {\n${functions.join('')}};\n`,
  );
}
writeTerms();
if (unsaid.length > 0) {
  console.error(`No room says these messages of the page: ${unsaid.join(', ')}`);
  process.exit(1);
}
