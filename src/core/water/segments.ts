import { apart, outlineSides, type Point } from './point';

/** A straight piece between two points. */
export type Segment = readonly [from: Point, to: Point];

/** The point at a share of the way along a piece. */
export const alongSegment = ([[x1, y1], [x2, y2]]: Segment, share: number): Point => [
  x1 + (x2 - x1) * share,
  y1 + (y2 - y1) * share,
];

/** The point of a piece that is nearest to a place. */
export function nearestOn(segment: Segment, [x, y]: Point): Point {
  const [[x1, y1], [x2, y2]] = segment;
  const [dx, dy] = [x2 - x1, y2 - y1];
  const long = dx * dx + dy * dy;
  const share = long === 0 ? 0 : ((x - x1) * dx + (y - y1) * dy) / long;
  return alongSegment(segment, Math.max(0, Math.min(1, share)));
}

/** At which share of the first piece the second crosses it; undefined where it does not. */
export function crossingShare([a, b]: Segment, [c, d]: Segment): number | undefined {
  const [rx, ry] = [b[0] - a[0], b[1] - a[1]];
  const [sx, sy] = [d[0] - c[0], d[1] - c[1]];
  const area = rx * sy - ry * sx;
  if (area === 0) return undefined;
  const [qx, qy] = [c[0] - a[0], c[1] - a[1]];
  const share = (qx * sy - qy * sx) / area;
  const other = (qx * ry - qy * rx) / area;
  return share >= 0 && share <= 1 && other >= 0 && other <= 1 ? share : undefined;
}

/** Whether two pieces cross. */
export const cross = (a: Segment, b: Segment): boolean => crossingShare(a, b) !== undefined;

/** A line around points that ends where it begins. */
export const closedLine = (points: readonly Point[]): readonly Point[] => [...points, ...points.slice(0, 1)];

/** The pieces of a line through points. */
export const piecesOf = (points: readonly Point[]): readonly Segment[] =>
  points.slice(1).map((to, at): Segment => [points[at] ?? to, to]);

/** How long a line through points is, feet. */
export const lengthOf = (points: readonly Point[]): number =>
  piecesOf(points).reduce((sum, [from, to]) => sum + apart(from, to), 0);

/** The point of several that is nearest to a place; undefined where there is none. */
export const nearestOf = (points: readonly Point[], place: Point): Point | undefined =>
  points.reduce<Point | undefined>(
    (best, each) => (best === undefined || apart(each, place) < apart(best, place) ? each : best),
    undefined,
  );

/** Whether any of some pieces crosses a closed outline. */
export const crossesOutline = (pieces: readonly Segment[], outline: readonly Point[]): boolean =>
  outlineSides(outline).some((side) => pieces.some((piece) => cross(piece, side)));

/** Sides that lie together, and the box around them. */
interface Stretch {
  readonly sides: readonly Segment[];
  readonly left: number;
  readonly right: number;
  readonly low: number;
  readonly high: number;
}

const SIDES_TOGETHER = 12;

/** The box around some sides, found without listing their ends. */
function boxAround(sides: readonly Segment[]): Omit<Stretch, 'sides'> {
  let [left, right, low, high] = [Infinity, -Infinity, Infinity, -Infinity];
  for (const [[x1, y1], [x2, y2]] of sides) {
    left = Math.min(left, x1, x2);
    right = Math.max(right, x1, x2);
    low = Math.min(low, y1, y2);
    high = Math.max(high, y1, y2);
  }
  return { left, right, low, high };
}

function stretchesOf(sides: readonly Segment[]): readonly Stretch[] {
  return Array.from({ length: Math.ceil(sides.length / SIDES_TOGETHER) }, (_, at): Stretch => {
    const some = sides.slice(at * SIDES_TOGETHER, (at + 1) * SIDES_TOGETHER);
    return { sides: some, ...boxAround(some) };
  });
}

/** How far a place is from a box at least, squared. */
function offBox({ left, right, low, high }: Stretch, x: number, y: number): number {
  const dx = Math.max(left - x, 0, x - right);
  const dy = Math.max(low - y, 0, y - high);
  return dx * dx + dy * dy;
}

/** What finds the point of some sides that is nearest to a place: stretches that cannot hold it are passed over. */
export function nearestFinder(sides: readonly Segment[]): (place: Point) => Point | undefined {
  // Made when it is first asked: many an edge is only asked what it holds.
  let known: readonly Stretch[] | undefined;
  return ([x, y]) => {
    const stretches = (known ??= stretchesOf(sides));
    let least = Infinity;
    let [bestX, bestY] = [0, 0];
    for (const stretch of stretches) {
      if (offBox(stretch, x, y) >= least) continue;
      for (const [[x1, y1], [x2, y2]] of stretch.sides) {
        const dx = x2 - x1;
        const dy = y2 - y1;
        const long = dx * dx + dy * dy;
        const share = long === 0 ? 0 : Math.max(0, Math.min(1, ((x - x1) * dx + (y - y1) * dy) / long));
        const nx = x1 + share * dx;
        const ny = y1 + share * dy;
        const far = (x - nx) * (x - nx) + (y - ny) * (y - ny);
        if (far < least) {
          least = far;
          bestX = nx;
          bestY = ny;
        }
      }
    }
    return least === Infinity ? undefined : [bestX, bestY];
  };
}
