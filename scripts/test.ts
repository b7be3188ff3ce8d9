import { spawn } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { z } from 'zod';

const countsSchema = z.object({
  passed: z.number(),
  failed: z.number(),
  slowest: z.array(z.object({ name: z.string(), ms: z.number() })),
});
/** What a runner left behind: how many of its tests passed and failed, and its slowest. */
type Counts = z.infer<typeof countsSchema>;

interface Stage {
  readonly name: string;
  readonly run: string;
  /** File of counts that the stage's reporter writes; a stage without one counts as a single test. */
  readonly counts?: string;
}

const CACHE = 'node_modules/.cache/pasture';

/** What needs no build: the unit tests, which take longest, then the quick checks. */
const SOURCE: readonly Stage[] = [
  { name: 'unit', run: 'npm run --silent unit', counts: `${CACHE}/unit.json` },
  { name: 'types', run: 'npm run --silent typecheck' },
  { name: 'lint', run: 'npm run --silent lint' },
  { name: 'formatting', run: 'npx oxfmt --check' },
  { name: 'boundaries', run: 'npm run --silent boundaries' },
  { name: 'nothing unused', run: 'npm run --silent knip' },
  { name: 'schemas up to date', run: 'npm run --silent schemas -- --check' },
  { name: 'rules up to date', run: 'npm run --silent rules -- --check' },
  { name: 'no address in the lock file', run: '! grep -q \'"resolved"\' package-lock.json' },
];

/** What is built, and the interface that is driven in it. */
const BUILT: readonly Stage[] = [
  { name: 'build', run: 'npm run --silent build' },
  { name: 'sizes', run: 'node --import tsx scripts/sizes.ts' },
  // Browsers crowd out the rest, which has one process a stage and would be left over at the end.
  { name: 'interface', run: 'nice -n 5 npm run --silent e2e', counts: `${CACHE}/e2e.json` },
];

const readCounts = (file: string): Counts => {
  try {
    return countsSchema.parse(JSON.parse(readFileSync(file, 'utf8')));
  } catch {
    return { passed: 0, failed: 1, slowest: [] };
  }
};

/** Runs a stage, keeping what it says until it ends, so that two stages do not talk at once. */
const execute = (run: string): Promise<{ readonly ok: boolean; readonly said: string }> =>
  new Promise((done) => {
    const child = spawn('bash', ['-c', run], { stdio: ['ignore', 'pipe', 'pipe'] });
    let said = '';
    child.stdout.on('data', (part: Buffer) => (said += part.toString()));
    child.stderr.on('data', (part: Buffer) => (said += part.toString()));
    child.on('close', (code) => {
      done({ ok: code === 0, said });
    });
  });

async function runStage({ name, run, counts }: Stage): Promise<Counts> {
  const start = performance.now();
  const { ok, said } = await execute(run);
  const seconds = ((performance.now() - start) / 1000).toFixed(1);
  console.log(`\n--- ${name}\n${said}--- ${name}: ${ok ? 'ok' : 'FAILED'} in ${seconds} s`);
  if (counts === undefined) return { passed: ok ? 1 : 0, failed: ok ? 0 : 1, slowest: [] };
  const read = readCounts(counts);
  return ok || read.failed > 0 ? read : { ...read, failed: read.failed + 1 };
}

/** One stage after the other. */
async function lane(stages: readonly Stage[]): Promise<Counts[]> {
  const results: Counts[] = [];
  for (const stage of stages) results.push(await runStage(stage));
  return results;
}

rmSync(CACHE, { recursive: true, force: true });
mkdirSync(CACHE, { recursive: true });
console.log('test: about eight minutes on two cores; each stage is told when it ends');
const started = performance.now();
const results = (await Promise.all([lane(SOURCE), lane(BUILT)])).flat();
const passed = results.reduce((sum, each) => sum + each.passed, 0);
const failed = results.reduce((sum, each) => sum + each.failed, 0);
const slowest = results.flatMap((each) => each.slowest).toSorted((a, b) => b.ms - a.ms);
console.log('\nThe ten slowest:');
for (const { name, ms } of slowest.slice(0, 10))
  console.log(`${(ms / 1000).toFixed(1).padStart(6)} s  ${name}`);
console.log(`\ntest: ${((performance.now() - started) / 60_000).toFixed(1)} minutes`);
console.log(`\n${passed} passed, ${failed} failed`);
process.exitCode = failed === 0 && passed > 0 ? 0 : 1;
