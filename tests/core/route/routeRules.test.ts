import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { edition } from '../../../src/core/code/edition';
import { bendMarks, offsetBend } from '../../../src/core/route/bendMarks';
import { pullBoxLength, tradeInches } from '../../../src/core/route/pullBox';
import { sumBends } from '../../../src/core/route/pullPoints';
import {
  conductorPullLimit,
  pullThrough,
  reversed,
  weightCorrection,
  type PullPart,
} from '../../../src/core/route/pullTension';
import { conductorCount } from '../../../src/core/rules/racewayFill';
import { thermalGrowth } from '../../../src/core/route/thermalGrowth';
import { trenchFor } from '../../../src/core/route/trench';
import { packConductors, worstOverlap } from '../../../src/core/route/packConductors';
import { tapeInches } from '../../../src/core/wording/routeWords';
import { runs } from '../../support/luck';

const code = edition(2023);

describe('pulling', () => {
  const bend: PullPart = { kind: 'bend', degrees: 90, radiusIn: 9.5 };
  const route: readonly PullPart[] = [
    { kind: 'straight', lengthFt: 150, riseFt: 0 },
    bend,
    { kind: 'straight', lengthFt: 40, riseFt: 0 },
    bend,
  ];
  // Three 1/0 in 2 in PVC: 0.40 lb a foot each, friction 0.35, weight correction 1.2.
  const wire = { poundsPerFt: 1.2, friction: 0.35, correction: 1.2 };

  test('the worked example: 76, 146, 166 and 322 lb, and 407 lb/ft on the wall', () => {
    const { after, pounds, sidewall } = pullThrough(route, wire);
    expect(after.map((each) => Math.round(each))).toEqual([76, 146, 166, 322]);
    expect(pounds).toBeCloseTo(322, 0);
    expect(sidewall?.lbPerFt).toBeCloseTo(407, 0);
    expect(sidewall?.at).toBe(3);
  });

  test('the conductors bear 8 thousandths of a pound for each circular mil, four fifths of it for three', () => {
    expect(conductorPullLimit('1/0', 'cu', 3, code)).toBeCloseTo(0.008 * 3 * 105600 * 0.8, 6);
    expect(conductorPullLimit('1/0', 'cu', 1, code)).toBeCloseTo(844.8, 6);
  });

  test('the same way from its other end has its bends first and its rise as a fall', () => {
    const up: readonly PullPart[] = [bend, { kind: 'straight', lengthFt: 20, riseFt: 20 }];
    expect(reversed(up)[0]).toEqual({ kind: 'straight', lengthFt: 20, riseFt: -20 });
    expect(pullThrough(reversed(up), wire).pounds).toBe(0);
    expect(pullThrough(up, wire).pounds).toBeCloseTo(24, 9);
  });

  test('a longer way or a sharper bend never pulls easier', () => {
    const part = fc.record({
      lengthFt: fc.integer({ min: 1, max: 200 }),
      degrees: fc.integer({ min: 0, max: 90 }),
    });
    fc.assert(
      fc.property(part, fc.integer({ min: 1, max: 60 }), ({ lengthFt, degrees }, more) => {
        const pounds = (ft: number, deg: number) =>
          pullThrough(
            [
              { kind: 'straight', lengthFt: ft, riseFt: 0 },
              { kind: 'bend', degrees: deg, radiusIn: 8 },
            ],
            wire,
          ).pounds;
        return (
          pounds(lengthFt + more, degrees) > pounds(lengthFt, degrees) &&
          pounds(lengthFt, degrees + more) > pounds(lengthFt, degrees)
        );
      }),
    );
  });

  test('three press wider than they weigh, one does not', () => {
    expect(weightCorrection(1, 0.5, 2)).toBe(1);
    expect(weightCorrection(3, 0.486, 2.047)).toBeCloseTo(1 + (4 / 3) * (0.486 / (2.047 - 0.486)) ** 2, 9);
    expect(weightCorrection(9, 0.2, 1)).toBe(1.4);
  });
});

