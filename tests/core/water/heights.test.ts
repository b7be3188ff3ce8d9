import { describe, expect, test } from 'vitest';
import { edition } from '../../../src/core/code/edition';
import { evaluateJob } from '../../../src/core/job/evaluateJob';
import type { Job } from '../../../src/core/job/jobSchema';
import { platformClearance } from '../../../src/core/water/overhead';
import { surfaceFt } from '../../../src/core/water/surface';
import type { Thing, Yard, YardLine } from '../../../src/core/water/yardSchema';
import { area, CONVENIENCE, POOL, reportIn, thing, TUB, wall, yardJob, yardOf } from '../../support/yards';

const codes = (job: Job): readonly string[] => evaluateJob(job).findings.map(({ code }) => code);
const code = edition(2023, []);
const reachOf = (yard: Partial<Yard>, id: string) =>
  reportIn(yardOf(yard), 'pool', code).things.find((each) => each.thing.id === id);

/** A wall 2 ft off the long side of the pool, along all of it and far past its ends. */
const besidePool = (heightFt: number, long = 60): YardLine =>
  wall(
    'low',
    [
      [-long, 10],
      [long, 10],
    ],
    heightFt,
  );

describe('a wall lower than 5 ft', () => {
  const behind = (wallFt: number, part: Partial<Thing> = {}, long = 60) =>
    reachOf(
      {
        lines: [besidePool(wallFt, long)],
        things: [thing('receptacle', [0, 12], { heightFt: 1.5, ...part })],
      },
      'receptacle',
    )?.reach?.pathFt;

  // By hand: 2 ft to the wall and up, 2 ft to the water and down.
  test('is gone over: 1.5 ft high, 2 ft behind, the water 2 ft past it', () => {
    expect(behind(3)).toBeCloseTo(Math.hypot(2, 1.5) + Math.hypot(2, 3), 9);
    expect(behind(4)).toBeCloseTo(Math.hypot(2, 2.5) + Math.hypot(2, 4), 9);
    expect(behind(3)).toBeCloseTo(6.11, 2);
    expect(behind(4)).toBeCloseTo(7.67, 2);
  });

  test('is no barrier to what stands as high: the cord starts at its top where no height is known', () => {
    expect(behind(3, { heightFt: 3 })).toBeCloseTo(2 + Math.hypot(2, 3), 9);
    const unknown = reachOf({ lines: [besidePool(3)], things: [thing('receptacle', [0, 12])] }, 'receptacle');
    expect(unknown?.reach?.pathFt).toBeCloseTo(2 + Math.hypot(2, 3), 9);
    expect(behind(1, { heightFt: 8 })).toBeCloseTo(4, 9);
  });

  test('is gone around where that is shorter, and from 5 ft on only around', () => {
    expect(behind(4.9, {}, 0.5)).toBeCloseTo(Math.hypot(0.5, 2) + 2, 6);
    expect(behind(5)).toBeGreaterThan(60);
  });

  test('keeps no hand from metal: it is bonded all the same', () => {
    const report = reportIn(
      yardOf({ lines: [besidePool(4)], things: [thing('pole', [0, 12], { metal: true })] }),
      'pool',
      code,
    );
    expect(report.parts.find(({ candidate }) => candidate.id === 'pole')?.verdict.reason).toBe(
      'within-reach',
    );
  });
});

