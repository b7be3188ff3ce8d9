import { DRAWN_FT, parallelCurve } from './parallelCurve';
import { boundsOf, type Point } from './point';
import { closedLine } from './segments';
import { isEquipment, type BondCandidate } from './yardParts';

/** Half of a square in which a pump or heater stands, feet. */
const PAD_HALF_FT = 1.5;

/** A ring around pump and heater, which is a practice: the rules require none. */
export interface AroundRing {
  readonly line: readonly Point[];
  readonly lengthFt: number;
}

/**
 * The ring around pump and heater, at the distance of the ring around the water; undefined where neither stands.
 *
 * @param offIn From the square in which they stand, inches.
 */
export function aroundRing(parts: readonly BondCandidate[], offIn: number): AroundRing | undefined {
  const at = parts.filter(isEquipment).map((candidate) => candidate.at);
  if (at.length === 0) return undefined;
  const box = boundsOf(at);
  const [left, right] = [box.left - PAD_HALF_FT, box.right + PAD_HALF_FT];
  const [low, high] = [box.low - PAD_HALF_FT, box.high + PAD_HALF_FT];
  const pad: readonly Point[] = [
    [left, low],
    [right, low],
    [right, high],
    [left, high],
  ];
  return {
    line: closedLine(parallelCurve(pad, offIn / 12, DRAWN_FT)),
    lengthFt: 2 * (right - left + high - low) + 2 * Math.PI * (offIn / 12),
  };
}
