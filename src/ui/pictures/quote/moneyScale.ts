/** Where the columns begin: left of it stands the scale. */
export const MONEY_AXIS_PX = 52;

/** How money and options lie in the picture. */
export interface MoneyScale {
  readonly yOf: (cents: number) => number;
  readonly xOf: (at: number) => number;
  readonly pitchPx: number;
}

/** Steps of the scale, cents. */
const STEPS = [
  5_000, 10_000, 20_000, 50_000, 100_000, 200_000, 500_000, 1_000_000, 2_000_000, 5_000_000,
] as const;
const MOST_MARKS = 7;

/** A scale of money: its marks from nothing up, the last at or above what it has to hold, cents. */
export function moneyMarks(mostCents: number): readonly number[] {
  const step = STEPS.find((each) => mostCents / each <= MOST_MARKS) ?? Math.ceil(mostCents / MOST_MARKS);
  const count = Math.max(1, Math.ceil(mostCents / step));
  return Array.from({ length: count + 1 }, (_, at) => at * step);
}

/** Heights of labels spread so that none lies on another: each as near to where it belongs as the gap allows. */
export function spread(wanted: readonly number[], gap: number): readonly number[] {
  const placed = [...wanted];
  let lowest = Infinity;
  // From the bottom up: what is lower on the picture has the larger height.
  for (const [at, y] of [...wanted.entries()].toSorted((a, b) => b[1] - a[1])) {
    lowest = Math.min(y, lowest - gap);
    placed[at] = lowest;
  }
  return placed;
}
