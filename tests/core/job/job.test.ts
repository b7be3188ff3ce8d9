import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { lookAt, walkSteps } from '../../../src/core/water/walk';
import { describe, expect, test } from 'vitest';
import { circuitSchema, type Circuit } from '../../../src/core/circuit/circuitSchema';
import { fullHouse } from '../../support/fullHouse/job';
import { evaluateJob } from '../../../src/core/job/evaluateJob';
import { jobFileName, readJobDocument, readJobFile, writeJobFile } from '../../../src/core/job/jobFile';
import type { Job } from '../../../src/core/job/jobSchema';
import { JOB_VERSION } from '../../../src/core/job/jobVersion';
import { migrate } from '../../../src/core/job/migrations';
import { fileProblemWords } from '../../../src/core/wording/fileProblems';
import { circuit } from '../../support/circuits';

const read = (text: string) => {
  const result = readJobFile(text);
  if (!result.ok) throw new Error(JSON.stringify(result.problem));
  return result.job;
};

const problem = (text: string) => {
  const result = readJobFile(text);
  if (result.ok) throw new Error('was read');
  return result.problem;
};

describe('files', () => {
  test('what is written is read back, and written again byte for byte', () => {
    const text = writeJobFile(fullHouse);
    expect(read(text)).toEqual(fullHouse);
    expect(writeJobFile(read(text))).toBe(text);
  });

  test('the order of fields does not matter to the bytes', () => {
    const shuffled = JSON.parse(writeJobFile(fullHouse)) as { job: Record<string, unknown> };
    const job = Object.fromEntries(Object.entries(shuffled.job).reverse());
    expect(writeJobFile(read(JSON.stringify({ ...shuffled, job })))).toBe(writeJobFile(fullHouse));
  });

  test('round trips for circuits of any lengths and names', () => {
    const names = fc.string({ minLength: 1, maxLength: 80 });
    fc.assert(
      fc.property(fc.array(fc.tuple(names, fc.integer({ min: 1, max: 2000 })), { maxLength: 5 }), (each) => {
        const circuits = each.map(([name, lengthFt], at) => {
          const base = circuit({ id: `c${at}`, name });
          return { ...base, run: base.run.map((segment) => ({ ...segment, lengthFt })) };
        });
        const job: Job = { ...fullHouse, circuits };
        expect(read(writeJobFile(job))).toEqual(job);
      }),
    );
  });

  test.each([
    ['{"pasture":"job","version":1,"job":', 'not-json'],
    ['[1,2,3]', 'foreign'],
    ['{"name":"a recipe","steps":[]}', 'foreign'],
    ['null', 'foreign'],
    ['{"pasture":"job","version":99,"job":{}}', 'later-version'],
    ['{"pasture":"job","version":-1,"job":{}}', 'no-way-forward'],
    ['{"pasture":"job","version":1,"job":{}}', 'invalid'],
  ])('%s: %s, in words that name the file', (text, kind) => {
    const found = problem(text);
    expect(found.kind).toBe(kind);
    expect(fileProblemWords(found, 'house.pasture.json')).toMatch(
      /^house\.pasture\.json .*Nothing was changed/,
    );
  });

  test('a field that is wrong is named by its path', () => {
    const bad = JSON.parse(writeJobFile(fullHouse)) as {
      job: { circuits: { run: { lengthFt: unknown }[] }[] };
    };
    const first = bad.job.circuits[1]?.run[0];
    if (first) first.lengthFt = 'far';
    expect(problem(JSON.stringify(bad))).toMatchObject({
      kind: 'invalid',
      path: 'circuits[1].run[0].lengthFt',
    });
  });

  test('a field that is not known is named too', () => {
    const bad = JSON.parse(writeJobFile(fullHouse)) as { job: Record<string, unknown> };
    bad.job['color'] = 'green';
    expect(problem(JSON.stringify(bad))).toMatchObject({ kind: 'invalid', path: 'color' });
  });

  test('a file of sixty megabytes is none', () => {
    expect(problem(`"${'x'.repeat(60_000_001)}"`)).toMatchObject({ kind: 'too-large' });
  });

  test('file names are made of the words of the job', () => {
    expect(jobFileName(fullHouse)).toBe('split-level-orchard-lane.pasture.json');
    expect(jobFileName({ ...fullHouse, name: '???' })).toBe('job.pasture.json');
  });
});

