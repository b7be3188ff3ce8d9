import type { Outline } from './bondLoop';
import { outlineSides, rectangleCorners, type Point } from './point';
import { nearestOn, type Segment } from './segments';

/** The inside wall of a pool or tub, as something to measure to. */
export interface WaterEdge {
  /** Whether a point is above the water. */
  readonly holds: (point: Point) => boolean;
  /** Points of the edge that are nearer than those beside them: the nearest is among them. */
  readonly nearPoints: (from: Point) => readonly Point[];
}

/** Whether a point is inside an outline, by the sides that a ray from it crosses. */
function insideOf(points: readonly Point[], [x, y]: Point): boolean {
  let inside = false;
  for (const [[x1, y1], [x2, y2]] of outlineSides(points)) {
    if (y1 > y !== y2 > y && x < x1 + ((y - y1) / (y2 - y1)) * (x2 - x1)) inside = !inside;
  }
  return inside;
}

const polygonEdge = (points: readonly Point[]): WaterEdge => ({
  holds: (point) => insideOf(points, point),
  nearPoints: (from) => outlineSides(points).map((side) => nearestOn(side, from)),
});

/** All that lies within a radius of a straight line: a circle where it has no length. */
function roundedEdge(halfFt: number, radiusFt: number): WaterEdge {
  const spine: Segment = [
    [-halfFt, 0],
    [halfFt, 0],
  ];
  return {
    holds: (point) => {
      const [x, y] = nearestOn(spine, point);
      return Math.hypot(point[0] - x, point[1] - y) < radiusFt;
    },
    nearPoints: (from) => {
      const [x, y] = nearestOn(spine, from);
      const away = Math.hypot(from[0] - x, from[1] - y);
      return away === 0
        ? []
        : [[x + ((from[0] - x) / away) * radiusFt, y + ((from[1] - y) / away) * radiusFt]];
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

const ellipseEdge = (a: number, b: number): WaterEdge => ({
  holds: ([x, y]) => (x / a) ** 2 + (y / b) ** 2 < 1,
  nearPoints: (from) => [nearestOnEllipse(a, b, from)],
});

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
