import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { evaluateJob } from '../../../src/core/job/evaluateJob';
import { demoJob } from '../../../src/core/job/demo/demoJob';
import type { Job } from '../../../src/core/job/jobSchema';
import { FRESH_LABOR, type LaborTerms } from '../../../src/core/labor/laborDocument';
import { laborLines } from '../../../src/core/labor/laborLine';
import type { LaborTask } from '../../../src/core/labor/laborTasks';
import { paceOf } from '../../../src/core/labor/pace';
import { inHours, laborCount, paceWords } from '../../../src/core/wording/laborWords';
import { circuit, load, segment } from '../../support/circuits';
import { jobOf } from '../../support/jobs';

/** A heater of 30 A on 40 ft of cable, hardwired. */
const HEATER = circuit({ id: 'a', name: 'Heater', appliance: load(), run: [segment()] });
const withLabor = (job: Job, labor: Partial<LaborTerms>): Job => ({
  ...job,
  quote: { ...job.quote, labor: { ...job.quote.labor, ...labor } },
});
const partOf = (job: Job, key: string) => evaluateJob(job).labor.find((part) => part.key === key);
const hoursOf = (job: Job, task: LaborTask, key = 'circuit a'): number | undefined =>
  partOf(job, key)?.lines.find((line) => line.task === task)?.hours;

describe('the work of a circuit', () => {
  test('is counted by its feet, its ends and its appliance', () => {
    const job = jobOf([HEATER]);
    const lines = partOf(job, 'circuit a')?.lines.map(({ task, count, each }) => [task, count, each]);
    expect(lines).toEqual([
      ['cable', 40, 0.022],
      ['equipment', 1, 0.8],
      ['panel-end', 1, 0.6],
      ['prove', 1, 0.6],
    ]);
    // 40 x 0.022 + 0.8 + 0.6 + 0.6
    expect(partOf(job, 'circuit a')?.unitH).toBeCloseTo(2.88, 9);
  });

  test('an existing circuit, and one that nothing fits, take none', () => {
    const there = jobOf([{ ...HEATER, pins: { ocpdA: 30, size: '10' }, existing: { legal: true } }]);
    const nothing = jobOf([{ ...HEATER, appliance: load({ amps: 5000, continuousAmps: 5000 }) }]);
    expect(evaluateJob(there).labor).toEqual([]);
    expect(evaluateJob(nothing).labor).toEqual([]);
  });

  test('conductors are pulled foot by foot of each, heavy ones by their own figure', () => {
    const run = [segment({ method: 'emt', lengthFt: 50 })];
    const emt = jobOf([{ ...HEATER, run }]);
    expect(hoursOf(emt, 'raceway')).toBeCloseTo(50 * 0.045, 9);
    // Two hots and a ground.
    expect(hoursOf(emt, 'pull')).toBeCloseTo(3 * 50 * 0.006, 9);
    const heavy = jobOf([{ ...HEATER, run, pins: { size: '1' } }]);
    expect(hoursOf(heavy, 'pull')).toBeUndefined();
    expect(hoursOf(heavy, 'pull-heavy')).toBeCloseTo(3 * 50 * 0.014, 9);
    const lighter = jobOf([{ ...HEATER, run, pins: { size: '2' } }]);
    expect(hoursOf(lighter, 'pull-heavy')).toBeUndefined();
  });

  test('an attic and finished walls slow what runs there, each by its factor', () => {
    const attic = jobOf([{ ...HEATER, run: [segment({ place: 'attic' })] }]);
    expect(hoursOf(attic, 'cable')).toBeCloseTo(40 * 0.022 * 1.3, 9);
    const finished = withLabor(jobOf([HEATER]), { finished: ['a'] });
    expect(hoursOf(finished, 'cable')).toBeCloseTo(40 * 0.022 * 1.4, 9);
    expect(hoursOf(withLabor(attic, { finished: ['a'] }), 'cable')).toBeCloseTo(40 * 0.022 * 1.3, 9);
    expect(hoursOf(finished, 'prove')).toBe(0.6);
  });

  test('a trench is dug by its soil, slower in hard ground and in rain, and once for those that share it', () => {
    const key = 'circuit garage-feeder';
    const soil = evaluateJob(demoJob).route('garage-feeder')?.report.burials[0]?.trench.soilYd3 ?? 0;
    expect(soil).toBeGreaterThan(3);
    const soft = withLabor(demoJob, { hardGround: false });
    expect(hoursOf(soft, 'dig', key)).toBeCloseTo(soil * 1.6, 9);
    expect(hoursOf(withLabor(soft, { rain: true }), 'dig', key)).toBeCloseTo(soil * 1.6 * 1.15, 9);
    expect(hoursOf(demoJob, 'dig', key)).toBeCloseTo(soil * 1.6 * 1.25, 9);
    expect(hoursOf(withLabor(demoJob, { rain: true }), 'dig', key)).toBeCloseTo(soil * 1.6 * 1.25 * 1.15, 9);
    expect(hoursOf(demoJob, 'dig', 'circuit kiln')).toBeUndefined();
  });

  test('a raceway that circuits share is run once, by the first of them; each pulls its own wires', () => {
    const shared = (id: string) =>
      circuit({
        ...HEATER,
        id,
        name: id,
        run: [segment({ method: 'emt', lengthFt: 50, shares: { raceway: 'wall' } })],
      });
    const both = jobOf([shared('a'), shared('b')]);
    expect(hoursOf(both, 'raceway', 'circuit a')).toBeCloseTo(50 * 0.045, 9);
    expect(hoursOf(both, 'raceway', 'circuit b')).toBeUndefined();
    expect(hoursOf(both, 'pull', 'circuit b')).toBeGreaterThan(0);
  });

  test('a bored segment is bored, not dug', () => {
    const run = [segment({ method: 'pvc40', place: 'underground', heightFt: -2, lengthFt: 30, bored: true })];
    const job = jobOf([{ ...HEATER, run }]);
    expect(hoursOf(job, 'bore')).toBeCloseTo(30 * 0.2, 9);
    expect(hoursOf(job, 'dig')).toBeUndefined();
  });

  test('an old panel slows its end there; a circuit that is fed from a spa panel ends elsewhere', () => {
    const old = withLabor(jobOf([HEATER, { ...HEATER, id: 'b', name: 'Pump', feedId: 'a' }]), {
      oldPanel: true,
    });
    expect(hoursOf(old, 'panel-end')).toBeCloseTo(0.72, 9);
    expect(hoursOf(old, 'panel-end', 'circuit b')).toBe(0.6);
  });

  test('two people take more hours together, and a figure set by hand is used as it is', () => {
    const two = withLabor(jobOf([HEATER]), { people: 2 });
    expect(partOf(two, 'circuit a')?.unitH).toBeCloseTo(2.88 * 1.2, 9);
    const own = withLabor(jobOf([HEATER]), { units: { cable: 0.05 }, factors: { two: 1.1 }, people: 2 });
    expect(hoursOf(own, 'cable')).toBeCloseTo(40 * 0.05 * 1.1, 9);
    expect(partOf(own, 'circuit a')?.lines[0]).toMatchObject({ byHand: true, each: 0.05 });
  });

  test('panel and water take theirs', () => {
    // Two tandems of the demo.
    expect(hoursOf(demoJob, 'tandem', 'panel utility')).toBeCloseTo(0.6, 9);
    const lines = partOf(demoJob, 'water pool')?.lines.map(({ task }) => task);
    expect(lines).toEqual(['bond-wire', 'bond-joint']);
  });
});

