// Writes dist/print/*.ttf: the page's fonts as printed documents take them. A WOFF file holds the
// tables of a TrueType font, each packed by itself (W3C, WOFF File Format 1.0, sections 3 to 5).
import fs from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import zlib from 'node:zlib';

const here = path.dirname(fileURLToPath(import.meta.url));
const written = path.join(here, 'dist/print');

const HEAD = 12;
const ENTRY = 16;
const WOFF_HEAD = 44;
const WOFF_ENTRY = 20;

const FONTS = {
  barlow: [400, 600],
  'barlow-semi-condensed': [600],
};

// Ligatures are left out: a reader that copies or searches a document does not find letters in them.
const LEFT_OUT = ['GSUB'];

/** The TrueType font that a WOFF file packs. */
function unpacked(woff) {
  if (woff.toString('latin1', 0, 4) !== 'wOFF') {
    throw new Error('this is not a WOFF file');
  }
  const entries = Array.from(
    { length: woff.readUInt16BE(12) },
    (_, index) => WOFF_HEAD + WOFF_ENTRY * index,
  ).filter((from) => !LEFT_OUT.includes(woff.toString('latin1', from, from + 4)));
  const count = entries.length;
  const power = Math.floor(Math.log2(count));
  const head = Buffer.alloc(HEAD + ENTRY * count);
  woff.copy(head, 0, 4, 8); // the font's own form
  head.writeUInt16BE(count, 4);
  head.writeUInt16BE(16 * 2 ** power, 6);
  head.writeUInt16BE(power, 8);
  head.writeUInt16BE(16 * (count - 2 ** power), 10);
  const parts = [head];
  let at = head.length;
  for (const [i, from] of entries.entries()) {
    const [offset, packed, length] = [4, 8, 12].map((field) => woff.readUInt32BE(from + field));
    const held = woff.subarray(offset, offset + packed);
    const table = packed < length ? zlib.inflateSync(held) : held;
    const to = HEAD + ENTRY * i;
    woff.copy(head, to, from, from + 4); // its name
    woff.copy(head, to + 4, from + 16, from + 20); // its checksum
    head.writeUInt32BE(at, to + 8);
    head.writeUInt32BE(length, to + 12);
    const padded = Buffer.alloc(Math.ceil(length / 4) * 4);
    table.copy(padded);
    parts.push(padded);
    at += padded.length;
  }
  return Buffer.concat(parts);
}

fs.mkdirSync(written, { recursive: true });
for (const [font, weights] of Object.entries(FONTS)) {
  for (const weight of weights) {
    for (const letters of ['latin', 'latin-ext']) {
      const file = `node_modules/@fontsource/${font}/files/${font}-${letters}-${weight}-normal.woff`;
      fs.writeFileSync(
        path.join(written, `${font}-${letters}-${weight}.ttf`),
        unpacked(fs.readFileSync(path.join(here, file))),
      );
    }
  }
}
