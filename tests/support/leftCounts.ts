import { mkdirSync, writeFileSync } from 'node:fs';

/** A test by its name, and how long it took. */
export interface Timed {
  readonly name: string;
  readonly ms: number;
}

/** How many of a runner's tests passed and failed, and how long each took. */
interface Outcome {
  readonly passed: number;
  readonly failed: number;
  readonly tests: readonly Timed[];
}

const SLOWEST = 10;

/** Leaves the counts of a runner, and its slowest tests, where the summary of the whole run finds them. */
export function leaveCounts(runner: string, { passed, failed, tests }: Outcome): void {
  const slowest = tests.toSorted((a, b) => b.ms - a.ms).slice(0, SLOWEST);
  mkdirSync('node_modules/.cache/pasture', { recursive: true });
  writeFileSync(`node_modules/.cache/pasture/${runner}.json`, JSON.stringify({ passed, failed, slowest }));
}
