import { apart, type Point } from './point';
import { waysToWater, type Barrier, type Reach } from './reach';
import { crossingShare, piecesOf } from './segments';
import type { WaterEdge } from './waterEdge';
import { barriersOf, lowWallsOf, type LowWall } from './yardBarriers';
import { waterLevelFt } from './yardParts';
import type { Water, Yard } from './yardSchema';

/** The shortest way of a cord or a hand. */
export interface Cord extends Reach {
  /** In plan, as if there were no walls lower than 5 ft: what a hand over such a wall is taken to reach. */
  readonly pastFt: number;
}

/** Finds the shortest way from a place, and from how high above grade it starts, feet. */
export type CordWay = (place: Point, heightFt?: number) => Cord | null;

const pastAll = (reach: Reach | null): Cord | null => reach && { ...reach, pastFt: reach.pathFt };

/** A height above grade at a distance along the way, feet. */
type Stand = readonly [ft: number, heightFt: number];

/** Where a way in plan passes over low walls, each with the height of its top. */
function topsAlong(path: readonly Point[], walls: readonly LowWall[]): readonly Stand[] {
  let before = 0;
  const tops: Stand[] = [];
  for (const piece of piecesOf(path)) {
    const long = apart(...piece);
    for (const { barrier, heightFt } of walls) {
      const share = crossingShare(piece, barrier);
      if (share !== undefined) tops.push([before + share * long, heightFt]);
    }
    before += long;
  }
  return tops.toSorted((a, b) => a[0] - b[0]);
}

/** A taut cord from the first stand to the last that lies over all between them: only those that lift it. */
function tautOver(stands: readonly Stand[]): readonly Stand[] {
  const cord: Stand[] = [];
  for (const stand of stands) {
    for (let last = cord.at(-1); last !== undefined; last = cord.at(-1)) {
      const before = cord.at(-2);
      if (before === undefined) break;
      const straight =
        before[1] + ((stand[1] - before[1]) * (last[0] - before[0])) / (stand[0] - before[0] || 1);
      if (last[1] > straight) break;
      cord.pop();
    }
    cord.push(stand);
  }
  return cord;
}

/** How long a way is that climbs over the low walls in it; in plan where none of them lifts it. */
function overLength(
  path: readonly Point[],
  planFt: number,
  walls: readonly LowWall[],
  ends: readonly Stand[],
) {
  const tops = topsAlong(path, walls);
  const [from, to] = ends;
  if (tops.length === 0 || from === undefined || to === undefined) return planFt;
  const cord = tautOver([from, ...tops, to]);
  if (cord.length <= 2) return planFt;
  return cord.slice(1).reduce((sum, [ft, heightFt], at) => {
    const [before, beforeFt] = cord[at] ?? [ft, heightFt];
    return sum + Math.hypot(ft - before, heightFt - beforeFt);
  }, 0);
}

/**
 * The shortest ways that a cord or a hand takes to a water: around walls and fences of 5 ft and more, and around lower
 * ones or taut over their tops, whichever is shorter. What is not known to start lower starts at the top of the first wall.
 */
export function cordWays(edge: WaterEdge, lines: Yard['lines'], water: Pick<Water, 'rimIn'>): CordWay {
  const high = barriersOf(lines);
  const low = lowWallsOf(lines);
  const past = waysToWater(edge, high);
  if (low.length === 0) return (place) => pastAll(past(place));
  const around = waysToWater(edge, [...high, ...low.map(({ barrier }): Barrier => barrier)]);
  return (place, heightFt) => {
    const straight = past(place);
    const round = around(place);
    if (straight === null) return pastAll(round);
    const [top] = topsAlong(straight.path, low);
    const start: Stand = [0, heightFt ?? top?.[1] ?? 0];
    const end: Stand = [straight.pathFt, waterLevelFt(water)];
    const overFt = overLength(straight.path, straight.pathFt, low, [start, end]);
    const pastFt = straight.pathFt;
    return round !== null && round.pathFt < overFt
      ? { ...round, pastFt }
      : { ...straight, pathFt: overFt, pastFt };
  };
}
