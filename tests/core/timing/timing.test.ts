import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { shortestPlan } from '../../../src/core/timing/shortestPlan';
import { exactPlan } from '../../../src/core/timing/exactPlan';
import { boardFor, finishOf } from '../../../src/core/timing/serialPlan';
import { timedWork, type TimedStep } from '../../../src/core/timing/timedWork';
import { WorkCalendar } from '../../../src/core/timing/workCalendar';
import { dateOf, dayNumber, minuteOf, timeOf, weekdayOf } from '../../../src/core/units/civilDay';
import { isNoPlan, workPlan } from '../../../src/core/timing/workPlan';
import { isItemError } from '../../../src/core/worksheet/answer';
import { answerWorksheet } from '../../../src/core/worksheet/answerWorksheet';
import { daysItemSchema, type DaysItem } from '../../../src/core/worksheet/daysSchemas';
import { brokenRules, type ToldDays } from '../../support/daysChecker';
import { shortestByTrying } from '../../support/exhaustiveDays';
import { runs } from '../../support/luck';

interface DaysCase {
  readonly id: string;
  readonly expect: { readonly finish: string; readonly best: string };
}

const cases = (
  JSON.parse(readFileSync('tests/fixtures/daysCases.json', 'utf8')) as { readonly items: readonly DaysCase[] }
).items;

const outcomeOf = (item: object) => {
  const answer = answerWorksheet({ worksheet: 1, edition: 2023, items: [item] });
  if ('problem' in answer) throw new Error(answer.problem.message);
  const [outcome] = answer.items;
  if (outcome === undefined) throw new Error('No answer.');
  return outcome;
};
const daysOf = (item: object): ToldDays => {
  const outcome = outcomeOf(item);
  if (isItemError(outcome)) throw new Error(`${outcome.error.path}: ${outcome.error.message}`);
  return outcome.result as unknown as ToldDays;
};
const errorOf = (item: object) => {
  const outcome = outcomeOf(item);
  if (!isItemError(outcome)) throw new Error('It was answered.');
  return outcome.error;
};

const WEEK = {
  id: 'days',
  kind: 'days',
  from: '2026-03-16',
  hours: [7.5, 16],
  workdays: [1, 2, 3, 4, 5],
  people: 2,
} as const;
const step = (id: string, hours: number, part: object = {}) => ({ id, hours, place: id, ...part });

describe('civil days', () => {
  test('are numbered and named as the calendar of the machine does', () => {
    fc.assert(
      fc.property(fc.integer({ min: -40_000, max: 60_000 }), (day) => {
        const date = new Date(day * 86_400_000);
        expect(dateOf(day)).toBe(date.toISOString().slice(0, 10));
        expect(dayNumber(dateOf(day))).toBe(day);
        expect(weekdayOf(day)).toBe(((date.getUTCDay() + 6) % 7) + 1);
      }),
    );
    expect([dateOf(dayNumber('2028-02-29') + 1), weekdayOf(dayNumber('2026-03-16'))]).toEqual([
      '2028-03-01',
      1,
    ]);
    expect(timeOf(minuteOf('2026-03-16T07:05') + 24 * 60)).toBe('2026-03-17T07:05');
  });
});

describe('working time', () => {
  const calendar = new WorkCalendar({ from: '2026-03-14', hours: [7.5, 16], workdays: [1, 2, 3, 4, 5] });
  const DAY = 8.5 * 60;

  test('begins at the first workday, and its days are one line without nights', () => {
    expect(calendar.startTime(0)).toBe('2026-03-16T07:30');
    expect([calendar.endTime(DAY), calendar.startTime(DAY)]).toEqual([
      '2026-03-16T16:00',
      '2026-03-17T07:30',
    ]);
    expect(calendar.parts(DAY - 30, 60)).toEqual([
      { start: '2026-03-16T15:30', end: '2026-03-16T16:00' },
      { start: '2026-03-17T07:30', end: '2026-03-17T08:00' },
    ]);
    expect(calendar.parts(4 * DAY, 2 * DAY).map(({ start }) => start)).toEqual([
      '2026-03-20T07:30',
      '2026-03-23T07:30',
    ]);
  });

  test('a moment outside of it is the next opening', () => {
    expect(calendar.workAt('2026-03-01T12:00')).toBe(0);
    expect(calendar.workAt('2026-03-16T06:00')).toBe(0);
    expect(calendar.workAt('2026-03-16T08:00')).toBe(30);
    expect(calendar.workAt('2026-03-16T16:00')).toBe(DAY);
    expect(calendar.workAt('2026-03-16T23:00')).toBe(DAY);
    expect(calendar.workAt('2026-03-21T12:00')).toBe(5 * DAY);
  });
});

