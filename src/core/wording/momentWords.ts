import { dayNumber, weekdayOf } from '../units/civilDay';
import { printDay } from '../units/day';

const WEEKDAY = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const;

/** A day of work: "Mon 16". */
export const dayWords = (date: string): string =>
  `${WEEKDAY[weekdayOf(dayNumber(date)) - 1] ?? ''} ${Number(date.slice(8, 10))}`;

/** A time of day: "7:30", "1:30 pm". */
export function clockWords(time: string): string {
  const hour = Number(time.slice(11, 13));
  const minute = time.slice(14, 16);
  const twelve = hour % 12 === 0 ? 12 : hour % 12;
  return `${twelve}:${minute}${hour < 12 ? '' : ' pm'}`;
}

/** A moment: "Mon 16, 7:30". */
export const momentWords = (time: string): string => `${dayWords(time.slice(0, 10))}, ${clockWords(time)}`;

/** When something was signed: "Mar 16, 2026, 1:30 pm". */
export const stampWords = (time: string): string => `${printDay(time.slice(0, 10))}, ${clockWords(time)}`;
