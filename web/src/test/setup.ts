import { StyleSheet } from '@emotion/sheet';
import { cleanup, configure } from '@testing-library/react';
import { afterEach } from 'vitest';
import { outbox } from '../kept/outbox';

// a machine that builds other things meanwhile is slow, not wrong
configure({ asyncUtilTimeout: 15_000 });

// test files share one page: each test leaves it as it found it
afterEach(() => {
  cleanup();
  sessionStorage.clear();
  localStorage.clear();
  outbox.empty();
});

// no rules either: looking through them for every element is half of the time
StyleSheet.prototype.insert = () => undefined;

// the test's page has no layout: give the components what they ask for
globalThis.ResizeObserver ??= class implements ResizeObserver {
  constructor(private readonly told: ResizeObserverCallback) {}
  observe(target: Element) {
    this.told([{ target, contentRect: { width: 800, height: 400 } } as ResizeObserverEntry], this);
  }
  unobserve() {}
  disconnect() {}
};
window.matchMedia ??= (query: string) =>
  Object.assign(new EventTarget(), {
    matches: false,
    media: query,
    onchange: null,
    addListener() {},
    removeListener() {},
  });
