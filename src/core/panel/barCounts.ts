import type { SolvedCircuit } from '../circuit/figures';
import type { InstalledBreaker } from './spaces';

/** How many neutrals and grounds land on the bars of a panel. */
export interface BarCounts {
  readonly neutrals: number;
  readonly grounds: number;
}

/**
 * Conductors on the bars: every circuit brings a ground; one with a single pole, a shared neutral, or a load between a
 * leg and the neutral brings a neutral, each to a terminal of its own (408.41). Of two poles that were found it is not
 * known whether they bring one, and none is counted.
 */
export function barCounts(
  installed: readonly InstalledBreaker[],
  solved: ReadonlyMap<string, SolvedCircuit>,
): BarCounts {
  const neutrals = installed.filter(
    ({ id, poles, sharedNeutral }) =>
      poles === 1 ||
      sharedNeutral ||
      solved.get(id)?.figures.load.neutral === true ||
      solved.get(id)?.figures.segments[0]?.feedNeutral === true,
  );
  return { neutrals: neutrals.length, grounds: installed.length };
}
