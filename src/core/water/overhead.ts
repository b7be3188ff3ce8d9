import { apart, type Point } from './point';
import { straightToWater } from './reach';
import { alongSegment, lengthOf, piecesOf } from './segments';
import type { PlacedWater } from './placedWater';
import type { YardLine } from './yardSchema';

type Overhead = Extract<YardLine, { kind: 'overhead' }>;

/** Clearance in any direction from the water, by what hangs there, feet (680.9, Table 680.9(A)). */
const CLEARANCE_FT: Readonly<Record<Overhead['conductors'], number>> = {
  triplex: 22.5,
  'open-15kv': 25,
  'open-50kv': 27,
  communication: 10,
};
/** The table reaches to this far outside the inside wall. */
const REACH_FT = 10;
const SAMPLES = 400;

/** How near an overhead line comes to the water. */
export interface OverheadClearance {
  /** The nearest that it comes within the reach of the table, feet; null where it stays outside. */
  readonly ft: number | null;
  readonly minFt: number;
  readonly ok: boolean;
}

/** The lowest that the line hangs at a share of its span. */
const heightAt = ({ fromFt, toFt, sagFt }: Overhead, share: number): number =>
  fromFt + (toFt - fromFt) * share - 4 * sagFt * share * (1 - share);

/** Places along a line of several pieces, each with its share of the whole. */
function placesOf({ points }: Overhead): readonly { readonly at: Point; readonly share: number }[] {
  const whole = lengthOf(points);
  let before = 0;
  return piecesOf(points).flatMap((piece) => {
    const long = apart(...piece);
    const start = before;
    before += long;
    return Array.from({ length: SAMPLES + 1 }, (_, step) => ({
      at: alongSegment(piece, step / SAMPLES),
      share: whole === 0 ? 0 : (start + (long * step) / SAMPLES) / whole,
    }));
  });
}

/**
 * The clearance of an overhead line, sagging at its most, from the water: in any direction within 10 ft of the inside
 * wall. Communication lines are measured straight up.
 *
 * @param levelFt Maximum water level above grade, feet.
 */
export function overheadClearance(line: Overhead, { edge }: PlacedWater, levelFt: number): OverheadClearance {
  const minFt = CLEARANCE_FT[line.conductors];
  let ft: number | null = null;
  for (const { at, share } of placesOf(line)) {
    const aside = straightToWater(edge, at);
    if (aside > REACH_FT) continue;
    const up = heightAt(line, share) - levelFt;
    const away = line.conductors === 'communication' ? up : Math.hypot(aside, up);
    if (ft === null || away < ft) ft = away;
  }
  return { ft, minFt, ok: ft === null || ft >= minFt - 1e-9 };
}
