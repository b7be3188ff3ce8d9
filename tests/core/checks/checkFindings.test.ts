import { describe, expect, test } from 'vitest';
import { freshCheck, type CircuitCheck } from '../../../src/core/checks/checksDocument';
import { findingSentence } from '../../../src/core/wording/findings';
import { demoJob } from '../../../src/core/job/demo/demoJob';
import { evaluateJob } from '../../../src/core/job/evaluateJob';

const PROVED: Partial<CircuitCheck> = {
  off: true,
  dead: { before: 240, dead: 0, after: 240 },
  insulationMohm: 400,
  groundOhms: 0.05,
};

/** What is found of the charger of the demo with such readings. */
const found = (part: Partial<CircuitCheck>) => {
  const checks = [{ ...freshCheck('carport-charger'), ...part }];
  return evaluateJob({ ...demoJob, checks }).proof;
};
const codes = (part: Partial<CircuitCheck>) =>
  found(part).map(({ code, severity, data }) => [code, severity, 'figure' in data ? data.figure : '']);

const terminals = evaluateJob(demoJob).check('carport-charger')?.terminals ?? [];
const allTorqued = terminals.map(({ key, torqueLbIn }) => ({
  terminal: key,
  first: torqueLbIn,
  second: torqueLbIn,
}));

describe('findings of the finished work', () => {
  test('none while nothing is out, nor for what is not read yet', () => {
    expect(found(PROVED)).toEqual([]);
    expect(evaluateJob({ ...demoJob, checks: [] }).proof).toEqual([]);
  });

  test.each([
    [{ dead: { before: 240, dead: 3, after: 240 } }, 'stop', 'dead'],
    [{ dead: { before: 240, dead: 0, after: 12 } }, 'stop', 'dead'],
    [{ insulationMohm: 0.9 }, 'stop', 'insulation'],
    [{ insulationMohm: 1 }, 'check', 'insulation'],
    [{ insulationMohm: 24 }, 'check', 'insulation'],
    [{ groundOhms: 9 }, 'stop', 'ground'],
    [{ riseC: 31 }, 'stop', 'temperature'],
  ] as const)('%j: a %s about %s', (part, severity, figure) => {
    expect(codes({ ...PROVED, ...part })).toEqual([['check.figure', severity, figure]]);
  });

  test('a reading out of its band is a stop, counted', () => {
    const readings = [
      { at: 'A', pair: 'L1G', on: false, volts: 120 },
      { at: 'B', pair: 'L1G', on: false, volts: 90 },
      { at: 'B', pair: 'L2G', on: false, volts: 60 },
    ] as const;
    const [finding] = found({ ...PROVED, readings: [...readings] });
    expect(finding).toMatchObject({ code: 'check.reading', severity: 'stop', data: { out: 2 } });
    expect(finding && findingSentence(finding)).toMatch(/^2 readings outside of their bands/);
  });

  test('torque off its label is told at once; what is missing once the circuit is left', () => {
    const [first, ...others] = allTorqued;
    if (first === undefined) throw new Error('no terminals');
    const off = [{ ...first, second: first.first * 1.07 }, ...others];
    expect(found({ ...PROVED, torque: off })).toMatchObject([
      { code: 'check.torque', severity: 'check', data: { off: 1, once: 0, missing: 0 } },
    ]);
    const once = [{ ...first, second: null }, ...others.slice(1)];
    expect(found({ ...PROVED, torque: once })).toEqual([]);
    expect(found({ ...PROVED, torque: once, left: 'locked' })).toMatchObject([
      { code: 'check.torque', data: { off: 0, once: 1, missing: 1 } },
    ]);
    expect(found({ ...PROVED, torque: allTorqued, left: 'locked' })).toEqual([]);
  });

  test('left on with a figure out is a stop; left on with steps not done a check', () => {
    const left = { ...PROVED, torque: allTorqued, left: 'on' } as const;
    expect(found({ ...left, insulationMohm: 0.5 }).at(-1)).toMatchObject({
      code: 'check.left-on',
      severity: 'stop',
    });
    expect(found(left)).toMatchObject([{ code: 'check.left-on', severity: 'check' }]);
  });

  test('lengths as built move the bands', () => {
    const run = demoJob.circuits.find(({ id }) => id === 'carport-charger')?.run ?? [];
    const low = (built: CircuitCheck['built']) =>
      evaluateJob({ ...demoJob, checks: [{ ...freshCheck('carport-charger'), built }] })
        .check('carport-charger')
        ?.report?.expected.findLast(({ pair, on }) => on && pair === 'L1L2')?.low ?? 0;
    const doubled = run.map(({ id, lengthFt }) => ({ segment: id, lengthFt: 2 * lengthFt }));
    expect(low(doubled)).toBeLessThan(low([]));
  });
});
