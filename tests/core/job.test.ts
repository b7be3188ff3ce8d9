import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { circuitSchema } from '../../src/core/circuit/circuitSchema';
import { solveCircuit } from '../../src/core/circuit/solveCircuit';
import { jobContext } from '../../src/core/job/jobContext';
import { applyCommand, type Command } from '../../src/core/job/commands';
import { demoJob } from '../../src/core/job/demoJob';
import { jobFileName, readJobDocument, readJobFile, writeJobFile } from '../../src/core/job/jobFile';
import { jobSchema, type Job } from '../../src/core/job/jobSchema';
import { JOB_MIGRATIONS, JOB_VERSION, migrate } from '../../src/core/job/migrations';
import { fileProblemWords } from '../../src/core/wording/fileProblems';
import { circuit } from '../support/circuits';

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

describe('the demo job', () => {
  test('is a valid job of ten circuits that shows every severity', () => {
    expect(jobSchema.parse(demoJob)).toEqual(demoJob);
    const context = jobContext(demoJob);
    const severities = demoJob.circuits.flatMap((each) =>
      solveCircuit(each, context).findings.map(({ severity }) => severity),
    );
    expect(demoJob.circuits).toHaveLength(10);
    expect(severities).toEqual(expect.arrayContaining(['stop', 'check', 'ask', 'note']));
  });
});