describe('alike work', () => {
  test('is one line, and never loses an hour', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 200 }), { minLength: 1, maxLength: 8 }), (counts) => {
        const source = { kind: 'circuit', id: 'a' } as const;
        const needs = counts.map((count, at) => ({
          task: 'cable' as const,
          source,
          segment: at,
          count,
          slowedBy: at % 2 === 0 ? (['attic'] as const) : [],
        }));
        const lines = laborLines(needs, FRESH_LABOR);
        expect(lines.length).toBe(Math.min(2, counts.length));
        const apart = needs.reduce((sum, need) => sum + (laborLines([need], FRESH_LABOR)[0]?.hours ?? 0), 0);
        expect(lines.reduce((sum, { hours }) => sum + hours, 0)).toBeCloseTo(apart, 9);
      }),
    );
  });
});

describe('the pace of past jobs', () => {
  const past = (...ratios: number[]) => ratios.map((ratio) => ({ unitH: 4, tookH: 4 * ratio }));

  test('is the middle one, and its band leaves out the lowest and the highest', () => {
    const pace = paceOf(past(1.75, 0.88, 1.0, 1.1, 1.3));
    expect([pace.low, pace.likely, pace.high, pace.known]).toEqual([1.0, 1.1, 1.3, true]);
    expect(paceWords(pace)).toBe('3 past jobs of 5 in the band');
    const even = paceOf(past(1, 1.1, 1.2, 1.3, 1.4, 2));
    expect(even.likely).toBeCloseTo(1.25, 9);
  });

  test('with fewer than five there is no band, and it says so', () => {
    const pace = paceOf(past(2, 2, 2, 2));
    expect([pace.low, pace.likely, pace.high, pace.known]).toEqual([0.85, 1, 1.3, false]);
    expect(paceWords(pace)).toContain('4 past jobs only of this kind: 5 make a band');
    expect(paceWords(paceOf([]))).toContain('No past job of this kind');
  });

  test('the band holds the middle, whatever the jobs took', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0.2, max: 5, noNaN: true }), { minLength: 5 }), (ratios) => {
        const { low, likely, high } = paceOf(past(...ratios));
        expect(low).toBeLessThanOrEqual(likely);
        expect(likely).toBeLessThanOrEqual(high);
      }),
    );
  });
});

test('hours and counts are said to the tenth', () => {
  expect([inHours(7.66), laborCount(1.36, 'yd3'), laborCount(62, 'ft'), laborCount(2, 'each')]).toEqual([
    '7.7 h',
    '1.4 yd³',
    '62 ft',
    '2',
  ]);
});
