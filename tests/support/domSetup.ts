import 'fake-indexeddb/auto';
import { cleanup, configure } from '@testing-library/react';
import { afterEach, beforeAll } from 'vitest';
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
