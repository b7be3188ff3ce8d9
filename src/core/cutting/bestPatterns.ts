import type { CutProblem, Pattern } from './cutProblem';

/** Some pieces of one length that are taken together or not at all. */
interface Lot {
  readonly row: number;
  readonly count: number;
  readonly size: number;
  readonly worth: number;
}

const NO_WORTH = 1e-9;

/** Every number of pieces of a length as a sum of lots of 1, 2, 4, .. pieces. */
function lotsOf({ lengths, demand }: CutProblem, worth: ArrayLike<number>, room: number): readonly Lot[] {
  return lengths.flatMap((length, row) => {
    const each = worth[row] ?? 0;
    const lots: Lot[] = [];
    if (each <= NO_WORTH) return lots;
    let left = Math.min(demand[row] ?? 0, Math.floor(room / length));
    for (let count = 1; left > 0; count *= 2) {
      const some = Math.min(count, left);
      lots.push({ row, count: some, size: some * length, worth: some * each });
      left -= some;
    }
    return lots;
  });
}

/** The pattern of most worth for each pack, with its worth. */
export interface WorthyPattern extends Pattern {
  readonly worth: number;
}

/**
 * For each pack the pattern whose pieces are worth most, by a table over all lengths: no more of a length than is wanted.
 *
 * @param worth What a piece of each length is worth.
 */
export function bestPatterns(problem: CutProblem, worth: ArrayLike<number>): readonly WorthyPattern[] {
  const { lengths, packs } = problem;
  const room = Math.max(0, ...packs.map(({ size, count }) => (count > 0 ? size : 0)));
  const lots = lotsOf(problem, worth, room);
  const best = new Float64Array(room + 1);
  const taken = lots.map(({ size, worth: adds }) => {
    const here = new Uint8Array(room + 1);
    for (let at = room; at >= size; at -= 1) {
      const with_ = (best[at - size] ?? 0) + adds;
      if (with_ > (best[at] ?? 0) + NO_WORTH) {
        best[at] = with_;
        here[at] = 1;
      }
    }
    return here;
  });
  return packs.map(({ size, count }, pack) => {
    const take = lengths.map(() => 0);
    if (count === 0) return { pack, take, worth: 0 };
    let left = size;
    for (let at = lots.length - 1; at >= 0; at -= 1) {
      const lot = lots[at];
      if (lot === undefined || taken[at]?.[left] !== 1) continue;
      take[lot.row] = (take[lot.row] ?? 0) + lot.count;
      left -= lot.size;
    }
    return { pack, take, worth: best[size] ?? 0 };
  });
}
