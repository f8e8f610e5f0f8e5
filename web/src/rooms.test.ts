import { expect, it } from 'vitest';

const SOURCES = import.meta.glob<string>('./**/*.{ts,tsx}', {
  query: '?raw',
  import: 'default',
  eager: true,
});

/** Stands at no place of its own: it shows all rooms, and no room knows it. */
const ROUTER = 'app';

/** "wall" for "./wall/Cutoff.tsx" */
const roomOf = (path: string) => path.split('/')[1] ?? '';

/** Which rooms each room's code takes from. */
function arrows(): Map<string, Set<string>> {
  const rooms = new Map<string, Set<string>>();
  for (const [path, source] of Object.entries(SOURCES)) {
    const room = roomOf(path);
    if (path.split('/').length < 3 || room === 'test' || path.includes('.test.')) {
      continue;
    }
    const taken = rooms.get(room) ?? new Set();
    rooms.set(room, taken);
    for (const [, from = ''] of source.matchAll(/(?:from|import\()\s*'([^']+)'/g)) {
      const other = new URL(from, `file:///${path.slice(2)}`).pathname.split('/')[1] ?? '';
      if (from.startsWith('.') && other !== room && other in ROOMS) {
        taken.add(other);
      }
    }
  }
  return rooms;
}

const ROOMS = Object.fromEntries(Object.keys(SOURCES).map((path) => [roomOf(path), true]));

it('goes round in no circle from room to room', () => {
  const rooms = arrows();
  expect(rooms.size).toBeGreaterThan(20);
  // whoever takes from nobody that is left is no part of a circle
  for (let before = -1; before !== rooms.size;) {
    before = rooms.size;
    for (const [room, taken] of [...rooms]) {
      if (![...taken].some((other) => rooms.has(other))) {
        rooms.delete(room);
      }
    }
  }
  expect([...rooms.keys()]).toEqual([]);
});

it('has nothing that stands on the router', () => {
  const above = [...arrows()].filter(([room, taken]) => room !== ROUTER && taken.has(ROUTER));
  expect(above).toEqual([]);
});
