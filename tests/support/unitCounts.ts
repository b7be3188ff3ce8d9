import { mkdirSync, writeFileSync } from 'node:fs';
import type { Reporter, TestModule } from 'vitest/node';

/** Leaves the counts of the unit tests where the summary of the whole run finds them. */
export default class UnitCounts implements Reporter {
  onTestRunEnd(modules: readonly TestModule[]): void {
    const states = modules.flatMap((module) =>
      [...module.children.allTests()].map((test) => test.result().state),
    );
    const broken = modules.filter(
      (module) => module.state() === 'failed' && [...module.children.allTests()].length === 0,
    );
    const passed = states.filter((state) => state === 'passed').length;
    const failed = states.filter((state) => state === 'failed').length + broken.length;
    mkdirSync('node_modules/.cache/pasture', { recursive: true });
    writeFileSync('node_modules/.cache/pasture/unit.json', JSON.stringify({ passed, failed }));
  }
}
