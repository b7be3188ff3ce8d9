import { performance } from 'node:perf_hooks';

const RUNS = 9;

/** Milliseconds that something takes: the middle of nine runs, after which nothing has to warm up. */
export const median = (act: () => void): number => {
  const times = Array.from({ length: RUNS }, () => {
    const start = performance.now();
    act();
    return performance.now() - start;
  }).toSorted((a, b) => a - b);
  return times[Math.floor(RUNS / 2)] ?? Number.NaN;
};
