/** What of a segment bears on the rule of the short part. */
export interface RatedPart {
  readonly lengthFt: number;
  /** Correction and adjustment together. */
  readonly factor: number;
  /** False where the rule never helps: cables bundled or sealed together. */
  readonly mayBeSpared: boolean;
}

/** Parts whose lower ampacity does not count, and whose factor holds for them instead. */
export interface ShortParts {
  readonly spared: ReadonlySet<number>;
  /** The part whose factor decides, by position. */
  readonly by: number;
  readonly lengthFt: number;
  readonly allowedFt: number;
}

const MAX_FT = 10;
const MAX_SHARE = 0.1;

const sum = (parts: readonly RatedPart[]): number => parts.reduce((ft, { lengthFt }) => ft + lengthFt, 0);

/**
 * Where a circuit has two ampacities along its way, the higher may be used past the change for no more than
 * 10 ft and no more than 10 % of the length figured at the higher one (310.14(A)(2) exception). Undefined
 * where no part is short enough: then the worst segment decides.
 */
export function shortParts(parts: readonly RatedPart[]): ShortParts | undefined {
  const levels = [...new Set(parts.map(({ factor }) => factor))].sort((a, b) => b - a);
  for (const level of levels.slice(0, -1)) {
    const rest = parts.filter(({ factor }) => factor >= level);
    const low = parts.filter(({ factor }) => factor < level);
    const allowedFt = Math.min(MAX_FT, MAX_SHARE * sum(rest));
    if (sum(low) > allowedFt + 1e-9 || !low.every(({ mayBeSpared }) => mayBeSpared)) continue;
    const spared = new Set(parts.flatMap(({ factor }, index) => (factor < level ? [index] : [])));
    return { spared, by: parts.findIndex(({ factor }) => factor === level), lengthFt: sum(low), allowedFt };
  }
  return undefined;
}
