import { parseNumber, type NumberRange } from '../units/number';
import { isRefused, refuse, type Refused } from '../units/refused';
import { parseTradeSize, type TradeSize } from '../units/tradeSize';
import type { Panel } from './panelSchema';

/** A number, or null where the field is empty. */
export const parseOptional = (text: string, range: NumberRange): number | null | Refused =>
  text.trim() === '' ? null : parseNumber(text, range);

const RANGE = /^(\d+)\s*(?:-|to|–)?\s*(\d+)?$/i;

/** "21-40", "9, 11, 21 to 30", "none", or nothing where the label was not read. */
export function parseTandems(text: string, spaces: number): Panel['tandems'] | Refused {
  const typed = text.trim();
  if (typed === '') return null;
  if (/^none$/i.test(typed)) return [];
  if (/^all$/i.test(typed)) return [{ from: 1, to: spaces }];
  const accepts = `spaces from 1 to ${spaces}, such as 21-40 or 9, 11; or none`;
  const ranges: { from: number; to: number }[] = [];
  for (const part of typed.split(/\s*[,;]\s*/)) {
    const read = RANGE.exec(part);
    const from = Number(read?.[1]);
    const to = Number(read?.[2] ?? from);
    if (read === null || from < 1 || to > spaces || to < from || ranges.length === 10)
      return refuse(text, accepts);
    ranges.push({ from, to });
  }
  return ranges;
}

/** Spaces that take two circuits, as they are typed. */
export function printTandems(tandems: Panel['tandems']): string {
  if (tandems === null) return '';
  if (tandems.length === 0) return 'none';
  return tandems.map(({ from, to }) => (from === to ? `${from}` : `${from}-${to}`)).join(', ');
}

/** "3 3/4, 2 1" as free knockouts by trade size; "none"; nothing where they were not counted. */
export function parseKnockouts(text: string): Panel['knockouts'] | Refused {
  const typed = text.trim();
  if (typed === '') return null;
  if (/^none$/i.test(typed)) return [];
  const accepts = 'a count and a trade size, such as 3 × 3/4, 2 × 1; or none';
  const found: { trade: TradeSize; free: number }[] = [];
  for (const part of typed.split(/\s*[,;]\s*/)) {
    const [count = '', size = ''] = part.split(/\s*[x×]\s*|\s+/);
    const [free, trade] = [
      parseNumber(count, { min: 0, max: 40, units: [], shown: '', whole: true }),
      parseTradeSize(size),
    ];
    if (isRefused(free) || isRefused(trade) || found.length === 8) return refuse(text, accepts);
    found.push({ trade, free });
  }
  return found;
}

/** Free knockouts as they are typed. */
export const printKnockouts = (knockouts: Panel['knockouts']): string =>
  knockouts === null
    ? ''
    : knockouts.length === 0
      ? 'none'
      : knockouts.map(({ trade, free }) => `${free} × ${trade}`).join(', ');

/** Breaker types apart by commas. */
export const parseListings = (text: string): readonly string[] | Refused => {
  const types = text.split(/\s*[,;]\s*/).filter((each) => each !== '');
  return types.length > 8 || types.some((each) => each.length > 20)
    ? refuse(text, 'up to 8 types of at most 20 letters, apart by commas')
    : types;
};
