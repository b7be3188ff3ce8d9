import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { Outline } from '../../../src/core/water/bondLoop';
import type { Point } from '../../../src/core/water/point';
import { reachToWater, straightToWater, type Barrier } from '../../../src/core/water/reach';
import { waterEdge } from '../../../src/core/water/waterEdge';
import { runs } from '../../support/luck';

/** 16 x 32 ft with its corner at the origin, the long side along x. */
const POOL: readonly Point[] = [
  [0, 0],
  [32, 0],
  [32, 16],
  [0, 16],
];
const pool = waterEdge({ polygon: POOL });
const path = (at: Point, ...barriers: readonly Barrier[]) => reachToWater(pool, at, barriers)?.pathFt ?? null;
const wall = (x1: number, y1: number, x2: number, y2: number): Barrier => [
  [x1, y1],
  [x2, y2],
];

describe('straight distance to the inside wall', () => {
  test.each<[string, Outline, Point, number]>([
    ['a circle', { circle: { diameterFt: 24 } }, [20, 0], 8],
    ['an oval at its end', { oval: { lengthFt: 32, widthFt: 16 } }, [20, 0], 4],
    ['an oval at its side', { oval: { lengthFt: 32, widthFt: 16 } }, [0, -11], 3],
    ['a stadium at its corner', { stadium: { lengthFt: 32, widthFt: 16 } }, [8 + 9, 9], Math.hypot(9, 9) - 8],
    ['a rectangle at its corner', { rectangle: { lengthFt: 32, widthFt: 16 } }, [19, 12], 5],
    ['above the water', { circle: { diameterFt: 24 } }, [3, 4], 0],
  ])('%s', (_, outline, at, ft) => {
    expect(straightToWater(waterEdge(outline), at)).toBeCloseTo(ft, 9);
  });

  test('the nearest point of an oval is no farther than any other of it', () => {
    const [a, b] = [16, 8];
    const edge = waterEdge({ oval: { lengthFt: 32, widthFt: 16 } });
    fc.assert(
      fc.property(
        fc.double({ min: -40, max: 40, noNaN: true }),
        fc.double({ min: -40, max: 40, noNaN: true }),
        (x, y) => {
          fc.pre((x / a) ** 2 + (y / b) ** 2 > 1);
          const sampled = Array.from({ length: 4000 }, (_v, at) => (at / 4000) * 2 * Math.PI).map((turn) =>
            Math.hypot(x - a * Math.cos(turn), y - b * Math.sin(turn)),
          );
          const ft = straightToWater(edge, [x, y]);
          expect(ft).toBeLessThanOrEqual(Math.min(...sampled) + 1e-9);
          expect(ft).toBeGreaterThan(Math.min(...sampled) - 1e-3);
        },
      ),
      runs(200),
    );
  });
});

describe('the way of a cord around walls', () => {
  test('a receptacle behind a wall of 20 ft: 19.66 instead of 14 ft', () => {
    expect(path([14, -14])).toBeCloseTo(14, 9);
    expect(path([14, -14], wall(4, -8, 24, -8))).toBeCloseTo(Math.hypot(10, 6) + 8, 9);
    expect(path([14, -14], wall(-6, -8, 40, -8))).toBeCloseTo(Math.hypot(20, 6) + 10, 9);
  });

  test('a switch at 4 ft: short walls do not save it, long ones do', () => {
    expect(path([16, -4])).toBeCloseTo(4, 9);
    expect(path([16, -4], wall(14.5, -3, 17.5, -3))).toBeCloseTo(Math.hypot(1.5, 1) + 3, 9);
    expect(path([16, -4], wall(12, -3, 20, -3))).toBeCloseTo(Math.hypot(4, 1) + 3, 9);
    expect(path([16, -4], wall(10, -2, 22, -2))).toBeCloseTo(Math.hypot(6, 2) + 2, 9);
  });

  test('the disconnect of a tub at 3.5 ft behind a wall: 7.28 ft', () => {
    const tub = waterEdge({
      polygon: [
        [0, 0],
        [7.5, 0],
        [7.5, 7.5],
        [0, 7.5],
      ],
    });
    expect(reachToWater(tub, [11, 3], [])?.pathFt).toBeCloseTo(3.5, 9);
    const behind = reachToWater(tub, [11, 3], [wall(9.5, -2, 9.5, 8)]);
    expect(behind?.pathFt).toBeCloseTo(Math.hypot(1.5, 5) + Math.hypot(2, 0.5), 2);
  });

  test('through a corner of two walls there is no way, around both there is', () => {
    const corner = [wall(10, -4, 20, -4), wall(20, -4, 20, -20)];
    const around = path([14, -10], ...corner);
    expect(around).toBeCloseTo(Math.hypot(4, 6) + 4, 9);
    expect(path([14, -10], ...corner, wall(20, -20, 10, -20), wall(10, -20, 10, -4))).toBeNull();
  });

  test('walls around the water leave no way', () => {
    expect(
      path([50, 8], wall(-2, -2, 34, -2), wall(34, -2, 34, 18), wall(34, 18, -2, 18), wall(-2, 18, -2, -2)),
    ).toBeNull();
  });

  test('a wall that runs into the water ends the way where it meets the edge', () => {
    // The wall crosses the edge at x = 12 - 4 * 2 / 3.
    expect(path([10, -3], wall(12, -2, 8, 1))).toBeCloseTo(Math.hypot(10 - (12 - 8 / 3), 3), 9);
  });

  test('what stands on a wall counts at the side nearer to the water', () => {
    expect(path([14, -8], wall(4, -8, 24, -8))).toBeCloseTo(8, 9);
  });

  test('one wall that ends on another closes the way between', () => {
    const tee = [wall(0, -6, 32, -6), wall(16, -6, 16, -20)];
    expect(path([15, -8], ...tee)).toBeCloseTo(Math.hypot(15, 2) + 6, 9);
    expect(path([17, -8], ...tee)).toBeCloseTo(Math.hypot(15, 2) + 6, 9);
  });

  test('walls that lie on one another close no more than one of them', () => {
    expect(path([0, -1], wall(0, 0, 0, -25))).toBeCloseTo(1, 9);
    const laid = [wall(0, -9, 0, -4.8), wall(0, 0, 0, -0.5), wall(0, 0, 0, -25)];
    expect(path([0, -1], ...laid)).toBeCloseTo(1, 9);
    expect(path([-30, 0], wall(0, 0, -25, 0), wall(0, 0, -12, 0))).toBeCloseTo(30, 9);
  });

  test('more walls never make the way shorter, and it is never shorter than straight', () => {
    const ft = fc.double({ min: -30, max: 60, noNaN: true });
    const walls = fc.array(fc.tuple(fc.tuple(ft, ft), fc.tuple(ft, ft)), { maxLength: 6 });
    fc.assert(
      fc.property(fc.tuple(ft, ft), walls, (at, given) => {
        const [some, all] = [path(at, ...given.slice(1)) ?? Infinity, path(at, ...given) ?? Infinity];
        expect(all).toBeGreaterThanOrEqual(some - 1e-6);
        expect(some).toBeGreaterThanOrEqual(straightToWater(pool, at) - 1e-9);
      }),
      runs(150),
    );
  });
});

