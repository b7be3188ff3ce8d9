import { present } from '../units/present';
import { byRating } from '../price/byRating';
import { METHODS } from '../code/methods';
import { isSized, type CircuitFigures, type SegmentFigures, type SizedFigures } from './figures';
import type { Segment } from './circuitSchema';
import { TRADE_SIZES, tradeRank } from '../units/tradeSize';
import { cents, type Cents } from '../units/quantity';
import { sizeRank, WIRE_SIZES } from '../units/wireSize';
import type { PriceList } from '../price/priceList';

/** Wire left free in panel and box, feet at each end of a segment. */
const MAKE_UP_FT = 3;

/** From this size on a splice wants a large box. */
const LARGE_BOX_FROM = sizeRank('4');

/** The price of the first size at or above the one asked for that the list knows; above all of them that of the largest. */
const fromSize = <K extends string>(
  prices: Partial<Record<K, number>>,
  order: readonly K[],
  from: number,
): number => {
  const isKnown = (each: K): boolean => prices[each] !== undefined;
  const size = order.slice(Math.max(0, from)).find(isKnown) ?? order.findLast(isKnown);
  const price: number | undefined = size === undefined ? undefined : prices[size];
  return present(price, 'price by size');
};

function segmentCents(
  segment: Segment,
  figures: SizedFigures,
  at: SegmentFigures,
  prices: PriceList,
): number {
  const lengthFt = segment.lengthFt + 2 * MAKE_UP_FT;
  const size = sizeRank(at.size);
  const supports = (at.supports?.practice ?? 0) * prices.support;
  const cable = prices.cable[segment.method];
  if (METHODS[segment.method].kind === 'cable' && cable !== undefined) {
    const wires = at.cable?.wires ?? figures.wires;
    return (
      lengthFt * fromSize(wires > 2 ? cable.three : cable.two, WIRE_SIZES, size) +
      supports +
      2 * prices.fitting.cable
    );
  }
  const perFt =
    at.wires * fromSize(prices.conductor[figures.metal], WIRE_SIZES, size) +
    fromSize(prices.conductor[figures.groundMetal], WIRE_SIZES, sizeRank(at.ground));
  const trade = tradeRank(at.raceway?.taken ?? '1/2');
  const raceway = segment.lengthFt * fromSize(prices.raceway[segment.method] ?? {}, TRADE_SIZES, trade);
  return lengthFt * perFt + raceway + supports + 2 * prices.fitting.raceway;
}

/**
 * What the material of one circuit costs by a price list: cable or conductors and raceway by the foot,
 * supports, fittings, boxes where the method changes, breaker and receptacle. Good for comparing two options;
 * labour, tax and margin are not in it. Nothing where no conductor fits: there is nothing to buy.
 */
export function circuitPrice(run: readonly Segment[], figures: CircuitFigures, prices: PriceList): Cents {
  if (!isSized(figures)) return cents(0);
  let sum = 0;
  for (const [index, segment] of run.entries()) {
    const at = figures.segments[index];
    if (at !== undefined) sum += segmentCents(segment, figures, at, prices);
  }
  const largest = Math.max(...figures.segments.map(({ size }) => sizeRank(size)));
  const box = largest >= LARGE_BOX_FROM ? prices.box.large : prices.box.small;
  sum += (run.length - 1) * box;
  const breaker = byRating(figures.ocpd.ratingA, prices.breaker);
  sum += (breaker / 2) * figures.ocpd.poles;
  sum += prices.groundFault[figures.outlet.gfci.form];
  if (figures.outlet.receptacle !== null) sum += prices.receptacle;
  return cents(sum);
}
