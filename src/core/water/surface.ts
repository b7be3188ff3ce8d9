import { apart, type Point } from './point';
import { waterEdge } from './waterEdge';
import type { YardArea } from './yardSchema';

/** Somebody on a platform reaches so far beside it, feet. */
const REACH_FT = 5;

/** Highest top, feet above grade, of the decks and slabs that come within a distance of a place; grade where none does. */
function highestTop(at: Point, areas: readonly YardArea[], withinFt: number): number {
  const tops = areas.flatMap(({ points, topIn }) => {
    const edge = waterEdge({ polygon: points });
    const near = edge.holds(at) ? at : edge.nearest(at);
    return near !== undefined && apart(near, at) <= withinFt ? [topIn / 12] : [];
  });
  return tops.length === 0 ? 0 : Math.max(...tops);
}

/** The surface at a place, feet above grade: the deck or slab on which it lies. */
export const surfaceFt = (at: Point, areas: readonly YardArea[]): number => highestTop(at, areas, 1e-6);

/** The highest surface from which a hand reaches a place, feet above grade. */
export const standFt = (at: Point, areas: readonly YardArea[]): number => highestTop(at, areas, REACH_FT);
