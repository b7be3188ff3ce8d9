import { refuse, type Refused } from './refused';

/** Conductor sizes from small to large; 250 and up are kcmil, the rest AWG. */
export const WIRE_SIZES = [
  '14',
  '12',
  '10',
  '8',
  '6',
  '4',
  '3',
  '2',
  '1',
  '1/0',
  '2/0',
  '3/0',
  '4/0',
  '250',
  '300',
  '350',
  '400',
  '500',
  '600',
  '700',
  '750',
] as const;

/** A conductor size, AWG or kcmil. */
export type WireSize = (typeof WIRE_SIZES)[number];

/** What conductors are made of. */
export type Metal = 'cu' | 'al';

const RANK = new Map<string, number>(WIRE_SIZES.map((size, at) => [size, at]));

/** Position in the order of sizes, 0 for 14 AWG: for comparing two sizes. */
export const sizeRank = (size: WireSize): number => RANK.get(size) ?? -1;

/** The larger of two sizes. */
export const largerSize = (a: WireSize, b: WireSize): WireSize => (sizeRank(a) >= sizeRank(b) ? a : b);

/** The smaller of two sizes. */
export const smallerSize = (a: WireSize, b: WireSize): WireSize => (sizeRank(a) <= sizeRank(b) ? a : b);

const isWireSize = (text: string): text is WireSize => RANK.has(text);

/**
 * A conductor size: "6", "6 AWG", "#6", "1/0", "0000", "250 kcmil", "250 MCM".
 * Refuses what is not a size of the tables.
 */
export function parseWireSize(text: string): WireSize | Refused {
  const t = text
    .trim()
    .toLowerCase()
    .replace(/^(#|no\.?)\s*/, '');
  const bare = t.replace(/\s*(awg|kcmil|mcm|ga(uge)?)\.?$/, '').trim();
  const oughts = /^0{1,4}$/.test(bare) ? `${bare.length}/0` : bare;
  return isWireSize(oughts) ? oughts : refuse(text, 'a size such as 6 AWG, 1/0 or 250 kcmil');
}

/** Whether a size is in kcmil rather than AWG. */
const isKcmil = (size: WireSize): boolean => sizeRank(size) >= sizeRank('250');

/** Unit word of a size: AWG or kcmil. */
export const sizeUnit = (size: WireSize): string => (isKcmil(size) ? 'kcmil' : 'AWG');

/** A size as the trade writes it: "6 AWG", "1/0 AWG", "250 kcmil"; "none" where no conductor fits. */
export const printWireSize = (size: WireSize | null): string =>
  size === null ? 'none' : `${size} ${sizeUnit(size)}`;
