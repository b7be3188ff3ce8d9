import { isDark } from '../../../src/core/days/closedTimes';
import ICAL from 'ical.js';
import { describe, expect, test } from 'vitest';
import { daysFile } from '../../../src/core/days/daysFile';
import type { DayGate, JobDays } from '../../../src/core/days/jobDays';
import type { JobStep } from '../../../src/core/days/jobStep';
import { jobWork } from '../../../src/core/days/jobSteps';
import { CutDesk } from '../../../src/core/estimate/cutDesk';
import { jobEstimate } from '../../../src/core/estimate/jobEstimate';
import { applyCommand, isRefusal } from '../../../src/core/job/commands';
import { demoJob } from '../../../src/core/job/demo/demoJob';
import { evaluateJob } from '../../../src/core/job/evaluateJob';
import type { Job } from '../../../src/core/job/jobSchema';
import { defaultPrices } from '../../../src/core/price/defaultPrices';
import {
  becauseWords,
  deadWords,
  finishWords,
  gateState,
  stepName,
  stepShort,
  whenWords,
} from '../../../src/core/wording/daysWords';
import { clockWords, momentWords } from '../../../src/core/wording/momentWords';
import { calendarFile } from '../../../src/features/days/calendarFile';
import { movedBy } from '../../../src/features/days/moveStep';
import { riverLayout, timeAt } from '../../../src/ui/pictures/days/riverLayout';
import { circuit, load, segment } from '../../support/circuits';
import { begins, daysOf, gate, stepIn, withDays } from '../../support/jobDays';
import { after, jobOf } from '../../support/jobs';

const workOf = (job: Job) => {
  const evaluation = evaluateJob(job);
  return jobWork(
    evaluation,
    jobEstimate(evaluation, { list: defaultPrices, cuts: new CutDesk(), elsewhere: [] }),
  );
};
const ends = ({ steps }: JobDays, id: string): string => stepIn(steps, id).placed.parts.at(-1)?.end ?? '';

const DEMO = daysOf(demoJob);