describe('the kind days', () => {
  test.each(cases)('the case $id: every rule is kept, and the finish is no later', (item) => {
    const { expect: wanted, ...asked } = item;
    const told = daysOf(asked);
    expect(brokenRules(daysItemSchema.parse(asked), told)).toEqual([]);
    if (wanted.best === 'exact') expect(told.finish).toBe(wanted.finish);
    else expect((told.finish ?? '') <= wanted.finish).toBe(true);
  });

  test('two places at a time, one place never twice, nothing beside a dead house', () => {
    const two = daysOf({ ...WEEK, steps: [step('a', 3), step('b', 3)] });
    expect(two).toMatchObject({ finish: '2026-03-16T10:30' });
    expect(two.steps.map(({ people }) => people)).toEqual([[1], [2]]);
    const onePlace = [step('a', 3), step('b', 3, { place: 'a' })];
    expect(daysOf({ ...WEEK, steps: onePlace }).finish).toBe('2026-03-16T13:30');
    expect(daysOf({ ...WEEK, steps: [step('a', 3), step('b', 3, { dead: true })] }).finish).toBe(
      '2026-03-16T13:30',
    );
    expect(daysOf({ ...WEEK, steps: [step('a', 3), step('b', 3, { people: 2 })] }).finish).toBe(
      '2026-03-16T13:30',
    );
    expect(daysOf({ ...WEEK, people: 1, steps: [step('a', 3), step('b', 3)] }).finish).toBe(
      '2026-03-16T13:30',
    );
  });

  test('a gate opens when what it waits for is done, no earlier than its moment, and then work begins', () => {
    const gated = (gate: object) =>
      daysOf({
        ...WEEK,
        steps: [step('trench', 8.5), step('backfill', 1, { gate: 'inspection' })],
        gates: [{ id: 'inspection', ...gate }],
      });
    const after = gated({ after: ['trench'] });
    expect(after.gates).toEqual([{ id: 'inspection', opens: '2026-03-16T16:00' }]);
    expect(after.steps[1]?.parts[0]?.start).toBe('2026-03-17T07:30');
    const both = gated({ after: ['trench'], earliest: '2026-03-20T18:00' });
    expect(both.gates[0]?.opens).toBe('2026-03-20T18:00');
    expect(both.steps[1]?.parts[0]?.start).toBe('2026-03-23T07:30');
    expect(gated({}).gates[0]?.opens).toBe('2026-03-16T07:30');
    const far = gated({ earliest: '2126-03-18T09:00' });
    expect(far.steps[1]?.parts[0]?.start).toBe('2126-03-18T09:00');
    expect(far.steps[0]?.parts[0]?.start).toBe('2026-03-16T07:30');
  });

  test('nothing to do is done; defaults are said', () => {
    const outcome = outcomeOf({ ...WEEK, steps: [] });
    if (isItemError(outcome)) throw new Error(outcome.error.message);
    expect(outcome.result).toEqual({ steps: [], gates: [], finish: null });
    expect(outcome.working[0]).toMatchObject({ step: 'gates', result: 'none', rule: 'default' });
  });

  test.each([
    [{ steps: [step('a', 1), step('a', 2)] }, 'items[0].steps[1].id', 'Another one has the id a'],
    [{ steps: [step('a', 1, { after: ['b'] })] }, 'items[0].steps[0].after[0]', 'no step b'],
    [{ steps: [step('a', 1, { gate: 'g' })] }, 'items[0].steps[0].gate', 'no gate g'],
    [{ steps: [], gates: [{ id: 'g', after: ['x'] }] }, 'items[0].gates[0].after[0]', 'no step x'],
    [
      { steps: [step('a', 1, { after: ['b'] }), step('b', 1, { after: ['a'] })] },
      'items[0].steps[0].after',
      'waits for itself',
    ],
    [
      { steps: [step('a', 1, { gate: 'g' })], gates: [{ id: 'g', after: ['a'] }] },
      'items[0].steps[0].after',
      'waits for itself',
    ],
    [
      { people: 1, steps: [step('a', 1, { people: 2 })] },
      'items[0].steps[0].people',
      'takes 2 people; there is 1',
    ],
    [{ steps: [step('a', 0)] }, 'items[0].steps[0].hours', ''],
    [{ hours: [16, 7.5], steps: [] }, 'items[0].hours', 'The day ends after it begins'],
    [{ from: '2026-02-30', steps: [] }, 'items[0].from', ''],
    [{ steps: [], gates: [{ id: 'g', earliest: '2026-03-18' }] }, 'items[0].gates[0].earliest', ''],
    [{ workdays: [], steps: [] }, 'items[0].workdays', ''],
    [{ steps: [step('a', 1, { lane: 2 })] }, 'items[0].steps[0].lane', 'not known here'],
  ])('what cannot be put into days is refused with its place: %j', (part, path, message) => {
    const error = errorOf({ ...WEEK, ...part });
    expect(error.path).toContain(path);
    expect(error.message).toContain(message);
  });
});

