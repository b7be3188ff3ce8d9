import type { Reporter, TestModule } from 'vitest/node';
import { leaveCounts } from './leftCounts';

/** Leaves the counts of the unit tests where the summary of the whole run finds them. */
export default class UnitCounts implements Reporter {
  onTestRunEnd(modules: readonly TestModule[]): void {
    const tests = modules.flatMap((module) => [...module.children.allTests()]);
    const states = tests.map((test) => test.result().state);
    const broken = modules.filter(
      (module) => module.state() === 'failed' && [...module.children.allTests()].length === 0,
    );
    leaveCounts('unit', {
      passed: states.filter((state) => state === 'passed').length,
      failed: states.filter((state) => state === 'failed').length + broken.length,
      tests: tests.map((test) => ({ name: test.fullName, ms: test.diagnostic()?.duration ?? 0 })),
    });
  }
}