describe('the steps of a job', () => {
  const { steps, gates } = workOf(demoJob);
  const kindsOf = (id: string): readonly string[] =>
    steps.filter(({ circuitIds }) => circuitIds.join() === id).map(({ kind }) => kind);

  test('of a circuit follow from its route: what is indoors, what lies in a trench, what is pulled', () => {
    expect(kindsOf('carport-charger')).toEqual(['rough', 'trim']);
    expect(kindsOf('deck-tub')).toEqual(['dig', 'backfill', 'conduit', 'rough', 'pull', 'trim']);
    // The studio lies in the trench of the garage: dug and filled once.
    expect(kindsOf('kiln')).toEqual(['conduit', 'rough', 'pull', 'trim']);
    expect(stepIn(steps, 'conduit kiln').after).toEqual(['dig yard']);
    expect(kindsOf('garage-feeder')).toContain('subpanel');
  });

  test('take two people where a pull is heavy, and where two are there', () => {
    const far = {
      ...demoJob,
      circuits: demoJob.circuits.map((each) =>
        each.id === 'garage-feeder'
          ? { ...each, pins: { size: '4/0' as const }, run: each.run.map((at) => ({ ...at, bendsDeg: 270 })) }
          : each,
      ),
    };
    const pulls = (job: Job): number => stepIn(workOf(job).steps, 'pull garage-feeder').people;
    const pounds = evaluateJob(far).routes.flatMap(({ report }) => report.pulls.map((pull) => pull.pounds));
    expect(Math.max(...pounds)).toBeGreaterThan(100);
    expect(pulls(withDays(far, { people: 2 }))).toBe(2);
    expect(pulls(withDays(far, { people: 1 }))).toBe(1);
    expect(stepIn(workOf(withDays(demoJob, { people: 2 })).steps, 'pull kiln').people).toBe(1);
  });

  test('outdoors are in the dark before sunrise and after sunset, and only there', () => {
    const step = stepIn(steps, 'dig yard');
    const part = (start: string, end: string) => ({
      ...step,
      parts: [{ start: `2026-03-16T${start}`, end: `2026-03-16T${end}` }],
    });
    const dark = (start: string, end: string, place = step.place) =>
      isDark({ ...step, place }, part(start, end) as never, [7, 18]);
    expect([dark('06:30', '09:00'), dark('07:00', '18:00'), dark('16:00', '18:30')]).toEqual([
      true,
      false,
      true,
    ]);
    expect(dark('06:30', '09:00', 'house')).toBe(false);
    expect(isDark(step, part('06:30', '09:00') as never, null)).toBe(false);
  });

  test('hold all hours of the estimate, at the pace of past jobs, and an hour to hand over', () => {
    const evaluation = evaluateJob(demoJob);
    const { hours } = jobEstimate(evaluation, { list: defaultPrices, cuts: new CutDesk(), elsewhere: [] });
    const sum = (of: 'low' | 'likely' | 'high') => steps.reduce((all, step) => all + step.hours[of], 0);
    expect(sum('likely')).toBeCloseTo(hours.likely + 1, 6);
    expect(sum('low')).toBeCloseTo(hours.low + 1, 6);
    expect(sum('high')).toBeCloseTo(hours.high + 1, 6);
  });

  test('a trench: a third of its hours fills it again, after the inspector', () => {
    const dig = stepIn(steps, 'dig yard');
    const fill = stepIn(steps, 'backfill yard');
    expect(fill.hours.likely / (dig.hours.likely + fill.hours.likely)).toBeCloseTo(0.35, 9);
    expect([dig.gate, fill.gate, fill.covers, dig.covers]).toEqual(['call', 'trench', true, false]);
  });

  test('the far end first, the panel last with the house dead, then proving, then the final', () => {
    const panel = stepIn(steps, 'panel');
    expect(panel).toMatchObject({ dead: true, place: 'panel' });
    expect(panel.after).toEqual(expect.arrayContaining(['trim carport-charger', 'pull kiln']));
    // Circuits of the garage end in its subpanel: the house stays alive for them.
    expect(panel.circuitIds).not.toContain('compressor');
    expect(stepIn(steps, 'prove').after).toContain('panel');
    expect(stepIn(steps, 'energize').after).toEqual(
      expect.arrayContaining(['prove', 'backfill yard', 'cover pool']),
    );
    expect(stepIn(steps, 'hand-over')).toMatchObject({ gate: 'final', after: ['energize'] });
    expect(gates.map(({ id }) => id)).toEqual(['permit', 'call', 'trench', 'rough-in', 'bonding', 'final']);
  });

  test('without a trench there is no call, without water no bonding; nothing at all of nothing', () => {
    const plain = workOf(jobOf([circuit({ id: 'a', name: 'Heater', appliance: load(), run: [segment()] })]));
    expect(plain.gates.map(({ id }) => id)).toEqual(['permit', 'rough-in', 'final']);
    expect(plain.steps.map(({ id }) => id)).toEqual([
      'rough a',
      'trim a',
      'panel',
      'prove',
      'energize',
      'hand-over',
    ]);
    expect(workOf(jobOf([]))).toEqual({ steps: [], gates: [] });
    expect(daysOf(jobOf([])).finish).toBeNull();
  });

  test('what was not passed is mended before its gate is asked again', () => {
    const failed = withDays(demoJob, { gates: [gate('rough-in', { failed: 'Box over full' })] });
    const mending = workOf(failed);
    expect(stepIn(mending.steps, 'mend rough-in').after).toContain('rough carport-charger');
    expect(
      stepIn<{ readonly id: string; readonly after: readonly string[] }>(mending.gates, 'rough-in').after,
    ).toContain('mend rough-in');
    expect(stepName(stepIn(mending.steps, 'mend rough-in'), failed)).toBe('Mend for the rough-in inspection');
    const passed = gate('rough-in', { failed: 'Box', passed: { by: 'J', at: '2026-03-20T09:00' } });
    expect(workOf(withDays(demoJob, { gates: [passed] })).steps.some(({ kind }) => kind === 'mend')).toBe(
      false,
    );
  });
});