/** A random job of steps in some places with gates; steps wait only for those before them. */
const jobs = (most: number): fc.Arbitrary<DaysItem> =>
  fc
    .record({
      people: fc.constantFrom(1 as const, 2 as const),
      hours: fc.constantFrom([7.5, 16] as const, [8, 12] as const, [0, 24] as const),
      workdays: fc.uniqueArray(fc.integer({ min: 1, max: 7 }), { minLength: 1 }),
      from: fc.integer({ min: 0, max: 400 }),
      gates: fc.array(
        fc.record({
          after: fc.array(fc.nat(most)),
          earliest: fc.option(fc.integer({ min: -1500, max: 20_000 })),
        }),
        { maxLength: 3 },
      ),
      steps: fc.array(
        fc.record({
          quarters: fc.integer({ min: 1, max: 60 }),
          place: fc.nat(3),
          people: fc.constantFrom(1 as const, 1 as const, 2 as const),
          dead: fc.constantFrom(false, false, false, true),
          after: fc.array(fc.nat(most), { maxLength: 3 }),
          gate: fc.option(fc.nat(2)),
        }),
        { minLength: 1, maxLength: most },
      ),
    })
    .map(({ people, hours, workdays, from, gates, steps }) => {
      const first = dayNumber('2026-01-01') + from;
      // A gate waits for steps of the first half, and gates steps of the second.
      const half = Math.ceil(steps.length / 2);
      return daysItemSchema.parse({
        id: 'random',
        kind: 'days',
        from: dateOf(first),
        hours,
        workdays,
        people,
        steps: steps.map((each, at) => ({
          id: `s${at}`,
          hours: each.quarters / 4,
          place: `p${each.place}`,
          people: Math.min(people, each.people),
          dead: each.dead,
          after: [...new Set(each.after.filter((before) => before < at).map((before) => `s${before}`))],
          ...(each.gate !== null && each.gate < gates.length && at >= half && { gate: `g${each.gate}` }),
        })),
        gates: gates.map(({ after, earliest }, at) => ({
          id: `g${at}`,
          after: [...new Set(after.filter((before) => before < half).map((before) => `s${before}`))],
          ...(earliest !== null && { earliest: timeOf(first * 1440 + earliest) }),
        })),
      });
    });

describe('no schedule breaks a rule', () => {
  test('with times in which some steps stop, and steps that are done late', { timeout: 60_000 }, () => {
    const shut = fc.record({
      step: fc.nat(9),
      at: fc.integer({ min: 0, max: 6000 }),
      minutes: fc.integer({ min: 15, max: 700 }),
    });
    fc.assert(
      fc.property(jobs(10), fc.array(shut, { maxLength: 5 }), (item, all) => {
        const first = dayNumber(item.from) * 1440;
        const closed = all.map(({ step, at, minutes }) => ({
          steps: [`s${step}`],
          from: timeOf(first + at),
          to: timeOf(first + at + minutes),
        }));
        const steps = item.steps.map((each, at) => ({ ...each, late: at % 3 === 0 }));
        const plan = workPlan({ ...item, steps, closed });
        if (isNoPlan(plan)) throw new Error('No plan.');
        expect(brokenRules(item, plan)).toEqual([]);
        for (const { id, parts } of plan.steps)
          for (const { steps: stopped, from, to } of closed)
            if (stopped.includes(id))
              expect(parts.filter(({ start, end }) => start < to && end > from)).toEqual([]);
        const open = workPlan(item);
        if (!isNoPlan(open) && open.proved) expect((plan.finish ?? '') >= (open.finish ?? '')).toBe(true);
      }),
      runs(60),
    );
  });

  test('of hundreds of random jobs', { timeout: 60_000 }, () => {
    fc.assert(
      fc.property(jobs(14), (item) => {
        expect(brokenRules(item, daysOf(item))).toEqual([]);
      }),
      runs(60),
    );
  });

  test('of large ones, up to 80 steps', () => {
    fc.assert(
      fc.property(jobs(80), (item) => {
        expect(brokenRules(item, daysOf(item))).toEqual([]);
      }),
      runs(25),
    );
  });
});

