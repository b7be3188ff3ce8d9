import type { Reporter, Suite } from '@playwright/test/reporter';
import { leaveCounts } from './leftCounts';

/** Leaves the counts of the interface tests where the summary of the whole run finds them. */
export default class InterfaceCounts implements Reporter {
  #root: Suite | undefined;

  onBegin(_config: unknown, suite: Suite): void {
    this.#root = suite;
  }

  onEnd(): void {
    const tests = this.#root?.allTests() ?? [];
    const outcomes = tests.map((test) => test.outcome());
    leaveCounts('e2e', {
      passed: outcomes.filter((outcome) => outcome === 'expected' || outcome === 'flaky').length,
      failed: outcomes.filter((outcome) => outcome === 'unexpected').length,
      tests: tests.map(({ title, results }) => ({
        name: title,
        ms: results.reduce((sum, { duration }) => sum + duration, 0),
      })),
    });
  }
}
