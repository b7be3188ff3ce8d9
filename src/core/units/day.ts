const MONTHS = [
  'Jan.',
  'Feb.',
  'March',
  'April',
  'May',
  'June',
  'July',
  'Aug.',
  'Sept.',
  'Oct.',
  'Nov.',
  'Dec.',
] as const;

/** A day of a file as it is read on screen: "Sept. 1, 2026" of "2026-09-01"; anything else as it stands. */
export function printDay(day: string): string {
  const [, year, month, date] = /^(\d{4})-(\d{2})-(\d{2})$/.exec(day) ?? [];
  const name = MONTHS[Number(month) - 1];
  return name === undefined ? day : `${name} ${Number(date)}, ${year ?? ''}`;
}
