import type { Edition } from '../code/edition';
import { METHODS, type MethodId } from '../code/methods';
import { largerSize, sizeRank, WIRE_SIZES, type Metal, type WireSize } from '../units/wireSize';
import { candidateSizes, smallestAllowed } from './candidateSizes';
import type { AmpacityTerms } from './conductorAmpacity';
import { conductorHolds, type ConductorDemand } from './conductorTests';

/** A stretch as the search for a size sees it. */
export interface SizedStretch {
  readonly method: MethodId;
  readonly terms: AmpacityTerms;
}

/** What the search for the least size found. */
export interface LeastSize {
  /** The smallest size that holds in every stretch; undefined where none does. */
  readonly size: WireSize | undefined;
  /** The smallest that each stretch by itself would take. */
  readonly perStretch: readonly (WireSize | undefined)[];
  /** The stretch that asked for the size, by position. */
  readonly governing: number;
}

/** The smallest size that one stretch takes, of those its method is made in. */
const leastInStretch = (
  stretch: SizedStretch,
  demand: ConductorDemand,
  wires: number,
  code: Edition,
): WireSize | undefined => {
  for (const size of candidateSizes(code, stretch.method, wires, stretch.terms.metal)) {
    if (conductorHolds(size, demand, stretch.terms, code)) return size;
  }
  return undefined;
};

/**
 * The smallest size that passes all four tests in every stretch. One size is carried through the whole
 * run, so the stretch that asks most decides, and a size that no maker offers in some stretch is passed over.
 */
export function leastConductor(
  stretches: readonly SizedStretch[],
  demand: ConductorDemand,
  wires: number,
  code: Edition,
): LeastSize {
  const perStretch = stretches.map((each) => leastInStretch(each, demand, wires, code));
  let most: WireSize | undefined;
  let governing = 0;
  for (const [at, least] of perStretch.entries()) {
    if (least === undefined) return { size: undefined, perStretch, governing: at };
    if (most === undefined || sizeRank(least) > sizeRank(most)) [most, governing] = [least, at];
  }
  const size = most === undefined ? undefined : madeEverywhere(most, stretches, wires, code);
  return { size, perStretch, governing };
}

const isMade = (size: WireSize, stretches: readonly SizedStretch[], wires: number, code: Edition): boolean =>
  stretches.every(({ method, terms }) => candidateSizes(code, method, wires, terms.metal).includes(size));

/** The first size from `from` up that every stretch can be had in. */
export const madeEverywhere = (
  from: WireSize,
  stretches: readonly SizedStretch[],
  wires: number,
  code: Edition,
): WireSize | undefined => {
  for (let at = sizeRank(from); at < WIRE_SIZES.length; at += 1) {
    const size = WIRE_SIZES[at];
    if (size !== undefined && isMade(size, stretches, wires, code)) return size;
  }
  return undefined;
};

/** The largest size that a stretch may be had in, for saying how far the search went; the least where it is made in none. */
export const largestMade = (method: MethodId, wires: number, metal: Metal, code: Edition): WireSize =>
  candidateSizes(code, method, wires, metal).reduce<WireSize>(largerSize, smallestAllowed(code, metal).value);

/** Whether a stretch is of cable rather than of conductors in a raceway. */
export const isCable = (method: MethodId): boolean => METHODS[method].kind === 'cable';
