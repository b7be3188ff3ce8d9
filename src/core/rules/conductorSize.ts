import type { Edition } from '../code/edition';
import { METHODS, type MethodId } from '../code/methods';
import { sizeRank, WIRE_SIZES, type Metal, type WireSize } from '../units/wireSize';
import { candidateSizes } from './candidateSizes';
import type { AmpacityTerms } from './conductorAmpacity';
import { conductorHolds, type ConductorDemand } from './conductorTests';

/** A segment as the search for a size sees it. */
export interface SizedSegment {
  readonly method: MethodId;
  readonly terms: AmpacityTerms;
}

/** What the search for the least size found. */
export interface MinSize {
  /** The smallest size that holds in every segment; undefined where none does. */
  readonly size: WireSize | undefined;
  /** The smallest that each segment by itself would take. */
  readonly perSegment: readonly (WireSize | undefined)[];
  /** The segment that asked for the size, by position. */
  readonly governing: number;
}

/** The smallest size that one segment takes, of those its method is made in. */
const minInSegment = (
  segment: SizedSegment,
  demand: ConductorDemand,
  wires: number,
  code: Edition,
): WireSize | undefined => {
  for (const size of candidateSizes(code, segment.method, wires, segment.terms.metal)) {
    if (conductorHolds(size, demand, segment.terms, code)) return size;
  }
  return undefined;
};

/**
 * The smallest size that passes all four tests in every segment. One size is carried through the whole
 * run, so the segment that asks most decides, and a size that no manufacturer offers in some segment is passed over.
 */
export function minConductor(
  segments: readonly SizedSegment[],
  demand: ConductorDemand,
  wires: number,
  code: Edition,
): MinSize {
  const perSegment = segments.map((each) => minInSegment(each, demand, wires, code));
  let max: WireSize | undefined;
  let governing = 0;
  for (const [at, min] of perSegment.entries()) {
    if (min === undefined) return { size: undefined, perSegment, governing: at };
    if (max === undefined || sizeRank(min) > sizeRank(max)) [max, governing] = [min, at];
  }
  const size = max === undefined ? undefined : madeEverywhere(max, segments, wires, code);
  return { size, perSegment, governing };
}

/**
 * The least size that would carry the load in every segment, whether or not it is allowed or made: what an increased
 * ground is increased from (250.122(B)).
 */
export const leastThatCarries = (
  segments: readonly SizedSegment[],
  demand: ConductorDemand,
  metal: Metal,
  code: Edition,
): WireSize | undefined =>
  WIRE_SIZES.find(
    (size) =>
      code.tables.ampacity[metal][60][size] !== undefined &&
      segments.every(({ terms }) => conductorHolds(size, demand, terms, code)),
  );

const isMade = (size: WireSize, segments: readonly SizedSegment[], wires: number, code: Edition): boolean =>
  segments.every(({ method, terms }) => candidateSizes(code, method, wires, terms.metal).includes(size));

/** The first size from `from` up that every segment can be had in. */
export const madeEverywhere = (
  from: WireSize,
  segments: readonly SizedSegment[],
  wires: number,
  code: Edition,
): WireSize | undefined => {
  for (let at = sizeRank(from); at < WIRE_SIZES.length; at += 1) {
    const size = WIRE_SIZES[at];
    if (size !== undefined && isMade(size, segments, wires, code)) return size;
  }
  return undefined;
};

/** The largest size that a segment may be had in, for saying how far the search went; undefined where the tables have none. */
export const largestMade = (
  method: MethodId,
  wires: number,
  metal: Metal,
  code: Edition,
): WireSize | undefined => candidateSizes(code, method, wires, metal).at(-1);

/** Whether a segment is of cable rather than of conductors in a raceway. */
export const isCable = (method: MethodId): boolean => METHODS[method].kind === 'cable';
