import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { Command } from '../../../src/core/job/command';
import { freshCheck } from '../../../src/core/checks/checksDocument';
import { demoJob } from '../../../src/core/job/demo/demoJob';
import { jobSchema, type Job } from '../../../src/core/job/jobSchema';
import { pathKey } from '../../../src/core/files/merger';
import { ruleAt } from '../../../src/core/files/mergeRules';
import { mergeBase, mergeJobs } from '../../../src/core/job/mergeJobs';
import { after } from '../../support/jobs';
import { runs } from '../../support/luck';

const edited = (job: Job, ...commands: readonly Command[]): Job =>
  commands.reduce((acc, command) => after(acc, command).job, job);
const rename = (id: string, name: string): Command => ({ kind: 'change-circuit', id, fields: { name } });
const read = (document: unknown): Job => jobSchema.parse(document);
const nameOf = (job: Job, id: string): string | undefined =>
  job.circuits.find((each) => each.id === id)?.name;

describe('two copies of a job', () => {
  test('what each changed of another thing is in both', () => {
    const mine = edited(demoJob, rename('kiln', 'Kiln, back room'), {
      kind: 'change-job',
      fields: { authority: 'City' },
    });
    const theirs = edited(demoJob, rename('well', 'Well, 5 hp'));
    const { document, conflicts, taken } = mergeJobs(demoJob, mine, theirs);
    const job = read(document);
    expect([nameOf(job, 'kiln'), nameOf(job, 'well'), job.authority]).toEqual([
      'Kiln, back room',
      'Well, 5 hp',
      'City',
    ]);
    expect(conflicts).toEqual([]);
    expect(taken).toEqual([['circuits', 'well']]);
  });

  test('two fields of one circuit are two things', () => {
    const mine = edited(demoJob, rename('kiln', 'Kiln, back room'));
    const theirs = edited(demoJob, { kind: 'change-circuit', id: 'kiln', fields: { maxDropPct: 2 } });
    const { document, conflicts } = mergeJobs(demoJob, mine, theirs);
    expect(conflicts).toEqual([]);
    expect(read(document).circuits.find(({ id }) => id === 'kiln')).toMatchObject({
      name: 'Kiln, back room',
      maxDropPct: 2,
    });
  });

  test('what both changed is listed; mine stays until theirs is taken', () => {
    const mine = edited(demoJob, rename('kiln', 'Mine'));
    const theirs = edited(demoJob, rename('kiln', 'Theirs'));
    const path = ['circuits', 'kiln', 'name'];
    const merged = mergeJobs(demoJob, mine, theirs);
    expect(merged.conflicts).toEqual([{ path, mine: 'Mine', theirs: 'Theirs' }]);
    expect(nameOf(read(merged.document), 'kiln')).toBe('Mine');
    const taken = mergeJobs(demoJob, mine, theirs, new Set([pathKey(path)]));
    expect(nameOf(read(taken.document), 'kiln')).toBe('Theirs');
  });

  test('a circuit removed by one stays removed; changed by the other it is asked', () => {
    const removed = edited(demoJob, { kind: 'remove-circuits', ids: ['kiln'] });
    expect(nameOf(read(mergeJobs(demoJob, removed, demoJob).document), 'kiln')).toBeUndefined();
    expect(nameOf(read(mergeJobs(demoJob, demoJob, removed).document), 'kiln')).toBeUndefined();
    const changed = edited(demoJob, rename('kiln', 'Kiln, kept'));
    const merged = mergeJobs(demoJob, removed, changed);
    expect(merged.conflicts).toMatchObject([{ path: ['circuits', 'kiln'], mine: undefined }]);
    const back = mergeJobs(demoJob, removed, changed, new Set([pathKey(['circuits', 'kiln'])]));
    expect(nameOf(read(back.document), 'kiln')).toBe('Kiln, kept');
  });

  test('circuits that both added stand one after the other; an order that one changed is kept', () => {
    const [first] = demoJob.circuits;
    if (first === undefined) throw new Error('no circuit');
    const add = (id: string): Command => ({
      kind: 'add-circuits',
      circuits: [{ circuit: { ...first, id }, at: 10 }],
    });
    const ids = (job: Job): readonly string[] => job.circuits.map(({ id }) => id);
    const both = read(mergeJobs(demoJob, edited(demoJob, add('a')), edited(demoJob, add('b'))).document);
    expect(ids(both)).toEqual([...ids(demoJob), 'a', 'b']);
    const moved = edited(demoJob, { kind: 'move-circuit', id: 'well', to: 0 });
    const merged = mergeJobs(demoJob, edited(demoJob, rename('kiln', 'K')), moved);
    expect(ids(read(merged.document))).toEqual(ids(moved));
    expect(merged.taken).toEqual([['circuits', 'order']]);
    const otherwise = edited(demoJob, { kind: 'move-circuit', id: 'kiln', to: 0 });
    expect(mergeJobs(demoJob, otherwise, moved).conflicts.map(({ path }) => path)).toEqual([
      ['circuits', 'order'],
    ]);
  });

  test('readings of two phones are each their own', () => {
    const reading = (at: string, volts: number) => ({ at, pair: 'L1N' as const, on: false, volts });
    const put = (...readings: ReturnType<typeof reading>[]): Command => ({
      kind: 'put-check',
      id: 'kiln',
      check: { ...freshCheck('kiln'), readings },
    });
    const base = edited(demoJob, put());
    const merged = mergeJobs(
      base,
      edited(base, put(reading('A', 120))),
      edited(base, put(reading('B', 119))),
    );
    expect(merged.conflicts).toEqual([]);
    expect(read(merged.document).checks.find(({ id }) => id === 'kiln')?.readings).toHaveLength(2);
  });

  test('a copy beside mine has an id of its own: mine stays the job that it is', () => {
    const copy = edited({ ...demoJob, id: 'copy' }, rename('kiln', 'Theirs'));
    const { document, taken, conflicts } = mergeJobs(demoJob, demoJob, copy);
    expect(read(document).id).toBe(demoJob.id);
    expect(taken).toEqual([['circuits', 'kiln']]);
    expect(conflicts).toEqual([]);
  });

  test('with itself, and with what it comes from, nothing changes', () => {
    const mine = edited(demoJob, rename('kiln', 'Mine'));
    expect(mergeJobs(demoJob, mine, mine)).toEqual({ document: mine, taken: [], conflicts: [] });
    expect(mergeJobs(demoJob, mine, demoJob).document).toEqual(mine);
    expect(mergeJobs(demoJob, demoJob, mine).document).toEqual(mine);
  });
});

