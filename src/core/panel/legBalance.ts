import { legOf, type InstalledBreaker } from './spaces';

/** What a leg carries of the circuits between one leg and the neutral, volt-amperes. */
export interface LegLoads {
  readonly aVA: number;
  readonly bVA: number;
  /** The difference as a share of the larger, percent. */
  readonly apartPct: number;
  /** Circuits whose load is not known: half of the rating was taken. */
  readonly assumed: number;
}

/** Two singles that would be nearer to balance if they changed places. */
export interface Swap {
  readonly one: InstalledBreaker;
  readonly other: InstalledBreaker;
  readonly apartVA: number;
}

/** Where no load is known, this share of the rating. */
const USUAL_SHARE = 0.5;
const VOLTS = 120;

/** The load of a single-pole circuit: what is known, or half of its rating. */
const singleVA = ({ va, amps }: Pick<InstalledBreaker, 'va' | 'amps'>): number =>
  va ?? amps * VOLTS * USUAL_SHARE;

const singles = (installed: readonly InstalledBreaker[]): readonly InstalledBreaker[] =>
  installed.filter(({ poles }) => poles === 1);

/** The loads of the two legs; circuits on both legs load them alike and are left out. */
export function legLoads(installed: readonly InstalledBreaker[]): LegLoads {
  const sum = { A: 0, B: 0 };
  for (const each of singles(installed)) sum[legOf(each.place.slot)] += singleVA(each);
  const max = Math.max(sum.A, sum.B);
  return {
    aVA: sum.A,
    bVA: sum.B,
    apartPct: max === 0 ? 0 : (100 * Math.abs(sum.A - sum.B)) / max,
    assumed: singles(installed).filter(({ va }) => va === null).length,
  };
}

/** Whether two singles may change places: both whole spaces or both halves, so that nothing new is bought. */
const alike = (a: InstalledBreaker, b: InstalledBreaker): boolean =>
  (a.place.half === null) === (b.place.half === null);

/** The swap of two singles on different legs that brings the legs nearest together; undefined where none helps. */
export function bestSwap(installed: readonly InstalledBreaker[]): Swap | undefined {
  const { aVA, bVA } = legLoads(installed);
  let best: Swap | undefined;
  for (const one of singles(installed).filter(({ place }) => legOf(place.slot) === 'A')) {
    for (const other of singles(installed).filter(({ place }) => legOf(place.slot) === 'B')) {
      if (!alike(one, other)) continue;
      const shift = singleVA(other) - singleVA(one);
      const apartVA = Math.abs(aVA - bVA + 2 * shift);
      if (apartVA < Math.abs(aVA - bVA) && apartVA < (best?.apartVA ?? Infinity))
        best = { one, other, apartVA };
    }
  }
  return best;
}