describe('bends', () => {
  test.each([
    [10, 5.76, 0.087],
    [22.5, 2.61, 0.199],
    [30, 2, 0.268],
    [45, 1.41, 0.414],
    [60, 1.15, 0.577],
  ])('an offset at %d° has multiplier %d and shrinks %d in an inch', (angle, multiplier, shrink) => {
    const found = offsetBend(angle, 1);
    expect(found.multiplier).toBeCloseTo(multiplier, 2);
    expect(found.shrinkIn).toBeCloseTo(shrink, 3);
  });

  test('the worked offset of 6 in at 30°: marks 12 in apart, 1.61 in lost, the far one past the obstacle by that', () => {
    const { marks, shrinkIn, degrees } = bendMarks({ kind: 'offset', angleDeg: 30, riseIn: 6, toIn: 40 });
    expect(shrinkIn).toBeCloseTo(1.61, 2);
    expect(marks.map(({ atIn }) => atIn)).toEqual([expect.closeTo(29.608, 2), expect.closeTo(41.608, 2)]);
    expect(degrees).toBe(60);
  });

  test('a saddle of three: center 3/16 in for each inch farther, outer marks 2-1/2 in for each inch to both sides', () => {
    const { marks } = bendMarks({ kind: 'saddle-3', riseIn: 4, toIn: 30 });
    expect(marks.map(({ atIn }) => atIn)).toEqual([20.75, 30.75, 40.75]);
  });

  test('a saddle of four shrinks twice, and passes the width between its inner marks', () => {
    const { marks, shrinkIn, degrees } = bendMarks({
      kind: 'saddle-4',
      angleDeg: 30,
      riseIn: 4,
      widthIn: 10,
      toIn: 50,
    });
    expect(marks[2]!.atIn - marks[1]!.atIn).toBeCloseTo(10, 9);
    expect(shrinkIn).toBeCloseTo(2 * offsetBend(30, 4).shrinkIn, 9);
    expect(degrees).toBe(120);
  });

  test('a stub less its take-up, a kick by its sine, back to back as measured', () => {
    expect(bendMarks({ kind: 'stub', riseIn: 14, takeUpIn: 6 }).marks[0]!.atIn).toBe(8);
    expect(bendMarks({ kind: 'kick', riseIn: 12, travelIn: 24, toIn: 20 }).degrees).toBeCloseTo(30, 9);
    expect(bendMarks({ kind: 'back-to-back', betweenIn: 47 }).marks[0]).toMatchObject({
      atIn: 47,
      degrees: 90,
    });
  });

  test.each([
    [[[90, 90]], true, 180, 0],
    [[[90, 90, 90, 90]], true, 360, 0],
    [[[90, 90, 90, 90, 30, 30]], true, 420, 1],
    [
      [
        [90, 90, 90],
        [90, 90],
      ],
      false,
      450,
      1,
    ],
    [
      [
        [90, 90, 90],
        [90, 90],
      ],
      true,
      270,
      0,
    ],
    [[[]], true, 0, 0],
  ])('%j ending at pull points %s: %d°, %d to add', (pieces, toPullPoint, degrees, needed) => {
    const sum = sumBends(
      pieces.map((bendsDeg) => ({ bendsDeg, toPullPoint })),
      360,
    );
    expect(sum).toMatchObject({ degrees, needed });
  });

  test('with the pull points that it asks for, no part passes the limit', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 5, max: 90 }), { maxLength: 30 }), (bendsDeg) => {
        const { before } = sumBends([{ bendsDeg, toPullPoint: true }], 360);
        const cuts = [0, ...before.map(({ bend }) => bend), bendsDeg.length];
        return cuts
          .slice(1)
          .every((end, at) => bendsDeg.slice(cuts[at], end).reduce((sum, each) => sum + each, 0) <= 360);
      }),
    );
  });

  test.each([
    [13.625, '13-5/8 in'],
    [0.0625, '1/16 in'],
    [12, '12 in'],
    [-2.5, '-2-1/2 in'],
    [46.8125, '46-13/16 in'],
    [0.99, '1 in'],
  ])('%d is %s on the tape', (inches, words) => {
    expect(tapeInches(inches)).toBe(words);
  });
});