interface SavedAnswer {
  readonly text: string;
}

/** What files of the past have in common. */
interface SavedJob {
  readonly name: string;
  readonly edition: number;
  readonly permitDate: string | null;
  readonly answers?: readonly SavedAnswer[];
  readonly circuits: readonly {
    readonly id: string;
    readonly name: string;
    readonly appliance: object;
    readonly run: readonly { readonly method: string; readonly lengthFt: number }[];
    readonly answers?: readonly SavedAnswer[];
  }[];
}

describe('older files', () => {
  test('a file of version 0 is carried forward: its one segment becomes the run', () => {
    const result = readJobFile(readFileSync('tests/fixtures/job-v0.pasture.json', 'utf8'));
    expect(result).toMatchObject({ ok: true, fromVersion: 0 });
    if (!result.ok) return;
    const [first] = result.job.circuits;
    expect(first?.run).toEqual([
      expect.objectContaining({ method: 'nm-b', lengthFt: 85, place: 'garage', ambientC: 40 }),
    ]);
    expect(writeJobFile(result.job)).toContain(`"version": ${JOB_VERSION}`);
  });

  test.each([1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15])(
    'a file as version %i wrote it opens with all that it said',
    (version) => {
      const text = readFileSync(`tests/fixtures/job-v${version}.pasture.json`, 'utf8');
      const old = (JSON.parse(text) as { readonly job: SavedJob }).job;
      const result = readJobFile(text);
      if (!result.ok) throw new Error(JSON.stringify(result));
      const { job } = result;
      expect(result.fromVersion).toBe(version);
      expect(job).toMatchObject({ name: old.name, edition: old.edition, permitDate: old.permitDate });
      const said = (circuit: SavedJob['circuits'][number] | Circuit) => ({
        id: circuit.id,
        name: circuit.name,
        appliance: circuit.appliance,
        lengths: circuit.run.map(({ method, lengthFt }) => [method, lengthFt]),
      });
      expect(job.circuits.map(said)).toEqual(old.circuits.map(said));
      const answers = [...(old.answers ?? []), ...old.circuits.flatMap((circuit) => circuit.answers ?? [])];
      expect(job.answers.map(({ text: given }) => given)).toEqual(answers.map(({ text: given }) => given));
      expect(readJobFile(writeJobFile(job))).toEqual({ ...result, fromVersion: JOB_VERSION });
      expect(evaluateJob(job).findings.length).toBeGreaterThan(0);
    },
  );

  test('torque that stood with a circuit and with its readings is one record, by terminal', () => {
    const { checks } = read(readFileSync('tests/fixtures/job-v11.pasture.json', 'utf8'));
    expect(checks.find(({ id }) => id === 'deck-tub')).toMatchObject({
      torque: [
        { terminal: 'load neutral', first: 20, second: 20 },
        { terminal: 'panel hot-1', first: 44, second: null },
        { terminal: 'load ground', first: 36, second: null },
      ],
      tripsOnLoad: null,
      traced: null,
      built: [],
    });
    const large = JSON.parse(readFileSync('tests/fixtures/job-v11.pasture.json', 'utf8')) as {
      job: { circuits: { id: string; torques?: Record<string, number> }[] };
    };
    const [first] = large.job.circuits;
    if (first !== undefined) first.torques = { 'panel hot-1': 6000 };
    expect(read(JSON.stringify(large)).checks.find(({ id }) => id === first?.id)?.torque).toContainEqual({
      terminal: 'panel hot-1',
      first: 6000,
      second: null,
    });
    const alone = { circuits: [{ id: 'well', torques: { 'panel hot-1': 35 } }, { id: 'kiln' }], checks: [] };
    expect(migrate(alone, 11)).toMatchObject({
      document: {
        circuits: [{ id: 'well' }, { id: 'kiln' }],
        checks: [{ id: 'well', torque: [{ terminal: 'panel hot-1', first: 35, second: null }] }],
      },
    });
  });

  test('what cannot be carried forward is refused, not guessed', () => {
    expect(readJobDocument({ circuits: 'many' }, 0)).toMatchObject({ ok: false });
    expect(readJobDocument({ circuits: [7] }, 0)).toMatchObject({ ok: false });
  });

  test('a job from before houses and panels has none, and nothing else is lost', () => {
    const { house: _house, panels: _panels, answers: _answers, sources: _sources, ...old } = fullHouse;
    const result = readJobDocument(old, 2);
    expect(result).toMatchObject({
      ok: true,
      job: { ...old, panels: [], answers: [], house: { ratingA: null } },
    });
  });

  test('a version that is not known is not carried anywhere', () => {
    expect(migrate({}, JOB_VERSION + 1)).toBeUndefined();
    expect(migrate({}, -1)).toBeUndefined();
    expect(migrate({}, 1.5)).toBeUndefined();
    expect(migrate('no job', 3)).toEqual({ document: 'no job' });
    expect(migrate({ id: 'a' }, 3)).toMatchObject({ document: { id: 'a', locate: null } });
  });

  test('answers of two stores become one, by code and subject, and the circuits let go of theirs', () => {
    const old = {
      circuits: [{ id: 'kiln', answers: [{ code: 'gfci.ask', text: 'No' }] }, 7],
      answers: [
        { about: 'service', code: 'service.managed', text: 'Listed' },
        { about: 'utility', code: 'panel.no-main', text: 'Lugs' },
      ],
    };
    expect(migrate(old, 4)).toMatchObject({
      document: {
        circuits: [{ id: 'kiln', existing: null, feedId: null }, 7],
        answers: [
          { subject: 'service', code: 'service.managed', text: 'Listed' },
          { subject: 'panel:utility', code: 'panel.no-main', text: 'Lugs' },
          { subject: 'circuit:kiln', code: 'gfci.ask', text: 'No' },
        ],
      },
    });
    expect(JSON.stringify(migrate(old, 4))).not.toContain('"answers":[{"code":"gfci.ask"');
  });
});

