import { Problem } from '../api/client';
import { recordWords } from '../words/page/record';

let tried = 0;
const watchers = new Set<() => void>();

/** How often somebody tried to enter something on a page that looks back. */
export const triedThen = () => tried;

export function onTried(watcher: () => void) {
  watchers.add(watcher);
  return () => watchers.delete(watcher);
}

/** What somebody hears who enters something on a page that looks back; the line at its head says it too. */
export function refuseThen(): Problem {
  tried += 1;
  watchers.forEach((watcher) => watcher());
  return new Problem(409, recordWords.nothingThen(), undefined, {});
}
