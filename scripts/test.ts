import { spawnSync } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';

/** What a runner left behind: how many of its tests passed and failed. */
interface Counts {
  readonly passed: number;
  readonly failed: number;
}

interface Stage {
  readonly name: string;
  readonly run: string;
  /** File of counts that the stage's reporter writes; a stage without one counts as a single test. */
  readonly counts?: string;
}

const CACHE = 'node_modules/.cache/pasture';

const STAGES: readonly Stage[] = [
  { name: 'types', run: 'npm run --silent typecheck' },
  { name: 'lint', run: 'npm run --silent lint' },
  { name: 'formatting', run: 'npx prettier --check --log-level warn .' },
  { name: 'boundaries', run: 'npm run --silent boundaries' },
  { name: 'nothing unused', run: 'npm run --silent knip' },
  { name: 'schemas up to date', run: 'npm run --silent schemas -- --check' },
  { name: 'no address in the lock file', run: '! grep -q \'"resolved"\' package-lock.json' },
  { name: 'unit', run: 'npm run --silent unit', counts: `${CACHE}/unit.json` },
  { name: 'build', run: 'npm run --silent build' },
  { name: 'interface', run: 'npm run --silent e2e', counts: `${CACHE}/e2e.json` },
];

const readCounts = (file: string): Counts => {
  try {
    return JSON.parse(readFileSync(file, 'utf8')) as Counts;
  } catch {
    return { passed: 0, failed: 1 };
  }
};

function runStage({ name, run, counts }: Stage): Counts {
  console.log(`\n--- ${name}`);
  const start = performance.now();
  const { status } = spawnSync('bash', ['-c', run], { stdio: 'inherit', env: process.env });
  console.log(
    `--- ${name}: ${status === 0 ? 'ok' : 'FAILED'} in ${((performance.now() - start) / 1000).toFixed(1)} s`,
  );
  if (counts === undefined) return { passed: status === 0 ? 1 : 0, failed: status === 0 ? 0 : 1 };
  const read = readCounts(counts);
  return status === 0 || read.failed > 0 ? read : { ...read, failed: read.failed + 1 };
}

rmSync(CACHE, { recursive: true, force: true });
mkdirSync(CACHE, { recursive: true });
const only = process.argv.slice(2);
const results = STAGES.filter(({ name }) => only.length === 0 || only.includes(name)).map(runStage);
const passed = results.reduce((sum, each) => sum + each.passed, 0);
const failed = results.reduce((sum, each) => sum + each.failed, 0);
console.log(`\n${passed} passed, ${failed} failed`);
process.exitCode = failed === 0 && passed > 0 ? 0 : 1;
