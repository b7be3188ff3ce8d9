import { mkdirSync, writeFileSync } from 'node:fs';
import type { Reporter, Suite } from '@playwright/test/reporter';

/** Leaves the counts of the interface tests where the summary of the whole run finds them. */
export default class InterfaceCounts implements Reporter {
  #root: Suite | undefined;

  onBegin(_config: unknown, suite: Suite): void {
    this.#root = suite;
  }

  onEnd(): void {
    const outcomes = (this.#root?.allTests() ?? []).map((test) => test.outcome());
    const passed = outcomes.filter((outcome) => outcome === 'expected' || outcome === 'flaky').length;
    const failed = outcomes.filter((outcome) => outcome === 'unexpected').length;
    mkdirSync('node_modules/.cache/pasture', { recursive: true });
    writeFileSync('node_modules/.cache/pasture/e2e.json', JSON.stringify({ passed, failed }));
  }
}
