import { describe, expect, test } from 'vitest';
import type { Circuit } from '../../../src/core/circuit/circuitSchema';
import { evaluateJob } from '../../../src/core/job/evaluateJob';
import { freshMemo } from '../../../src/core/job/jobMemo';
import type { Job } from '../../../src/core/job/jobSchema';
import { FRESH_HOUSE } from '../../../src/core/service/freshHouse';
import type { ChargerGroup } from '../../../src/core/service/houseSchema';
import { appliance } from '../../support/appliances';
import { charger, circuit, segment, solve } from '../../support/circuits';
import { jobOf } from '../../support/jobs';
import { panel } from '../../support/panels';

const chargers = ['a', 'b', 'c'].map((id) =>
  circuit({ id, name: `Charger ${id}`, appliance: charger({ outputAmps: 40 }) }),
);

const group = (part: Partial<ChargerGroup> = {}): ChargerGroup => ({
  id: 'g',
  name: 'Garage chargers',
  limitA: 48,
  listed: true,
  circuitIds: ['a', 'b', 'c'],
  feederId: null,
  ...part,
});

const house = (groups: ChargerGroup[], part: Partial<Job['house']> = {}): Pick<Job, 'house'> => ({
  house: { ...FRESH_HOUSE, areaFt2: 1800, ratingA: 200, method: 'standard', groups, ...part },
});

const chargersIn = (job: Job) =>
  evaluateJob(job).service.report.additions.filter(({ kind }) => kind === 'ev');

const feederCircuit = (part: Partial<Circuit> = {}) =>
  circuit({
    id: 'feeder',
    appliance: appliance('feeder', { loadVA: 2400, continuousVA: 0, volts: 240, neutral: true }),
    run: [segment({ method: 'emt' })],
    ...part,
  });

describe('chargers under one limit (625.42)', () => {
  test('count once in the service, at the limit: 48 A × 240 V = 11,520 VA, not 3 × 9,600 VA', () => {
    expect(chargersIn(jobOf(chargers, house([]))).map(({ va }) => va)).toEqual([9600, 9600, 9600]);
    expect(chargersIn(jobOf(chargers, house([group()]))).map(({ what, va }) => [what, va])).toEqual([
      ['Garage chargers', 11_520],
    ]);
  });

  test('count at their sum where that is less than the limit', () => {
    const job = jobOf(chargers, house([group({ limitA: 200 })]));
    expect(chargersIn(job).map(({ va }) => va)).toEqual([28_800]);
  });

  test('at 208 V the limit is 48 A × 208 V', () => {
    const job = jobOf(chargers, house([group()], { volts: 208 }));
    expect(chargersIn(job).map(({ va }) => va)).toEqual([48 * 208]);
  });

  test('each counts in full, in service and feeder, until the listing was read', () => {
    const job = jobOf([...chargers, feederCircuit()], house([group({ listed: null, feederId: 'feeder' })]));
    expect(chargersIn(job).map(({ va }) => va)).toEqual([9600, 9600, 9600]);
    expect(evaluateJob(job).circuit('feeder')?.solved.figures.ocpd.minA).toBe(10 + 120 * 1.25);
    expect(evaluateJob(job).service.findings.map(({ code }) => code)).toContain('service.charger-group');
  });

  test('each counts in full where they are not listed for it, as a check', () => {
    const job = jobOf(chargers, house([group({ listed: false })]));
    expect(chargersIn(job).map(({ va }) => va)).toEqual([9600, 9600, 9600]);
    expect(evaluateJob(job).service.findings.map(({ code, severity }) => [code, severity])).toContainEqual([
      'service.group-unlisted',
      'check',
    ]);
  });

  test('each branch circuit stays sized for its own charger: 40 A × 125 % = 50 A', () => {
    const job = jobOf(chargers, house([group()]));
    expect(evaluateJob(job).circuits.map(({ solved }) => solved.figures.ocpd.ratingA)).toEqual([50, 50, 50]);
  });

  test('the feeder carries its own load and the limit as continuous: 10 A + 48 A × 125 % = 70 A', () => {
    const alone = jobOf([...chargers, feederCircuit()], house([group()]));
    const carrying = jobOf([...chargers, feederCircuit()], house([group({ feederId: 'feeder' })]));
    const of = (job: Job) => evaluateJob(job).circuit('feeder')?.solved.figures.ocpd;
    expect(of(alone)).toMatchObject({ minA: 10, ratingA: 15 });
    expect(of(carrying)).toMatchObject({ minA: 70, ratingA: 70 });
  });

  test('a change of the limit reaches the feeder through the memo, and a change of the house voltage the circuits', () => {
    const memo = freshMemo();
    const base = jobOf([...chargers, feederCircuit()]);
    const at = (limitA: number, volts: 208 | 240) =>
      evaluateJob({ ...base, ...house([group({ limitA, feederId: 'feeder' })], { volts }) }, memo);
    expect(at(48, 240).circuit('feeder')?.solved.figures.ocpd.minA).toBe(70);
    expect(at(80, 240).circuit('feeder')?.solved.figures.ocpd.minA).toBe(110);
    expect(at(80, 208).findings.map(({ code }) => code)).toContain('load.house-voltage');
    expect(at(80, 240).findings.map(({ code }) => code)).not.toContain('load.house-voltage');
  });

  test('in the panel each is weighed by its share of the limit', () => {
    const job = jobOf(chargers, { ...house([group()]), panels: [panel({})] });
    const weighed = evaluateJob(job).panels[0]?.wanted.map(({ va }) => va);
    expect(weighed).toEqual([3840, 3840, 3840]);
  });
});

describe('several chargers on one circuit (625.40 Ex.)', () => {
  test('two of 48 A kept to 48 A together take a 60 A breaker and 6 AWG in EMT', () => {
    const { figures } = solve({
      appliance: charger({ units: 2, sharedA: 48 }),
      run: [segment({ method: 'emt' })],
    });
    expect(figures).toMatchObject({ load: { continuousA: 48 }, ocpd: { ratingA: 60 }, size: '6' });
  });

  test('without load management their sum is counted, and it stops', () => {
    const { figures, findings } = solve({
      appliance: charger({ units: 2 }),
      run: [segment({ method: 'emt' })],
    });
    expect(figures.load.continuousA).toBe(96);
    expect(findings.find(({ code }) => code === 'load.individual-circuit')?.severity).toBe('stop');
  });
});
