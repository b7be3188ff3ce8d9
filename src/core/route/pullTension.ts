import type { Edition } from '../code/edition';
import type { Surround } from '../code/tables/shapes';
import type { Metal, WireSize } from '../units/wireSize';

/** Pounds a foot of a conductor for each circular mil, insulation included. */
const POUNDS_PER_CMIL: Readonly<Record<Metal, number>> = { cu: 3.6e-6, al: 1.35e-6 };
/** Friction of conductors pulled with lubricant in plastic, and dry in metal. */
const FRICTION: Readonly<Record<Surround, number>> = { pvc: 0.35, aluminum: 0.5, steel: 0.5 };
/** How much wider conductors press than they weigh: three in a cradle or triangle. */
const WEIGHT_CORRECTION = 1.2;
/** Pounds of pull for each circular mil that a conductor's metal bears. */
const BEARS_LB_PER_CMIL: Readonly<Record<Metal, number>> = { cu: 0.008, al: 0.006 };
/** Of three and more conductors not all carry alike. */
const UNEVEN_SHARE = 0.8;

/** What two people pull by hand without a winch, pounds. */
export const HAND_PULL_LB = 200;
/** What the insulation bears against the wall of a bend until its manufacturer says otherwise, pounds a foot. */
export const SIDEWALL_LB_PER_FT = 500;

/** One part of the route that is pulled through, in the order of the pull. */
export type PullPart =
  | { readonly kind: 'straight'; readonly lengthFt: number; readonly riseFt: number }
  | { readonly kind: 'bend'; readonly degrees: number; readonly radiusIn: number };

/** What is pulled, and how it rubs. */
export interface PulledWire {
  readonly poundsPerFt: number;
  readonly friction: number;
  /** How much wider the conductors press than they weigh. */
  readonly correction: number;
}

/** A pull from one end. */
export interface Pull {
  /** Tension at the pulling end, pounds. */
  readonly pounds: number;
  /** Tension after each part, pounds. */
  readonly after: readonly number[];
  /** Greatest pressure on the wall of a bend, pounds a foot, and the part that it is at; none without bends. */
  readonly sidewall: { readonly lbPerFt: number; readonly at: number } | null;
}

/** Weight of conductors of one size, pounds a foot. */
export const conductorWeight = (
  { size, metal, count }: { readonly size: WireSize; readonly metal: Metal; readonly count: number },
  code: Edition,
): number => code.tables.conductors.rows[size].cmil * POUNDS_PER_CMIL[metal] * count;

/** Friction of what stands around the conductors. */
export const pullFriction = (surround: Surround): number => FRICTION[surround];

/**
 * How much wider three equal conductors press than they weigh, in a triangle where the raceway is narrow and
 * in a cradle where it is wide; one for a single one, and as much as is ever met for more.
 */
export function weightCorrection(count: number, outsideIn: number, insideIn: number): number {
  if (count < 2) return 1;
  if (count > 3) return 1.4;
  const share = outsideIn / (insideIn - outsideIn);
  if (count === 2 || share <= 0 || share >= 1) return WEIGHT_CORRECTION;
  const triangle = 1 / Math.sqrt(1 - share ** 2);
  const cradle = 1 + (4 / 3) * share ** 2;
  return Math.min(2, Math.max(triangle, cradle));
}

/** The tension that the metal of conductors bears, pounds. */
export const conductorPullLimit = (size: WireSize, metal: Metal, count: number, code: Edition): number =>
  code.tables.conductors.rows[size].cmil * BEARS_LB_PER_CMIL[metal] * count * (count >= 3 ? UNEVEN_SHARE : 1);

/**
 * The tension of a pull, part by part: weight and friction along a straight, rise added or fall taken off, and
 * the exponent of friction and angle round a bend, where the tension over the radius presses on the wall.
 */
export function pullThrough(parts: readonly PullPart[], wire: PulledWire, startLb = 0): Pull {
  const { poundsPerFt, friction, correction } = wire;
  const rub = friction * correction;
  let pounds = startLb;
  let sidewall: Pull['sidewall'] = null;
  const after: number[] = [];
  for (const [at, part] of parts.entries()) {
    if (part.kind === 'straight') {
      const levelFt = Math.sqrt(Math.max(0, part.lengthFt ** 2 - part.riseFt ** 2));
      pounds = Math.max(0, pounds + poundsPerFt * (part.riseFt + rub * levelFt));
    } else {
      pounds *= Math.exp(rub * ((part.degrees * Math.PI) / 180));
      const lbPerFt = pounds / (part.radiusIn / 12);
      if (sidewall === null || lbPerFt > sidewall.lbPerFt) sidewall = { lbPerFt, at };
    }
    after.push(pounds);
  }
  return { pounds, after, sidewall };
}

/** The same way pulled from its other end. */
export const reversed = (parts: readonly PullPart[]): readonly PullPart[] =>
  parts.toReversed().map((part) => (part.kind === 'straight' ? { ...part, riseFt: -part.riseFt } : part));

/** What of a segment bears on the pull through it. */
export interface PulledSegment {
  readonly lengthFt: number;
  readonly bendsDeg: number;
  readonly surround: Surround;
}

/**
 * Pounds at the pulling end of one segment, its bends taken as severity at the end, where they cost most.
 * A figure for comparing routes, without slopes.
 */
export function pullTension(
  { lengthFt, bendsDeg, surround }: PulledSegment,
  conductors: { readonly size: WireSize; readonly metal: Metal; readonly count: number },
  code: Edition,
): number {
  const wire = {
    poundsPerFt: conductorWeight(conductors, code),
    friction: FRICTION[surround],
    correction: WEIGHT_CORRECTION,
  };
  return pullThrough(
    [
      { kind: 'straight', lengthFt, riseFt: 0 },
      { kind: 'bend', degrees: bendsDeg, radiusIn: 12 },
    ],
    wire,
  ).pounds;
}
