import { present } from '../units/present';
import type { PriceList } from './priceList';

/** What a two-pole breaker of a rating costs, cents; one larger than any of the list at least as much as the largest. */
export function breakerCents(ratingA: number, { breaker }: PriceList): number {
  const row = breaker.find(({ toA }) => ratingA <= toA) ?? breaker.at(-1);
  return present(row, 'price of a breaker').cents;
}
