import type { RacewayFittingKind } from '../code/itemKinds';
import type { PriceList } from '../price/priceList';
import { TRADE_SIZES, tradeRank, type TradeSize } from '../units/tradeSize';
import { sizeRank, WIRE_SIZES } from '../units/wireSize';
import type { Item } from './item';

/** The price of the first size at or above the one wanted that the list has; undefined where it has none. */
function atLeast<K extends string>(
  prices: Partial<Record<K, number>> | undefined,
  order: readonly K[],
  from: number,
): number | undefined {
  return order
    .slice(Math.max(0, from))
    .map((each) => prices?.[each])
    .find((price) => price !== undefined);
}

const racewayCents = (prices: PriceList, method: keyof PriceList['raceway'], trade: TradeSize) =>
  atLeast(prices.raceway[method], TRADE_SIZES, tradeRank(trade));

/** A fitting costs more in proportion to its raceway. */
function fittingCents(
  prices: PriceList,
  kind: RacewayFittingKind,
  method: keyof PriceList['raceway'],
  trade: TradeSize,
): number | undefined {
  const [own, usual] = [racewayCents(prices, method, trade), racewayCents(prices, method, '3/4')];
  if (own === undefined || usual === undefined) return undefined;
  return Math.round((prices.racewayFitting[kind] * own) / usual);
}

const ratedCents = (rows: readonly { readonly toA: number; readonly cents: number }[], amps: number) =>
  rows.find(({ toA }) => amps <= toA)?.cents;

const FORM = { plain: 'none', gfci: 'breaker', afci: 'dual-function', dual: 'dual-function' } as const;

function breakerCents(item: Extract<Item, { kind: 'breaker' }>, prices: PriceList): number | undefined {
  const pair = ratedCents(prices.breaker, item.amps);
  return pair === undefined
    ? undefined
    : Math.round((pair / 2) * item.poles) + prices.groundFault[FORM[item.form]];
}

/**
 * What one of an item costs by a price list, or a foot of it, cents; undefined where the list has no price, which is
 * said and never made up.
 */
export function itemPrice(item: Item, prices: PriceList): number | undefined {
  switch (item.kind) {
    case 'wire':
      return atLeast(prices.conductor[item.metal], WIRE_SIZES, sizeRank(item.size));
    case 'bond-wire':
      return prices.bondWire;
    case 'cable': {
      const made = prices.cable[item.method];
      return atLeast(item.wires > 2 ? made?.three : made?.two, WIRE_SIZES, sizeRank(item.size));
    }
    case 'raceway':
      return racewayCents(prices, item.method, item.trade);
    case 'connector':
    case 'coupling':
    case 'elbow':
    case 'expansion':
    case 'body':
    case 'bushing':
    case 'seal':
      return fittingCents(prices, item.kind, item.method, item.trade);
    case 'cable-connector':
      return prices.fitting.cable;
    case 'support':
      return prices.support;
    case 'box':
      return prices.box.small;
    case 'pull-box':
      return prices.box.large;
    case 'breaker':
      return breakerCents(item, prices);
    case 'tandem':
      return prices.panel.tandem;
    case 'receptacle':
      return prices.receptacle + (item.gfci ? prices.groundFault.receptacle : 0);
    case 'dead-front':
      return prices.groundFault['dead-front'];
    case 'spa-panel':
      return prices.groundFault['spa-enclosure'];
    case 'disconnect':
      return ratedCents(prices.disconnect, item.amps);
    case 'tape':
      return prices.tape;
    case 'ribbon':
      return prices.ribbon;
    case 'load-manager':
      return prices.service.management;
    case 'sharing-device':
      return prices.service.sharing;
    case 'service':
      return ratedCents(prices.service.upgrade, item.amps);
    default:
      return prices.small[item.kind];
  }
}
