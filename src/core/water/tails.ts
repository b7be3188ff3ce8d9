import { apart, type Point } from './point';
import { waysToWater, type Barrier } from './reach';
import { nearestFinder, nearestOn, piecesOf, type Segment } from './segments';
import type { WaterEdge } from './waterEdge';

/** A bonding conductor from the ring to a part. */
export interface Tail {
  readonly path: readonly Point[];
  /** As it is cut: the way in plan, up or down, and make-up at its ends; feet. */
  readonly ft: number;
}

/** What a tail is made longer by at its end: how much it rises or drops, and what the terminal takes; feet. */
interface TailEnd {
  readonly riseFt: number;
  readonly makeUpFt: number;
}

/** From the ring down or up to the steel of a shell. */
export const AT_SHELL: TailEnd = { riseFt: 1.4, makeUpFt: 1 };
/** From the ring up to the lug of a motor or heater. */
export const AT_EQUIPMENT: TailEnd = { riseFt: 1, makeUpFt: 2 };
/** From the ring up to metal at grade. */
export const AT_METAL: TailEnd = { riseFt: 0.5, makeUpFt: 1 };

/** The ring as something to measure to: its nearest places, one for each stretch that comes nearer and goes away again. */
function ringEdge(pieces: readonly (readonly Point[])[]): WaterEdge {
  const sides: readonly Segment[] = pieces.flatMap((piece) => piecesOf(piece));
  return {
    holds: () => false,
    nearest: nearestFinder(sides),
    // Where a wall crosses the ring it is opened: nothing ends there.
    crossings: () => [],
    nearPoints: (from) => {
      const near = sides.map((side) => nearestOn(side, from));
      const far = near.map((point) => apart(point, from));
      return near.filter((_, at) => {
        const here = far[at] ?? 0;
        return here <= (far[at - 1] ?? Infinity) && here <= (far[at + 1] ?? Infinity);
      });
    },
  };
}

/** Tails from a ring, each the shortest way around what stands between. */
export function tailsFrom(pieces: readonly (readonly Point[])[], around: readonly Barrier[]) {
  const way = waysToWater(ringEdge(pieces), around);
  return (place: Point, { riseFt, makeUpFt }: TailEnd): Tail => {
    const reach = way(place);
    const path = reach?.path ?? [place];
    return { path, ft: (reach?.pathFt ?? 0) + riseFt + makeUpFt };
  };
}
