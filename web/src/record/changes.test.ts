import { QueryClient } from '@tanstack/react-query';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { followChanges, type Changed } from './changes';
import { askAgain } from './useChanges';

class Heard extends EventTarget {
  static readonly CLOSED = 2;
  static all: Heard[] = [];
  onopen: (() => void) | undefined;
  onerror: (() => void) | undefined;
  readyState = 0;

  constructor(readonly address: string) {
    super();
    Heard.all.push(this);
  }

  open() {
    this.onopen?.();
  }

  tell(what: Changed) {
    this.dispatchEvent(new MessageEvent('changed', { data: JSON.stringify(what) }));
  }

  refuse() {
    this.readyState = Heard.CLOSED;
    this.onerror?.();
  }

  close() {
    this.readyState = Heard.CLOSED;
  }
}

describe('following what others keep', () => {
  beforeEach(() => {
    vi.useFakeTimers();
    Heard.all = [];
    vi.stubGlobal('EventSource', Heard);
    vi.stubGlobal('BroadcastChannel', undefined);
  });

  afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });

  it('tells what changed, and what may have been missed once it is heard again', async () => {
    const changed = vi.fn();
    const missed = vi.fn();
    const end = followChanges({ changed, missed });
    await vi.advanceTimersByTimeAsync(0);
    Heard.all[0]?.open();
    Heard.all[0]?.tell({ kind: 'job', id: 'a' });
    expect(changed).toHaveBeenCalledExactlyOnceWith({ kind: 'job', id: 'a' });
    expect(missed).toHaveBeenCalledTimes(1);
    Heard.all[0]?.open();
    expect(missed).toHaveBeenCalledTimes(2);
    Heard.all[0]?.refuse();
    await vi.advanceTimersByTimeAsync(3_000);
    Heard.all[1]?.open();
    expect(missed).toHaveBeenCalledTimes(3);
    end();
    await vi.advanceTimersByTimeAsync(10_000);
    expect(Heard.all).toHaveLength(2);
    expect(Heard.all[1]?.readyState).toBe(Heard.CLOSED);
  });

  it('asks again only for what shows the job, and for the yard', async () => {
    const client = new QueryClient();
    const keys = [
      ['job', 'a'],
      ['standing', 'a', 'now'],
      ['job', 'b'],
      ['yard', ''],
      ['rule-sets'],
    ];
    keys.forEach((key) => client.setQueryData(key, {}));
    const stale = () =>
      keys.filter((key) => client.getQueryState(key)?.isInvalidated).map((key) => key.join(' '));
    await askAgain(client, { kind: 'job', id: 'a' });
    expect(stale()).toEqual(['job a', 'standing a now', 'yard ']);
    await askAgain(client, { kind: 'bay', id: 'c' });
    expect(stale()).toContain('job b');
  });
});
