import { area, EndType, inflatePaths, JoinType } from 'clipper2-ts';
import type { Point } from './point';

/** Whole units that the library reckons in, to the foot. */
const UNITS_PER_FT = 1e5;
/** How far a chord may lie inside its arc, in feet: for measuring, and for drawing. */
const MEASURED_FT = 1e-5;
/** Curves that are only drawn may lie a sixteenth of an inch off. */
export const DRAWN_FT = 0.005;
const MITER_LIMIT = 2;

/**
 * The outer parallel curve of an outline, whichever way it is drawn: corners rounded, hollows followed where there is
 * room. Voids that the curve encloses are left out.
 *
 * @param offsetFt Distance outside, feet.
 * @param chordFt How far a chord may lie inside its arc, feet.
 */
export function parallelCurve(
  outline: readonly Point[],
  offsetFt: number,
  chordFt = MEASURED_FT,
): readonly Point[] {
  const path = outline.map(([x, y]) => ({
    x: Math.round(x * UNITS_PER_FT),
    y: Math.round(y * UNITS_PER_FT),
  }));
  const curves = inflatePaths(
    [path],
    offsetFt * UNITS_PER_FT,
    JoinType.Round,
    EndType.Polygon,
    MITER_LIMIT,
    chordFt * UNITS_PER_FT,
  );
  const outer = curves.toSorted((a, b) => Math.abs(area(b)) - Math.abs(area(a)))[0] ?? [];
  return outer.map(({ x, y }) => [x / UNITS_PER_FT, y / UNITS_PER_FT] as const);
}
