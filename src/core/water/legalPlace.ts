import type { CordWay } from './cordWays';
import { DRAWN_FT, parallelCurve } from './parallelCurve';
import type { PlacedWater } from './placedWater';
import { apart, outlineSides, type Point } from './point';
import { alongSegment } from './segments';

/** Places along the curve are looked at this far apart, feet. */
const STEP_FT = 0.5;
/** A tape reads a few inches short: a new place lies this much farther than it must, feet. */
const MARGIN_FT = 0.5;

/**
 * The place nearest to where something stands that is far enough from the water by the way of a cord or a hand, and
 * that suits the other waters too; undefined where there is none.
 *
 * @param leastFt The least distance that its rule allows, feet.
 */
export function legalPlace(
  from: Point,
  leastFt: number,
  placed: PlacedWater,
  suits: (place: Point) => boolean,
): Point | undefined {
  const places = outlineSides(parallelCurve(placed.outline, leastFt + MARGIN_FT, DRAWN_FT)).flatMap(
    (side) => {
      const steps = Math.max(1, Math.ceil(apart(...side) / STEP_FT));
      return Array.from({ length: steps }, (_, step) => alongSegment(side, step / steps));
    },
  );
  return places.toSorted((a, b) => apart(a, from) - apart(b, from)).find(suits);
}

/**
 * A place for the receptacle that a pool requires: as near to a wanted place as the least and the largest distance along
 * the way of a cord allow.
 */
export function receptaclePlace(
  wanted: Point,
  [fromFt, toFt]: readonly [number, number],
  placed: PlacedWater,
  wayFrom: CordWay,
): Point | undefined {
  return legalPlace(wanted, fromFt, placed, (place) => {
    const reach = wayFrom(place);
    return reach !== null && reach.pathFt >= fromFt && reach.pathFt <= toFt;
  });
}