const ids = demoJob.circuits.map(({ id }) => id);
const anEdit: fc.Arbitrary<Command> = fc.oneof(
  fc.tuple(fc.constantFrom(...ids), fc.constantFrom('X', 'Y', 'Z')).map(([id, name]) => rename(id, name)),
  fc
    .tuple(fc.constantFrom(...ids), fc.constantFrom(1, 2, 4))
    .map(([id, maxDropPct]): Command => ({ kind: 'change-circuit', id, fields: { maxDropPct } })),
  fc.constantFrom('A', 'B').map((authority): Command => ({ kind: 'change-job', fields: { authority } })),
  fc
    .tuple(fc.constantFrom('carport-charger', 'deck-tub', 'kiln'), fc.constantFrom(0.1, 0.2))
    .map(([id, groundOhms]): Command => ({
      kind: 'put-check',
      id,
      check: { ...freshCheck(id), groundOhms },
    })),
  fc.tuple(fc.constantFrom(...ids), fc.nat(9)).map(([id, to]): Command => ({ kind: 'move-circuit', id, to })),
);
/** Edits of one entry of a list, as a screen makes them: the list with that entry in it. */
const inList = (job: Job, of: 'answer' | 'price' | 'place' | 'gone', at: number, value: number): Command => {
  const others = <T>(list: readonly T[], same: (each: T) => boolean) => list.filter((each) => !same(each));
  const code = `service.${'abc'[at % 3]}`;
  const item = `item ${at % 3}`;
  const panel = job.panels[0]!;
  const circuitId = ids[at % 3]!;
  switch (of) {
    case 'answer': {
      const answer = { subject: 'service', code, text: `By ${value}` };
      return {
        kind: 'change-job',
        fields: { answers: [...others(job.answers, (each) => each.code === code), answer] },
      };
    }
    case 'price': {
      const price = { item, packFt: null, cents: value, date: '2026-03-02', source: 'typed' };
      const prices = [...others(job.materials.prices, (each) => each.item === item), price];
      return { kind: 'change', part: 'materials', fields: { prices } };
    }
    case 'place': {
      const placed = [
        ...others(panel.plan.placed, (each) => each.circuitId === circuitId),
        { circuitId, at: { slot: 2 * value + 1, half: null } },
      ];
      return { kind: 'change-panel', id: panel.id, fields: { plan: { ...panel.plan, placed } } };
    }
    case 'gone':
      return {
        kind: 'change',
        part: 'materials',
        fields: { prices: others(job.materials.prices, (each) => each.item === item) },
      };
  }
};
const aListEdit = fc
  .tuple(fc.constantFrom('answer', 'price', 'place', 'gone'), fc.nat(2), fc.integer({ min: 1, max: 9 }))
  .map(
    ([of, at, value]) =>
      (job: Job): Job =>
        edited(job, inList(job, of, at, value)),
  );
const anyEdit = fc.oneof(
  anEdit.map(
    (command) =>
      (job: Job): Job =>
        edited(job, command),
  ),
  aListEdit,
);
const someEdits = fc.array(anEdit, { maxLength: 5 });
const anyEdits = fc.array(anyEdit, { maxLength: 6 });
const through = (job: Job, edits: readonly ((job: Job) => Job)[]): Job =>
  edits.reduce((acc, edit) => edit(acc), job);

