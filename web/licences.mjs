// Writes dist/licences/page.txt: every script and font that the page ships, with its licence's text.
import fs from 'node:fs';
import path from 'node:path';

const here = import.meta.dirname;
const { packages } = JSON.parse(fs.readFileSync(path.join(here, 'package-lock.json'), 'utf8'));
const FILES = /^(licen[cs]e|copying|ofl)/i;

/** The licence of a package in its own words, else what its description names. */
function licenceOf(folder, named) {
  const file = fs.readdirSync(folder).find((name) => FILES.test(name));
  return file ? fs.readFileSync(path.join(folder, file), 'utf8').trim() : `Licence: ${named}`;
}

const shipped = Object.entries(packages)
  .filter(([at, { dev, optional }]) => at.startsWith('node_modules/') && !dev && !optional)
  .map(([at, { version }]) => {
    const folder = path.join(here, at);
    const { name, license } = JSON.parse(
      fs.readFileSync(path.join(folder, 'package.json'), 'utf8'),
    );
    if (!license) {
      throw new Error(`${name} names no licence`);
    }
    return `${name} ${version} (${license})\n\n${licenceOf(folder, license)}\n`;
  });

const written = path.join(here, 'dist/licences');
fs.mkdirSync(written, { recursive: true });
fs.writeFileSync(path.join(written, 'page.txt'), shipped.join(`\n${'-'.repeat(78)}\n\n`));
console.log(`${shipped.length} packages of the page, with their licences`);
