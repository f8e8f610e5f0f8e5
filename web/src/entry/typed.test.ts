import { describe, expect, it } from 'vitest';
import {
  faithfulLength,
  lengthsIn,
  mixed,
  onTape,
  shownLength,
  typedLength,
  typedTurns,
} from './typed';

describe('what is typed for a dragged or turned amount', () => {
  it('is whole millimetres or sixteenths of an inch', () => {
    expect(typedLength(55.4, 'METRIC')).toBe('55');
    expect(typedLength(25.4 * 2.875, 'IMPERIAL')).toBe('2 7/8');
    expect(typedLength(-12.7, 'IMPERIAL')).toBe('-1/2');
    expect(typedLength(-0.2, 'IMPERIAL')).toBe('0');
  });
  it('is shown with its thousands apart, as the tape shows them', () => {
    expect(shownLength(1870, 'METRIC')).toBe('1\u2009870');
    expect(shownLength(-870, 'METRIC')).toBe('-870');
    expect(shownLength(1870, 'IMPERIAL')).toBe('73 5/8');
  });
  it('is turns to an eighth with the direction in words', () => {
    expect(typedTurns(1.5)).toBe('1 1/2 clockwise');
    expect(typedTurns(-0.25)).toBe('1/4 anticlockwise');
  });
  it('uses lowest terms', () => {
    expect(mixed(8, 16)).toBe('1/2');
    expect(mixed(32, 16)).toBe('2');
  });
  it('rounds to what the tape shows', () => {
    expect(onTape(10.6, 'METRIC')).toBe(11);
    expect(onTape(25.4 / 15, 'IMPERIAL')).toBeCloseTo(25.4 / 16);
  });
  it.each([
    [90, 'METRIC', '90'],
    [60.2, 'METRIC', '60.2'],
    [25.4 * 3.5625, 'IMPERIAL', '3 9/16'],
    [90, 'IMPERIAL', '90 mm'],
    [-60.5, 'IMPERIAL', '-60.5 mm'],
    [0, 'IMPERIAL', '0'],
  ] as const)('%f in a field of %s units reads back as it was', (mm, units, text) => {
    expect(faithfulLength(mm, units)).toBe(text);
  });
  it.each([
    ['90/60', ['90', '60']],
    ['-60 / -15', ['-60', '-15']],
    ['3 1/2 / 2 3/8', ['3 1/2', '2 3/8']],
    [' 90 / 90 mm /', ['90', '90 mm']],
  ])('“%s” is several lengths', (line, parts) => {
    expect(lengthsIn(line)).toEqual(parts);
  });
});
