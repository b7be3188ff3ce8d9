import { spawnSync } from 'node:child_process';
import { randomInt } from 'node:crypto';
import { parseArgs } from 'node:util';

// What `npm test` leaves to luck and long runs: fresh seeds with more cases, other clocks, other time zones.

const { values } = parseArgs({
  options: {
    minutes: { type: 'string', default: '20' },
    times: { type: 'string', default: '8' },
    clocks: { type: 'boolean', default: false },
    plates: { type: 'boolean', default: false },
  },
});

/** Midnight, noon, ends of a month and a year, a leap day, the change to summer time, far zones. */
const CLOCKS: readonly (readonly [now: string, zone: string])[] = [
  ['2026-03-02T00:00:00.000Z', 'UTC'],
  ['2026-03-02T12:00:00.000Z', 'UTC'],
  ['2026-04-30T23:59:30.000Z', 'UTC'],
  ['2028-02-29T15:00:00.000Z', 'America/New_York'],
  ['2026-03-08T06:59:50.000Z', 'America/New_York'],
  ['2026-12-31T23:59:30.000-05:00', 'America/New_York'],
  ['2027-01-01T00:00:10.000Z', 'America/Los_Angeles'],
  ['2026-06-15T22:00:00.000Z', 'Asia/Tokyo'],
  ['2026-06-15T10:30:00.000Z', 'Pacific/Auckland'],
  ['2026-11-01T05:59:50.000Z', 'America/Chicago'],
];
/** The interface is driven at these, then twice in a row. */
const OF_THE_INTERFACE = [1, 3, 7] as const;

let failed = 0;

function run(name: string, command: string, env: Readonly<Record<string, string>>): void {
  const start = performance.now();
  const { status, stdout, stderr } = spawnSync('bash', ['-c', command], {
    encoding: 'utf8',
    maxBuffer: 1e9,
    env: { ...process.env, ...env },
  });
  const seconds = ((performance.now() - start) / 1000).toFixed(0);
  console.log(`${status === 0 ? 'ok    ' : 'FAILED'} ${name}, ${seconds} s`);
  if (status === 0) return;
  failed += 1;
  console.log(`${stdout}\n${stderr}`);
}

const UNIT = 'npx vitest run --silent --reporter=dot';

if (values.plates) {
  const seed = String(randomInt(2 ** 20));
  run(
    `120 plates drawn and read, seed ${seed}`,
    `node --import tsx scripts/plates/measure.ts --seed ${seed}`,
    {},
  );
} else if (values.clocks) {
  for (const [now, zone] of CLOCKS) run(`unit at ${now} in ${zone}`, UNIT, { PASTURE_NOW: now, TZ: zone });
  spawnSync('npm', ['run', '--silent', 'build'], { stdio: 'ignore' });
  for (const at of OF_THE_INTERFACE) {
    const [now, zone] = CLOCKS[at] ?? ['', ''];
    run(`interface at ${now} in ${zone}`, 'npx playwright test', { PASTURE_NOW: now, PASTURE_ZONE: zone });
  }
  for (const time of ['once', 'once more']) run(`interface, ${time}`, 'npx playwright test', {});
} else {
  const until = performance.now() + Number(values.minutes) * 60_000;
  while (performance.now() < until && failed === 0) {
    const seed = String(randomInt(2 ** 31));
    run(
      `properties, ${values.times} times as many, PASTURE_SEED=${seed} PASTURE_TIMES=${values.times}`,
      `${UNIT} --testTimeout=600000`,
      { PASTURE_SEED: seed, PASTURE_TIMES: values.times },
    );
  }
}

console.log(failed === 0 ? 'deep: nothing found' : `deep: ${failed} failed`);
process.exitCode = failed === 0 ? 0 : 1;
