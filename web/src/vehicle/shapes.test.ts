import { describe, expect, it } from 'vitest';
import type { FrontEdit } from '../api/client';
import { fogLamps } from '../test/testing';
import {
  asDrawn,
  freeId,
  isGuessed,
  isMirrored,
  leftMmToScreenX,
  mirrored,
  moved,
  outerWords,
  shapePath,
  spotOn,
  wordsBeside,
} from './shapes';

const view = { scale: 0.5, centreX: 400, footY: 300 };
const spot = { outMm: 600, heightMm: 400, headingDeg: 0 };
const fog = fogLamps(spot);

describe('the front, seen standing before it', () => {
  it("shows the vehicle's left at the right", () => {
    expect(leftMmToScreenX(view, spotOn(fog, 'LEFT').leftMm)).toBe(700);
    expect(leftMmToScreenX(view, spotOn(fog, 'RIGHT').leftMm)).toBe(100);
  });

  it('mirrors an outline', () => {
    const corners = [
      { outMm: 0, upMm: 0 },
      { outMm: 20, upMm: 0 },
      { outMm: 0, upMm: 10 },
    ];
    const shape = { form: 'POLYGON' as const, corners };
    expect(shapePath(view, shape, 'LEFT', spot)).toBe('M700.00 100.00L710.00 100.00L700.00 95.00Z');
    expect(shapePath(view, shape, 'RIGHT', spot)).toBe('M100.00 100.00L90.00 100.00L100.00 95.00Z');
  });

  it('moves both lamps unless they were parted', () => {
    expect(moved(fog, 'RIGHT', { heightMm: 410 }, false).left.heightMm).toBe(410);
    expect(moved(fog, 'RIGHT', { heightMm: 410 }, true).left.heightMm).toBe(400);
  });

  it('leaves directions alone when places are mirrored', () => {
    const turned = moved(fog, 'LEFT', { headingDeg: 13 }, true);
    expect(moved(turned, 'RIGHT', { outMm: 610 }, false).left).toEqual({
      outMm: 610,
      heightMm: 400,
      headingDeg: 13,
    });
    const parted = moved(turned, 'RIGHT', { heightMm: 420 }, true);
    expect([isMirrored(turned), isMirrored(parted)]).toEqual([true, false]);
    expect(mirrored(parted).right).toEqual({ outMm: 600, heightMm: 400, headingDeg: 0 });
  });

  it('finds ids that are free', () => {
    const front: FrontEdit = { ruleSets: [], widthMm: 1700, pairs: [fog], keepOuts: [] };
    expect(freeId(front, 'Fog')).toBe('fog-2');
    expect(freeId(front, 'Tow eye!')).toBe('tow-eye');
    expect(freeId(front, '—')).toBe('lamp');
  });

  it("writes a limit's words above its line, or below it where a dimension stands above", () => {
    // a lamp whose lower edge is drawn at 100: the dimension to the side stands from 110 to 166
    const taken = outerWords(view, 400);
    expect(taken).toEqual({ top: 110, bottom: 166 });
    expect(wordsBeside(60, taken)).toBe(55);
    expect(wordsBeside(112, taken)).toBe(107);
    expect(wordsBeside(166, taken)).toBe(182);
    expect(wordsBeside(190, taken)).toBe(185);
    // in the middle of it neither side is free
    expect(wordsBeside(140, taken)).toBe(135);
  });

  it('is a guess until it was moved, turned, or taken as drawn', () => {
    const drawn = { ...fog, guessed: ['PLACE', 'HEADING'] as ('PLACE' | 'HEADING')[] };
    expect(isGuessed(drawn)).toBe(true);
    const placed = moved(drawn, 'LEFT', { outMm: 610 }, false);
    expect(placed.guessed).toEqual(['HEADING']);
    expect(isGuessed(moved(placed, 'LEFT', { headingDeg: 0 }, true))).toBe(false);
    expect(isGuessed(asDrawn(drawn))).toBe(false);
  });
});
