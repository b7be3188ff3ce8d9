import type { Edition } from '../code/edition';
import { METHODS, type MethodId } from '../code/methods';
import type { TradeSize } from '../units/tradeSize';

/** Largest distances of supports, inches. */
export interface SupportSpacing {
  readonly withinIn: number;
  readonly spacingIn: number;
}

/** Largest distances between supports and from a box, for a method and trade size. */
export const supportSpacing = (method: MethodId, trade: TradeSize | null, code: Edition): SupportSpacing => {
  const { withinIn, spacingIn } = code.tables.supports.rows[METHODS[method].support];
  return {
    withinIn,
    spacingIn: typeof spacingIn === 'number' ? spacingIn : (spacingIn[trade ?? '1/2'] ?? 36),
  };
};

/** Where a support from a box is set when nothing else is asked, inches. */
const FROM_BOX_IN = 12;

/** Gaps between the supports of a straight length, and where the first and last stand. */
function supportGaps(lengthFt: number, { withinIn, spacingIn }: SupportSpacing) {
  const lengthIn = lengthFt * 12;
  const end = Math.min(withinIn, FROM_BOX_IN, lengthIn / 2);
  const between = lengthIn - 2 * end;
  return { end, between, gaps: between <= 0 ? 0 : Math.max(1, Math.ceil(between / spacingIn - 1e-9)) };
}

/** How many supports a straight length takes. */
export const supportCount = (lengthFt: number, spacing: SupportSpacing): number =>
  supportGaps(lengthFt, spacing).gaps + 1;

/**
 * Equally spaced supports along a straight length, feet from its start: the first and last near the ends,
 * the rest no further apart than `spacingIn`.
 */
export function supportMarks(lengthFt: number, spacing: SupportSpacing): readonly number[] {
  const { end, between, gaps } = supportGaps(lengthFt, spacing);
  return Array.from({ length: gaps + 1 }, (_, at) => (end + (gaps === 0 ? 0 : (at * between) / gaps)) / 12);
}
