import type { Edition } from '../code/edition';
import { supportCount, supportMarks, supportSpacing, type SupportSpacing } from '../rules/supportMarks';
import type { TradeSize } from '../units/tradeSize';
import type { Stretch } from './circuitSchema';
import type { StretchFigures } from './figures';
import type { Practices } from './practices';

/** Spacing by rule, and the one that the house keeps: half of it where a straight line is wanted. */
interface Spacings {
  readonly legal: SupportSpacing;
  readonly practice: SupportSpacing;
}

/** The spacings of one stretch; none where it is buried. */
function spacings(
  stretch: Stretch,
  trade: TradeSize | null,
  practices: Practices,
  code: Edition,
): Spacings | null {
  if (stretch.place === 'underground') return null;
  const legal = supportSpacing(stretch.method, trade, code);
  const share = practices.supports === 'half' ? 0.5 : 1;
  return { legal, practice: { ...legal, spacingIn: legal.spacingIn * share } };
}

/** How many supports one stretch takes, by rule and by practice; none where it is buried. */
export function figureSupports(
  stretch: Stretch,
  trade: TradeSize | null,
  practices: Practices,
  code: Edition,
): StretchFigures['supports'] {
  const by = spacings(stretch, trade, practices, code);
  return (
    by && {
      legal: supportCount(stretch.lengthFt, by.legal),
      practice: supportCount(stretch.lengthFt, by.practice),
    }
  );
}

/** Where the supports of one stretch stand by the house practice, feet from its start. */
export function practiceMarks(
  stretch: Stretch,
  trade: TradeSize | null,
  practices: Practices,
  code: Edition,
): readonly number[] {
  const by = spacings(stretch, trade, practices, code);
  return by === null ? [] : supportMarks(stretch.lengthFt, by.practice);
}
