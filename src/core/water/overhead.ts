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
  // Network-powered broadband keeps the distances of 0 to 750 V (680.9(C)).
  broadband: 22.5,
};
/** Clearance in any direction from a diving platform or stand, feet (Table 680.9(A)). */
const PLATFORM_FT: Readonly<Record<Overhead['conductors'], number>> = {
  triplex: 14.5,
  'open-15kv': 17,
  'open-50kv': 18,
  communication: 10,
  broadband: 14.5,
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

/** The nearest that a line comes where it counts, and whether that is enough. */
function nearest(line: Overhead, minFt: number, asideAt: (at: Point) => number | undefined, fromFt: number) {
  let ft: number | null = null;
  for (const { at, share } of placesOf(line)) {
    const aside = asideAt(at);
    if (aside === undefined) continue;
    const up = heightAt(line, share) - fromFt;
    const away = line.conductors === 'communication' ? up : Math.hypot(aside, up);
    if (ft === null || away < ft) ft = away;
  }
  return { ft, minFt, ok: ft === null || ft >= minFt - 1e-9 };
}

/**
 * The clearance of an overhead line, sagging at its most, from the water: in any direction within 10 ft of the inside
 * wall. Communication lines are measured straight up.
 *
 * @param levelFt Maximum water level above grade, feet.
 */
export const overheadClearance = (
  line: Overhead,
  { edge }: PlacedWater,
  levelFt: number,
): OverheadClearance =>
  nearest(
    line,
    CLEARANCE_FT[line.conductors],
    (at) => {
      const aside = straightToWater(edge, at);
      return aside > REACH_FT ? undefined : aside;
    },
    levelFt,
  );

/**
 * Its clearance from a diving board or platform. Communication lines are measured straight up, within the reach of
 * somebody on it.
 *
 * @param topFt The board or platform above grade, feet.
 */
export const platformClearance = (line: Overhead, board: Point, topFt: number): OverheadClearance =>
  nearest(
    line,
    PLATFORM_FT[line.conductors],
    (at) => {
      const aside = apart(at, board);
      return aside > PLATFORM_FT[line.conductors] ? undefined : aside;
    },
    topFt,
  );