describe('files', () => {
  test('what is written is read back, and written again byte for byte', () => {
    const text = writeJobFile(demoJob);
    expect(read(text)).toEqual(demoJob);
    expect(writeJobFile(read(text))).toBe(text);
  });

  test('the order of fields does not matter to the bytes', () => {
    const shuffled = JSON.parse(writeJobFile(demoJob)) as { job: Record<string, unknown> };
    const job = Object.fromEntries(Object.entries(shuffled.job).reverse());
    expect(writeJobFile(read(JSON.stringify({ ...shuffled, job })))).toBe(writeJobFile(demoJob));
  });

  test('round trips for circuits of any lengths and names', () => {
    const names = fc.string({ minLength: 1, maxLength: 80 });
    fc.assert(
      fc.property(fc.array(fc.tuple(names, fc.integer({ min: 1, max: 2000 })), { maxLength: 5 }), (each) => {
        const circuits = each.map(([name, lengthFt], at) => {
          const base = circuit({ id: `c${at}`, name });
          return { ...base, run: base.run.map((segment) => ({ ...segment, lengthFt })) };
        });
        const job: Job = { ...demoJob, circuits };
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
    const bad = JSON.parse(writeJobFile(demoJob)) as {
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
    const bad = JSON.parse(writeJobFile(demoJob)) as { job: Record<string, unknown> };
    bad.job['color'] = 'green';
    expect(problem(JSON.stringify(bad))).toMatchObject({ kind: 'invalid', path: 'color' });
  });

  test('a file of sixty megabytes is none', () => {
    expect(problem(`"${'x'.repeat(60_000_001)}"`)).toMatchObject({ kind: 'too-large' });
  });

  test('file names are made of the words of the job', () => {
    expect(jobFileName(demoJob)).toBe('split-level-orchard-lane.pasture.json');
    expect(jobFileName({ ...demoJob, name: '???' })).toBe('job.pasture.json');
  });
});

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

  test('what cannot be carried forward is refused, not guessed', () => {
    expect(readJobDocument({ circuits: 'many' }, 0)).toMatchObject({ ok: false });
    expect(readJobDocument({ circuits: [7] }, 0)).toMatchObject({ ok: false });
  });

  test('a job from before houses and panels has none, and nothing else is lost', () => {
    const { house: _house, panels: _panels, answers: _answers, ...old } = demoJob;
    const result = readJobDocument(old, 2);
    expect(result).toMatchObject({
      ok: true,
      job: { ...old, panels: [], answers: [], house: { ratingA: null } },
    });
  });

  test('steps are taken in order, and a missing one stops the way', () => {
    const add = (from: number) => ({ from, up: (current: unknown) => `${String(current)}${from}` });
    expect(migrate('v', 0, [add(1), add(0), add(2)], 3)).toEqual({ document: 'v012' });
    expect(migrate('v', 0, [add(0), add(2)], 3)).toBeUndefined();
    expect(migrate('v', 4, [], 3)).toBeUndefined();
    expect(migrate('v', 3, [], 3)).toEqual({ document: 'v' });
    const third = JOB_MIGRATIONS.find(({ from }) => from === 3);
    expect(third?.up({ id: 'a' })).toEqual({ id: 'a', locate: null });
    expect(third?.up('no job')).toBe('no job');
    expect(JOB_MIGRATIONS.map(({ from }) => from)).toEqual([0, 1, 2, 3]);
  });
});

describe('commands', () => {
  const ids = demoJob.circuits.map(({ id }) => id);
  const command: fc.Arbitrary<Command> = fc.oneof(
    fc.record({
      kind: fc.constant('insert-circuit' as const),
      circuit: fc.constantFrom('new-1', 'new-2').map((id) => circuit({ id })),
      at: fc.integer({ min: 0, max: 6 }),
    }),
    fc.record({ kind: fc.constant('remove-circuit' as const), id: fc.constantFrom(...ids, 'new-1') }),
    fc.record({
      kind: fc.constant('replace-circuit' as const),
      circuit: fc.constantFrom(...ids).map((id) => circuit({ id, name: 'Other' })),
    }),
    fc.record({
      kind: fc.constant('move-circuit' as const),
      id: fc.constantFrom(...ids),
      to: fc.integer({ min: -1, max: 8 }),
    }),
    fc.record({
      kind: fc.constant('set-job' as const),
      fields: fc.record({
        name: fc.constantFrom('A', 'B'),
        edition: fc.constantFrom(2017 as const, 2020 as const),
      }),
    }),
  );

  test('the inverse of any command, after any others, brings the job back', () => {
    fc.assert(
      fc.property(fc.array(command, { maxLength: 12 }), (commands) => {
        let job: Job = demoJob;
        const inverses: Command[] = [];
        for (const each of commands) {
          const applied = applyCommand(job, each);
          if (applied === undefined) continue;
          job = applied.job;
          inverses.push(applied.inverse);
        }
        for (const inverse of inverses.reverse()) job = applyCommand(job, inverse)?.job ?? job;
        expect(job).toEqual(demoJob);
      }),
    );
  });

  test('commands together are one edit: all of them, or none', () => {
    const both: Command = {
      kind: 'together',
      commands: [
        { kind: 'insert-circuit', circuit: circuit({ id: 'new-1' }), at: 0 },
        { kind: 'set-job', fields: { name: 'Other', panels: [] } },
      ],
    };
    const applied = applyCommand(demoJob, both);
    expect(applied?.job).toMatchObject({ name: 'Other', panels: [] });
    expect(applied?.job.circuits[0]?.id).toBe('new-1');
    expect(applied && applyCommand(applied.job, applied.inverse)?.job).toEqual(demoJob);
    expect(
      applyCommand(demoJob, {
        kind: 'together',
        commands: [
          { kind: 'remove-circuit', id: 'kiln' },
          { kind: 'remove-circuit', id: 'nobody' },
        ],
      }),
    ).toBeUndefined();
  });

  test('a command for what is not there does nothing', () => {
    expect(applyCommand(demoJob, { kind: 'remove-circuit', id: 'nobody' })).toBeUndefined();
    expect(
      applyCommand(demoJob, { kind: 'replace-circuit', circuit: circuit({ id: 'nobody' }) }),
    ).toBeUndefined();
    expect(
      applyCommand(demoJob, { kind: 'insert-circuit', circuit: circuit({ id: 'kiln' }), at: 0 }),
    ).toBeUndefined();
    expect(applyCommand(demoJob, { kind: 'move-circuit', id: 'kiln', to: 99 })).toBeUndefined();
  });
});

test('the schema refuses a circuit without a run, and one with a pin that is no size', () => {
  expect(circuitSchema.safeParse(circuit({ run: [] })).success).toBe(false);
  expect(circuitSchema.safeParse({ ...circuit(), pins: { size: '7' } }).success).toBe(false);
});
