import { TRADE_SIZES, type TradeSize } from '../units/tradeSize';

/** Nominal inches of a trade size, as the rule of pull boxes multiplies it. */
export const tradeInches = (trade: TradeSize): number =>
  trade.split('-').reduce((sum, part) => {
    const [over = '0', under = '1'] = part.split('/');
    return sum + Number(over) / Number(under);
  }, 0);

/**
 * Least length of a box in which 4 AWG and larger are pulled or spliced: 8 times the largest raceway straight
 * through, 6 times with the others of its wall added where they turn or are spliced (314.28(A)). Inches.
 */
export const pullBoxLength = (turn: 'straight' | 'angle', trades: readonly TradeSize[]): number => {
  const sizes = trades.map(tradeInches).sort((a, b) => b - a);
  const [largest = tradeInches(TRADE_SIZES[0]), ...others] = sizes;
  return turn === 'straight' ? 8 * largest : 6 * largest + others.reduce((sum, each) => sum + each, 0);
};
