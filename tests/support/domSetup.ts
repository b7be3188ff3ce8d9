import 'fake-indexeddb/auto';
import { cleanup, configure } from '@testing-library/react';
import { afterEach, beforeAll } from 'vitest';
import { InProcessWorker } from './inProcessWorker';
import { editing, fixing, wholeEvaluation } from '../../src/store/lazyParts';

// Waiting for what will come is bounded by the machine, not by the test.
configure({ asyncUtilTimeout: 10_000 });

// What a browser fetches after the first view is there from the start.
beforeAll(async () => {
  await Promise.all([editing.load(), fixing.load(), wholeEvaluation.load()]);
});

afterEach(() => {
  cleanup();
});

// What the components ask of a browser and jsdom does not have.
Object.assign(window, {
  matchMedia: (query: string) => ({
    matches: false,
    media: query,
    onchange: null,
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
    dispatchEvent: () => false,
  }),
});

// What is worked out apart from the page is worked out here, and every row is in sight.
Object.assign(globalThis, { Worker: InProcessWorker });
window.IntersectionObserver = class {
  readonly root = null;
  readonly rootMargin = '';
  readonly scrollMargin = '';
  readonly thresholds = [];
  readonly #told: IntersectionObserverCallback;
  constructor(told: IntersectionObserverCallback) {
    this.#told = told;
  }
  observe(target: Element): void {
    this.#told([{ isIntersecting: true, target } as IntersectionObserverEntry], this);
  }
  unobserve(): void {
    // Nothing is watched on.
  }
  disconnect(): void {
    // Nothing is watched on.
  }
  takeRecords(): IntersectionObserverEntry[] {
    return [];
  }
};

window.ResizeObserver = class {
  observe(): void {
    // Sizes never change here.
  }
  unobserve(): void {
    // Nothing was observed.
  }
  disconnect(): void {
    // Nothing was observed.
  }
};
