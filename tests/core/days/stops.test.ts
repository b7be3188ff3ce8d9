import { describe, expect, test } from 'vitest';
import { CutDesk } from '../../../src/core/estimate/cutDesk';
import { jobEstimate } from '../../../src/core/estimate/jobEstimate';
import { applyCommand, isRefusal } from '../../../src/core/job/commands';
import { photoIds } from '../../../src/core/job/photoIds';
import { demoJob } from '../../../src/core/job/demo/demoJob';
import { evaluateJob } from '../../../src/core/job/evaluateJob';
import { defaultPrices } from '../../../src/core/price/defaultPrices';
import type { Days } from '../../../src/core/timing/daysDocument';
import { isNoPlan, workPlan } from '../../../src/core/timing/workPlan';
import { askedText, becauseWords, postWords, wordState } from '../../../src/core/wording/daysWords';
import type { JobDays } from '../../../src/core/days/jobDays';
import { circuit, load, segment } from '../../support/circuits';
import { begins, daysOf, gate, withDays } from '../../support/jobDays';
import { after, jobOf } from '../../support/jobs';

const DEMO = daysOf(demoJob);

describe('times in which some of the work stops', () => {
  const closed = (part: Partial<Days['closed'][number]>) => ({
    id: 'x',
    kind: 'rain' as const,
    date: '2026-03-16',
    hours: [7.5, 16] as [number, number],
    place: null,
    note: '',
    ...part,
  });
  const plain = withDays(demoJob, {
    closed: [],
    gates: [gate('permit', { passed: { by: 'B', at: '2026-03-12T10:00' } })],
  });
  const overlaps = (days: JobDays, ids: readonly string[], from: string, to: string) =>
    days.steps.filter(
      ({ id, placed }) => ids.includes(id) && placed.parts.some(({ start, end }) => start < to && end > from),
    );

  test('rain stops trench, yard and water; the house goes on', () => {
    const days = daysOf(withDays(plain, { closed: [closed({})] }));
    const outdoors = days.steps
      .filter(({ place }) => ['trench', 'post', 'water'].includes(place))
      .map(({ id }) => id);
    expect(overlaps(days, outdoors, '2026-03-16T07:30', '2026-03-16T16:00')).toEqual([]);
    expect(
      overlaps(
        days,
        days.steps.map(({ id }) => id),
        '2026-03-16T07:30',
        '2026-03-16T16:00',
      ).length,
    ).toBeGreaterThan(0);
    expect(begins(days, 'dig yard') >= '2026-03-17T07:30').toBe(true);
    const first = days.steps.find(({ because }) => because?.kind === 'closed');
    expect(first && becauseWords(first, days, withDays(plain, { closed: [closed({})] }))).toBe(
      'It cannot go on before: Rain, Mon 16, 7:30 to 4:00 pm.',
    );
  });

  test('frost stops the ground alone, heat the attic alone, another trade its place alone', () => {
    const frozen = DEMO.steps
      .filter(({ kind }) => ['dig', 'backfill', 'conduit', 'ring'].includes(kind))
      .map(({ id }) => id);
    expect(overlaps(daysOf(plain), frozen, '2026-03-16T07:30', '2026-03-16T10:00').length).toBeGreaterThan(0);
    const frost = daysOf(withDays(plain, { closed: [closed({ kind: 'frost', hours: [7.5, 10] })] }));
    expect(overlaps(frost, frozen, '2026-03-16T07:30', '2026-03-16T10:00')).toEqual([]);
    const trade = daysOf(withDays(plain, { closed: [closed({ kind: 'trade', place: 'house' })] }));
    const inHouse = trade.steps.filter(({ place }) => place === 'house').map(({ id }) => id);
    expect(overlaps(trade, inHouse, '2026-03-16T07:30', '2026-03-16T16:00')).toEqual([]);
    expect(
      overlaps(trade, ['dig yard', 'dig well 0'], '2026-03-16T07:30', '2026-03-16T16:00').length,
    ).toBeGreaterThan(0);
    const attic = circuit({ id: 'a', name: 'Heater', appliance: load(), run: [segment({ place: 'attic' })] });
    const basement = circuit({ id: 'b', name: 'Heater', appliance: load(), run: [segment()] });
    const hot = daysOf(
      withDays(jobOf([attic, basement]), {
        from: '2026-03-16',
        closed: [closed({ kind: 'heat', hours: [12, 16] })],
      }),
    );
    expect(overlaps(hot, ['rough a'], '2026-03-16T12:00', '2026-03-16T16:00')).toEqual([]);
  });

  test('a time that is closed never ends the work earlier; what is closed before it begins changes nothing', () => {
    const finish = daysOf(plain).finish ?? '';
    for (const kind of ['trade', 'rain', 'frost', 'heat'] as const)
      expect((daysOf(withDays(plain, { closed: [closed({ kind })] })).finish ?? '') >= finish).toBe(true);
    expect(daysOf(withDays(plain, { closed: [closed({ kind: 'trade', date: '2026-03-10' })] })).finish).toBe(
      finish,
    );
  });

  test('what waits for an answer begins when it is expected, then when it was given', () => {
    const word = {
      id: 'w',
      question: 'Disconnect here?',
      who: 'owner',
      step: 'rough deck-tub',
      by: '2026-03-19T12:00',
      answer: '',
      at: null,
      photos: [],
    };
    const waiting = withDays(plain, { words: [word] });
    const days = daysOf(waiting);
    expect(begins(days, 'rough deck-tub') >= '2026-03-19T12:00').toBe(true);
    expect(wordState(word)).toBe('Not answered yet by owner; expected Thu 19, 12:00 pm');
    const answered = { ...word, answer: 'Yes', at: '2026-03-16T07:30' };
    expect(
      begins(daysOf(withDays(plain, { words: [answered] })), 'rough deck-tub') < '2026-03-19T12:00',
    ).toBe(true);
    expect(askedText(word, 'Rough-in: Hot tub', 'Orchard Lane')).toBe(
      'Orchard Lane. Disconnect here? It is about: Rough-in: Hot tub. Needed by Thu 19, 12:00 pm.',
    );
  });

  test('a post is set below frost: by the depth of the yard, or the authority is asked', () => {
    const step = DEMO.steps.find(({ id }) => id === 'rough trailer');
    const words = (frostIn: number | null) =>
      step && postWords(step, { ...demoJob, yard: { ...demoJob.yard, frostIn } });
    expect(words(36)).toBe('A post that is set stands below frost: 36 in at least.');
    expect(words(0)).toMatch(/ask the authority/);
    expect(words(null)).toMatch(/ask the authority/);
    const dig = DEMO.steps.find(({ id }) => id === 'dig yard');
    expect(dig && postWords(dig, demoJob)).toBeNull();
  });

  test('outdoors after sunset is told, indoors is not', () => {
    const days = daysOf(withDays(plain, { daylight: [8, 15] }));
    expect(days.steps.filter(({ dark }) => dark).length).toBeGreaterThan(0);
    expect(days.steps.some(({ dark, place }) => dark && place === 'house')).toBe(false);
    expect(daysOf(withDays(plain, { daylight: [5, 21] })).steps.some(({ dark }) => dark)).toBe(false);
  });
});

