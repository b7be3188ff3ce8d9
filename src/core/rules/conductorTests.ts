import type { SectionKey } from '../code/sections';
import type { Edition } from '../code/edition';
import { meets } from '../units/quantity';
import type { WireSize } from '../units/wireSize';
import type { ConductorTest } from '../working/step';
import type { OwnArticle } from '../code/ownArticles';
import { isWithinNextStandard } from './branchOcpd';
import { sizeAmpacity, type AmpacityTerms, type SizeAmpacity } from './conductorAmpacity';

/** What a conductor is asked to carry and by what it is protected. */
export interface ConductorDemand {
  /** Design current: continuous at 125 % and the rest. */
  readonly designA: number;
  /** The section that requires it. */
  readonly section: SectionKey;
  /** The load itself, without the 125 %. */
  readonly loadA: number;
  readonly ocpdA: number;
  /** The article whose own rule protects the conductor (240.4(G)); null where the device must. */
  readonly own: OwnArticle | null;
  /** Whether a motor is plugged in: then the device binds a small conductor all the same. */
  readonly pluggedMotor: boolean;
  /** Whether a shop practice wires the conductor to the breaker. */
  readonly matchBreaker: boolean;
  /** Whether the device may be the next size above the ampacity (240.4(B)). */
  readonly nextUp: boolean;
}

/** Ampacities of a size with the tests that it failed. */
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
const protects = (code: Edition, { ocpdA, nextUp }: ConductorDemand, finalA: number): boolean =>
  meets(finalA, ocpdA) ||
  (nextUp && ocpdA <= NEXT_SIZE_UP_TO_A && finalA > 0 && isWithinNextStandard(code, ocpdA, finalA));

interface Tested {
  readonly size: WireSize;
  readonly ampacity: SizeAmpacity;
  readonly demand: ConductorDemand;
  readonly terms: AmpacityTerms;
  readonly code: Edition;
}

/** The four tests, the one that fails most often first. */
const TESTS: readonly (readonly [test: ConductorTest, holds: (it: Tested) => boolean])[] = [
  ['load', ({ ampacity, demand }) => meets(ampacity.columnA, demand.designA)],
  ['corrected', ({ ampacity, demand }) => meets(ampacity.correctedA, demand.loadA)],
  ['breaker', ({ ampacity, demand, code }) => protects(code, demand, ampacity.finalA)],
  [
    'small',
    ({ size, demand, terms, code }) => demand.ocpdA <= (smallConductorLimit(code, terms, size) ?? Infinity),
  ],
];

/**
 * The test of an article with its own protection rule: what is left of the ampacity carries the
 * current, 125 % included. The device does not bind the conductor, nor does 240.4(D) where it is hardwired.
 */
const OWN_TEST: (typeof TESTS)[number] = [
  'own',
  ({ ampacity, demand }) => meets(ampacity.finalA, demand.designA),
];
const SMALL_TEST = TESTS.filter(([test]) => test === 'small');
const PRACTICE_TEST: (typeof TESTS)[number] = [
  'practice',
  (it) => meets(it.ampacity.finalA, it.demand.ocpdA) && SMALL_TEST.every(([, holds]) => holds(it)),
];

const HARDWIRED: typeof TESTS = [OWN_TEST];
const PLUGGED: typeof TESTS = [OWN_TEST, ...SMALL_TEST];
const MATCHED: typeof TESTS = [OWN_TEST, PRACTICE_TEST];

const testsFor = ({ own, pluggedMotor, matchBreaker }: ConductorDemand): typeof TESTS => {
  if (own === null) return TESTS;
  if (matchBreaker) return MATCHED;
  return pluggedMotor ? PLUGGED : HARDWIRED;
};

/** Whether a size passes all four tests in one segment; stops at the first that fails. */
export function conductorHolds(
  size: WireSize,
  demand: ConductorDemand,
  terms: AmpacityTerms,
  code: Edition,
): boolean {
  const tested: Tested = { size, ampacity: sizeAmpacity(size, terms, code), demand, terms, code };
  for (const [, holds] of testsFor(demand)) if (!holds(tested)) return false;
  return true;
}

/**
 * The four tests that one size must pass in one segment: the terminal column carries the design current
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
  const tested: Tested = { size, ampacity, demand, terms, code };
  const failed: ConductorTest[] = [];
  for (const [test, holds] of testsFor(demand)) if (!holds(tested)) failed.push(test);
  const { columnA, startA, correctedA, finalA } = ampacity;
  return { columnA, startA, correctedA, finalA, failed };
}
