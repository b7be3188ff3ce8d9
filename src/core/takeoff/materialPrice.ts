import type { PriceList } from '../price/priceList';
import { cents, type Cents } from '../units/quantity';
import type { Materials } from './materialsDocument';
import { offerOf, type Offer } from './offer';
import type { Takeoff } from './takeoff';

/** What a foot or a piece comes to: cut at the counter, or of the pack that is cheapest by the foot. */
const unitCents = ({ each, packs }: Offer): number =>
  each ?? Math.min(...packs.map(({ ft, cents: pack }) => pack / ft));

/**
 * What everything that a job takes costs by the foot and the piece, by its own prices and else by the list: good for
 * comparing two states of a job. Cut plans, waste and what lies on the truck are not in it; nor is what has no price.
 */
export function materialPrice(
  { lines }: Takeoff,
  materials: Pick<Materials, 'prices' | 'truck'>,
  list: PriceList,
): Cents {
  const sum = lines.reduce((before, { item, count }) => {
    const offer = offerOf(item, materials, list);
    return offer.basis === 'none' ? before : before + unitCents(offer) * count;
  }, 0);
  return cents(Math.round(sum));
}