describe('photographs', () => {
  test('of a gate and of a question belong to the job: added, named among its pictures, taken back', () => {
    const word = {
      id: 'w',
      question: 'Here?',
      who: '',
      step: 'dig yard',
      by: null,
      answer: '',
      at: null,
      photos: [],
    };
    const job = withDays(demoJob, { gates: [gate('rough-in', {})], words: [word] });
    for (const of of [{ gateId: 'rough-in' as const }, { wordId: 'w' }]) {
      const photo = { id: 'p1', caption: 'Trench, 18 in' };
      const added = after(job, { kind: 'add-photo', of, photo, at: 0 });
      expect(photoIds(added.job)).toEqual([...photoIds(job), 'p1']);
      expect(after(added.job, added.inverse).job).toEqual(job);
    }
    const gone = applyCommand(job, { kind: 'remove-photo', of: { gateId: 'final' }, id: 'p1' });
    expect(isRefusal(gone) && gone.refused).toMatchObject({ kind: 'gone', what: 'gate' });
  });
});

describe('work that was covered', () => {
  const covered = (on: string, passed: string | null) =>
    evaluateJob(
      withDays(demoJob, {
        gates: [gate('rough-in', { passed: passed === null ? null : { by: 'B', at: passed } })],
        done: [
          { id: 'backfill yard', hours: 2, on },
          { id: 'dig yard', hours: 2, on },
        ],
      }),
    ).days.map(({ code, severity, subject }) => [code, severity, 'stepId' in subject ? subject.stepId : '']);

  test('before the gate was passed is a stop; on its day or after it is none; what covers nothing is none', () => {
    const stop = [['work.before-inspection', 'stop', 'backfill yard']];
    expect(covered('2026-03-20', null)).toEqual(stop);
    expect(covered('2026-03-20', '2026-03-23T09:00')).toEqual(stop);
    expect(covered('2026-03-23', '2026-03-23T09:00')).toEqual([]);
    expect(covered('2026-03-24', '2026-03-23T09:00')).toEqual([]);
  });
});

