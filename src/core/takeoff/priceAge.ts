/** From this age on a price is looked at again, days. */
const OLD_DAYS = 60;

/** Days of a civil date since the first of March of year 0: whole, without a clock. */
function dayNumber(date: string): number {
  const [year = 0, month = 1, day = 1] = date.split('-').map(Number);
  const y = month <= 2 ? year - 1 : year;
  const m = (month + 9) % 12;
  return (
    365 * y +
    Math.floor(y / 4) -
    Math.floor(y / 100) +
    Math.floor(y / 400) +
    Math.floor((153 * m + 2) / 5) +
    day
  );
}

/** How old a price is on a day, days. */
export const ageInDays = (date: string, today: string): number => dayNumber(today) - dayNumber(date);

/** Whether a price is so old that it is looked at again. */
export const isOld = (date: string, today: string): boolean => ageInDays(date, today) > OLD_DAYS;
