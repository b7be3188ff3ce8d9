import { parseLength } from './length';
import { isRefused, refuse, type Refused } from './refused';

const NUMBER = /^[+-]?(\d+(?:\.\d*)?|\.\d+)$/;

/** Drops thousands commas and outer spaces: "11,520 " is 11520. */
const tidy = (text: string): string => text.trim().replace(/(\d),(?=\d{3}\b)/g, '$1');

/** What a typed number may be. */
export interface NumberRange {
  readonly min: number;
  readonly max: number;
  /** Unit words that may follow the number, in lower case. */
  readonly units: readonly string[];
  /** Unit as it is shown in a refusal, such as "A". */
  readonly shown: string;
  readonly whole?: boolean;
}

/** What a foot of a range's unit is, where it is a length. */
const PER_FOOT: Readonly<Record<string, number>> = { in: 12, ft: 1 };

/** A length as the trade writes it, in the unit of its range: "1-1/4 in", "3/4", `12'6"`; NaN where it is none. */
function lengthIn({ shown }: NumberRange, text: string): number {
  const perFoot = PER_FOOT[shown];
  if (perFoot === undefined) return NaN;
  const bare = /^[\d./\s-]+$/.test(text);
  const parsed = parseLength(bare ? `${text} ${shown}` : text);
  // A sixteenth, or a thousandth, is the finest that a tape or a caliper shows.
  return isRefused(parsed) ? NaN : Math.round(parsed * perFoot * 1e6) / 1e6;
}

/**
 * A number within a range, with or without its unit: "48", "48 A", "48 amps"; a length also in feet, inches and
 * fractions. Refuses anything else and names the range.
 */
export function parseNumber(text: string, range: NumberRange): number | Refused {
  const accepts = `a ${range.whole ? 'whole ' : ''}number from ${range.min} to ${range.max}${range.shown ? ` ${range.shown}` : ''}`;
  const lower = tidy(text).toLowerCase();
  const unit = [...range.units].sort((a, b) => b.length - a.length).find((u) => lower.endsWith(u));
  const digits = unit ? lower.slice(0, -unit.length).trim() : lower;
  const value = NUMBER.test(digits) ? Number(digits) : lengthIn(range, lower);
  if (Number.isNaN(value)) return refuse(text, accepts);
  if (value < range.min || value > range.max) return refuse(text, accepts);
  if (range.whole && !Number.isInteger(value)) return refuse(text, accepts);
  return value;
}

/** A number with at most `digits` decimals and no trailing zeros: 60, 4.7, 0.49. */
export const printNumber = (value: number, digits = 2): string => {
  const text = value.toFixed(digits);
  return text.includes('.') ? text.replace(/\.?0+$/, '') : text;
};
