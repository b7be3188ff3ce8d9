import type { Edition } from '../code/edition';
import { meets } from '../units/quantity';
import type { WireSize } from '../units/wireSize';
import type { ConductorTest } from '../working/step';
import { nextStandard } from './branchOcpd';
import { sizeAmpacity, type AmpacityTerms, type SizeAmpacity } from './conductorAmpacity';

/** What a conductor is asked to carry and by what it is protected. */
export interface ConductorDemand {
  /** Design current: continuous at 125 % and the rest. */
  readonly designA: number;
  /** The load itself, without the 125 %. */
  readonly loadA: number;
  readonly ocpdA: number;
}

export interface ConductorVerdict extends SizeAmpacity {
  readonly failed: readonly ConductorTest[];
}

/** 240.4(B) lets a device be the next size up only to 800 A. */
const NEXT_SIZE_UP_TO_A = 800;

/** Largest device for a small conductor, or none where the rule does not reach (240.4(D)). */
export const smallConductorLimit = (
  code: Edition,
  terms: AmpacityTerms,
  size: WireSize,
): number | undefined => code.tables.smallConductor[terms.metal][size];

/** Whether a device protects a conductor of this ampacity, itself or as the next standard size (240.4(B)). */
const protects = (code: Edition, ocpdA: number, finalA: number): boolean =>
  meets(finalA, ocpdA) ||
  (ocpdA <= NEXT_SIZE_UP_TO_A && finalA > 0 && ocpdA <= (nextStandard(code, finalA) ?? 0));

/**
 * The four tests that one size must pass in one stretch: the terminal column carries the design current
 * (210.19(A)(1)), the corrected ampacity carries the load, the device protects it (240.4(B)), and the
 * small-conductor rule holds (240.4(D)).
 */
export function testConductor(
  size: WireSize,
  demand: ConductorDemand,
  terms: AmpacityTerms,
  code: Edition,
): ConductorVerdict {
  const ampacity = sizeAmpacity(size, terms, code);
  const limitA = smallConductorLimit(code, terms, size);
  const failed: ConductorTest[] = [];
  if (!meets(ampacity.columnA, demand.designA)) failed.push('load');
  if (!meets(ampacity.correctedA, demand.loadA)) failed.push('corrected');
  if (!protects(code, demand.ocpdA, ampacity.finalA)) failed.push('breaker');
  if (limitA !== undefined && demand.ocpdA > limitA) failed.push('small');
  return { ...ampacity, failed };
}
