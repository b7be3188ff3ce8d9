import { tally } from '../units/tally';
import type { PriceList } from '../price/priceList';
import type { LineAsked, LineCuts } from './lineCuts';
import type { KeptBar, Materials } from './materialsDocument';
import { sourceKey } from './need';
import { offerOf, type Offer } from './offer';
import type { Takeoff, TakeoffLine } from './takeoff';

/** A line with what it is sold as. */
export interface OfferedLine {
  readonly line: TakeoffLine;
  readonly offer: Offer;
  /** Bars whose pieces were put on them by hand. */
  readonly kept: readonly KeptBar[];
}

/** A line with its price, and what of that each part of the job bears. */
export interface PricedLine extends OfferedLine {
  readonly cuts: LineCuts | undefined;
  /** How many of what is counted lie on the truck and are not bought. */
  readonly fromTruck: number;
  /** A piece that is longer than anything that it is sold as or lies there, and how long that is, feet; null where none is. */
  readonly tooLong: { readonly where: string; readonly ft: number; readonly maxFt: number } | null;
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
  /** Lines that have no price, or a piece that nothing is long enough for: the total lacks them. */
  readonly unpriced: number;
  /** Lines whose price is that of the list for comparing. */
  readonly comparing: number;
}

/** Every line with what it is sold as. */
export const offeredLines = (
  { lines }: Takeoff,
  materials: Materials,
  list: PriceList,
): readonly OfferedLine[] =>
  lines.map((line) => ({
    line,
    offer: offerOf(line.item, materials, list),
    kept: materials.kept.filter(({ item }) => item === line.key),
  }));

/** What is asked of every line that is cut: its pieces, what they may be cut from, and what lies there by hand. */
export const cutLines = (offered: readonly OfferedLine[]): readonly LineAsked[] =>
  offered.flatMap(({ line: { key, pieces }, offer, kept }) =>
    pieces.length === 0 ? [] : [{ key, pieces, offer, kept }],
  );

/** Cents shared out in proportion, whole and adding up: what is left over goes to the largest remainders. */
export function sharedOut(cents: number, shares: ReadonlyMap<string, number>): ReadonlyMap<string, number> {
  const whole = [...shares.values()].reduce((sum, each) => sum + each, 0);
  const given = [...shares].map(([key, share]) => {
    const exact = whole === 0 ? 0 : (cents * share) / whole;
    return { key, exact, floor: Math.floor(exact) };
  });
  const left = cents - given.reduce((sum, { floor }) => sum + floor, 0);
  const order = given.toSorted((a, b) => b.exact - b.floor - (a.exact - a.floor));
  return new Map(order.map(({ key, floor }, at) => [key, floor + (at < left ? 1 : 0)]));
}

/** How many of what is counted are taken from the truck. */
const takenFromTruck = ({ line, offer }: OfferedLine): number =>
  line.pieces.length > 0
    ? 0
    : Math.min(
        line.count,
        offer.truck.reduce((sum, { ft, count }) => sum + (ft ?? 1) * count, 0),
      );

/** The longest piece of a line where nothing is as long. */
export function tooLong({ line, offer }: OfferedLine): PricedLine['tooLong'] {
  const [longest] = line.pieces;
  const byTheFoot = offer.each !== undefined && !offer.packsOnly;
  if (longest === undefined || byTheFoot || offer.basis === 'none') return null;
  const maxFt = Math.max(...offer.packs.map(({ ft }) => ft), ...offer.truck.map(({ ft }) => ft ?? 0));
  return longest.cutFt > maxFt + 1e-9 ? { where: longest.where, ft: longest.cutFt, maxFt } : null;
}

function priced(of: OfferedLine, cuts: LineCuts | undefined): PricedLine {
  const { line, offer } = of;
  const fromTruck = takenFromTruck(of);
  const { each } = offer;
  const cents =
    line.pieces.length > 0
      ? cuts?.plan.costCents
      : each === undefined
        ? undefined
        : Math.round(each * (line.count - fromTruck));
  const shares = new Map<string, number>();
  for (const { source, count } of line.needs) {
    const key = sourceKey(source);
    tally(shares, key, count);
  }
  return {
    ...of,
    cuts,
    fromTruck,
    tooLong: tooLong(of),
    cents,
    byPart: cents === undefined ? new Map() : sharedOut(cents, shares),
  };
}

/** The list with its prices: totals by item and by part are the same money. */
export function pricedTakeoff(
  offered: readonly OfferedLine[],
  cuts: ReadonlyMap<string, LineCuts>,
): PricedTakeoff {
  const lines = offered.map((each) => priced(each, cuts.get(each.line.key)));
  const byPart = new Map<string, number>();
  for (const { byPart: own } of lines) for (const [key, cents] of own) tally(byPart, key, cents);
  return {
    lines,
    byPart,
    cents: lines.reduce((sum, { cents }) => sum + (cents ?? 0), 0),
    unpriced: lines.filter((each) => each.offer.basis === 'none' || each.tooLong !== null).length,
    comparing: offered.filter(({ offer }) => offer.basis === 'comparing').length,
  };
}
