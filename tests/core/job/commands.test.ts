import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { LIMITS } from '../../../src/core/code/limits';
import { circuitsAdded, joined } from '../../../src/core/job/changes';
import type { Command, Photo } from '../../../src/core/job/command';
import { applyCommand, isRefusal } from '../../../src/core/job/commands';
import { fullHouse } from '../../support/fullHouse/job';
import { jobSchema, type Job } from '../../../src/core/job/jobSchema';
import { refusalWords } from '../../../src/core/wording/refusals';
import { circuit, segment } from '../../support/circuits';
import { after, jobOf } from '../../support/jobs';
import { runs } from '../../support/luck';

const ids = fullHouse.circuits.map(({ id }) => id);
const anyId = fc.constantFrom(...ids, 'new-1', 'new-2', 'nobody');

/** Values as they come out of fields, files and workers that went wrong. */
const hostile = fc.oneof(
  fc.constantFrom(
    ...[NaN, Infinity, -Infinity, -1, 0, 1e9, 0.1, 60_000, null, undefined, '', ' ', 'x'.repeat(600)],
    ...['12026-01-01', '2026-02-31', '__proto__', [], {}, [null], true],
  ),
  fc.double(),
  fc.string(),
);

const numberOr = (usual: number) => fc.oneof(fc.constant(usual), hostile);
const textOr = (usual: string) => fc.oneof(fc.constant(usual), hostile);

/** What is typed into a circuit: often right, often not. */
const anyCircuitFields = fc.record(
  {
    name: textOr('Kiln'),
    material: textOr('al'),
    startHeightFt: numberOr(5),
    maxDropPct: numberOr(3),
    run: fc.oneof(
      hostile,
      fc.array(
        fc.record({
          ...Object.fromEntries(Object.entries(segment()).map(([key, value]) => [key, fc.constant(value)])),
          lengthFt: numberOr(40),
          ambientC: numberOr(30),
          place: textOr('attic'),
        }),
        { maxLength: 14 },
      ),
    ),
    pins: fc.oneof(hostile, fc.record({ ocpdA: numberOr(50), size: textOr('6') })),
  },
  { requiredKeys: [] },
);

const anyJobFields = fc.record(
  {
    name: textOr('A job'),
    permitDate: textOr('2026-03-02'),
    edition: numberOr(2020),
    authority: textOr('The county'),
    answers: fc.oneof(hostile, fc.constant([{ subject: 'service', code: 'service.least', text: 'Yes' }])),
    panels: fc.oneof(
      hostile,
      fc.constant(fullHouse.panels),
      fc.constant([...fullHouse.panels, ...fullHouse.panels]),
    ),
  },
  { requiredKeys: [] },
);

const photo = fc.record({ id: textOr('photo'), caption: textOr('Label') });
const owner = fc.oneof(
  fc.record({ circuitId: anyId }),
  fc.record({ panelId: fc.constantFrom('utility', 'nobody') }),
);

/** A command with whatever was typed; the compiler is told that it was typed right. */
const simple = fc.oneof(
  fc.record({
    kind: fc.constant('add-circuits'),
    circuits: fc.array(
      fc.record({
        at: fc.oneof(fc.integer({ min: 0, max: 12 }), hostile),
        circuit: fc.record({
          ...Object.fromEntries(Object.entries(circuit()).map(([key, value]) => [key, fc.constant(value)])),
          id: fc.constantFrom('new-1', 'new-2', 'kiln', ''),
          name: textOr('New'),
          maxDropPct: numberOr(3),
        }),
      }),
      { maxLength: 3 },
    ),
  }),
  fc.record({ kind: fc.constant('remove-circuits'), ids: fc.uniqueArray(anyId, { maxLength: 4 }) }),
  fc.record({ kind: fc.constant('change-circuit'), id: anyId, fields: anyCircuitFields }),
  fc.record({ kind: fc.constant('move-circuit'), id: anyId, to: fc.oneof(fc.nat(12), hostile) }),
  fc.record({ kind: fc.constant('change-job'), fields: anyJobFields }),
  fc.record({
    kind: fc.constant('change'),
    part: fc.constant('house'),
    fields: fc.record({ ratingA: numberOr(200), areaFt2: numberOr(2000) }, { requiredKeys: [] }),
  }),
  fc.record({
    kind: fc.constant('change-panel'),
    id: fc.constantFrom('utility', 'nobody'),
    fields: fc.record({ name: textOr('Panel'), spaces: numberOr(30) }, { requiredKeys: [] }),
  }),
  fc.record({ kind: fc.constant('add-photo'), of: owner, photo, at: fc.oneof(fc.nat(3), hostile) }),
  fc.record({ kind: fc.constant('remove-photo'), of: owner, id: textOr('photo') }),
  fc.record({ kind: fc.constant('caption-photo'), of: owner, id: textOr('photo'), caption: textOr('Lid') }),
);
const anyCommand = fc.oneof(
  { weight: 9, arbitrary: simple },
  {
    weight: 1,
    arbitrary: fc.record({ kind: fc.constant('batch'), commands: fc.array(simple, { maxLength: 3 }) }),
  },
) as unknown as fc.Arbitrary<Command>;

