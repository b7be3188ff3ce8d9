/** How much slower or faster than the units somebody works, and how widely that varied. */
export interface Pace {
  /** Hours taken for each hour by the units, the smallest first. */
  readonly ratios: readonly number[];
  readonly low: number;
  readonly likely: number;
  readonly high: number;
  /** Whether it is that of past jobs, or the range of the units themselves because there are too few of those. */
  readonly known: boolean;
}

/** As many past jobs make a band. */
export const ENOUGH_PAST = 5;

/** What the units themselves may be off, until past jobs say it. */
const OF_UNITS = { low: 0.85, likely: 1, high: 1.3 } as const;

const middle = (sorted: readonly number[]): number => {
  const half = Math.floor(sorted.length / 2);
  const upper = sorted[half] ?? 1;
  return sorted.length % 2 === 1 ? upper : ((sorted[half - 1] ?? upper) + upper) / 2;
};

/**
 * The pace of past jobs: the middle one is likely, and the band holds all but the lowest and the highest. With fewer
 * than five there is no band: the range is that of the units.
 */
export function paceOf(past: readonly { readonly unitH: number; readonly tookH: number }[]): Pace {
  const ratios = past.map(({ unitH, tookH }) => tookH / unitH).toSorted((a, b) => a - b);
  if (ratios.length < ENOUGH_PAST) return { ratios, ...OF_UNITS, known: false };
  return {
    ratios,
    low: ratios[1] ?? OF_UNITS.low,
    likely: middle(ratios),
    high: ratios.at(-2) ?? OF_UNITS.high,
    known: true,
  };
}
