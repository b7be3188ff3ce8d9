import { performance } from 'node:perf_hooks';

const RUNS = 9;

/** The middle of some times. */
export const middle = (times: readonly number[]): number =>
  times.toSorted((a, b) => a - b)[Math.floor(times.length / 2)] ?? Number.NaN;

/** Milliseconds that something takes: the middle of nine runs, after which nothing has to warm up. */
export const median = (act: () => void): number =>
  middle(
    Array.from({ length: RUNS }, () => {
      const start = performance.now();
      act();
      return performance.now() - start;
    }),
  );
