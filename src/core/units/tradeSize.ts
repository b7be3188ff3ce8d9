import { refuse, type Refused } from './refused';

/** Trade sizes of raceways from small to large; a trade size is a name, not a measure. */
export const TRADE_SIZES = ['1/2', '3/4', '1', '1-1/4', '1-1/2', '2', '2-1/2', '3', '3-1/2', '4'] as const;

/** A trade size of raceway. */
export type TradeSize = (typeof TRADE_SIZES)[number];

/** Position in the order of trade sizes, 0 for 1/2. */
export const tradeRank = (trade: TradeSize): number => TRADE_SIZES.indexOf(trade);

const isTradeSize = (text: string): text is TradeSize => TRADE_SIZES.some((trade) => trade === text);

/** A trade size: "3/4", `3/4"`, "1-1/4", "1 1/4", "1.25". Refuses what no raceway is made in. */
export function parseTradeSize(text: string): TradeSize | Refused {
  const t = text
    .trim()
    .toLowerCase()
    .replace(/\s*("|″|in\.?|inch|trade)$/, '');
  const decimal: Record<string, string> = {
    '0.5': '1/2',
    '.5': '1/2',
    '0.75': '3/4',
    '.75': '3/4',
    '1.25': '1-1/4',
    '1.5': '1-1/2',
    '2.5': '2-1/2',
    '3.5': '3-1/2',
  };
  const joined = decimal[t] ?? t.replace(/^(\d)[\s-]+(\d\/\d)$/, '$1-$2');
  return isTradeSize(joined) ? joined : refuse(text, 'a trade size such as 1/2, 3/4, 1 or 1-1/4');
}
