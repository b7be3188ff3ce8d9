/** A point in plan, feet. */
export type Point = readonly [x: number, y: number];

/** The sides of an outline in its order, the last one back to its first point. */
export const outlineSides = (points: readonly Point[]): readonly (readonly [Point, Point])[] =>
  points.map((point, at) => [point, points[(at + 1) % points.length] ?? point]);

/** Corners of a rectangle that is centered on the origin, its length along x. */
export function rectangleCorners(lengthFt: number, widthFt: number): readonly Point[] {
  const [x, y] = [lengthFt / 2, widthFt / 2];
  return [
    [x, y],
    [-x, y],
    [-x, -y],
    [x, -y],
  ];
}

/** How far two points are apart, feet. */
export const apart = ([x1, y1]: Point, [x2, y2]: Point): number => Math.hypot(x2 - x1, y2 - y1);

/** The sides of the upright box around points, feet or pixels as they are. */
export interface Bounds {
  readonly left: number;
  readonly right: number;
  readonly low: number;
  readonly high: number;
}

/** The upright box around points. */
export function boundsOf(points: readonly Point[]): Bounds {
  const xs = points.map(([x]) => x);
  const ys = points.map(([, y]) => y);
  return { left: Math.min(...xs), right: Math.max(...xs), low: Math.min(...ys), high: Math.max(...ys) };
}

/** The middle of the upright box around points. */
export function middleOfBounds(points: readonly Point[]): Point {
  const { left, right, low, high } = boundsOf(points);
  return [(left + right) / 2, (low + high) / 2];
}
