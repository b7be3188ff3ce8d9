import type { Edition } from '../code/edition';
import { supportCount, supportMarks, supportSpacing, type SupportSpacing } from '../rules/supportMarks';
import type { TradeSize } from '../units/tradeSize';
import type { Segment } from './circuitSchema';
import type { SegmentFigures } from './figures';
import type { Practices } from './practices';

/** Spacing by rule, and the one that the house keeps: half of it where a straight line is wanted. */
interface Spacings {
  readonly legal: SupportSpacing;
  readonly practice: SupportSpacing;
}

/** The spacings of one segment; none where it is buried. */
function spacings(
  segment: Segment,
  trade: TradeSize | null,
  practices: Practices,
  code: Edition,
): Spacings | null {
  if (segment.place === 'underground') return null;
  const legal = supportSpacing(segment.method, trade, code);
  const share = practices.supports === 'half' ? 0.5 : 1;
  return { legal, practice: { ...legal, spacingIn: legal.spacingIn * share } };
}

/** How many supports one segment takes, by rule and by practice; none where it is buried. */
export function figureSupports(
  segment: Segment,
  trade: TradeSize | null,
  practices: Practices,
  code: Edition,
): SegmentFigures['supports'] {
  const by = spacings(segment, trade, practices, code);
  return (
    by && {
      legal: supportCount(segment.lengthFt, by.legal),
      practice: supportCount(segment.lengthFt, by.practice),
    }
  );
}

/** Where the supports of one segment stand by the shop practice, feet from its start. */
export function practiceMarks(
  segment: Segment,
  trade: TradeSize | null,
  practices: Practices,
  code: Edition,
): readonly number[] {
  const by = spacings(segment, trade, practices, code);
  return by === null ? [] : supportMarks(segment.lengthFt, by.practice);
}