describe('the shortest order', () => {
  const small = fc.array(
    fc.record({
      minutes: fc.integer({ min: 1, max: 5 }),
      place: fc.nat(2),
      alone: fc.constantFrom(false, false, false, true),
      after: fc.array(fc.nat(5), { maxLength: 2 }),
      earliest: fc.constantFrom(0, 0, 0, 2, 5),
    }),
    { minLength: 1, maxLength: 6 },
  );

  test('is as short as by trying everything, and says so', { timeout: 60_000 }, () => {
    fc.assert(
      fc.property(small, (drawn) => {
        const steps: readonly TimedStep[] = drawn.map((each, at) => ({
          ...each,
          after: [...new Set(each.after.filter((before) => before < at))],
        }));
        const plan = shortestPlan(steps);
        expect(plan).toMatchObject({ finish: shortestByTrying(steps), proved: true });
        expect(plan?.least).toBe(plan?.finish);
      }),
      runs(70),
    );
  });

  test('is found from any plan by searching every order that could be shorter', { timeout: 60_000 }, () => {
    fc.assert(
      fc.property(small, (drawn) => {
        const steps = drawn.map((each, at) => ({
          ...each,
          after: each.after.filter((before) => before < at),
        }));
        const work = timedWork(steps);
        if (work === undefined) throw new Error('A circle.');
        // One after the other, each once all before it could have begun: as bad as a plan can be.
        let end = Math.max(...steps.map(({ earliest }) => earliest));
        const bad = steps.map(({ minutes }) => (end += minutes) - minutes);
        const { starts, whole } = exactPlan(work, boardFor(work), bad, 0, 100_000);
        expect([finishOf(work, starts), whole]).toEqual([shortestByTrying(steps), true]);
      }),
      runs(70),
    );
  });

  test('a search that was given up proves nothing, and gives back no worse a plan than it was given', () => {
    const steps = Array.from({ length: 9 }, (_, at): TimedStep => ({
      minutes: 30 + 17 * at,
      place: at % 3,
      alone: at % 2 === 0,
      after: at > 2 ? [at - 3] : [],
      earliest: 0,
      closed: [],
    }));
    const work = timedWork(steps);
    if (work === undefined) throw new Error('A circle.');
    let end = 0;
    const bad = steps.map(({ minutes }) => (end += minutes) - minutes);
    for (const nodes of [0, 1, 5]) {
      const { starts, whole } = exactPlan(work, boardFor(work), bad, 0, nodes);
      expect(whole).toBe(false);
      expect(finishOf(work, starts)).toBeLessThanOrEqual(finishOf(work, bad));
    }
  });

  test('the beginning of a step waits for the last of those before it, its tail is the longest behind it', () => {
    const step = (minutes: number, after: readonly number[], earliest = 0): TimedStep => ({
      minutes,
      place: 0,
      alone: false,
      after,
      earliest,
    });
    const work = timedWork([step(5, []), step(1, []), step(2, [0, 1]), step(4, [0]), step(1, [1], 9)]);
    expect(work?.heads).toEqual([0, 0, 5, 5, 9]);
    expect(work?.tails).toEqual([9, 3, 2, 4, 1]);
    expect(timedWork([step(1, [1]), step(1, [0])])).toBeUndefined();
  });

  test('what it says that no order is shorter than, none is; more work never ends earlier', () => {
    fc.assert(
      fc.property(small, fc.nat(5), (drawn, grown) => {
        const steps = drawn.map((each, at) => ({
          ...each,
          after: each.after.filter((before) => before < at),
        }));
        const more = steps.map((each, at) => (at === grown ? { ...each, minutes: each.minutes + 2 } : each));
        const [plan, longer] = [shortestPlan(steps), shortestPlan(more)];
        expect(plan?.least ?? 0).toBeLessThanOrEqual(plan?.finish ?? -1);
        expect(longer?.finish ?? -1).toBeGreaterThanOrEqual(plan?.finish ?? 0);
      }),
      runs(50),
    );
  });
});
