import type { Outline } from './bondLoop';
import { parallelCurve } from './parallelCurve';
import { boundsOf, outlineSides, rectangleCorners, type Bounds, type Point } from './point';
import { smoothCurve } from './smoothCurve';
import { waterEdge, type WaterEdge } from './waterEdge';
import type { Water } from './yardSchema';

/** A pool, spa or tub where it lies: what is measured to, and what is drawn. */
export interface PlacedWater {
  /** Its inside wall in the yard, exact. */
  readonly edge: WaterEdge;
  /** Its outline about its own origin. */
  readonly local: Outline;
  /** Its inside wall in the yard as short straight sides, counterclockwise from the middle of the right side. */
  readonly outline: readonly Point[];
  /** The box around its outline about its own origin. */
  readonly box: Bounds;
  /** A place about its own origin, in the yard. */
  readonly toYard: (own: Point) => Point;
  /** The parallel curve of its inside wall, feet outside of it. */
  readonly parallel: (offFt: number, chordFt: number) => readonly Point[];
}

/** Chords for a full turn: within a quarter inch of the arc for any pool. */
const CHORDS = 96;

const turned = (lengthFt: number, widthFt: number, halfFt: number): readonly Point[] =>
  Array.from({ length: CHORDS }, (_, chord): Point => {
    const turn = (chord / CHORDS) * 2 * Math.PI;
    const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
    const shift = halfFt === 0 ? 0 : Math.sign(Math.round(cos * 1e9)) * halfFt;
    return [cos * lengthFt + shift, sin * widthFt];
  });

/** The two half circles of a stadium begin and end where the straight sides do. */
const stadium = (lengthFt: number, widthFt: number): readonly Point[] => {
  const [radius, half] = [widthFt / 2, (lengthFt - widthFt) / 2];
  const corners: readonly Point[] = [
    [half, radius],
    [-half, radius],
    [-half, -radius],
    [half, -radius],
  ];
  return [
    ...turned(radius, radius, half).filter(([x]) => Math.abs(x) > half),
    ...(half === 0 ? [] : corners),
  ].toSorted(([x1, y1], [x2, y2]) => around(x1, y1) - around(x2, y2));
};

/** Direction from the origin, from nothing to a full turn. */
const around = (x: number, y: number): number => (Math.atan2(y, x) + 2 * Math.PI) % (2 * Math.PI);

/** A rectangle from the middle of its right side on. */
const rectangle = (lengthFt: number, widthFt: number): readonly Point[] => [
  [lengthFt / 2, 0],
  ...rectangleCorners(lengthFt, widthFt),
];

/** The outline about its own origin. */
const localOutline = (shape: Water['shape']): Outline =>
  'curve' in shape ? { polygon: smoothCurve(shape.curve) } : shape;

function sidesOf(outline: Outline): readonly Point[] {
  if ('circle' in outline) {
    const radius = outline.circle.diameterFt / 2;
    return turned(radius, radius, 0);
  }
  if ('oval' in outline) return turned(outline.oval.lengthFt / 2, outline.oval.widthFt / 2, 0);
  if ('stadium' in outline) return stadium(outline.stadium.lengthFt, outline.stadium.widthFt);
  if ('rectangle' in outline) return rectangle(outline.rectangle.lengthFt, outline.rectangle.widthFt);
  return isClockwise(outline.polygon) ? outline.polygon.toReversed() : outline.polygon;
}

const isClockwise = (points: readonly Point[]): boolean =>
  outlineSides(points).reduce((sum, [[x1, y1], [x2, y2]]) => sum + x1 * y2 - x2 * y1, 0) < 0;

const RADIANS = Math.PI / 180;

/** A point turned counterclockwise about the origin. */
const turnedPoint = ([x, y]: Point, turn: number): Point => [
  x * Math.cos(turn) - y * Math.sin(turn),
  x * Math.sin(turn) + y * Math.cos(turn),
];

/** A water with its origin at that of the yard, turned as it lies: what stays while it is moved. A curve around it is made once. */
export function ownWater({ shape, turnDeg }: Pick<Water, 'shape' | 'turnDeg'>): PlacedWater {
  const turn = turnDeg * RADIANS;
  const toYard = (point: Point): Point => (turn === 0 ? point : turnedPoint(point, turn));
  const toOwn = (point: Point): Point => (turn === 0 ? point : turnedPoint(point, -turn));
  const local = localOutline(shape);
  const sides = sidesOf(local);
  const outline = sides.map(toYard);
  const curves = new Map<string, readonly Point[]>();
  return {
    local,
    outline,
    box: boundsOf(sides),
    toYard,
    edge: movedEdge(waterEdge(local), toOwn, toYard),
    parallel: (offFt, chordFt) => {
      const key = `${offFt} ${chordFt}`;
      const curve = curves.get(key) ?? parallelCurve(outline, offFt, chordFt);
      curves.set(key, curve);
      return curve;
    },
  };
}

/** An edge that was moved or turned as a whole. */
const movedEdge = (own: WaterEdge, toOwn: (at: Point) => Point, toYard: (at: Point) => Point): WaterEdge => ({
  holds: (point) => own.holds(toOwn(point)),
  nearest: (from) => {
    const near = own.nearest(toOwn(from));
    return near && toYard(near);
  },
  nearPoints: (from) => own.nearPoints(toOwn(from)).map(toYard),
  crossings: ([from, to]) => own.crossings([toOwn(from), toOwn(to)]).map(toYard),
});

/**
 * A pool, spa or tub where it lies in the yard.
 *
 * @param own The same about its own origin, where that is known already.
 */
export function placedWater(
  water: Pick<Water, 'shape' | 'at' | 'turnDeg'>,
  own: PlacedWater = ownWater(water),
): PlacedWater {
  const [dx, dy] = water.at;
  const moved = ([x, y]: Point): Point => [x + dx, y + dy];
  return {
    local: own.local,
    outline: own.outline.map(moved),
    box: own.box,
    toYard: (point) => moved(own.toYard(point)),
    edge: movedEdge(own.edge, ([x, y]) => [x - dx, y - dy], moved),
    parallel: (offFt, chordFt) => own.parallel(offFt, chordFt).map(moved),
  };
}
