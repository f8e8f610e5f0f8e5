import { expect, it } from 'vitest';
import type { LampAtWall, WallSheet } from '../app/api/client';
import { finding } from '../test/testing';
import { lampVerdict } from './lampVerdict';

it('is the graver of rule and mark, of this lamp alone', () => {
  const out = finding('aim.limits@lamp:DIPPED:RIGHT', 'OUT', 'too high');
  const within = finding('aim.target@lamp:DIPPED:RIGHT', 'WITHIN', 'on the tape');
  const other = finding('aim.limits@lamp:DIPPED:LEFT', 'WITHIN', 'within');
  const sheet = { findings: [other, within, out] } as WallSheet;
  const lamp = (side: 'LEFT' | 'RIGHT', findingIds: string[]) =>
    ({ side, reading: {}, turnedSinceRead: false, findingIds }) as LampAtWall;
  expect(lampVerdict(sheet, lamp('RIGHT', [out.id, within.id]))).toBe('OUT');
  expect(lampVerdict(sheet, lamp('LEFT', [other.id]))).toBe('WITHIN');
});