describe('growth, boxes for large wire, trenches', () => {
  test('100 ft of PVC grow 4.06 in over 100 °F; 6 ft grow 0.24; metal is not asked', () => {
    expect(thermalGrowth('pvc40', 100, 100)).toBeCloseTo(4.06, 9);
    expect(thermalGrowth('pvc80', 6, 100)).toBeCloseTo(0.2436, 9);
    expect(thermalGrowth('emt', 100, 100)).toBe(0);
  });

  test.each([
    ['straight', ['2'], 16],
    ['angle', ['2'], 12],
    ['angle', ['1-1/4'], 7.5],
    ['angle', ['2', '1'], 13],
  ] as const)('%s with %j: %d in', (turn, trades, inches) => {
    expect(pullBoxLength(turn, trades)).toBe(inches);
  });

  test('a trade size in inches is what its name says', () => {
    expect((['1/2', '1-1/4', '3-1/2'] as const).map(tradeInches)).toEqual([0.5, 1.25, 3.5]);
  });

  test('1 in PVC at 18 in of cover is dug 22 in deep, at 24 in 28', () => {
    expect(trenchFor([{ coverIn: 18, outsideIn: 1.315 }], 60).depthIn).toBe(22);
    expect(trenchFor([{ coverIn: 24, outsideIn: 1.315 }], 60).depthIn).toBe(28);
    expect(trenchFor([{ coverIn: 18, outsideIn: 1.315 }], 60).soilYd3).toBeCloseTo((22 * 6 * 720) / 46656, 9);
  });

  test('ways in one trench lie apart and inside it, and the deepest decides', () => {
    const route = fc.record({
      coverIn: fc.integer({ min: 6, max: 36 }),
      outsideIn: fc.double({ min: 0.4, max: 4, noNaN: true }),
    });
    fc.assert(
      fc.property(fc.array(route, { minLength: 1, maxLength: 6 }), (routes) => {
        const { acrossIn, widthIn, depthIn } = trenchFor(routes, 10);
        const edges = routes.map(
          ({ outsideIn }, at) => [acrossIn[at]! - outsideIn / 2, acrossIn[at]! + outsideIn / 2] as const,
        );
        expect(
          edges.every(
            ([left, right], at) => left >= (edges[at - 1]?.[1] ?? 0) + 2 - 1e-9 && right <= widthIn,
          ),
        ).toBe(true);
        expect(depthIn).toBeGreaterThanOrEqual(
          Math.max(...routes.map(({ coverIn, outsideIn }) => coverIn + outsideIn)) + 2 - 1e-9,
        );
      }),
    );
  });
});

describe('the published counts of THHN and THWN-2, 14 to 4 AWG', () => {
  test.each([
    ['EMT', '1/2', [12, 9, 5, 3, 2, 1]],
    ['EMT', '3/4', [22, 16, 10, 6, 4, 2]],
    ['EMT', '1', [35, 26, 16, 9, 7, 4]],
    ['ENT', '3/4', [18, 13, 8, 5, 3, 1]],
    ['ENT', '1', [32, 23, 15, 8, 6, 4]],
    ['FMC', '1/2', [13, 9, 6, 3, 2, 1]],
    ['FMC', '1', [33, 24, 15, 9, 6, 4]],
    ['IMC', '3/4', [24, 17, 11, 6, 4, 3]],
    ['IMC', '1', [39, 29, 18, 10, 7, 4]],
    ['LFMC', '1/2', [13, 9, 6, 3, 2, 1]],
    ['LFMC', '1', [36, 26, 16, 9, 7, 4]],
    ['LFNC', '3/4', [22, 16, 10, 6, 4, 2]],
    ['LFNC', '1', [36, 26, 16, 9, 7, 4]],
    ['RMC', '1/2', [13, 9, 6, 3, 2, 1]],
    ['RMC', '1', [36, 26, 17, 9, 7, 4]],
    ['PVC80', '1/2', [9, 6, 4, 2, 1, 1]],
    ['PVC80', '1', [28, 20, 13, 7, 5, 3]],
    ['PVC40', '1/2', [11, 8, 5, 3, 1, 1]],
    ['PVC40', '3/4', [21, 15, 9, 5, 4, 2]],
    ['PVC40', '1', [34, 25, 15, 9, 6, 4]],
  ] as const)('%s %s', (raceway, trade, counts) => {
    const found = (['14', '12', '10', '8', '6', '4'] as const).map((size) =>
      conductorCount(raceway, trade, 'THWN-2', size, code),
    );
    expect(found).toEqual(counts);
  });
});

describe('conductors in a raceway, seen end on', () => {
  test('come to lie apart and inside, whatever their sizes, up to the fill that is allowed', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0.1, max: 0.6, noNaN: true }), { minLength: 3, maxLength: 20 }),
        (diameters) => {
          const insideIn = Math.sqrt(diameters.reduce((sum, each) => sum + each ** 2, 0) / 0.4);
          const packed = packConductors(diameters, insideIn);
          expect(worstOverlap(packed)).toBeLessThanOrEqual(0);
          for (const { x, y, r } of packed)
            expect(Math.hypot(x, y) + r).toBeLessThanOrEqual(insideIn / 2 + 1e-9);
        },
      ),
      runs(60),
    );
  });

  test('what cannot fit still overlaps, and says so', () => {
    expect(worstOverlap(packConductors([0.8, 0.8], 1))).toBeGreaterThan(0.1);
  });
});
