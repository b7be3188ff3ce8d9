import { LIMITS } from '../code/limits';
import { parseLength } from '../units/length';
import { printNumber as n } from '../units/number';
import { isRefused, refuse, type Refused } from '../units/refused';
import type { OnTruck } from './materialsDocument';

const ACCEPTS = 'lengths in feet apart by commas, such as 52, 30 or 3 x 10';

/** What lies on the truck of an item in lengths: "52, 3 x 10". */
export const printTails = (tails: readonly OnTruck[]): string =>
  tails.map(({ ft, count }) => (count === 1 ? n(ft ?? 0) : `${count} x ${n(ft ?? 0)}`)).join(', ');

/** Reads lengths on the truck, each with how often it lies there; nothing is nothing. */
export function parseTails(item: string, text: string): readonly OnTruck[] | Refused {
  const tails: OnTruck[] = [];
  for (const part of text.split(',').map((each) => each.trim())) {
    if (part === '') continue;
    const [, times = '1', length = ''] = /^(?:(\d+)\s*[x×]\s*)?(.+)$/i.exec(part) ?? [];
    const read = parseLength(/^[\d.]+$/.test(length) ? `${length} ft` : length);
    const count = Number(times);
    if (isRefused(read) || read <= 0 || read > LIMITS.planFt || count < 1 || count > LIMITS.pieces)
      return refuse(text, ACCEPTS);
    tails.push({ item, ft: Number(read), count });
  }
  return tails;
}
