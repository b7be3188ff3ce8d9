import { describe, expect, test } from 'vitest';
import { evaluateJob } from '../../../src/core/job/evaluateJob';
import type { Job } from '../../../src/core/job/jobSchema';
import { walkSteps } from '../../../src/core/water/walk';
import type { Thing, Water } from '../../../src/core/water/yardSchema';
import { CONVENIENCE, POOL, thing, TUB, yardJob } from '../../support/yards';

const codes = (job: Job): readonly string[] => evaluateJob(job).findings.map(({ code }) => code);
const pool = (part: Partial<Water>, job: Partial<Job> = {}) =>
  codes(yardJob({ waters: [{ ...POOL, ...part }] }, job));
const around = (...things: Thing[]) => codes(yardJob({ things }));
/** A yard whose only receptacle is this one. */
const outlet = (at: readonly [number, number], part: Partial<Thing> = {}, water: Partial<Water> = {}) => {
  const job = yardJob({ waters: [{ ...POOL, ...water }] });
  return codes({ ...job, yard: { ...job.yard, things: [{ ...CONVENIENCE, at: [...at], ...part }] } });
};

describe('limits hold at their figure and fail past it', () => {
  test('the ring lies 18 to 24 in off, 4 to 6 in below subgrade', () => {
    for (const ringOffIn of [18, 24]) expect(pool({ ringOffIn })).not.toContain('bond.loop-distance');
    for (const ringOffIn of [17.9, 24.1]) expect(pool({ ringOffIn })).toContain('bond.loop-distance');
    for (const ringDeepIn of [4, 6]) expect(pool({ ringDeepIn })).not.toContain('bond.loop-depth');
    for (const ringDeepIn of [3.9, 6.1]) expect(pool({ ringDeepIn })).toContain('bond.loop-depth');
  });

  test('9 in² of metal wets the water', () => {
    const plate = (wetIn2: number) => around(thing('water-plate', [16, 0], { wetIn2 }));
    expect(plate(9)).not.toContain('bond.water-small');
    expect(plate(8.9)).toContain('bond.water-small');
  });

  test('over 42 in of water a pool with a frame is permanent; molded or inflated walls are storable at any depth', () => {
    const storable = (depthIn: number, shell: Water['shell'] = 'metal-wall') =>
      pool({ kind: 'storable', shell, depthIn, rimIn: depthIn });
    expect(storable(42)).not.toContain('pool.not-storable');
    expect(storable(42.5)).toContain('pool.not-storable');
    expect(storable(60, 'vinyl')).not.toContain('pool.not-storable');
  });

  test('the receptacle of a pool stands 6 to 20 ft along the cord and 6 ft 6 in high at most', () => {
    for (const y of [14, 28]) expect(outlet([0, y])).not.toContain('pool.convenience-missing');
    for (const y of [13.9, 28.1]) expect(outlet([0, y])).toContain('pool.convenience-missing');
    expect(outlet([0, 16], { heightFt: 6.5 })).not.toContain('pool.convenience-missing');
    expect(outlet([0, 16], { heightFt: 6.6 })).toContain('pool.convenience-missing');
    expect(outlet([0, 16], { kind: 'pump-receptacle' })).toContain('pool.convenience-missing');
  });

  test('that of an indoor spa to 10 ft; a storable pool has none', () => {
    const spa = { kind: 'spa-indoor', shell: 'self-contained' } as const;
    expect(outlet([0, 18], {}, spa)).not.toContain('pool.convenience-missing');
    expect(outlet([0, 18.1], {}, spa)).toContain('pool.convenience-missing');
    expect(outlet([0, 60], {}, { kind: 'storable', shell: 'vinyl' })).not.toContain(
      'pool.convenience-missing',
    );
  });

  test('a disconnect is seen from its equipment within 50 ft', () => {
    const at = (x: number) => around(thing('pump', [27, 0]), thing('disconnect', [27 + x, 0]));
    expect(at(50)).not.toContain('zone.disconnect-sight');
    expect(at(50.1)).toContain('zone.disconnect-sight');
  });

  test('the disconnect of a listed tub is seen from the tub itself', () => {
    const tub = (x: number) => codes(yardJob({ waters: [TUB], things: [thing('disconnect', [x, 0])] }));
    expect(tub(3.75 + 50)).not.toContain('zone.disconnect-sight');
    expect(tub(3.75 + 50.1)).toContain('zone.disconnect-sight');
  });

  test('only from 2020 on the ring of a pool that stands high may be spared', () => {
    const high = { kind: 'above-ground', shell: 'metal-wall', rimIn: 52, depthIn: 50, uprights: 16 } as const;
    expect(pool(high)).toContain('bond.height-band');
    expect(pool(high, { edition: 2017 })).not.toContain('bond.height-band');
    expect(pool({ ...high, rimIn: 24 })).not.toContain('bond.height-band');
  });

  test('four ties to concrete without a question; of a metal wall the inspector is asked, of vinyl and fiberglass nobody', () => {
    expect(pool({})).not.toContain('bond.taps');
    expect(pool({ shell: 'metal-wall' })).toContain('bond.taps');
    expect(pool({ shell: 'vinyl' })).not.toContain('bond.taps');
    expect(pool({ taps: 4 })).not.toContain('bond.points');
    expect(pool({ taps: 3 })).toContain('bond.points');
    expect(pool({ taps: 4 })).not.toContain('bond.taps');
    expect(pool({ shell: 'fiberglass' })).not.toContain('bond.taps');
  });

  test('bare steel in concrete is asked about, unless a bonded rail or a plate always wets the water', () => {
    const wet = (part: Partial<Thing>) =>
      codes(yardJob({ things: [thing('rail', [0, 8], { metal: true, fixed: true, ...part })] }));
    expect(pool({})).toContain('bond.water');
    expect(wet({ bonded: true, wetIn2: 9 })).not.toContain('bond.water');
    expect(wet({ bonded: true, wetIn2: 8.9 })).toContain('bond.water');
    expect(wet({ wetIn2: 9 })).toContain('bond.water');
    expect(wet({ bonded: true, wetIn2: 9, isolated: true })).toContain('bond.water');
    expect(codes(yardJob({ things: [thing('water-plate', [16, 0])] }))).not.toContain('bond.water');
  });

  test('of the four sides of the ring each lies on its own', () => {
    const [view] = evaluateJob(yardJob({ waters: [{ ...POOL, at: [5, 3] }] })).waters;
    const at = new Map(walkSteps(view!.report).map((step) => [step.id, step.at] as const));
    expect(at.get('ring-east')?.[0]).toBeCloseTo(5 + 17.75, 2);
    expect(at.get('ring-west')?.[0]).toBeCloseTo(5 - 17.75, 2);
    expect(at.get('ring-north')?.[1]).toBeCloseTo(3 + 9.75, 2);
    expect(at.get('ring-south')?.[1]).toBeCloseTo(3 - 9.75, 2);
  });
});