/** Every leaf of a job with its place; entries of lists by what they are known by. */
function leaves(value: unknown, path: readonly string[] = []): readonly (readonly [string, string])[] {
  if (Array.isArray(value)) {
    const keyOf = ruleAt(jobSchema, path).keyOf ?? ((entry: unknown) => (entry as { id?: string }).id);
    const keys = value.map((entry: unknown) =>
      typeof entry === 'object' && entry !== null ? keyOf(entry) : undefined,
    );
    if (value.length > 0 && keys.every((key) => key !== undefined))
      return value.flatMap((entry: unknown, at) => leaves(entry, [...path, keys[at] ?? '']));
  }
  if (typeof value === 'object' && value !== null && !Array.isArray(value))
    return Object.entries(value).flatMap(([key, each]) => leaves(each, [...path, key]));
  return [[pathKey(path), JSON.stringify(value)]];
}

describe('entries of lists', () => {
  test('two people who each answered a question, priced an item, placed a breaker keep both', () => {
    const of = (at: number): Job =>
      (['answer', 'price', 'place'] as const).reduce(
        (acc, kind) => edited(acc, inList(acc, kind, at, at + 4)),
        demoJob,
      );
    const { document, conflicts } = mergeJobs(demoJob, of(0), of(1));
    expect(conflicts).toEqual([]);
    const job = read(document);
    const answered = job.answers.map(({ code }) => code);
    expect(answered).toEqual(expect.arrayContaining(['service.a', 'service.b']));
    expect(job.materials.prices.map(({ item }) => item)).toEqual(
      expect.arrayContaining(['item 0', 'item 1']),
    );
    const slots = job.panels[0]!.plan.placed.filter(({ circuitId }) => ids.slice(0, 2).includes(circuitId));
    expect(slots.map(({ at }) => at.slot).toSorted()).toEqual([11, 9]);
  });

  test('of one question that both answered, both answers are kept until one is chosen', () => {
    const [mine, theirs] = [1, 2].map((value) => edited(demoJob, inList(demoJob, 'answer', 0, value)));
    const { conflicts } = mergeJobs(demoJob, mine!, theirs!);
    expect(conflicts).toMatchObject([
      { path: ['answers', 'service service.a', 'text'], mine: 'By 1', theirs: 'By 2' },
    ]);
  });
});

describe('random edits on both sides', () => {
  test('nothing that either made is lost without being listed, and what comes out is a job', () => {
    fc.assert(
      fc.property(anyEdits, anyEdits, (own, other) => {
        const mine = through(demoJob, own);
        const theirs = through(demoJob, other);
        const { document, conflicts } = mergeJobs(demoJob, mine, theirs);
        const merged = new Map(leaves(read(document)));
        const was = new Map(leaves(demoJob));
        const listed = conflicts.map(({ path }) => pathKey(path).slice(0, -1));
        for (const side of [mine, theirs])
          for (const [path, value] of leaves(side)) {
            if (was.get(path) === value) continue;
            if (merged.get(path) === value) continue;
            expect(listed.some((place) => path.startsWith(place))).toBe(true);
          }
        // Taking theirs wherever both changed is what they would see.
        const all = new Set(conflicts.map(({ path }) => pathKey(path)));
        const taken = mergeJobs(demoJob, mine, theirs, all).document;
        const seen = mergeJobs(demoJob, theirs, mine).document;
        expect([...new Map(leaves(taken))].toSorted()).toEqual([...new Map(leaves(seen))].toSorted());
      }),
      runs(12),
    );
  });

  test('the state that a copy was made at is found among those that a job has gone through', () => {
    fc.assert(
      fc.property(someEdits, fc.array(anEdit, { minLength: 1, maxLength: 3 }), (before, theirEdits) => {
        const states: Job[] = [demoJob];
        for (const command of before) states.unshift(edited(states[0] ?? demoJob, command));
        const [at] = states;
        if (at === undefined) throw new Error('no state');
        const theirs = edited(at, ...theirEdits);
        // Mine went on with edits of what the other one did not touch.
        const later = edited(at, { kind: 'change-job', fields: { later: 'A second charger' } });
        const found = mergeBase([later, ...states], theirs);
        const { document } = mergeJobs(found ?? at, later, theirs);
        expect(read(document).later).toBe('A second charger');
      }),
      runs(30),
    );
    expect(mergeBase([], demoJob)).toBeUndefined();
  });

  test('what both changed of one thing is asked, though my last state is as near to theirs', () => {
    const mine = edited(demoJob, rename('kiln', 'Mine'));
    const theirs = edited(demoJob, rename('kiln', 'Theirs'));
    const base = mergeBase([mine, demoJob], theirs);
    expect(base).toBe(demoJob);
    expect(mergeJobs(base ?? mine, mine, theirs).conflicts).toHaveLength(1);
  });
});
