import { parseLength, printLength } from './length';
import { feet } from './quantity';
import { isRefused, refuse, type Refused } from './refused';

/** A height above grade in feet; below grade with a minus sign: "8 ft", "-1 ft 6 in". */
export const printHeight = (heightFt: number): string =>
  `${heightFt < 0 ? '-' : ''}${printLength(feet(Math.abs(heightFt)))}`;

/** A height above grade, or with a minus sign a depth below it, in feet. Refuses more than 60 up or 20 down. */
export const parseHeight = (text: string): number | Refused => {
  const below = text.trim().startsWith('-');
  const parsed = parseLength(text.trim().replace(/^-/, ''));
  const max = below ? 20 : 60;
  if (isRefused(parsed) || parsed > max) {
    return refuse(text, 'a height such as 8 ft, or a depth such as -18 in');
  }
  return below ? 0 - parsed : parsed;
};
