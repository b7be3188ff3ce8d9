import { perimeterOf } from './bondLoop';
import type { PlacedWater } from './placedWater';
import { apart, outlineSides, type Point } from './point';
import { straightToWater, type Barrier } from './reach';
import {
  alongSegment,
  closedLine,
  cross,
  crossingShare,
  lengthOf,
  nearestOn,
  piecesOf,
  type Segment,
} from './segments';

/** The bonding ring around a pool or tub as it is laid. */
export interface BondRing {
  /** Its wires in plan: one closed line, or open ones where a building stands in the way. */
  readonly pieces: readonly (readonly Point[])[];
  readonly closed: boolean;
  readonly perimeterFt: number;
  readonly lengthFt: number;
}

/** Chords of the ring lie this much inside its arcs at most: its length is right to a hundredth of a foot. */
const RING_CHORD_FT = 1e-3;

/** The parts of a side between the walls that cross it. */
function splitAt(side: Segment, walls: readonly Barrier[]): readonly Segment[] {
  const shares = walls.flatMap((wall) => crossingShare(side, wall) ?? []).toSorted((a, b) => a - b);
  return [0, ...shares].map((from, at): Segment => {
    return [alongSegment(side, from), alongSegment(side, shares[at] ?? 1)];
  });
}

/** Whether a wall stands between a place and the water that is nearest to it. */
export function isBehindWall(place: Point, { edge }: PlacedWater, walls: readonly Barrier[]): boolean {
  const near = edge.nearest(place);
  return near !== undefined && walls.some((wall) => cross([place, near], wall));
}

const SAME_FT = 1e-6;

/** Pieces joined where one ends as the next begins, across the start of the curve too. */
function joinedUp(parts: readonly Segment[]): readonly (readonly Point[])[] {
  const lines: Point[][] = [];
  for (const [from, to] of parts) {
    const last = lines.at(-1);
    const end = last?.at(-1);
    if (last !== undefined && end !== undefined && apart(end, from) < SAME_FT) last.push(to);
    else lines.push([from, to]);
  }
  const [first, last] = [lines[0], lines.at(-1)];
  const [start, end] = [first?.[0], last?.at(-1)];
  if (first === undefined || last === undefined || first === last) return lines;
  if (start === undefined || end === undefined || apart(start, end) >= SAME_FT) return lines;
  return [[...last, ...first.slice(1)], ...lines.slice(1, -1)];
}

/**
 * The bonding ring: the true parallel curve of the inside wall (680.26(B)(2)). Where a permanent wall stands nearer than
 * the ring would lie, the surface ends at it: the ring opens there and each of its ends is bonded.
 *
 * @param offIn From the inside wall, inches.
 * @param walls Walls at which the surface around the water ends.
 */
export function bondRing(placed: PlacedWater, offIn: number, walls: readonly Barrier[]): BondRing {
  const offFt = offIn / 12;
  const perimeterFt = perimeterOf(placed.local);
  const curve = closedLine(placed.parallel(offFt, RING_CHORD_FT));
  // Around a shape without hollows the curve is longer by a full turn at its distance, whatever the shape.
  const lengthFt = 'polygon' in placed.local ? lengthOf(curve) : perimeterFt + 2 * Math.PI * offFt;
  const whole = { pieces: [curve], closed: true, perimeterFt, lengthFt };
  const near = walls.filter((wall) => comesWithin(wall, placed, offFt));
  if (near.length === 0) return whole;
  const parts = piecesOf(curve).flatMap((side) => splitAt(side, near));
  const kept = parts.filter((part) => !isBehindWall(alongSegment(part, 0.5), placed, near));
  if (kept.length === parts.length) return whole;
  const pieces = joinedUp(kept);
  return {
    pieces,
    closed: false,
    perimeterFt,
    lengthFt: pieces.reduce((sum, piece) => sum + lengthOf(piece), 0),
  };
}

/** Whether a wall comes as near to the water as the ring lies: at a corner of either, or across it. */
const comesWithin = (wall: Barrier, { edge, outline }: PlacedWater, ft: number): boolean =>
  outline.some((corner) => apart(nearestOn(wall, corner), corner) < ft) ||
  wall.some((end) => straightToWater(edge, end) < ft) ||
  edge.crossings(wall).length > 0;

/** Where four ties to the shell lie, and how even they are: the largest gap over the smallest. */
export interface ShellTies {
  readonly points: readonly Point[];
  readonly evenness: number;
}

const TIES = 4;

/** The point at a distance along a closed outline. */
function pointAt(sides: readonly Segment[], atFt: number): Point {
  let left = atFt;
  for (const side of sides) {
    const long = apart(...side);
    if (left <= long) return alongSegment(side, long === 0 ? 0 : left / long);
    left -= long;
  }
  return sides[0]?.[0] ?? [0, 0];
}

/**
 * Four ties as even along the inside wall as the structure allows: by quarters, or on the best four of the uprights of a
 * metal wall, which stand evenly around it.
 *
 * @param uprights How many uprights a metal wall has; null where ties may be anywhere.
 */
export function shellTies(outline: readonly Point[], uprights: number | null): ShellTies {
  const sides = outlineSides(outline);
  const around = sides.reduce((sum, side) => sum + apart(...side), 0);
  const places =
    uprights === null
      ? [0, 1, 2, 3].map((tie) => tie / TIES)
      : [0, 1, 2, 3].map((tie) => Math.round((tie * uprights) / TIES) / uprights);
  const gaps = places.map((place, at) => (places[at + 1] ?? 1 + (places[0] ?? 0)) - place);
  return {
    points: places.map((place) => pointAt(sides, place * around)),
    evenness: Math.max(...gaps) / Math.min(...gaps),
  };
}
