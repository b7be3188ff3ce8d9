import type { Point } from './point';

/** Two sides of an outline that meet where they should not: by the number of their first point, from 1, and where. */
export interface Crossing {
  readonly sides: readonly [number, number];
  readonly at: Point;
}

type Side = readonly [from: Point, to: Point];

const EPSILON = 1e-9;

const cross = ([ax, ay]: Point, [bx, by]: Point, [cx, cy]: Point): number =>
  (bx - ax) * (cy - ay) - (by - ay) * (cx - ax);

const onSide = ([x, y]: Point, [[x1, y1], [x2, y2]]: Side): boolean =>
  x >= Math.min(x1, x2) - EPSILON &&
  x <= Math.max(x1, x2) + EPSILON &&
  y >= Math.min(y1, y2) - EPSILON &&
  y <= Math.max(y1, y2) + EPSILON;

/** Where two sides meet; undefined where they do not. */
function meeting(a: Side, b: Side): Point | undefined {
  const [p, q] = a;
  const [r, s] = b;
  const [onR, onS] = [cross(p, q, r), cross(p, q, s)];
  const [onP, onQ] = [cross(r, s, p), cross(r, s, q)];
  if (Math.abs(onR) < EPSILON && onSide(r, a)) return r;
  if (Math.abs(onS) < EPSILON && onSide(s, a)) return s;
  if (Math.abs(onP) < EPSILON && onSide(p, b)) return p;
  if (Math.abs(onQ) < EPSILON && onSide(q, b)) return q;
  if (onR > 0 === onS > 0 || onP > 0 === onQ > 0) return undefined;
  const share = onP / (onP - onQ);
  return [p[0] + (q[0] - p[0]) * share, p[1] + (q[1] - p[1]) * share];
}

/** A side with the box around it. */
interface Boxed {
  readonly side: Side;
  readonly left: number;
  readonly right: number;
  readonly low: number;
  readonly high: number;
}

const boxed = (side: Side): Boxed => {
  const [[x1, y1], [x2, y2]] = side;
  return {
    side,
    left: Math.min(x1, x2) - EPSILON,
    right: Math.max(x1, x2) + EPSILON,
    low: Math.min(y1, y2) - EPSILON,
    high: Math.max(y1, y2) + EPSILON,
  };
};

/** Whether the boxes around two sides lie apart: then they cannot meet. */
const liesApart = (a: Boxed, b: Boxed): boolean =>
  a.right < b.left || b.right < a.left || a.high < b.low || b.high < a.low;

/** Two points nearer than this are one, feet. */
const ONE_POINT_FT = 0.01;

const hasNoLength = ([from, to]: Side): boolean =>
  Math.hypot(to[0] - from[0], to[1] - from[1]) < ONE_POINT_FT;

/** Whether a side folds back on the one before it. */
function foldsBack([from, at]: Side, [, to]: Side): boolean {
  const straight = Math.abs(cross(from, at, to)) < EPSILON;
  const [ax, ay] = [at[0] - from[0], at[1] - from[1]];
  const [bx, by] = [to[0] - at[0], to[1] - at[1]];
  return straight && ax * bx + ay * by < 0;
}

/** What an outline encloses, square feet. */
export const enclosedArea = (outline: readonly Point[]): number =>
  Math.abs(
    outline.reduce((sum, [x, y], at) => {
      const [nextX, nextY] = outline[(at + 1) % outline.length] ?? [x, y];
      return sum + (x * nextY - nextX * y) / 2;
    }, 0),
  );

/** The first place at which an outline crosses, touches or folds back on itself; undefined where it does not. */
export function outlineCrossing(outline: readonly Point[]): Crossing | undefined {
  const sides = outline.map((from, at) => boxed([from, outline[(at + 1) % outline.length] ?? from]));
  for (const [i, a] of sides.entries()) {
    const next = (i + 1) % sides.length;
    const after = sides[next];
    if (after !== undefined && (hasNoLength(a.side) || foldsBack(a.side, after.side)))
      return { sides: [i + 1, next + 1], at: a.side[1] };
    for (let j = i + 2; j < sides.length; j += 1) {
      const b = sides[j];
      // The last side ends where the first begins.
      if (b === undefined || (i === 0 && j === sides.length - 1) || liesApart(a, b)) continue;
      const at = meeting(a.side, b.side);
      if (at !== undefined) return { sides: [i + 1, j + 1], at };
    }
  }
  return undefined;
}
