import type { PriceList } from '../price/defaultPrices';
import { itemPrice } from './itemPrice';
import type { LineCuts } from './lineCuts';
import { sourceKey } from './need';
import type { Takeoff, TakeoffLine } from './takeoff';

/** A line with its price, and what of that each part of the job bears. */
export interface PricedLine {
  readonly line: TakeoffLine;
  readonly cuts: LineCuts | undefined;
  /** Undefined where it has no price, or is not cut yet. */
  readonly cents: number | undefined;
  /** By the key of the part; together they are the price to the cent. */
  readonly byPart: ReadonlyMap<string, number>;
}

/** The whole list with prices. */
export interface PricedTakeoff {
  readonly lines: readonly PricedLine[];
  readonly byPart: ReadonlyMap<string, number>;
  readonly cents: number;
  /** Lines that have no price: the total lacks them. */
  readonly unpriced: number;
}

/** Cents shared out in proportion, whole and adding up: what is left over goes to the largest remainders. */
export function sharedOut(cents: number, shares: ReadonlyMap<string, number>): ReadonlyMap<string, number> {
  const whole = [...shares.values()].reduce((sum, each) => sum + each, 0);
  const exact = [...shares].map(([key, share]) => ({
    key,
    cents: whole === 0 ? 0 : (cents * share) / whole,
  }));
  const given = exact.map((each) => ({ ...each, floor: Math.floor(each.cents) }));
  const left = cents - given.reduce((sum, { floor }) => sum + floor, 0);
  const order = given.toSorted((a, b) => b.cents - b.floor - (a.cents - a.floor));
  return new Map(order.map(({ key, floor }, at) => [key, floor + (at < left ? 1 : 0)]));
}

function priced(line: TakeoffLine, cuts: LineCuts | undefined, prices: PriceList): PricedLine {
  const each = itemPrice(line.item, prices);
  const cents =
    each === undefined
      ? undefined
      : line.pieces.length > 0
        ? cuts?.plan.costCents
        : Math.round(each * line.count);
  const shares = new Map<string, number>();
  for (const { source, count } of line.needs) {
    const key = sourceKey(source);
    shares.set(key, (shares.get(key) ?? 0) + count);
  }
  return { line, cuts, cents, byPart: cents === undefined ? new Map() : sharedOut(cents, shares) };
}

/** The list with its prices: totals by item and by part are the same money. */
export function pricedTakeoff(
  { lines }: Takeoff,
  cuts: ReadonlyMap<string, LineCuts>,
  prices: PriceList,
): PricedTakeoff {
  const all = lines.map((line) => priced(line, cuts.get(line.key), prices));
  const byPart = new Map<string, number>();
  for (const { byPart: own } of all)
    for (const [key, cents] of own) byPart.set(key, (byPart.get(key) ?? 0) + cents);
  return {
    lines: all,
    byPart,
    cents: all.reduce((sum, { cents }) => sum + (cents ?? 0), 0),
    unpriced: lines.filter(({ item }) => itemPrice(item, prices) === undefined).length,
  };
}
