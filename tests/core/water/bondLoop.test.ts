import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { bondLoop } from '../../../src/core/water/bondLoop';
import { enclosedArea, outlineCrossing } from '../../../src/core/water/outlineCrossing';
import { parallelCurve } from '../../../src/core/water/parallelCurve';
import type { Point } from '../../../src/core/water/point';
import { runs } from '../../support/luck';

const loopOf = (polygon: readonly Point[], offsetIn = 18) => bondLoop({ polygon }, offsetIn).loopFt;
const length = (points: readonly Point[]): number =>
  points.reduce((sum, [x, y], at) => {
    const [nx, ny] = points[(at + 1) % points.length]!;
    return sum + Math.hypot(nx - x, ny - y);
  }, 0);

const L: readonly Point[] = [
  [0, 0],
  [30, 0],
  [30, 12],
  [14, 12],
  [14, 28],
  [0, 28],
];

describe('the bonding loop is the parallel curve of the outline (680.26(B)(2))', () => {
  test.each([
    [{ circle: { diameterFt: 20 } }, Math.PI * 23],
    [{ rectangle: { lengthFt: 32, widthFt: 16 } }, 96 + 3 * Math.PI],
    [{ stadium: { lengthFt: 30, widthFt: 15 } }, Math.PI * 15 + 30 + 3 * Math.PI],
  ] as const)('%j, 18 in outside', (outline, loopFt) => {
    expect(bondLoop(outline, 18).loopFt).toBeCloseTo(loopFt, 6);
  });

  test('a hollow corner is cut short by twice the distance, and turns by none', () => {
    // Five corners turn outward by a quarter circle each; the hollow one takes 2 x 1.5 ft away.
    expect(loopOf(L)).toBeCloseTo(116 + 5 * (Math.PI / 2) * 1.5 - 2 * 1.5, 3);
    expect(loopOf([...L].reverse())).toBeCloseTo(loopOf(L), 6);
  });

  test('a niche that is too narrow to enter is bridged', () => {
    const niche: readonly Point[] = [
      [0, 0],
      [20, 0],
      [20, 10],
      [11, 10],
      [11, 4],
      [9, 4],
      [9, 10],
      [0, 10],
    ];
    // 2 ft across between offsets of 1.5 ft: the loop passes the mouth of it in two arcs that meet over its middle.
    const arc = 1.5 * Math.asin(1 / 1.5);
    expect(loopOf(niche)).toBeCloseTo(60 - 2 + 3 * Math.PI + 2 * arc, 2);
    expect(loopOf(niche)).toBeLessThan(bondLoop({ polygon: niche }, 18).perimeterFt);
  });

  test('a void that the loop encloses is no part of it', () => {
    // A ring of a pool, open by half a foot: the loop closes over the gap.
    const ring: readonly Point[] = [
      [0, 0],
      [40, 0],
      [40, 40],
      [20.25, 40],
      [20.25, 30],
      [30, 30],
      [30, 10],
      [10, 10],
      [10, 30],
      [19.75, 30],
      [19.75, 40],
      [0, 40],
    ];
    expect(loopOf(ring)).toBeGreaterThan(160);
    expect(loopOf(ring)).toBeLessThan(160 + 3 * Math.PI + 0.1);
  });

  test('a spike is rounded at its point', () => {
    const spike: readonly Point[] = [
      [0, 0],
      [20, 0],
      [20, 10],
      [10.1, 10],
      [10, 30],
      [9.9, 10],
      [0, 10],
    ];
    const curve = parallelCurve(spike, 1.5);
    expect(Math.max(...curve.map(([, y]) => y))).toBeCloseTo(31.5, 3);
  });

  test('no point of it is nearer to the outline than its distance, nor farther', () => {
    const outline = fc
      .array(fc.double({ min: 4, max: 20, noNaN: true }), { minLength: 5, maxLength: 12 })
      .map((radii): readonly Point[] =>
        radii.map((r, at) => {
          const turn = (at / radii.length) * 2 * Math.PI;
          return [r * Math.cos(turn), r * Math.sin(turn)];
        }),
      );
    const near = (p: Point, a: Point, b: Point): number => {
      const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
      const t = Math.max(
        0,
        Math.min(1, ((p[0] - a[0]) * dx + (p[1] - a[1]) * dy) / (dx * dx + dy * dy || 1)),
      );
      return Math.hypot(p[0] - a[0] - t * dx, p[1] - a[1] - t * dy);
    };
    fc.assert(
      fc.property(outline, fc.double({ min: 1, max: 2, noNaN: true }), (points, offsetFt) => {
        for (const at of parallelCurve(points, offsetFt)) {
          const distance = Math.min(
            ...points.map((from, side) => near(at, from, points[(side + 1) % points.length]!)),
          );
          expect(Math.abs(distance - offsetFt)).toBeLessThan(2e-4);
        }
      }),
      runs(60),
    );
  });

  test('more distance is a longer loop', () => {
    expect(loopOf(L, 24)).toBeGreaterThan(loopOf(L, 18));
    expect(length(parallelCurve(L, 2))).toBeCloseTo(loopOf(L, 24), 9);
  });
});

describe('an outline that crosses itself', () => {
  test.each([
    [
      [
        [0, 0],
        [10, 10],
        [10, 0],
        [0, 10],
      ],
      { sides: [1, 3], at: [5, 5] },
    ],
    [
      [
        [0, 0],
        [10, 0],
        [10, 8],
        [5, 0],
        [0, 8],
      ],
      { sides: [1, 3], at: [5, 0] },
    ],
    [
      [
        [0, 0],
        [10, 0],
        [4, 0],
        [4, 6],
      ],
      { sides: [1, 2], at: [10, 0] },
    ],
  ] as const)('%j is named by its place', (outline, crossing) => {
    expect(outlineCrossing(outline)).toEqual(crossing);
  });

  test('one that does not is passed', () => {
    expect(outlineCrossing(L)).toBeUndefined();
    expect(enclosedArea(L)).toBe(30 * 12 + 14 * 16);
  });

  test('points that coincide are refused where they are', () => {
    const same: readonly Point[] = [
      [0, 0],
      [0, 0],
      [5, 5],
    ];
    expect(outlineCrossing(same)?.at).toEqual([0, 0]);
  });
});
