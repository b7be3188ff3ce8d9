import type { Edition } from '../code/edition';
import { supportCount, supportSpacing } from '../rules/supportMarks';
import type { TradeSize } from '../units/tradeSize';
import type { Stretch } from './circuitSchema';
import type { StretchFigures } from './figures';
import type { Practices } from './practices';

/** Spacing that the house practice keeps: the largest by rule, or half of it so that the line looks straight. */
export const practiceSpacing = (spacingIn: number, practices: Practices): number =>
  practices.supports === 'half' ? spacingIn / 2 : spacingIn;

/** Supports along one stretch, by rule and by practice; none where it is buried. */
export function figureSupports(
  stretch: Stretch | undefined,
  trade: TradeSize | null,
  practices: Practices,
  code: Edition,
): StretchFigures['supports'] {
  if (stretch === undefined || stretch.place === 'underground') return null;
  const spacing = supportSpacing(stretch.method, trade, code);
  const half = { ...spacing, spacingIn: practiceSpacing(spacing.spacingIn, practices) };
  return {
    legal: supportCount(stretch.lengthFt, spacing),
    practice: supportCount(stretch.lengthFt, half),
  };
}
