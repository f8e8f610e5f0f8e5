import { describe, expect, it } from 'vitest';
import type { LampAtWall, Verdict, WallSheet } from '../api/client';
import { finding, partly } from '../test/testing';
import { lampVerdict } from './lampVerdict';

describe('the verdict on a lamp', () => {
  const lamp = partly<LampAtWall>({
    side: 'LEFT',
    reading: {},
    turnedSinceRead: false,
    findingIds: [
      'aim.limits@lamp:DIPPED:LEFT',
      'aim.target@lamp:DIPPED:LEFT',
      'aim.distance@lamp:DIPPED:LEFT',
    ],
  });
  const sheet = (limits: Verdict, target: Verdict) =>
    ({
      findings: [
        finding('aim.limits@lamp:DIPPED:LEFT', limits, '{0}'),
        finding('aim.target@lamp:DIPPED:LEFT', target, '{0}'),
        finding('aim.distance@lamp:DIPPED:LEFT', 'OUT', '{0}'),
        finding('aim.limits@lamp:DIPPED:RIGHT', 'OUT', '{0}'),
      ],
    }) as WallSheet;

  it('is the graver of rule and mark, of this lamp alone', () => {
    expect(lampVerdict(sheet('WITHIN', 'WITHIN'), lamp)).toBe('WITHIN');
    expect(lampVerdict(sheet('WITHIN', 'AT_EDGE'), lamp)).toBe('AT_EDGE');
    expect(lampVerdict(sheet('OUT', 'WITHIN'), lamp)).toBe('OUT');
  });

  it('is not known until it is read, and after a turn', () => {
    const unread = { ...lamp, reading: undefined } as LampAtWall;
    expect(lampVerdict(sheet('OUT', 'OUT'), unread)).toBe('NOT_KNOWN');
    expect(lampVerdict(sheet('OUT', 'OUT'), { ...lamp, turnedSinceRead: true })).toBe('NOT_KNOWN');
  });
});