test('until version 14 no sources were kept: what stands in every new circuit was assumed, all else was told', () => {
  const { sources } = read(readFileSync('tests/fixtures/job-v14.pasture.json', 'utf8'));
  const of = (input: string) => sources.find((each) => each.input === input)?.source;
  expect(of('circuit:kiln/nameplate.kw')).toEqual({ kind: 'told' });
  expect(of('circuit:kiln/nameplate.volts')).toEqual({ kind: 'assumed', rule: 'old-file.default' });
  expect(of('circuit:kiln/run.whip.lengthFt')).toEqual({ kind: 'told' });
  expect(of('circuit:kiln/name')).toBeUndefined();
  expect(of('house/ratingA')).toEqual({ kind: 'told' });
  expect(sources.map(({ input }) => input)).toEqual(sources.map(({ input }) => input).toSorted());
});

test('until version 15 nobody signed a stop of the bond walk: what was measured is kept, and is not looked at yet', () => {
  const job = read(readFileSync('tests/fixtures/job-v15.pasture.json', 'utf8'));
  const [pool] = evaluateJob(job).waters;
  const of = (id: string) => pool && walkSteps(pool.report).find((step) => step.id === id);
  const [south, shell] = [of('ring-south'), of('shell')];
  expect(south?.seen).toEqual({ step: 'ring-south', offIn: 21, deepIn: 5 });
  expect(south && lookAt(south)).toBe('open');
  expect(shell && lookAt(shell)).toBe('right');
});

test('the schema refuses a circuit without a run, and one with a pin that is no size', () => {
  expect(circuitSchema.safeParse(circuit({ run: [] })).success).toBe(false);
  expect(circuitSchema.safeParse({ ...circuit(), pins: { size: '7' } }).success).toBe(false);
});

test('until version 13 what was not read stood as no path: it is read again; the tester is not known', () => {
  const { checks, meter } = read(readFileSync('tests/fixtures/job-v13.pasture.json', 'utf8'));
  expect(meter).toBeNull();
  expect(checks[0]?.traced).toEqual({ at: 'B', one: 0.2, tieOff: false });
  expect(checks.every(({ ohms, tripsAlone }) => ohms.length === 0 && tripsAlone === null)).toBe(true);
});
