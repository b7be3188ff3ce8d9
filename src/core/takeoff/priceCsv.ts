import { z } from 'zod';
import { LIMITS } from '../code/limits';
import { readCsv } from '../files/csvTable';
import { parseLength } from '../units/length';
import { isRefused } from '../units/refused';
import { isByLength, itemKey, type Item } from './item';
import type { DatedPrice } from './materialsDocument';

/** An item with the name by which a file calls it. */
export interface NamedItem {
  readonly item: Item;
  readonly name: string;
}

/** A cell that was refused: where it stands, and what is accepted there. */
export interface PriceProblem {
  readonly line: number;
  readonly field: 'item' | 'pack_ft' | 'price' | 'date';
  readonly text: string;
  readonly accepts: string;
}

/** A price file read: its prices, what was refused of it, and how many rows are of nothing on the list. */
export interface ReadPrices {
  readonly prices: readonly DatedPrice[];
  readonly problems: readonly PriceProblem[];
  readonly others: number;
}

const day = z.iso.date();

/** Dollars as a price list writes them: "$1,204.50", "1204.5"; undefined for anything else. */
function centsOf(text: string): number | undefined {
  const bare = text.replace(/[$\s]/g, '').replace(/(\d),(?=\d{3}\b)/g, '$1');
  if (!/^\d+(\.\d{1,4})?$/.test(bare)) return undefined;
  const cents = Math.round(Number(bare) * 100);
  return cents > 0 && cents <= LIMITS.cents ? cents : undefined;
}

/** Feet of a pack; null where the cell is empty. */
function packOf(text: string): number | null | undefined {
  if (text === '') return null;
  const read = parseLength(/^[\d.]+$/.test(text) ? `${text} ft` : text);
  return isRefused(read) || read <= 0 || read > LIMITS.planFt ? undefined : Number(read);
}

/** A name as it is compared: without regard to case, spaces and commas. */
const plain = (name: string): string =>
  name
    .toLowerCase()
    .replace(/[\s,]+/g, ' ')
    .trim();

/**
 * Reads prices of the items of a list from CSV: item, pack_ft (empty for a piece or a foot), price in dollars, date,
 * source. Every cell that is refused is told with its line; the other rows are read.
 *
 * @param today What a row without a date is taken to be of.
 */
export function readPriceCsv(
  text: string,
  items: readonly NamedItem[],
  today: string,
): ReadPrices | { readonly problem: string } {
  const table = readCsv(text);
  if ('problem' in table) return table;
  const missing = ['item', 'price'].find((header) => !table.headers.includes(header));
  if (missing !== undefined)
    return { problem: `The file has no column ${missing}; item and price are required.` };
  const known = new Map(items.map(({ item, name }) => [plain(name), item]));
  const prices: DatedPrice[] = [];
  const problems: PriceProblem[] = [];
  let others = 0;
  for (const { line, cells } of table.rows) {
    const cell = (name: string): string => cells[name] ?? '';
    const item = known.get(plain(cell('item')));
    // A row that waits for its price says nothing yet.
    if (item !== undefined && cell('price') === '') continue;
    if (item === undefined) {
      others += 1;
      continue;
    }
    const [cents, packFt] = [centsOf(cell('price')), packOf(cell('pack_ft'))];
    const date = cell('date') === '' ? today : cell('date');
    const refuse = (field: PriceProblem['field'], accepts: string): void => {
      problems.push({ line, field, text: cell(field), accepts });
    };
    if (cents === undefined) refuse('price', 'dollars, over 0 and up to 1,000,000, such as 1.12 or $119.00');
    else if (packFt === undefined)
      refuse('pack_ft', 'feet of the coil or stick, or nothing for a piece or a foot');
    else if (packFt !== null && !isByLength(item)) refuse('pack_ft', 'nothing: this is bought by the piece');
    else if (!day.safeParse(date).success) refuse('date', 'a day such as 2026-03-12');
    else prices.push({ item: itemKey(item), packFt, cents, date, source: cell('source').slice(0, 60) });
  }
  return { prices, problems, others };
}

/** What a dated price is of: an item, by the pack, the piece or the foot. */
export const priceKey = ({ item, packFt }: Pick<DatedPrice, 'item' | 'packFt'>): string =>
  `${item} | ${packFt ?? ''}`;

/** Prices with newer ones in the place of those of the same item and pack. */
export function withPrices(known: readonly DatedPrice[], read: readonly DatedPrice[]): DatedPrice[] {
  return [...new Map([...known, ...read].map((price) => [priceKey(price), price])).values()];
}
