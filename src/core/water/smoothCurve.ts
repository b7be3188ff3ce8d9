import type { Point } from './point';

/** Straight pieces that stand for the curve between two of its points: chords within a quarter inch for any pool. */
const PIECES = 12;

/** A cubic that leaves `b` along the line from `a` to `c` and arrives at `c` along the line from `b` to `d`. */
const between = (a: number, b: number, c: number, d: number, share: number): number =>
  0.5 *
  (2 * b + (c - a) * share + (2 * a - 5 * b + 4 * c - d) * share ** 2 + (3 * b - 3 * c + d - a) * share ** 3);

/** A closed smooth curve through points (a Catmull-Rom spline), as an outline of many short sides. */
export const smoothCurve = (points: readonly Point[]): readonly Point[] =>
  points.flatMap((from, at) => {
    const before = points.at(at - 1) ?? from;
    const to = points[(at + 1) % points.length] ?? from;
    const after = points[(at + 2) % points.length] ?? from;
    return Array.from({ length: PIECES }, (_, piece): Point => {
      const share = piece / PIECES;
      return [
        between(before[0], from[0], to[0], after[0], share),
        between(before[1], from[1], to[1], after[1], share),
      ];
    });
  });