describe('a trench', () => {
  const plan = (late: boolean) => {
    const step = (id: string, hours: number, place: string, after: readonly string[] = []) => ({
      id,
      hours,
      place,
      people: 1 as const,
      after,
      dead: false,
    });
    const made = workPlan({
      from: '2026-03-16',
      hours: [7.5, 16],
      workdays: [1, 2, 3, 4, 5],
      people: 2,
      steps: [
        { ...step('dig', 2, 'trench'), late },
        step('rough', 6, 'house'),
        step('lay', 1, 'trench', ['dig', 'rough']),
      ],
      gates: [],
    });
    if (isNoPlan(made)) throw new Error('No plan.');
    return { finish: made.finish, dig: made.steps[0]?.parts[0]?.start };
  };

  test('stands open no longer than it has to: dug as late as nothing else moves', () => {
    expect(plan(false)).toEqual({ finish: '2026-03-16T14:30', dig: '2026-03-16T07:30' });
    expect(plan(true)).toEqual({ finish: '2026-03-16T14:30', dig: '2026-03-16T11:30' });
    for (const { id, kind, placed } of daysOf(demoJob).steps) {
      if (kind !== 'dig') continue;
      const next = daysOf(demoJob).steps.filter(({ after: before }) => before.includes(id));
      expect(next.every((each) => placed.start + placed.minutes <= each.placed.start)).toBe(true);
    }
  });
});

describe('hours that are done', () => {
  test('of a circuit count once all of its own steps are done, beside its hours by the units', () => {
    const own = DEMO.steps.filter(({ circuitIds }) => circuitIds.join() === 'carport-charger');
    const done = own.map(({ id }) => ({ id, hours: 2, on: '2026-03-17' }));
    expect(daysOf(withDays(demoJob, { done: done.slice(1) })).done).toEqual([]);
    const [only, ...others] = daysOf(withDays(demoJob, { done })).done;
    expect(others).toEqual([]);
    expect(only).toMatchObject({ id: 'carport-charger', family: 'ev', tookH: 2 * own.length });
    const evaluation = evaluateJob(demoJob);
    const { parts } = jobEstimate(evaluation, { list: defaultPrices, cuts: new CutDesk(), elsewhere: [] });
    const part = parts.find(({ key }) => key === 'circuit carport-charger');
    expect(only && only.unitH < (part?.unitH ?? 0)).toBe(true);
    expect(only?.unitH).toBeGreaterThan(0);
  });
});
