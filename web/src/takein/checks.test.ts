import { describe, expect, it } from 'vitest';
import { checkOf, checkWords, restWorks, turned } from './checks';
import { STATES } from './words';
import { takeinWords } from '../words/page/takein';

describe('a cell of what works today', () => {
  it('turns through every state and back to not tried, alone', () => {
    let checks = turned([], 'MAIN', 'RIGHT');
    const seen = [];
    for (let press = 0; press < STATES.length; press++) {
      checks = turned(checks, 'DIPPED', 'LEFT');
      seen.push(checkOf(checks, 'DIPPED', 'LEFT')?.state);
    }
    expect(seen).toEqual(STATES.map(([state]) => state));
    checks = turned(checks, 'DIPPED', 'LEFT');
    expect(checkWords(checkOf(checks, 'DIPPED', 'LEFT'))).toBe(takeinWords.notTried());
    expect(checks).toHaveLength(1);
  });

  it('fills only what was not noted, and only what every vehicle has', () => {
    const dead = [{ function: 'DIPPED', side: 'LEFT', state: 'DEAD', tries: 0 }] as const;
    const all = restWorks([...dead]);
    expect(all).toHaveLength(8);
    expect(checkOf(all, 'DIPPED', 'LEFT')?.state).toBe('DEAD');
    expect(checkOf(all, 'FRONT_FOG', 'LEFT')).toBeUndefined();
  });
});
