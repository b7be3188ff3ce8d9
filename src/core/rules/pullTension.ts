import type { Edition } from '../code/edition';
import type { Surround } from '../code/tables/shapes';
import type { Metal, WireSize } from '../units/wireSize';

/** Pounds a foot of a conductor for each circular mil, insulation included. */
const POUNDS_PER_CMIL: Readonly<Record<Metal, number>> = { cu: 3.6e-6, al: 1.35e-6 };
/** Friction of conductors pulled with lubricant in plastic, and dry in metal. */
const FRICTION: Readonly<Record<Surround, number>> = { pvc: 0.35, aluminum: 0.5, steel: 0.5 };
/** How much wider conductors press than they weigh: three in a cradle or triangle. */
const WEIGHT_CORRECTION = 1.2;

/** What of a stretch bears on the pull through it. */
export interface PulledStretch {
  readonly lengthFt: number;
  readonly bendsDeg: number;
  readonly surround: Surround;
}

/**
 * Pounds at the pulling end of one stretch, its bends taken as standing at the end, where they cost most:
 * weight and friction along it, then the exponent of its bends. A figure for comparing, without slopes.
 */
export function pullTension(
  { lengthFt, bendsDeg, surround }: PulledStretch,
  conductors: { readonly size: WireSize; readonly metal: Metal; readonly count: number },
  code: Edition,
): number {
  const weight = code.tables.conductors.rows[conductors.size].cmil * POUNDS_PER_CMIL[conductors.metal] * conductors.count;
  const friction = FRICTION[surround];
  return lengthFt * weight * friction * WEIGHT_CORRECTION * Math.exp(friction * WEIGHT_CORRECTION * ((bendsDeg * Math.PI) / 180));
} // prettier-ignore
