import { afterAll, beforeAll, vi } from 'vitest';
import { setLuck } from './luck';

/** When every unit test runs, by the clock of its page: the same on any day; `npm run deep` sets others. */
const NOW = process.env['PASTURE_NOW'] ?? '2026-03-02T09:00:00.000Z';

setLuck();

// The day stands still; timers go on as they are.
beforeAll(() => {
  vi.useFakeTimers({ toFake: ['Date'], now: new Date(NOW) });
});

afterAll(() => {
  vi.useRealTimers();
});
