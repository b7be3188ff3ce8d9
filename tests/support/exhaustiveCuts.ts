import type { CutStock, Piece } from '../../src/core/cutting/cutProblem';

/** Lengths as whole thousandths of a foot: sums of them are exact. */
const parts = (ft: number): number => Math.round(ft * 1000);

/**
 * The least cost of cutting a few pieces, by trying every way: the longest piece that is left with every set of others,
 * on every stock that holds them. Null where none does.
 */
export function exhaustiveCost(pieces: readonly Piece[], stock: readonly CutStock[]): number | null {
  const known = new Map<string, number>();
  const lengths = pieces.map(({ ft }) => parts(ft));
  const whole = (1 << pieces.length) - 1;
  const sumOf = (set: number): number =>
    lengths.reduce((sum, length, at) => ((set & (1 << at)) !== 0 ? sum + length : sum), 0);
  const least = (left: number, counts: readonly number[]): number => {
    if (left === 0) return 0;
    const key = `${left} ${counts.join(' ')}`;
    const before = known.get(key);
    if (before !== undefined) return before;
    const first = left & -left;
    const rest = left ^ first;
    let best = Infinity;
    for (let others = rest; ; others = (others - 1) & rest) {
      const set = first | others;
      const used = sumOf(set);
      for (const [at, { ft, cents }] of stock.entries()) {
        const count = counts[at] ?? 0;
        if (count === 0 || parts(ft) < used) continue;
        const next = count === Infinity ? counts : counts.with(at, count - 1);
        best = Math.min(best, cents + least(left ^ set, next));
      }
      if (others === 0) break;
    }
    known.set(key, best);
    return best;
  };
  const cost = least(
    whole,
    stock.map(({ count = Infinity }) => count),
  );
  return cost === Infinity ? null : cost;
}