describe('heights above a deck', () => {
  const DECK = area(
    [
      [-20, 10],
      [20, 10],
      [20, 30],
      [-20, 30],
    ],
    36,
  );

  test('the surface at a place is the highest deck that it lies on', () => {
    expect(surfaceFt([0, 20], [DECK])).toBe(3);
    expect(surfaceFt([0, 20], [DECK, { ...DECK, id: 'slab', topIn: -6 }])).toBe(3);
    expect(surfaceFt([0, 9], [DECK])).toBe(0);
    expect(surfaceFt([0, 20], [{ ...DECK, topIn: -6 }])).toBe(-0.5);
  });

  test('the required receptacle is measured from the deck that it stands on', () => {
    const on = (heightFt: number, areas = [DECK]) => {
      const job = yardJob({ areas });
      return codes({ ...job, yard: { ...job.yard, things: [{ ...CONVENIENCE, heightFt }] } });
    };
    expect(on(9.5)).not.toContain('pool.convenience-missing');
    expect(on(9.6)).toContain('pool.convenience-missing');
    expect(on(9.5, [])).toContain('pool.convenience-missing');
  });

  test('the box of an underwater light lies 4 in above its deck and 8 in above the water', () => {
    const box = (heightFt: number, areas = [DECK]) =>
      codes(yardJob({ areas, things: [thing('junction-box', [0, 13], { heightFt })] }));
    expect(box(3 + 4 / 12)).not.toContain('zone.box');
    expect(box(3 + 3 / 12)).toContain('zone.box');
    expect(box(8 / 12, [])).not.toContain('zone.box');
    expect(box(7 / 12, [])).toContain('zone.box');
  });

  test('metal 13 ft up is within reach of somebody on a deck beside it', () => {
    const reason = (areas: readonly (typeof DECK)[]) =>
      reportIn(
        yardOf({ areas: [...areas], things: [thing('pole', [0, 9], { metal: true, heightFt: 13 })] }),
        'pool',
        code,
      ).parts.find(({ candidate }) => candidate.id === 'pole')?.verdict.reason;
    expect(reason([])).toBe('out-of-reach');
    expect(reason([DECK])).toBe('within-reach');
  });
});

describe('a diving board under an overhead line', () => {
  const span = (heightFt: number): Extract<YardLine, { kind: 'overhead' }> => ({
    id: 'span',
    name: 'Service drop',
    kind: 'overhead',
    conductors: 'triplex',
    fromFt: heightFt,
    toFt: heightFt,
    sagFt: 0,
    points: [
      [-40, 0],
      [40, 0],
    ],
  });

  test('is 14.5 ft off a triplex drop, 17 and 18 off others, in any direction', () => {
    expect(platformClearance(span(24.5), [0, 0], 10)).toEqual({ ft: 14.5, minFt: 14.5, ok: true });
    expect(platformClearance(span(24.4), [0, 0], 10).ok).toBe(false);
    expect(platformClearance(span(10), [0, 15], 10).ok).toBe(true);
    expect(platformClearance({ ...span(26.9), conductors: 'open-15kv' }, [0, 0], 10).ok).toBe(false);
    expect(platformClearance({ ...span(28), conductors: 'open-50kv' }, [0, 0], 10).ok).toBe(true);
    expect(platformClearance({ ...span(19.9), conductors: 'communication' }, [0, 0], 10).ok).toBe(false);
  });

  test('is found where the water itself is clear', () => {
    const board = (heightFt: number) =>
      codes(yardJob({ lines: [span(23)], things: [thing('board', [16, 0], { heightFt })] }));
    expect(board(3)).not.toContain('zone.overhead');
    expect(board(10)).toContain('zone.overhead');
  });
});

describe('posts and frost', () => {
  const post = (frostIn: number | null, postIn: number | undefined) =>
    evaluateJob(
      yardJob({
        frostIn,
        things: [thing('receptacle', [24, 0], { gfci: true, ...(postIn !== undefined && { postIn }) })],
      }),
    ).findings.filter(({ code: each }) => each === 'pool.post-frost');

  test('a post reaches below frost, or is asked about', () => {
    expect(post(36, 36)).toEqual([]);
    expect(post(36, undefined)).toEqual([]);
    expect(post(36, 35)[0]?.severity).toBe('check');
    expect(post(null, 35)[0]?.severity).toBe('ask');
  });
});

test('a storable pool takes two circuits; a permanent one is asked by the rule of its receptacle', () => {
  const shared = (kind: 'storable' | 'in-ground') =>
    codes(
      yardJob({
        waters: [{ ...POOL, kind, shell: 'vinyl', depthIn: 36, rimIn: kind === 'storable' ? 36 : 0 }],
        things: [
          thing('pump-receptacle', [24, 0], { gfci: true, circuitId: 'a' }),
          thing('receptacle', [24, 2], { gfci: true, circuitId: 'a' }),
        ],
      }),
    );
  expect(shared('storable')).toContain('pool.storable-circuits');
  expect(shared('in-ground')).not.toContain('pool.storable-circuits');
  expect(codes(yardJob({ waters: [TUB] }))).not.toContain('pool.storable-circuits');
});
