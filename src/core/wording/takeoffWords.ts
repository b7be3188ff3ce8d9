import type { LineCuts, Pack } from '../takeoff/lineCuts';
import type { PricedTakeoff } from '../takeoff/pricedTakeoff';
import type { TakeoffLine } from '../takeoff/takeoff';
import { isByLength } from '../takeoff/item';
import { printNumber as n } from '../units/number';
import { inDollars, itemName } from './itemWords';
import { counted } from './words';

/** How much of a line is needed: "159 ft", "4". */
export const needWords = ({ item, count }: TakeoffLine): string =>
  isByLength(item) ? `${n(Math.ceil(count - 1e-6))} ft` : n(count);

const PACK: Readonly<Record<Pack['kind'], (ft: string, count: number) => string>> = {
  roll: (ft, count) => (count === 1 ? `${ft} ft coil` : `${count} × ${ft} ft coil`),
  stick: (_, count) => counted(count, 'stick'),
  counter: (ft, count) => (count === 1 ? `${ft} ft cut` : `${count} × ${ft} ft cut`),
};

/** What is bought of a line, as it is sold: "125 ft coil, 44 ft cut". */
export function boughtWords(line: TakeoffLine, cuts: LineCuts | undefined): string {
  if (cuts === undefined) return line.pieces.length > 0 ? '' : needWords(line);
  const counts = new Map<string, number>();
  for (const { stock } of cuts.plan.bars) counts.set(stock, (counts.get(stock) ?? 0) + 1);
  return [...counts]
    .flatMap(([stock, count]) => {
      const pack = cuts.packs.find(({ id }) => id === stock);
      return pack === undefined ? [] : [PACK[pack.kind](n(pack.ft), count)];
    })
    .join(', ');
}

/** The list as rows of a table: what is needed, what is bought, what it costs. */
export const takeoffRows = ({ lines }: PricedTakeoff): readonly Readonly<Record<string, string | number>>[] =>
  lines.map(({ line, cuts, cents }) => ({
    item: itemName(line.item),
    need: Math.ceil(line.count - 1e-6),
    unit: isByLength(line.item) ? 'ft' : 'each',
    buy: boughtWords(line, cuts),
    price: cents === undefined ? '' : (cents / 100).toFixed(2),
  }));

/** The list as plain text, a line for each item. */
export const takeoffText = ({ lines, cents }: PricedTakeoff): string =>
  [
    ...lines.map(({ line, cuts }) => `${itemName(line.item)}: ${boughtWords(line, cuts)}`),
    `To buy: ${inDollars(cents)}`,
  ].join('\n');