/** To which side of a turn of sight a place is looked at: less than any figure here is told apart by. */
const HAIR = 1e-9;

/** Where on the way from one place to another a line through two more cuts it, as a share; not finite where it never does. */
function shareCut([x1, y1]: Point, [x2, y2]: Point, [ax, ay]: Point, [bx, by]: Point): number {
  const across = (x2 - x1) * (by - ay) - (y2 - y1) * (bx - ax);
  return ((ax - x1) * (by - ay) - (ay - y1) * (bx - ax)) / across;
}

/** The same by another road: every straight way between places that no wall crosses, shortest paths over all of them. */
function byAllPairs(at: Point, barriers: readonly Barrier[]): number {
  const places = [at, ...barriers.flat()];
  const side = ([ax, ay]: Point, [bx, by]: Point, [cx, cy]: Point) =>
    (bx - ax) * (cy - ay) - (by - ay) * (cx - ax);
  const crossed = (p: Point, q: Point) =>
    barriers.some(
      ([a, b]) => side(p, q, a) * side(p, q, b) < -1e-12 && side(a, b, p) * side(a, b, q) < -1e-12,
    );
  const near = (from: Point): number => {
    let best = Infinity;
    for (const [at2, [x1, y1]] of POOL.entries()) {
      const [x2, y2] = POOL[(at2 + 1) % POOL.length]!;
      const long = (x2 - x1) ** 2 + (y2 - y1) ** 2;
      const foot = ((from[0] - x1) * (x2 - x1) + (from[1] - y1) * (y2 - y1)) / long;
      // The nearest place in sight stands square to the edge, at a corner, or where a wall begins or ends to hide it.
      const turns = barriers.flatMap(([a, b]) => [
        shareCut([x1, y1], [x2, y2], from, a),
        shareCut([x1, y1], [x2, y2], from, b),
        shareCut([x1, y1], [x2, y2], a, b),
      ]);
      const shares = [foot, 0, 1, ...turns.flatMap((turn) => [turn, turn - HAIR, turn + HAIR])]
        .filter((share) => Number.isFinite(share))
        .map((share) => Math.max(0, Math.min(1, share)));
      for (const share of shares) {
        const to: Point = [x1 + (x2 - x1) * share, y1 + (y2 - y1) * share];
        if (!crossed(from, to)) best = Math.min(best, Math.hypot(to[0] - from[0], to[1] - from[1]));
      }
    }
    return best;
  };
  const far = places.map((_, index) => (index === 0 ? 0 : Infinity));
  for (let round = 0; round < places.length; round += 1)
    for (const [i, p] of places.entries())
      for (const [j, q] of places.entries())
        if (!crossed(p, q)) far[j] = Math.min(far[j]!, far[i]! + Math.hypot(q[0] - p[0], q[1] - p[1]));
  return Math.min(...places.map((place, index) => far[index]! + near(place)));
}

test('300 random yards agree with shortest paths over all pairs of places', () => {
  // To the hundredth of a foot, as plans are kept.
  const hundredths = (min: number, max: number) =>
    fc.integer({ min: min * 100, max: max * 100 }).map((each) => each / 100);
  const ft = hundredths(-25, 55);
  fc.assert(
    fc.property(
      fc.tuple(ft, hundredths(-25, -1)),
      fc.array(fc.tuple(fc.tuple(ft, ft), fc.tuple(ft, ft)), { minLength: 1, maxLength: 5 }),
      (at, barriers) => {
        const [fast, slow] = [path(at, ...barriers) ?? Infinity, byAllPairs(at, barriers)];
        expect(Number.isFinite(fast)).toBe(Number.isFinite(slow));
        if (Number.isFinite(slow)) expect(fast).toBeCloseTo(slow, 5);
      },
    ),
    runs(120),
  );
});
