import { dayNumber } from '../units/civilDay';

/** From this age on a price is looked at again, days. */
const OLD_DAYS = 60;

/** How old a price is on a day, days. */
export const ageInDays = (date: string, today: string): number => dayNumber(today) - dayNumber(date);

/** Whether a price is so old that it is looked at again. */
export const isOld = (date: string, today: string): boolean => ageInDays(date, today) > OLD_DAYS;
