import type { Edition } from '../code/edition';
import { sizeRank, type WireSize } from '../units/wireSize';

/** Default torque of a slotted lug for a size, pound-inches; the label always comes first (110.14(D)). */
export function defaultTorque(size: WireSize, code: Edition): number {
  const rows: readonly { readonly size: string; readonly slotLarge: number }[] = code.tables.torque.screws;
  const rank = sizeRank(size);
  const row = rows.find(({ size: range }) => {
    const [from = '', to = from] = range.split('-').map((part) => (part === '18' ? '14' : part));
    const within = [from, to].map((each) => rankOf(each));
    return rank >= Math.min(...within) && rank <= Math.max(...within);
  });
  return row?.slotLarge ?? 50;
}

const RANKS: Readonly<Record<string, WireSize>> = {
  14: '14',
  10: '10',
  8: '8',
  6: '6',
  4: '4',
  3: '3',
  2: '2',
  1: '1',
  '1/0': '1/0',
  '2/0': '2/0',
  '3/0': '3/0',
  '4/0': '4/0',
  250: '250',
  350: '350',
  400: '400',
  500: '500',
  600: '600',
  750: '750',
};
const rankOf = (text: string): number => sizeRank(RANKS[text] ?? '14');
