import { utcMs } from './calendar';

const ISO =
  /^(\d{4})-(\d{1,2})-(\d{1,2})(?:[T ]+(\d{1,2}):(\d{2})(?::(\d{2})(?:\.\d+)?)?)?\s*(Z|[+-]\d{2}:?\d{2})?$/;
const SLASHED =
  /^(\d{1,2})\/(\d{1,2})\/(\d{4})(?:[ ,]+(\d{1,2}):(\d{2})(?::(\d{2}))?\s*([AaPp])?\.?[Mm]?\.?)?$/;

/** A time as a file has it. */
export interface ClockTime {
  /** Milliseconds on the file's own clock, or absolute where it carries an offset. */
  readonly ms: number;
  readonly absolute: boolean;
}

const at = (
  year: number,
  month: number,
  day: number,
  hour: number,
  minute: number,
  second: number,
): number | undefined => {
  const clock = hour < 24 ? minute < 60 && second < 60 : hour === 24 && minute === 0 && second === 0;
  if (!clock || month < 1 || month > 12 || day < 1) return undefined;
  const ms = utcMs(year, month, day, hour, minute, second);
  // A day that its month does not have runs on into the next one: 31 February is March.
  return utcMs(year, month, day, 0, 0, 0) < utcMs(year, month + 1, 1, 0, 0, 0) ? ms : undefined;
};

const number = (text: string | undefined): number => (text === undefined ? 0 : Number(text));

/** Minutes that an offset such as "-05:00" stands from the prime meridian. */
function offsetMinutes(offset: string): number {
  if (offset === 'Z') return 0;
  const digits = offset.replace(':', '');
  const minutes = Number(digits.slice(1, 3)) * 60 + Number(digits.slice(3, 5));
  return digits.startsWith('-') ? -minutes : minutes;
}

/** Reads "2026-01-31 00:15", with T and an offset or without, and "1/31/2026 12:15 AM". */
export function readTime(text: string): ClockTime | undefined {
  const iso = ISO.exec(text);
  if (iso !== null) {
    const [, year, month, day, hour, minute, second, offset] = iso;
    const ms = at(number(year), number(month), number(day), number(hour), number(minute), number(second));
    if (ms === undefined) return undefined;
    return offset === undefined
      ? { ms, absolute: false }
      : { ms: ms - offsetMinutes(offset) * 60000, absolute: true };
  }
  const slashed = SLASHED.exec(text);
  if (slashed === null) return undefined;
  const [, month, day, year, hour, minute, second, half] = slashed;
  const clock = number(hour);
  const hours = half === undefined ? clock : (clock % 12) + (half.toLowerCase() === 'p' ? 12 : 0);
  const ms = at(number(year), number(month), number(day), hours, number(minute), number(second));
  return ms === undefined ? undefined : { ms, absolute: false };
}