describe('the days of a job', () => {
  test('begin on its first day, and no cover passes a shut gate', () => {
    expect(DEMO.steps.map(({ id }) => begins(DEMO, id)).toSorted()[0]).toBe('2026-03-16T07:30');
    const roughIn = stepIn(DEMO.gates, 'rough-in').opens;
    expect(roughIn).toBe('2026-03-23T12:00');
    for (const { id, gate: own } of DEMO.steps) {
      if (own === null) continue;
      const { opens } = stepIn(DEMO.gates, own);
      expect([id, begins(DEMO, id) >= opens]).toEqual([id, true]);
    }
    const unset = withDays(demoJob, { from: null });
    expect(begins(daysOf(unset, '2026-04-06'), 'dig well 0') >= '2026-04-06T07:30').toBe(true);
  });

  test('nothing is dug before the ticket, nothing begun before the permit', () => {
    const late = daysOf({ ...demoJob, locate: { ticket: 'X', date: '2026-03-18' } });
    expect(begins(late, 'dig well 0') >= '2026-03-18T07:30').toBe(true);
    expect(stepIn(late.gates, 'call').record.passed).toEqual({ by: 'ticket X', at: '2026-03-18T00:00' });
    // Without a ticket three days of work are waited.
    const none = daysOf({ ...demoJob, locate: null });
    expect(begins(none, 'dig well 0') >= '2026-03-19T07:30').toBe(true);
    const booked = withDays(
      { ...demoJob, locate: null },
      { gates: [gate('call', { booked: '2026-03-17T07:30' })] },
    );
    expect(stepIn(daysOf(booked).gates, 'call').opens).toBe('2026-03-17T07:30');
    const permit = gate('permit', { booked: '2026-03-25T13:00' });
    const waiting = daysOf(withDays(demoJob, { gates: [permit] }));
    for (const { id } of waiting.steps)
      expect([id, begins(waiting, id) >= '2026-03-25T13:00']).toEqual([id, true]);
  });

  test('more people never end later; longer days never end later', () => {
    const alone = daysOf(withDays(demoJob, { people: 1, gates: [] }));
    const two = daysOf(withDays(demoJob, { people: 2, gates: [] }));
    expect((two.finish ?? '') < (alone.finish ?? '')).toBe(true);
    expect(alone.personH).toHaveLength(1);
    const long = daysOf(withDays(demoJob, { people: 2, gates: [], hours: [7, 17] }));
    expect((long.finish ?? '') <= (two.finish ?? '')).toBe(true);
  });

  test('the range: low hours end no later, high hours no earlier', () => {
    const { low, high } = DEMO.range;
    expect((low ?? '') <= (DEMO.finish ?? '')).toBe(true);
    expect((high ?? '') >= (DEMO.finish ?? '')).toBe(true);
    expect(finishWords(DEMO)).toMatch(
      /^Done March 27, 2026; with the range of hours March 27, 2026 to March 30/,
    );
  });

  test('a step that was moved begins no earlier, and what waits for it follows', () => {
    const step = stepIn(DEMO.steps, 'rough kitchen-range');
    const moved = movedBy(step, 8.5 * 60 * 2, demoJob.days, '2026-03-16');
    const later = daysOf(withDays(demoJob, { moved }));
    expect(begins(later, step.id) >= (moved[0]?.earliest ?? 'z')).toBe(true);
    expect(begins(later, 'trim kitchen-range') >= ends(later, step.id)).toBe(true);
    expect(movedBy(step, -100_000, demoJob.days, '2026-03-16')[0]?.earliest).toBe('2026-03-16T07:30');
    // A gate holds it all the same, and is the reason then.
    const early = [
      { id: 'backfill yard', earliest: '2026-03-17T08:00' },
      { id: 'trim deck-tub', earliest: '2026-03-20T16:00' },
    ];
    const held = daysOf(withDays(demoJob, { moved: early }));
    expect(begins(held, 'backfill yard') >= '2026-03-23T12:00').toBe(true);
    expect(stepIn(held.steps, 'trim deck-tub').because).toEqual({ kind: 'gate', id: 'rough-in' });
    const afterGate = [{ id: 'trim deck-tub', earliest: '2026-04-06T10:00' }];
    expect(stepIn(daysOf(withDays(demoJob, { moved: afterGate })).steps, 'trim deck-tub').because).toEqual({
      kind: 'moved',
    });
  });

  test('a step that is done takes the hours that it took', () => {
    const done = [{ id: 'dig well 0', hours: 3, on: '2026-03-16' }];
    expect(stepIn(daysOf(withDays(demoJob, { done })).steps, 'dig well 0').placed.minutes).toBe(180);
  });

  test('what is done stays on its day, in the order in which it was signed; nothing else lies before now', () => {
    const done = [
      { id: 'rough carport-charger', hours: 2, on: '2026-03-18' },
      { id: 'rough kitchen-range', hours: 1.5, on: '2026-03-18' },
      { id: 'dig well 0', hours: 10, on: '2026-03-18' },
    ];
    const days = daysOf(withDays(demoJob, { done }), '2026-03-19T10:05');
    const parts = (id: string) => stepIn(days.steps, id).placed.parts;
    expect(parts('rough carport-charger')).toEqual([{ start: '2026-03-18T07:30', end: '2026-03-18T09:30' }]);
    expect(parts('rough kitchen-range')).toEqual([{ start: '2026-03-18T09:30', end: '2026-03-18T11:00' }]);
    // Longer than a day: it began on the day before.
    expect(parts('dig well 0').map(({ start }) => start.slice(0, 10))).toEqual(['2026-03-17', '2026-03-18']);
    for (const step of days.steps) {
      expect(step.isDone).toBe(done.some(({ id }) => id === step.id));
      if (!step.isDone) expect(step.placed.parts[0]!.start >= '2026-03-19T10:15', step.id).toBe(true);
    }
    expect(days.from).toBe('2026-03-19');
    // From the next quarter of an hour on.
    const starts = days.steps.flatMap(({ isDone, placed }) => (isDone ? [] : [placed.parts[0]!.start]));
    expect(starts.toSorted()[0]).toBe('2026-03-19T10:15');
  });

  test('the plan of a job that is to begin does not know the time; the hour after closing is the next day', () => {
    expect(daysOf(demoJob, '2026-03-02T15:00').finish).toBe(DEMO.finish);
    const late = daysOf(demoJob, '2026-03-17T18:00');
    expect(late.steps.every(({ placed }) => placed.parts[0]!.start >= '2026-03-18T07:30')).toBe(true);
  });

  test('all of it done, it ended when the last of it was done', () => {
    const done = DEMO.steps.map(({ id }) => ({ id, hours: 0.1, on: '2026-03-17' }));
    const days = daysOf(withDays(demoJob, { done }), '2026-04-01T08:00');
    expect(days.finish?.slice(0, 10)).toBe('2026-03-17');
    expect(days.range).toEqual({ low: days.finish, high: days.finish });
  });

  test('what was mended stays in the plan where it was done, though its gate was passed since', () => {
    const done = [{ id: 'mend rough-in', hours: 1, on: '2026-03-19' }];
    const record = gate('rough-in', {
      refused: [{ what: 'Box over full', at: '2026-03-18T09:00' }],
      passed: { by: 'J', at: '2026-03-20T09:00' },
    });
    const days = daysOf(withDays(demoJob, { done, gates: [record] }), '2026-03-20T10:00');
    expect(begins(days, 'mend rough-in').slice(0, 10)).toBe('2026-03-19');
    const again = gate('rough-in', {
      ...record,
      passed: null,
      failed: 'No plates',
      failedAt: '2026-03-20T09:00',
    });
    const twice = daysOf(withDays(demoJob, { done, gates: [again] }), '2026-03-20T10:00');
    expect(begins(twice, 'mend rough-in 2') >= '2026-03-20T10:00').toBe(true);
    expect(stepName(stepIn(twice.steps, 'mend rough-in 2'), demoJob)).toBe(
      'Mend for the rough-in inspection',
    );
    expect(daysFile(twice, demoJob, stepName).gates.find(({ id }) => id === 'rough-in')?.failed).toEqual([
      { when: '2026-03-18T09:00', what: 'Box over full', mendedBy: 'mend rough-in' },
      { when: '2026-03-20T09:00', what: 'No plates', mendedBy: 'mend rough-in 2' },
    ]);
  });

  test('without a ticket the marks take three business days, whatever days the crew works', () => {
    const opens = (workdays: number[]) =>
      stepIn<DayGate>(
        daysOf(
          withDays({ ...demoJob, locate: null }, { workdays, gates: [], from: '2026-03-20' }),
          '2026-03-16',
        ).gates,
        'call',
      ).opens;
    // Friday the 20th: Monday and Tuesday follow, on Wednesday they are there.
    expect(opens([1, 2, 3, 4, 5]).slice(0, 10)).toBe('2026-03-25');
    expect(opens([1, 2, 3, 4, 5, 6, 7]).slice(0, 10)).toBe('2026-03-25');
  });

  test('a trench stands open over the nights between dig and fill', () => {
    const nights = new Set<string>();
    for (const { id, kind } of DEMO.steps)
      if (kind === 'dig')
        for (let day = 16; day < 31; day += 1) {
          const date = `2026-03-${day}`;
          const key = id.replace('dig', 'backfill');
          if (date >= begins(DEMO, id).slice(0, 10) && date < ends(DEMO, key).slice(0, 10)) nights.add(date);
        }
    expect(DEMO.openNights).toBe(nights.size);
    expect(DEMO.deadH).toBeCloseTo(stepIn(DEMO.steps, 'panel').placed.minutes / 60, 9);
  });

  test('are edited and undone; what does not fit is refused by its field', () => {
    const { job, inverse } = after(demoJob, { kind: 'change', part: 'days', fields: { people: 1 } });
    expect(after(job, inverse).job).toEqual(demoJob);
    const outcome = applyCommand(demoJob, { kind: 'change', part: 'days', fields: { workdays: [] } });
    expect(isRefusal(outcome)).toBe(true);
  });
});

