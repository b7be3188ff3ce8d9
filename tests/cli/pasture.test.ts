import { spawnSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { expect, test } from 'vitest';
import { run } from '../../cli/run';
import { listening } from '../support/shell';
import { demoJob } from '../../src/core/job/demo/demoJob';
import { fullHouse } from '../support/fullHouse/job';
import { evaluateJob } from '../../src/core/job/evaluateJob';
import { writeJobFile } from '../../src/core/job/jobFile';
import { findingSentence } from '../../src/core/wording/findings';

const folder = mkdtempSync(path.join(os.tmpdir(), 'pasture-'));

const file = (name: string, text: string): string => {
  const at = path.join(folder, name);
  writeFileSync(at, text);
  return at;
};

/** A command with what it prints. */
function pasture(...words: string[]) {
  const heard = listening();
  const status = run(words);
  return { status, ...heard() };
}

const count = {
  id: 'six',
  kind: 'fill-count',
  raceway: 'emt',
  trade: '3/4',
  insulation: 'THWN-2',
  size: '8',
};

test('the shell is told what the command returned', () => {
  const spawned = spawnSync('node', ['--import', 'tsx', 'cli/pasture.ts', 'tables', 'no-such-table'], {
    encoding: 'utf8',
  });
  expect(spawned.status).toBe(2);
  expect(spawned.stderr).toContain('no table');
});

test('work answers as JSON and as a table, and returns 0', () => {
  const sheet = file('good.json', JSON.stringify({ worksheet: 1, items: [count] }));
  const json = pasture('work', sheet, '--json');
  expect(json.status).toBe(0);
  expect(JSON.parse(json.stdout)).toMatchObject({
    items: [{ id: 'six', kind: 'fill-count', result: { count: 6 }, findings: [] }],
  });
  expect(pasture('work', sheet).stdout).toMatch(/six \(fill-count\)\n\s+count\s+6/);
});

test('work answers the good items, names the bad one, and returns 2', () => {
  const sheet = file(
    'mixed.json',
    JSON.stringify({ worksheet: 1, items: [{ ...count, trade: 'big' }, count] }),
  );
  const { status, stdout } = pasture('work', sheet, '--json');
  expect(status).toBe(2);
  expect(JSON.parse(stdout)).toMatchObject({
    items: [{ error: { path: 'items[0].trade' } }, { result: { count: 6 } }],
  });
});

test.each([
  ['work', file('broken.json', '{"worksheet":'), /is not a worksheet/],
  ['work', path.join(folder, 'nowhere.json'), /cannot read/],
  ['check-job', file('foreign.json', '{}'), /is not a Pasture job/],
  ['tables', 'no-such-table', /no table/],
])('%s %s returns 2 and says why', (command, at, words) => {
  const { status, stderr } = pasture(command, at);
  expect(status).toBe(2);
  expect(stderr).toMatch(words);
});

test('check-job lists what is open, and returns 1 while there are stops', () => {
  const { status, stdout } = pasture('check-job', file('demo.pasture.json', writeJobFile(fullHouse)));
  expect(status).toBe(1);
  expect(stdout).toContain('EV charger, carport: 60 A 2P × NM-B 6/2');
  expect(stdout).toContain('Stop: 6 AWG NM-B carries 55 A');
});

test.each([fullHouse, demoJob])('check-job says everything that the screens say of a job', (job) => {
  const { stdout } = pasture('check-job', file('all.pasture.json', writeJobFile(job)));
  const evaluation = evaluateJob(job);
  const open = evaluation.openOf(evaluation.findings);
  for (const finding of open) expect(stdout).toContain(findingSentence(finding));
  expect(stdout.match(/^ {2}(Stop|Ask|Check|Note): /gm)).toHaveLength(open.length);
});

test('check-job returns 0 where nothing is stopped', () => {
  const quiet = { ...fullHouse, circuits: [], panels: [] };
  const stops = evaluateJob(quiet).findings.filter(({ severity }) => severity === 'stop');
  const { status } = pasture('check-job', file('quiet.pasture.json', writeJobFile(quiet)));
  expect(status).toBe(stops.length === 0 ? 0 : 1);
});

test('tables lists them with their sections', () => {
  const { status, stdout } = pasture('tables');
  expect(status).toBe(0);
  expect(stdout).toMatch(/ampacity\s+Table 310\.16/);
  expect(stdout.trim().split('\n')).toHaveLength(32);
});

test('no command is an error with the usage', () => {
  const { status, stderr } = pasture();
  expect(status).toBe(2);
  expect(stderr).toContain('Usage');
});

test('days tells the plan of a job as JSON and as lines, and refuses a moment that is none', () => {
  const job = file('days.pasture.json', writeJobFile(demoJob));
  const json = pasture('days', job, '--json', '--now', '2026-03-17T08:00');
  expect(json.status).toBe(0);
  const told = JSON.parse(json.stdout) as {
    steps: { id: string; kind: string; people: string[]; parts: { start: string; end: string }[] }[];
    gates: { kind: string; holds: string[]; failed: unknown[] }[];
    finish: string;
  };
  expect(told.steps.map(({ kind }) => kind)).toEqual(
    expect.arrayContaining(['dig', 'lay', 'bond', 'land', 'prove', 'energize']),
  );
  expect(told.gates.map(({ kind }) => kind)).toEqual([
    'permit',
    'marks',
    'trench',
    'rough',
    'bonding',
    'final',
  ]);
  expect(told.finish).toMatch(/^2026-03-\d\dT/);
  // Nothing lies before now.
  const starts = told.steps.flatMap(({ parts }) => parts.map(({ start }) => start));
  expect(starts.toSorted()[0]).toBe('2026-03-17T08:00');
  expect(pasture('days', job).stdout).toContain('Finish: 2026-03');
  expect(pasture('days', job, '--now', 'noon')).toMatchObject({ status: 2 });
  expect(pasture('days', path.join(folder, 'none')).status).toBe(2);
});

test('a line is read, answered, and says what it assumed and did not read', () => {
  const { status, stdout } = pasture('read', "60a ev 80' emt outside zzgrl", '--json');
  expect(status).toBe(0);
  expect(JSON.parse(stdout)).toMatchObject({
    kind: 'circuit',
    circuit: {
      family: 'ev',
      nameplate: { outputAmps: 48 },
      segments: [{ method: 'emt', lengthFt: 80, location: 'outdoor' }],
      breakerA: 60,
    },
    assumed: expect.arrayContaining(['nameplate.volts']) as string[],
    unread: [{ word: 'zzgrl', from: 23, to: 28, suggestion: null }],
    others: [{ say: '60 A output: 80 A breaker' }],
    answer: { ocpdA: 60, size: '6' },
  });
  const plain = pasture('read', 'dryer 30 40 ft romex');
  expect(plain.stdout).toContain('nm-b, 40 ft, indoor');
  expect(plain.stdout).toContain('assumed: location');
});

test('a file of lines is answered line by line, an empty one among them', () => {
  const lines = file('lines.txt', 'dryer 30\n\npool 18x36 concrete\r\n1,3 2p30 dryer\n');
  const { status, stdout } = pasture('read', '--lines', lines, '--json');
  expect(status).toBe(0);
  const kinds = stdout.split('\n').map((row) => (JSON.parse(row) as { kind: string | null }).kind);
  expect(kinds).toEqual(['circuit', null, 'water', 'panel']);
  const route = pasture('read', 'nm 38 joists, box, emt 12', '--where', 'route', '--json');
  expect(JSON.parse(route.stdout)).toMatchObject({ kind: 'route', circuit: null, unread: [] });
});

test.each([
  [['read'], 'read takes a line'],
  [['read', ''], 'read takes a line'],
  [['read', 'ev 48', '--where', 'roof'], '--where takes start, yard, panel, route'],
  [['read', 'ev 48', '--loud'], "Unknown option '--loud'"],
  [['read', '--lines', '/nowhere/lines.txt'], 'cannot read'],
  [['work', 'a.json', '--where', 'yard'], 'work does not take --where'],
  [['days', 'a.json', 'b.json'], 'days does not take b.json'],
])('%j is refused with what is taken', (words, told) => {
  const { status, stderr } = pasture(...words);
  expect(status).toBe(2);
  expect(stderr).toContain(told);
});

test('a job is checked for a script: findings with their subjects and fixes, and what is left to verify', () => {
  const job = file('check.pasture.json', writeJobFile(demoJob));
  const { status, stdout } = pasture('check-job', job, '--json');
  expect(status).toBe(1);
  const { findings, unverified } = JSON.parse(stdout) as {
    readonly findings: readonly {
      standing: string;
      subject: { kind: string };
      remedies: readonly unknown[];
    }[];
    readonly unverified: readonly { input: string; outcomes: readonly unknown[] }[];
  };
  expect(findings.some(({ standing }) => standing === 'stop')).toBe(true);
  expect(findings.every(({ subject }) => subject.kind !== '')).toBe(true);
  expect(findings.some(({ remedies }) => remedies.length > 0)).toBe(true);
  expect(unverified.length).toBeGreaterThan(5);
  expect(unverified.every(({ outcomes }) => outcomes.length > 0)).toBe(true);
});

test('list: every line with what it is bought as, what for and its price; the total is that of the lines', () => {
  const job = file('list.pasture.json', writeJobFile(demoJob));
  const { status, stdout } = pasture('list', job, '--json');
  expect(status).toBe(1);
  const list = JSON.parse(stdout) as {
    lines: {
      item: string;
      need: number;
      unit: string;
      buy: { pack: string; count: number }[];
      price: number | null;
      usedBy: Record<string, string>[];
    }[];
    total: number;
  };
  const { takeoff } = evaluateJob(demoJob);
  expect(list.lines).toHaveLength(takeoff.lines.length);
  const ids = new Set([...demoJob.circuits, ...demoJob.panels, ...demoJob.yard.waters].map(({ id }) => id));
  for (const { usedBy, unit, need } of list.lines) {
    expect(need).toBeGreaterThan(0);
    expect(['ft', 'each']).toContain(unit);
    expect(usedBy.length).toBeGreaterThan(0);
    for (const { part, circuit, panel, water } of usedBy) {
      expect(part).toBeDefined();
      const id = circuit ?? panel ?? water;
      if (id !== undefined) expect(ids).toContain(id);
    }
  }
  const cents = list.lines.reduce((sum, { price }) => sum + Math.round((price ?? 0) * 100), 0);
  expect(Math.round(list.total * 100)).toBe(cents);
  const bought = (packs: { pack: string; count: number }[]) =>
    packs.reduce((sum, { pack, count: times }) => sum + (Number.parseFloat(pack) || 1) * times, 0);
  // What is bought is enough, unless the truck has it already.
  const short = list.lines.filter(({ buy, need, price }) => price !== null && bought(buy) + 1e-6 < need);
  expect(short.length).toBeLessThanOrEqual(demoJob.materials.truck.length);
  expect(pasture('list', job).stdout).toContain(`Total: ${list.total.toFixed(2)}`);
  expect(pasture('list', file('bad.json', '{')).status).toBe(2);
  expect(pasture('list').status).toBe(2);
});
