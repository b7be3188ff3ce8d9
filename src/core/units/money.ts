import type { Cents } from './quantity';

const dollars = new Intl.NumberFormat('en-US', {
  style: 'currency',
  currency: 'USD',
  maximumFractionDigits: 0,
});

const exact = new Intl.NumberFormat('en-US', { style: 'currency', currency: 'USD' });

/** A price to the cent: "$1,204.50". */
export const printDollars = (cents: number): string => exact.format(cents / 100);

/** Below this cents are shown, in cents. */
const WITH_CENTS_BELOW = 2000;

/** A price as it is read at a glance: whole dollars from $20 on, to the cent below. */
export const printPrice = (cents: number): string =>
  cents < WITH_CENTS_BELOW ? printDollars(cents) : dollars.format(cents / 100);

/** A difference in price in whole dollars with its sign: "+$71", "-$8", "$0". */
export function printPriceChange(change: Cents): string {
  const shown = dollars.format(Math.abs(change) / 100);
  if (shown === '$0') return shown;
  return `${change < 0 ? '-' : '+'}${shown}`;
}
