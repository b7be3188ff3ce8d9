import { refuse, type Refused } from './refused';

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

/**
 * A number within a range, with or without its unit: "48", "48 A", "48 amps".
 * Refuses anything else and names the range.
 */
export function parseNumber(text: string, range: NumberRange): number | Refused {
  const accepts = `a ${range.whole ? 'whole ' : ''}number from ${range.min} to ${range.max}${range.shown ? ` ${range.shown}` : ''}`;
  const lower = tidy(text).toLowerCase();
  const unit = [...range.units].sort((a, b) => b.length - a.length).find((u) => lower.endsWith(u));
  const digits = unit ? lower.slice(0, -unit.length).trim() : lower;
  if (!NUMBER.test(digits)) return refuse(text, accepts);
  const value = Number(digits);
  if (value < range.min || value > range.max) return refuse(text, accepts);
  if (range.whole && !Number.isInteger(value)) return refuse(text, accepts);
  return value;
}

/** A number with at most `digits` decimals and no trailing zeros: 60, 4.7, 0.49. */
export const printNumber = (value: number, digits = 2): string => {
  const text = value.toFixed(digits);
  return text.includes('.') ? text.replace(/\.?0+$/, '') : text;
};