describe('what is said of the days', () => {
  test('steps, times, gates and reasons in the words of the trade', () => {
    const name = (id: string): string => stepName(stepIn<JobStep>(DEMO.steps, id), demoJob);
    expect([name('dig yard'), name('ring pool'), name('panel')]).toEqual([
      'Dig: Feeder, garage',
      'Bond: Pool',
      'Land the circuits in the panel',
    ]);
    expect(stepShort(stepIn<JobStep>(DEMO.steps, 'backfill deck-tub 1'), demoJob)).toBe('4 Backfill');
    expect([
      clockWords('2026-03-16T07:30'),
      clockWords('2026-03-16T12:05'),
      clockWords('2026-03-16T00:10'),
    ]).toEqual(['7:30', '12:05 pm', '12:10']);
    expect(momentWords('2026-03-22T13:00')).toBe('Sun 22, 1:00 pm');
    expect(whenWords(stepIn(DEMO.steps, 'dig well 0'))).toBe('Mon 16, 7:30 to Tue 17, 8:00');
    const reason = (id: string): string => becauseWords(stepIn(DEMO.steps, id), DEMO, demoJob);
    expect(reason('dig well 0')).toBe('It begins with the work.');
    expect(reason('trim deck-tub')).toBe('Rough-in inspection: opens Mon 23, 12:00 pm.');
    expect(reason('panel')).toMatch(/^It waits for Trim: /);
    expect(gateState(stepIn(DEMO.gates, 'rough-in'))).toBe('Booked for Mon 23, 9:00 to 12:00 pm');
    expect(gateState(stepIn(DEMO.gates, 'final'))).toBe('Not booked');
    expect(deadWords(demoJob)).toContain('the well pump is dead');
    expect(deadWords(jobOf([]))).not.toContain('well pump');
  });

  test('every reason is one of this plan', () => {
    for (const { id, because, placed } of DEMO.steps) {
      if (because?.kind === 'step' || because?.kind === 'resource')
        expect([id, ends(DEMO, because.id) <= (placed.parts[0]?.start ?? '')]).toEqual([id, true]);
      if (placed.start > 0) expect([id, because]).not.toEqual([id, null]);
    }
  });
});

