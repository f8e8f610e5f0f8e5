// Holds that what the yard needs at first stays small: people open it on a telephone beside a vehicle.
import fs from 'node:fs';
import path from 'node:path';

const MOST_BYTES = 665_000;
const FIRST = ['index.html', 'src/app/App.tsx', 'src/yard/Yard.tsx'];

const built = path.join(import.meta.dirname, 'dist');
const parts = JSON.parse(fs.readFileSync(path.join(built, '.vite/manifest.json'), 'utf8'));
const needed = new Set();

function need(name) {
  if (!parts[name]) {
    throw new Error(`The build has no part ${name}`);
  }
  if (!needed.has(name)) {
    needed.add(name);
    (parts[name].imports ?? []).forEach(need);
  }
}

FIRST.forEach(need);
const bytes = [...needed]
  .map((name) => parts[name].file)
  .filter((file) => file.endsWith('.js'))
  .reduce((sum, file) => sum + fs.statSync(path.join(built, file)).size, 0);
console.log(`The yard needs ${bytes} bytes of script at first, of ${MOST_BYTES} at most`);
if (bytes > MOST_BYTES) {
  process.exit(1);
}
