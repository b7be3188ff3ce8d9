import type { LoadModel } from '../appliances/family';
import type { Edition } from '../code/edition';
import { meets } from '../units/quantity';
import type { Working } from '../working/worked';

/** The overcurrent device of a circuit. */
export interface OcpdChoice {
  /** Least rating that the load asks for, before rounding up, amperes. */
  readonly minA: number;
  readonly ratingA: number;
  readonly poles: 1 | 2;
}

/** The next standard rating at or above a current; undefined past the end of the list (240.6(A)). */
export const nextStandard = (code: Edition, currentA: number): number | undefined => {
  const ratings = code.tables.standardOcpd.ratings;
  for (const rating of ratings) if (meets(rating, currentA)) return rating;
  return undefined;
};

/** Current for which device and conductor are chosen: 125 % of the continuous part and all of the rest. */
const designCurrent = (load: LoadModel, code: Edition): number =>
  load.continuousA * code.parameters.continuousFactor.value + load.otherA;

/** 10 A devices exist for a few lighting uses only (210.23), so appliances start at 15 A. */
const SMALLEST_FOR_APPLIANCES_A = 15;

/**
 * The overcurrent device of a branch circuit: the smallest standard rating that meets the design current,
 * the one that the plate names, or the pinned one, which is checked (210.20(A), 240.6(A)).
 */
export function branchOcpd(
  load: LoadModel,
  pinnedA: number | undefined,
  code: Edition,
  work: Working,
): OcpdChoice {
  const factor = code.parameters.continuousFactor;
  const minA = work.step(
    'breaker.required',
    'breaker.continuous',
    { continuousA: load.continuousA, otherA: load.otherA, factor: factor.value },
    designCurrent(load, code),
    { by: factor },
  );
  const ratingA =
    pinnedA === undefined ? chosen(load, minA, code, work) : pinned(pinnedA, load, minA, code, work);
  if (load.mostOcpdA !== null && ratingA > load.mostOcpdA) {
    work.found('stop', 'ocpd.above-mocp', 'load.nameplate', { ocpdA: ratingA, mostA: load.mostOcpdA });
  }
  const poles = load.volts === 120 ? 1 : 2;
  work.step('breaker.poles', 'breaker.poles', { volts: load.volts }, poles);
  return { minA, ratingA, poles };
}

function chosen(load: LoadModel, minA: number, code: Edition, work: Working): number {
  if (load.plateOcpdA !== null) {
    if (!meets(load.plateOcpdA, minA)) {
      work.found('stop', 'ocpd.below-load', 'load.nameplate', { ocpdA: load.plateOcpdA, needsA: minA });
    }
    return work.step('breaker.plate', 'load.nameplate', { plateA: load.plateOcpdA }, load.plateOcpdA);
  }
  const standard = nextStandard(code, Math.max(minA, SMALLEST_FOR_APPLIANCES_A));
  if (standard === undefined) {
    const largestA = code.tables.standardOcpd.ratings.at(-1) ?? 0;
    work.found('stop', 'ocpd.none', 'breaker.standard', { needsA: minA, largestA });
    return largestA;
  }
  return work.step('breaker.standard', 'breaker.standard', { requiredA: minA }, standard, {
    read: { table: 'standardOcpd', row: String(standard), column: 'rating' },
  });
}

function pinned(pinnedA: number, load: LoadModel, minA: number, code: Edition, work: Working): number {
  work.step('breaker.pinned', 'breaker.continuous', { pinnedA, requiredA: minA }, pinnedA, {
    read: { table: 'standardOcpd', row: String(pinnedA), column: 'rating' },
  });
  if (!meets(pinnedA, minA)) {
    work.found('stop', 'ocpd.below-load', 'breaker.continuous', { ocpdA: pinnedA, needsA: minA });
  }
  if (!code.tables.standardOcpd.ratings.includes(pinnedA)) {
    work.found('check', 'ocpd.not-standard', 'breaker.standard', { ocpdA: pinnedA });
  }
  if (load.plateOcpdA !== null && pinnedA > load.plateOcpdA) {
    work.found('stop', 'ocpd.above-mocp', 'load.nameplate', { ocpdA: pinnedA, mostA: load.plateOcpdA });
  }
  return pinnedA;
}