describe('commands cannot break a job', () => {
  test('whatever is typed, in whatever order, the job is one that opens; undone it is what it was, byte for byte', () => {
    const start = JSON.stringify(fullHouse);
    fc.assert(
      fc.property(fc.array(anyCommand, { maxLength: 14 }), (commands) => {
        let job: Job = fullHouse;
        const taken: { command: Command; inverse: Command }[] = [];
        for (const command of commands) {
          const applied = applyCommand(job, command);
          if (isRefusal(applied)) continue;
          job = applied.job;
          taken.push({ command, inverse: applied.inverse });
        }
        expect(jobSchema.safeParse(job).error).toBeUndefined();
        const end = JSON.stringify(job);
        for (const { inverse } of taken.toReversed()) job = after(job, inverse).job;
        expect(JSON.stringify(job)).toBe(start);
        for (const { command } of taken) job = after(job, command).job;
        expect(JSON.stringify(job)).toBe(end);
      }),
      runs(150),
    );
  }, 120_000);

  test('two edits of one visit, joined, are the same as one after the other, forward and back', () => {
    fc.assert(
      fc.property(anyCommand, anyCommand, (one, two) => {
        const first = applyCommand(fullHouse, one);
        if (isRefusal(first)) return;
        const second = applyCommand(first.job, two);
        if (isRefusal(second)) return;
        expect(after(fullHouse, joined(one, two)).job).toEqual(second.job);
        expect(after(second.job, joined(second.inverse, first.inverse)).job).toEqual(fullHouse);
      }),
      runs(150),
    );
  });
});

const words = (job: Job, command: Command): string => {
  const outcome = applyCommand(job, command);
  return isRefusal(outcome) ? refusalWords(outcome.refused) : 'taken';
};

describe('a command that is not taken says why, in plain words', () => {
  const change = (fields: object): Command => ({ kind: 'change-circuit', id: 'kiln', fields });
  const [panel] = fullHouse.panels;
  const [breaker] = panel!.breakers;

  test.each<[string, Command, string]>([
    [
      'a date with a five-digit year',
      { kind: 'change-job', fields: { permitDate: '12026-01-01' } },
      'Not taken. Permit date: a day such as 2026-09-01 is accepted.',
    ],
    [
      'a breaker of 60,000 VA',
      { kind: 'change-panel', id: 'utility', fields: { breakers: [{ ...breaker!, va: 60_000 }] } },
      'Not taken. Load in volt-amperes: at most 50,000 is accepted.',
    ],
    [
      'a length of nothing',
      change({ run: [segment({ lengthFt: 0 })] }),
      'Not taken. Length in feet (segment 1): more than 0 is accepted.',
    ],
    [
      'a length of 4,000 ft',
      change({ run: [segment(), segment({ lengthFt: 4000 })] }),
      'Not taken. Length in feet (segment 2): at most 2,000 is accepted.',
    ],
    ['no name', change({ name: '' }), 'Not taken. Name: at least 1 character is accepted.'],
    ['a size that is none', change({ material: 'tin' }), 'Not taken. Material: cu, al are accepted.'],
    [
      'a record of six years',
      {
        kind: 'change',
        part: 'house',
        fields: {
          measured: {
            source: 'meter',
            basis: 'utility',
            intervalMinutes: 15,
            from: '',
            to: '',
            days: 2191,
            peakA: 40,
            peakAt: '',
            problems: [],
            week: [],
          },
        },
      },
      'Not taken. Days of the record: at most 2,000 is accepted.',
    ],
    [
      'a circuit that is gone',
      { kind: 'move-circuit', id: 'nobody', to: 0 },
      'The circuit is not in the job any more.',
    ],
    [
      'a circuit that is there already',
      circuitsAdded([circuit({ id: 'kiln' })], 0),
      'The circuit is in the job already.',
    ],
  ])('%s', (_, command, expected) => {
    expect(words(fullHouse, command)).toBe(expected);
    expect(applyCommand(fullHouse, command)).not.toHaveProperty('job');
  });

  test('the circuit past the limit, with how many there is room for', () => {
    const many = Array.from({ length: LIMITS.circuits - 1 }, (_, at) => circuit({ id: `c${at}` }));
    const job = jobOf(many);
    expect(jobSchema.safeParse(job).success).toBe(true);
    const two = [circuit({ id: 'x' }), circuit({ id: 'y' })];
    expect(words(job, circuitsAdded(two, 0))).toBe(
      '2 circuits cannot be added: a job holds 500, and there is room for 1 more.',
    );
    expect(words(job, circuitsAdded(two.slice(1), 0))).toBe('taken');
  });
});

test('circuits that were taken out here and there come back to where they were', () => {
  const removed = after(fullHouse, { kind: 'remove-circuits', ids: [ids[1]!, ids[4]!, ids[8]!] });
  expect(removed.job.circuits).toHaveLength(ids.length - 3);
  expect(after(removed.job, removed.inverse).job.circuits.map(({ id }) => id)).toEqual(ids);
});

test('two photographs that were on their way at once are both kept', () => {
  const of = { circuitId: 'kiln' };
  const add = (id: string): Command => ({
    kind: 'add-photo',
    of,
    photo: { id, caption: '' } satisfies Photo,
    at: LIMITS.photos,
  });
  // Each was made while the job had none of them.
  const { job } = after(after(fullHouse, add('one')).job, add('two'));
  expect(job.circuits.find(({ id }) => id === 'kiln')?.photos.map(({ id }) => id)).toEqual(['one', 'two']);
});

test('a command carries what changes and no more, and so does its inverse', () => {
  const { inverse } = after(fullHouse, { kind: 'change-circuit', id: 'kiln', fields: { name: 'Oven' } });
  expect(inverse).toEqual({ kind: 'change-circuit', id: 'kiln', fields: { name: 'Kiln, studio' } });
});

test('commands together are one edit: all of them, or none', () => {
  const remove = (id: string): Command => ({ kind: 'remove-circuits', ids: [id] });
  const both: Command = { kind: 'batch', commands: [remove('kiln'), remove('workshop')] };
  expect(after(fullHouse, both).job.circuits).toHaveLength(ids.length - 2);
  expect(words(fullHouse, { kind: 'batch', commands: [remove('kiln'), remove('nobody')] })).toBe(
    'The circuit is not in the job any more.',
  );
});