describe('the calendar file', () => {
  test('is read back by a calendar: every piece of work at its local time, gates that are booked with an alarm', async () => {
    const text = await calendarFile(DEMO, demoJob);
    const events = new ICAL.Component(ICAL.parse(text) as unknown[])
      .getAllSubcomponents('vevent')
      .map((each) => new ICAL.Event(each));
    const parts = DEMO.steps.flatMap(({ placed }) => placed.parts);
    expect(events).toHaveLength(parts.length + 2);
    const panel = events.filter(({ summary }) => summary === 'Land the circuits in the panel');
    const own = stepIn(DEMO.steps, 'panel').placed.parts;
    expect(panel.map(({ startDate, endDate }) => [startDate.toString(), endDate.toString()])).toEqual(
      own.map(({ start, end }) => [`${start}:00`, `${end}:00`]),
    );
    const inspection = events.find(({ summary }) => summary === 'Rough-in inspection');
    expect(inspection?.startDate.toString()).toBe('2026-03-23T09:00:00');
    expect(
      inspection?.component.getFirstSubcomponent('valarm')?.getFirstPropertyValue('trigger')?.toString(),
    ).toBe('-PT60M');
    expect(new Set(events.map(({ uid }) => uid)).size).toBe(events.length);
  });
});

describe('the picture', () => {
  const lanes = ['house', 'trench'];
  const at = (id: string, lane: string, start: string, end: string) => ({
    id,
    lane,
    name: id,
    hours: '',
    parts: [{ start, end }],
    people: [1],
    dead: false,
    covers: false,
  });

  test('time runs down: the later the lower, days one under the other, gates where they open', () => {
    const layout = riverLayout(
      [
        at('a', 'house', '2026-03-16T07:30', '2026-03-16T09:30'),
        at('b', 'trench', '2026-03-17T07:30', '2026-03-17T08:30'),
      ],
      [
        { id: 'early', name: '', opens: '2026-03-12T10:00', isOpen: true },
        { id: 'night', name: '', opens: '2026-03-16T20:00', isOpen: false },
        { id: 'noon', name: '', opens: '2026-03-17T12:00', isOpen: false },
      ],
      lanes,
      [7.5, 16],
      { leftPx: 66, lanePx: 300 },
    );
    const [a, b] = layout.strokes;
    const [early, night, noon] = layout.gates.map(({ y }) => y);
    const [first, second] = layout.days;
    expect([a?.lane, b?.lane]).toEqual([0, 1]);
    expect((a?.h ?? 0) / (b?.h ?? 1)).toBeCloseTo(2, 9);
    expect(a?.y).toBe(first?.y);
    expect([early! < first!.y, night! > a!.y && night! <= second!.y, noon! > b!.y]).toEqual([
      true,
      true,
      true,
    ]);
    expect(layout.heightPx).toBeGreaterThan((second?.y ?? 0) + (second?.h ?? 0));
    // The way back, to the half hour; in the night it is the end of the day before.
    const hours = [7.5, 16] as const;
    expect(timeAt(layout, hours, b?.y ?? 0)).toBe('2026-03-17T07:30');
    expect(timeAt(layout, hours, (b?.y ?? 0) + (b?.h ?? 0) * 1.4)).toBe('2026-03-17T09:00');
    expect(timeAt(layout, hours, (second?.y ?? 0) - 4)).toBe('2026-03-16T16:00');
    expect(timeAt(layout, hours, -100)).toBe('2026-03-16T07:30');
  });
});
