import { LIMITS } from '../code/limits';
import { parseLength } from '../units/length';
import type { Feet } from '../units/quantity';
import { isRefused, refuse, type Refused } from '../units/refused';

const MIN_FT = 1;

/** A length that a segment may have, as it was typed. */
export const parseSegmentLength = (text: string): Feet | Refused => {
  const parsed = parseLength(text);
  if (isRefused(parsed)) return parsed;
  return parsed < MIN_FT || parsed > LIMITS.segmentFt
    ? refuse(text, `a length from ${MIN_FT} to ${LIMITS.segmentFt} ft, such as 62 ft or 12'6"`)
    : parsed;
};
