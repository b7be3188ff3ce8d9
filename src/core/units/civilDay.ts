/** Days of a 400-year cycle of the calendar, and from the first of March of year 0 to the first of January 1970. */
const CYCLE_DAYS = 146_097;
const TO_1970 = 719_468;

/** A civil date as a whole number: days since the first of January 1970. Years begin in March, so that leap days end them. */
export function dayNumber(date: string): number {
  const [year = 0, month = 1, day = 1] = date.split('-').map(Number);
  const y = month <= 2 ? year - 1 : year;
  const m = (month + 9) % 12;
  const days = 365 * y + Math.floor(y / 4) - Math.floor(y / 100) + Math.floor(y / 400);
  return days + Math.floor((153 * m + 2) / 5) + day - 1 - TO_1970;
}

/** The civil date of a number: "2026-03-16". */
export function dateOf(number: number): string {
  const since = number + TO_1970;
  const cycle = Math.floor(since / CYCLE_DAYS);
  const inCycle = since - cycle * CYCLE_DAYS;
  const y = Math.floor(
    (inCycle - Math.floor(inCycle / 1460) + Math.floor(inCycle / 36_524) - Math.floor(inCycle / 146_096)) /
      365,
  );
  const inYear = inCycle - (365 * y + Math.floor(y / 4) - Math.floor(y / 100));
  const m = Math.floor((5 * inYear + 2) / 153);
  const day = inYear - Math.floor((153 * m + 2) / 5) + 1;
  const month = m < 10 ? m + 3 : m - 9;
  const year = cycle * 400 + y + (month <= 2 ? 1 : 0);
  const two = (part: number): string => `${part}`.padStart(2, '0');
  return `${`${year}`.padStart(4, '0')}-${two(month)}-${two(day)}`;
}

/** Day of the week: 1 Monday to 7 Sunday. */
export const weekdayOf = (day: number): number => ((((day + 3) % 7) + 7) % 7) + 1;

/** Minutes of a day. */
const DAY_MIN = 1440;

/** A local time as minutes since the start of 1970, without a zone. */
export const minuteOf = (time: string): number =>
  dayNumber(time.slice(0, 10)) * DAY_MIN + Number(time.slice(11, 13)) * 60 + Number(time.slice(14, 16));

/** The local time of such minutes: "2026-03-16T07:30". */
export function timeOf(minute: number): string {
  const day = Math.floor(minute / DAY_MIN);
  const rest = minute - day * DAY_MIN;
  const two = (part: number): string => `${part}`.padStart(2, '0');
  return `${dateOf(day)}T${two(Math.floor(rest / 60))}:${two(rest % 60)}`;
}
