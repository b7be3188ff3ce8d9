import { apart, type Point } from './point';
import { nearestOf } from './segments';
import type { WaterEdge } from './waterEdge';

/** A straight piece of a wall or a fence that a cord or a hand goes around. */
export type Barrier = readonly [from: Point, to: Point];

/** The shortest way from a place to the water. */
export interface Reach {
  readonly pathFt: number;
  /** Where it bends, from the place to the water. */
  readonly path: readonly Point[];
}

/** Nearer than this is the same place, feet. */
const SAME_FT = 1e-9;
/** Directions nearer than this are one, radians. */
const SAME_TURN = 1e-9;

/** The direction from a place to another: what points straight back is one direction, not two. */
function turnTo([x1, y1]: Point, [x2, y2]: Point): number {
  const turn = Math.atan2(y2 - y1, x2 - x1);
  return turn < SAME_TURN - Math.PI ? Math.PI : turn;
}

/** Distance of a point from the line through two others, positive at its left. */
function besides(from: Point, to: Point, [x, y]: Point): number {
  const long = apart(from, to);
  if (long === 0) return 0;
  return ((to[0] - from[0]) * (y - from[1]) - (to[1] - from[1]) * (x - from[0])) / long;
}

/** Whether a point lies on a straight line between two others, its ends left out. */
function isBetween(from: Point, to: Point, point: Point): boolean {
  if (Math.abs(besides(from, to, point)) > SAME_FT) return false;
  const long = apart(from, to);
  const [start, end] = [apart(from, point), apart(to, point)];
  return start > SAME_FT && end > SAME_FT && start < long && end < long;
}

const crossesAt = (a: number, b: number): boolean =>
  (a > SAME_FT && b < -SAME_FT) || (a < -SAME_FT && b > SAME_FT);

/** Whether a straight way passes through a barrier; one that only touches it does not. */
const passesThrough = (from: Point, to: Point, [a, b]: Barrier): boolean =>
  crossesAt(besides(from, to, a), besides(from, to, b)) && crossesAt(besides(a, b, from), besides(a, b, to));

/** A place at which the way may bend: an end of a barrier, or where it starts. */
interface Corner {
  readonly at: Point;
  /** Directions in which barriers leave it, in order; between two of them lies one sector around it. */
  readonly walls: readonly number[];
}

/** The barriers that leave a place: one from an end, two from within. */
const wallsFrom = (at: Point, barriers: readonly Barrier[]): readonly number[] =>
  barriers
    .flatMap(([a, b]) => {
      if (apart(a, at) <= SAME_FT) return [turnTo(at, b)];
      if (apart(b, at) <= SAME_FT) return [turnTo(at, a)];
      return isBetween(a, b, at) ? [turnTo(at, a), turnTo(at, b)] : [];
    })
    .toSorted((one, other) => one - other)
    // Barriers that lie on one another leave in one direction: between them there is no room.
    .filter((turn, at, turns) => at === 0 || turn - (turns[at - 1] ?? turn) > SAME_TURN);

/** The sectors at the left and at the right of a direction: one and the same, save where it follows a barrier. */
interface Sides {
  readonly left: number;
  readonly right: number;
}

function sidesOf({ walls }: Corner, turn: number): Sides {
  const last = walls.length - 1;
  if (last < 1) return { left: 0, right: 0 };
  const along = walls.findIndex((wall) => Math.abs(wall - turn) < SAME_TURN);
  if (along >= 0) return { left: along, right: along === 0 ? last : along - 1 };
  const after = walls.findIndex((wall) => wall > turn);
  const sector = after <= 0 ? last : after - 1;
  return { left: sector, right: sector };
}

const cornerAt = (at: Point, barriers: readonly Barrier[]): Corner => ({
  at,
  walls: wallsFrom(at, barriers),
});

/** The ends of barriers as places at which a way may bend, each once. */
function cornersOf(barriers: readonly Barrier[]): readonly Corner[] {
  const places: Point[] = [];
  for (const end of barriers.flat())
    if (places.every((place) => apart(place, end) > SAME_FT)) places.push(end);
  return places.map((at) => cornerAt(at, barriers));
}

/** A corner reached from one of its sectors, with the shortest way there. */
interface Reached {
  readonly corner: number;
  readonly sector: number;
  readonly ft: number;
  readonly path: readonly Point[];
}

/** What ways are looked for among. */
interface Yard {
  readonly corners: readonly Corner[];
  readonly barriers: readonly Barrier[];
  /** Where barriers run into the water: the way may end there, at the side that it comes from. */
  readonly meetings: readonly Point[];
}

/** Whether a way leads straight from one place to another: through no barrier, and past no end of one. */
const isOpen = (from: Point, to: Point, { corners, barriers }: Yard): boolean =>
  barriers.every((barrier) => !passesThrough(from, to, barrier)) &&
  corners.every(({ at }) => !isBetween(from, to, at));

