import { feet, type Feet } from './quantity';
import { refuse, type Refused } from './refused';

const ACCEPTS = 'a length such as 62 ft, 12\'6", 12 ft 6 in or 12.5';
const FEET = String.raw`(?:'|′|ft\.?|feet|foot)`;
const INCH = String.raw`(?:"|″|''|in\.?|inch(?:es)?)`;
const NUM = String.raw`(\d+(?:\.\d*)?|\.\d+)`;
const FRACTION = String.raw`(?:[\s-]*(\d+)\/(\d+))?`;

const FEET_AND_INCHES = new RegExp(`^${NUM}\\s*${FEET}\\s*-?\\s*${NUM}?${FRACTION}\\s*${INCH}?$`);
const INCHES_ONLY = new RegExp(`^(?=\\d|\\.)${NUM}?${FRACTION}\\s*${INCH}$`);
const BARE = new RegExp(`^${NUM}$`);

const part = (whole: string | undefined, over: string | undefined, under: string | undefined): number =>
  Number(whole ?? 0) + (over && under ? Number(over) / Number(under) : 0);

/**
 * A length in the ways that the trade writes one: `12'6"`, `12 ft 6 in`, `12 ft 6`, `12.5 ft`, `150 in`, `12.5`.
 * A bare number is feet. Refuses negative lengths, inches of 12 and more after feet, and anything else.
 */
export function parseLength(text: string): Feet | Refused {
  const t = text.trim().toLowerCase().replace(/,/g, '');
  const bare = BARE.exec(t);
  if (bare) return feet(Number(bare[1]));
  const inch = INCHES_ONLY.exec(t);
  if (inch) return finite(text, part(inch[1], inch[2], inch[3]) / 12);
  const both = FEET_AND_INCHES.exec(t);
  if (!both) return refuse(text, ACCEPTS);
  const rest = part(both[2], both[3], both[4]);
  return rest >= 12 ? refuse(text, ACCEPTS) : finite(text, Number(both[1]) + rest / 12);
}

const finite = (text: string, value: number): Feet | Refused =>
  Number.isFinite(value) ? feet(value) : refuse(text, ACCEPTS);

/** A length as feet and inches to the nearest quarter inch: "62 ft", "12 ft 6 in", "8 in", "4-1/4 in". */
export function printLength(length: Feet): string {
  const quarters = Math.round(length * 48);
  const whole = Math.floor(quarters / 48);
  const rest = quarters - whole * 48;
  if (rest === 0) return `${whole} ft`;
  const inch = Math.floor(rest / 4);
  const fraction = ['', '1/4', '1/2', '3/4'][rest % 4] ?? '';
  const words = [inch > 0 || !fraction ? String(inch) : '', fraction].filter(Boolean).join('-');
  return whole > 0 ? `${whole} ft ${words} in` : `${words} in`;
}
