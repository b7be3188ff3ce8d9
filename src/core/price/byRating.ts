import { present } from '../units/present';
import type { PriceList } from './priceList';

/** What something of a rating costs by a list, cents; larger than any of the list, at least as much as the largest. */
export function byRating(ratingA: number, list: PriceList['breaker']): number {
  const row = list.find(({ toA }) => ratingA <= toA) ?? list.at(-1);
  return present(row, 'price by rating').cents;
}
