import type { CountRow } from '../takeoff/noonCount';
import { isByLength, type Item } from '../takeoff/item';
import { printDollars } from '../units/money';
import { printNumber as n } from '../units/number';
import { itemName } from './itemWords';

/** An amount of an item: "5", "12.5 ft". */
export const amountWords = (amount: number, item: Item): string =>
  isByLength(item) ? `${n(amount, 1)} ft` : n(amount);

/** How a line stands: "Short 5", "32 left". */
export const standWords = ({ short, left, item }: CountRow): string =>
  short > 0 ? `Short ${amountWords(short, item)}` : `${amountWords(left, item)} left`;

/** The list of the one trip as plain text, with what it comes to. */
export function tripText(rows: readonly CountRow[]): string {
  const wanted = rows.filter(({ short }) => short > 0);
  const cents = wanted.reduce((sum, row) => sum + (row.cents ?? 0), 0);
  return [
    ...wanted.map(({ item, short }) => `${itemName(item)}: ${amountWords(Math.ceil(short), item)}`),
    `About ${printDollars(cents)}`,
  ].join('\n');
}
