import { tally } from '../units/tally';
import type { LineCuts } from '../takeoff/lineCuts';
import type { Pack } from '../takeoff/pack';
import { STICK_FT } from '../route/cutList';
import type { DoesNotFit } from '../takeoff/keptBars';
import type { Offer } from '../takeoff/offer';
import { ageInDays, isOld } from '../takeoff/priceAge';
import type { PricedLine, PricedTakeoff } from '../takeoff/pricedTakeoff';
import type { TakeoffLine } from '../takeoff/takeoff';
import { isByLength } from '../takeoff/item';
import { printDay } from '../units/day';
import { printDollars } from '../units/money';
import { printNumber as n } from '../units/number';
import { itemName } from './itemWords';
import { counted } from './words';

/** How much of a line is needed: "159 ft", "4". */
export const needWords = ({ item, count }: TakeoffLine): string =>
  isByLength(item) ? `${n(Math.ceil(count - 1e-6))} ft` : n(count);

/** Sticks of raceway are told from coils by their length. */
const isStick = ({ item }: TakeoffLine, ft: number): boolean =>
  item.kind === 'raceway' && Math.abs(ft - STICK_FT) < 1e-9;

function packWords(line: TakeoffLine, { kind, ft }: Pack, count: number): string {
  const times = count === 1 ? '' : `${count} × `;
  if (kind === 'counter') return `${times}${n(ft)} ft cut`;
  const what = kind === 'truck' ? 'on the truck' : 'coil';
  return isStick(line, ft)
    ? `${counted(count, 'stick')}${kind === 'truck' ? ' on the truck' : ''}`
    : `${times}${n(ft)} ft ${what}`;
}

/** One of what a line is bought as: "125 ft coil", "10 ft stick", "44 ft cut". */
export function packName(line: TakeoffLine, { kind, ft }: Pack): string {
  const what = kind === 'counter' ? 'cut' : isStick(line, ft) ? 'stick' : 'coil';
  return `${n(ft)} ft ${what}`;
}

/** What is cut from: what is bought, or what lies on the truck. */
function cutFrom(line: TakeoffLine, cuts: LineCuts, truck: boolean): string {
  const counts = new Map<string, number>();
  for (const { stock } of cuts.plan.bars) tally(counts, stock);
  return [...counts]
    .flatMap(([stock, count]) => {
      const pack = cuts.packs.find(({ id }) => id === stock);
      return pack === undefined || (pack.kind === 'truck') !== truck ? [] : [packWords(line, pack, count)];
    })
    .join(', ');
}

/** What is bought of a line, as it is sold: "125 ft coil, 44 ft cut". */
export function boughtWords({ line, cuts, fromTruck }: PricedLine): string {
  if (line.pieces.length > 0) return cuts === undefined ? '' : cutFrom(line, cuts, false) || 'nothing';
  return line.count - fromTruck === 0 ? 'nothing' : needWords({ ...line, count: line.count - fromTruck });
}

/** What of a line comes from the truck; nothing where none does. */
export function truckWords({ line, cuts, fromTruck }: PricedLine): string {
  if (line.pieces.length > 0)
    return cuts === undefined ? '' : cutFrom(line, cuts, true).replaceAll(' on the truck', '');
  return fromTruck === 0 ? '' : needWords({ ...line, count: fromTruck });
}

/** What a line is cut from, the truck first: "52 ft on the truck". */
export function soldWords(priced: PricedLine): string {
  const [truck, bought] = [truckWords(priced), boughtWords(priced)];
  if (truck === '') return bought;
  return bought === 'nothing' ? `${truck} on the truck` : `${truck} on the truck, ${bought}`;
}

/** The list as rows of a table: what is needed, what is bought, what it costs. */
export const takeoffRows = ({ lines }: PricedTakeoff): readonly Readonly<Record<string, string | number>>[] =>
  lines.map((priced) => ({
    item: itemName(priced.line.item),
    need: Math.ceil(priced.line.count - 1e-6),
    unit: isByLength(priced.line.item) ? 'ft' : 'each',
    truck: truckWords(priced),
    buy: boughtWords(priced),
    price: priced.cents === undefined ? '' : (priced.cents / 100).toFixed(2),
  }));

/** The list as plain text, a line for each item. */
export const takeoffText = ({ lines, cents }: PricedTakeoff): string =>
  [
    ...lines
      .filter((priced) => boughtWords(priced) !== 'nothing')
      .map((priced) => `${itemName(priced.line.item)}: ${boughtWords(priced)}`),
    `To buy: ${printDollars(cents)}`,
  ].join('\n');

/**
 * The prices of a list as rows of a table that is read back: a row for each way in which an item is sold. What is only
 * for comparing is left out of it, so that it never comes back as a price that somebody gave.
 */
export const priceRows = ({ lines }: PricedTakeoff): readonly Readonly<Record<string, string | number>>[] =>
  lines.flatMap(({ line: { item }, offer: { basis, each, packs, packsOnly, date, source } }) => {
    const row = (packFt: number | '', cents: number | undefined) => ({
      item: itemName(item),
      pack_ft: packFt,
      price: cents === undefined || basis !== 'dated' ? '' : (cents / 100).toFixed(2),
      date: date ?? '',
      source: source ?? '',
    });
    const single = packsOnly && packs.length > 0 ? [] : [row('', each)];
    return [...single, ...packs.map(({ ft, cents }) => row(ft, cents))];
  });

/** Where the price of a line comes from, and how old it is. */
export function priceWords({ basis, date, source }: Offer, today: string): string {
  if (basis === 'none') return 'No price: the total lacks it.';
  if (basis === 'comparing') return 'Price of the list for comparing: no quote. Type one, or read a file.';
  const from = source === null || source === '' ? '' : `, ${source}`;
  const of = date === null ? '' : printDay(date);
  return date !== null && isOld(date, today)
    ? `Check: the price of ${of}${from} is ${ageInDays(date, today)} days old. Ask for it again.`
    : `Price of ${of}${from}.`;
}

/** What the total rests on, and what it lacks. */
export function basisWords({ lines, comparing, unpriced }: PricedTakeoff): string {
  const all = `${counted(lines.length, 'line')}, before tax.`;
  const made = comparing === 0 ? '' : ` ${counted(comparing, 'line')} at the list for comparing: no quote.`;
  const lacks = unpriced === 0 ? '' : ` ${counted(unpriced, 'line')} without a price: the total lacks them.`;
  return `${all}${made}${lacks}`;
}

/** What stands in the place of a price that a line does not have; nothing while it is still being cut. */
export const noPrice = ({ tooLong, offer }: PricedLine): string =>
  tooLong !== null ? 'too long' : offer.basis === 'none' ? 'no price' : '';

/** Why a piece does not go onto another bar: "44 ft does not fit in 10 ft left". */
export const doesNotFit = ({ ft, leftFt }: DoesNotFit): string =>
  `${n(ft, 1)} ft does not fit in ${n(leftFt, 1)} ft left.`;

/** A piece that nothing is long enough for, and what to do. */
export const tooLongWords = ({ where, ft, maxFt }: NonNullable<PricedLine['tooLong']>): string =>
  `Sold to ${n(maxFt)} ft; the piece ${where} is ${n(ft, 1)} ft. Splice it in a box, or ask for a longer one.`;