/** The sides of a direction on which a way may leave a corner: both, save where it goes along a barrier. */
function leaving(
  { corner, sector }: Reached,
  to: Point,
  { corners }: Yard,
): { left: boolean; right: boolean } {
  const here = corners[corner];
  if (here === undefined) return { left: false, right: false };
  const { left, right } = sidesOf(here, turnTo(here.at, to));
  return { left: left === sector, right: right === sector };
}

/** The corners that a way goes on to from one. */
function onward(here: Reached, yard: Yard): readonly Reached[] {
  const from = yard.corners[here.corner];
  if (from === undefined) return [];
  return yard.corners.flatMap((next, corner) => {
    if (corner === here.corner) return [];
    const leaves = leaving(here, next.at, yard);
    if (!(leaves.left || leaves.right) || !isOpen(from.at, next.at, yard)) return [];
    // What is at the left of the way there is at the right of the way back.
    const back = sidesOf(next, turnTo(next.at, from.at));
    const sectors = new Set([...(leaves.left ? [back.right] : []), ...(leaves.right ? [back.left] : [])]);
    const ft = here.ft + apart(from.at, next.at);
    const path = [...here.path, next.at];
    return [...sectors].map((sector) => ({ corner, sector, ft, path }));
  });
}

/** The last straight piece from a corner to the water; undefined where none is open that makes a shorter way. */
function toWater(here: Reached, edge: WaterEdge, yard: Yard, underFt: number): Reach | undefined {
  const from = yard.corners[here.corner];
  if (from === undefined) return undefined;
  const mayEnd = (end: Point): boolean => {
    if (apart(from.at, end) <= SAME_FT) return true;
    const leaves = leaving(here, end, yard);
    return (leaves.left || leaves.right) && isOpen(from.at, end, yard);
  };
  const far = (end: Point): number => apart(from.at, end);
  // The nearest is open nearly always; only where it is not the others are looked at, in their order.
  const near = edge.nearest(from.at);
  const nearest = nearestOf(near === undefined ? yard.meetings : [near, ...yard.meetings], from.at);
  if (nearest === undefined || here.ft + far(nearest) >= underFt) return undefined;
  const end = mayEnd(nearest)
    ? nearest
    : [...edge.nearPoints(from.at), ...yard.meetings].reduce<Point | undefined>(
        (best, each) => ((best === undefined || far(each) < far(best)) && mayEnd(each) ? each : best),
        undefined,
      );
  return end && { pathFt: here.ft + far(end), path: [...here.path, end] };
}

const shorter = (a: Reach | undefined, b: Reach | undefined): Reach | undefined =>
  a === undefined || (b !== undefined && b.pathFt < a.pathFt) ? b : a;

/** Finds the shortest way from a place. */
export type WayFinder = (place: Point) => Reach | null;

/**
 * The shortest ways that a cord or a hand takes to the water, around the ends of walls and fences (680.22(A)(5), 2020
 * on (A)(6)): they bend only at those ends. A place on a barrier reaches to both of its sides.
 *
 * @returns What finds the way of a place, in feet; null where walls enclose the place or the water. No length above the
 * water.
 */
export function waysToWater(edge: WaterEdge, barriers: readonly Barrier[]): WayFinder {
  const ends = cornersOf(barriers);
  const meetings = barriers.flatMap((barrier) => edge.crossings(barrier));
  return (place) => {
    if (edge.holds(place)) return { pathFt: 0, path: [place] };
    const start = cornerAt(place, barriers);
    const corners = [start, ...ends.filter(({ at }) => apart(at, place) > SAME_FT)];
    return shortestWay(edge, { corners, barriers, meetings });
  };
}

/** The shortest way from the first corner of a yard. */
function shortestWay(edge: WaterEdge, yard: Yard): Reach | null {
  const start = yard.corners[0];
  if (start === undefined) return null;
  const open: Reached[] = Array.from({ length: Math.max(1, start.walls.length) }, (_, sector) => ({
    corner: 0,
    sector,
    ft: 0,
    path: [start.at],
  }));
  const done = new Set<string>();
  let best: Reach | undefined;
  while (open.length > 0) {
    open.sort((a, b) => b.ft - a.ft);
    const here = open.pop();
    if (here === undefined || (best !== undefined && here.ft >= best.pathFt)) break;
    const key = `${here.corner} ${here.sector}`;
    if (done.has(key)) continue;
    done.add(key);
    best = shorter(best, toWater(here, edge, yard, best?.pathFt ?? Infinity));
    open.push(...onward(here, yard).filter(({ corner, sector }) => !done.has(`${corner} ${sector}`)));
  }
  return best ?? null;
}

/** The shortest way from one place to the water. */
export const reachToWater = (edge: WaterEdge, place: Point, barriers: readonly Barrier[]): Reach | null =>
  waysToWater(edge, barriers)(place);

/** Straight, horizontal distance from a place to the inside wall, feet; nothing above the water. */
export function straightToWater(edge: WaterEdge, place: Point): number {
  const near = edge.holds(place) ? place : edge.nearest(place);
  return near === undefined ? 0 : apart(near, place);
}
