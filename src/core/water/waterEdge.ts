import type { Outline } from './bondLoop';
import { boundsOf, outlineSides, rectangleCorners, type Point } from './point';
import { alongSegment, crossingShare, nearestFinder, nearestOn, type Segment } from './segments';

/** The inside wall of a pool or tub, as something to measure to. */
export interface WaterEdge {
  /** Whether a point is above the water. */
  readonly holds: (point: Point) => boolean;
  /** The point of the edge that is nearest; undefined where all are, in the middle of a circle. */
  readonly nearest: (from: Point) => Point | undefined;
  /** Points of the edge that are nearer than those beside them: the nearest is among them. */
  readonly nearPoints: (from: Point) => readonly Point[];
  /** Where a straight line crosses it. */
  readonly crossings: (line: Segment) => readonly Point[];
}

/** Whether a point is inside an outline, by the sides that a ray from it crosses. */
function insideOf(sides: readonly Segment[], [x, y]: Point): boolean {
  let inside = false;
  for (const [[x1, y1], [x2, y2]] of sides) {
    if (y1 > y !== y2 > y && x < x1 + ((y - y1) / (y2 - y1)) * (x2 - x1)) inside = !inside;
  }
  return inside;
}

const STEPS = 256;

/** Where a straight line crosses an edge that only says what it holds: halved to it between places on both sides. */
function crossingsOf(holds: WaterEdge['holds'], line: Segment): readonly Point[] {
  return Array.from({ length: STEPS }, (_, step) => step / STEPS).flatMap((from) => {
    let [low, high] = [from, from + 1 / STEPS];
    const wet = holds(alongSegment(line, low));
    if (holds(alongSegment(line, high)) === wet) return [];
    for (let halving = 0; halving < HALVINGS; halving += 1) {
      const middle = (low + high) / 2;
      if (holds(alongSegment(line, middle)) === wet) low = middle;
      else high = middle;
    }
    return [alongSegment(line, low)];
  });
}

function polygonEdge(points: readonly Point[]): WaterEdge {
  const sides = outlineSides(points);
  const { left, right, low, high } = boundsOf(points);
  return {
    // Most of a yard lies outside of the box around the water.
    holds: (point) =>
      point[0] >= left && point[0] <= right && point[1] >= low && point[1] <= high && insideOf(sides, point),
    crossings: (line) =>
      sides.flatMap((side) => {
        const share = crossingShare(line, side);
        return share === undefined ? [] : [alongSegment(line, share)];
      }),
    nearest: nearestFinder(sides),
    nearPoints: (from) => sides.map((side) => nearestOn(side, from)),
  };
}

/** All that lies within a radius of a straight line: a circle where it has no length. */
function roundedEdge(halfFt: number, radiusFt: number): WaterEdge {
  const spine: Segment = [
    [-halfFt, 0],
    [halfFt, 0],
  ];
  const holds = (point: Point): boolean => {
    const [x, y] = nearestOn(spine, point);
    return Math.hypot(point[0] - x, point[1] - y) < radiusFt;
  };
  const nearest = (from: Point): Point | undefined => {
    const [x, y] = nearestOn(spine, from);
    const away = Math.hypot(from[0] - x, from[1] - y);
    return away === 0
      ? undefined
      : [x + ((from[0] - x) / away) * radiusFt, y + ((from[1] - y) / away) * radiusFt];
  };
  return {
    holds,
    crossings: (line) => crossingsOf(holds, line),
    nearest,
    nearPoints: (from) => {
      const near = nearest(from);
      return near === undefined ? [] : [near];
    },
  };
}

/** Halvings of a quarter turn: past a millionth of an inch. */
const HALVINGS = 60;

/** The point of an ellipse nearest to one outside, found where the way to it stands square on the curve. */
function nearestOnEllipse(a: number, b: number, [x, y]: Point): Point {
  const [px, py] = [Math.abs(x), Math.abs(y)];
  let [low, high] = [0, Math.PI / 2];
  for (let step = 0; step < HALVINGS; step += 1) {
    const turn = (low + high) / 2;
    const [qx, qy] = [a * Math.cos(turn), b * Math.sin(turn)];
    // How the distance changes along the curve.
    const slope = (qx - px) * -a * Math.sin(turn) + (qy - py) * b * Math.cos(turn);
    if (slope < 0) low = turn;
    else high = turn;
  }
  const turn = (low + high) / 2;
  return [Math.sign(x || 1) * a * Math.cos(turn), Math.sign(y || 1) * b * Math.sin(turn)];
}

function ellipseEdge(a: number, b: number): WaterEdge {
  const holds = ([x, y]: Point): boolean => (x / a) ** 2 + (y / b) ** 2 < 1;
  return {
    holds,
    crossings: (line) => crossingsOf(holds, line),
    nearest: (from) => nearestOnEllipse(a, b, from),
    nearPoints: (from) => [nearestOnEllipse(a, b, from)],
  };
}

/** The inside wall of an outline. Circle, oval, stadium and rectangle are centered on the origin, lengths along x. */
export function waterEdge(outline: Outline): WaterEdge {
  if ('circle' in outline) return roundedEdge(0, outline.circle.diameterFt / 2);
  if ('stadium' in outline) {
    const { lengthFt, widthFt } = outline.stadium;
    return roundedEdge((lengthFt - widthFt) / 2, widthFt / 2);
  }
  if ('oval' in outline) return ellipseEdge(outline.oval.lengthFt / 2, outline.oval.widthFt / 2);
  if ('polygon' in outline) return polygonEdge(outline.polygon);
  return polygonEdge(rectangleCorners(outline.rectangle.lengthFt, outline.rectangle.widthFt));
}
