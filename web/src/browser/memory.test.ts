import { afterEach, describe, expect, it, vi } from 'vitest';
import { browserMemory, pageMemory } from './memory';

afterEach(() => vi.restoreAllMocks());

describe('what the browser keeps', () => {
  it('is there for another page, and nothing where nothing was kept', () => {
    browserMemory.set('mellow.a', 'x');
    expect(localStorage.getItem('mellow.a')).toBe('x');
    expect(pageMemory.get('mellow.a')).toBeUndefined();
  });

  it('stays on the page where there is no room, and is stored once there is', () => {
    browserMemory.set('mellow.b', 'old');
    const full = vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });
    browserMemory.set('mellow.b', 'new');
    expect(browserMemory.get('mellow.b')).toBe('new');
    expect(localStorage.getItem('mellow.b')).toBe('old');
    full.mockRestore();
    browserMemory.set('mellow.b', 'newer');
    expect(localStorage.getItem('mellow.b')).toBe('newer');
  });

  it('may be told to keep nothing at all', () => {
    const shut = () => {
      throw new DOMException('denied', 'SecurityError');
    };
    vi.spyOn(Storage.prototype, 'setItem').mockImplementation(shut);
    vi.spyOn(Storage.prototype, 'getItem').mockImplementation(shut);
    expect(browserMemory.get('mellow.c')).toBeUndefined();
    browserMemory.set('mellow.c', 'x');
    expect(browserMemory.get('mellow.c')).toBe('x');
  });
});
