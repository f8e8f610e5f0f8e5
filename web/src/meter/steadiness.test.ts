import { describe, expect, it } from 'vitest';
import { steadiness } from './steadiness';

describe('a meter’s figure', () => {
  it('settles until two readings agree', () => {
    expect(steadiness([])).toBe('settling');
    expect(steadiness([0, 8.1])).toBe('settling');
    expect(steadiness([8.1, 12.2])).toBe('settling');
    expect(steadiness([8.1, 12.2, 12.25])).toBe('steady');
  });

  it('that does not move by one digit is on hold; one that reads nothing is not', () => {
    expect(steadiness(Array<number>(10).fill(12.431))).toBe('held');
    expect(steadiness([...Array<number>(9).fill(12.431), 12.432])).toBe('steady');
    expect(steadiness(Array<number>(10).fill(0))).toBe('steady');
  });
});
