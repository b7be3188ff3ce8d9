/** One row of a strip that is printed at true scale. */
export interface StripRow {
  readonly fromIn: number;
  readonly toIn: number;
  readonly marksIn: readonly number[];
}

/** What fits across a page between its margins, inches. */
const ROW_IN = 7;

/**
 * The rows of a gauge strip: from the box to the second support, which is all that repeats. Supports are equally
 * spaced, so the part between the first two serves for every other.
 */
export function stripRows(marksIn: readonly number[]): readonly StripRow[] {
  const endIn = marksIn[1] ?? marksIn[0] ?? 0;
  const count = Math.max(1, Math.ceil((endIn + 0.25) / ROW_IN));
  return Array.from({ length: count }, (_, at) => {
    const [fromIn, toIn] = [at * ROW_IN, (at + 1) * ROW_IN];
    return {
      fromIn,
      toIn,
      marksIn: marksIn.slice(0, 2).filter((inches) => inches >= fromIn && inches < toIn),
    };
  });
}
