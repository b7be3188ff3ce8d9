import { present } from '../units/present';
import type { LoadModel } from '../appliances/family';
import type { Edition } from '../code/edition';
import { requiredSection } from './articleSections';
import { meets } from '../units/quantity';
import type { Working } from '../working/worked';

/** The overcurrent device of a circuit. */
export interface OcpdChoice {
  /** Least rating that the load asks for, before rounding up, amperes. */
  readonly minA: number;
  readonly ratingA: number;
  readonly poles: 1 | 2 | 3;
}

/** The next standard rating at or above a current; undefined past the end of the list (240.6(A)). */
export const nextStandard = (code: Edition, currentA: number): number | undefined => {
  const ratings = code.tables.standardOcpd.ratings;
  for (const rating of ratings) if (meets(rating, currentA)) return rating;
  return undefined;
};

/** Whether a device is no larger than the next standard size at or above an ampacity (240.4(B)). */
export const isWithinNextStandard = (code: Edition, ocpdA: number, ampacityA: number): boolean => {
  const nextA = nextStandard(code, ampacityA);
  return nextA !== undefined && ocpdA <= nextA;
};

/** Current for which device and conductor are chosen: 125 % of the continuous part and all of the rest. */
const designCurrent = (load: LoadModel, code: Edition): number =>
  load.continuousA * code.parameters.continuousFactor.value + load.otherA;

/** 10 A devices exist for a few lighting uses only (210.23), so appliances start at 15 A. */
const SMALLEST_FOR_APPLIANCES_A = 15;

/** Ratings that circuits of household appliances are commonly built in (210.3). */
const USUAL_A = [15, 20, 30, 40, 50] as const;

/** Volts of one leg to neutral, with room for 115 and 125. */
const ONE_POLE_TO_V = 127;

/**
 * The overcurrent device of a branch circuit or feeder: by the rule of its load, the one that the plate
 * names, or the pinned one, which is checked (210.20(A), 240.6(A), 430.52(C)(1), 440.4(B)).
 */
export function branchOcpd(
  load: LoadModel,
  pinnedA: number | undefined,
  code: Edition,
  work: Working,
): OcpdChoice {
  const minA = requiredRating(load, code, work);
  const ratingA =
    pinnedA === undefined ? chosen(load, minA, code, work) : pinned(pinnedA, load, minA, code, work);
  const maxA = pinnedA === undefined ? load.maxOcpdA : maxDevice(load, code);
  if (maxA !== null && ratingA > maxA) {
    const by = load.maxOcpdA === null ? 'article' : 'plate';
    work.found('stop', 'ocpd.above-mocp', by === 'plate' ? 'load.nameplate' : 'motor.device', {
      ocpdA: ratingA,
      maxA,
      by,
    });
  } else if (load.device.kind === 'motor' && maxA !== null) {
    const usualA = motorRating(load.device, code);
    if (ratingA > usualA)
      work.found('check', 'ocpd.start-exception', 'motor.device', { ocpdA: ratingA, usualA, maxA });
  }
  return { minA, ratingA, poles: polesOf(load, work) };
}

/** An existing device that nobody has read yet: what the load requires, and no rating that could be taken for it. */
export function unreadOcpd(load: LoadModel, code: Edition, work: Working): OcpdChoice {
  const minA = requiredRating(load, code, work);
  return { minA, ratingA: minA, poles: polesOf(load, work) };
}

function requiredRating(load: LoadModel, code: Edition, work: Working): number {
  const factor = code.parameters.continuousFactor;
  return work.step(
    'breaker.required',
    requiredSection(load),
    { continuousA: load.continuousA, otherA: load.otherA, factor: factor.value },
    designCurrent(load, code),
    { by: factor },
  );
}

function polesOf({ phase, volts }: LoadModel, work: Working): OcpdChoice['poles'] {
  const poles = phase === 3 ? 3 : volts <= ONE_POLE_TO_V ? 1 : 2;
  return work.step('breaker.poles', 'breaker.poles', { volts }, poles);
}

/** The next standard rating above the percentage of a motor's current (430.52(C)(1) Ex. 1). */
const motorRating = (
  { flcA, percent }: { readonly flcA: number; readonly percent: number },
  code: Edition,
): number => {
  const computedA = (flcA * percent) / 100;
  return nextStandard(code, Math.max(computedA, SMALLEST_FOR_APPLIANCES_A)) ?? computedA;
};

/** A motor that will not start may have up to 400 % (300 % above 100 A), rounded down (430.52(C)(1) Ex. 2). */
function motorCeiling(flcA: number, code: Edition): number {
  const { inverseTo100A, inverseOver100A } = code.tables.motorProtection.ceilings;
  const max = (flcA * (flcA <= 100 ? inverseTo100A : inverseOver100A)) / 100;
  return (
    code.tables.standardOcpd.ratings.findLast((rating) => rating <= max + 1e-9) ?? SMALLEST_FOR_APPLIANCES_A
  );
}

/** The most that plate and article allow of a device that was pinned; null where nothing bounds it but the conductor. */
const maxDevice = ({ maxOcpdA, device }: LoadModel, code: Edition): number | null =>
  maxOcpdA ??
  (device.kind === 'motor' ? Math.max(motorCeiling(device.flcA, code), SMALLEST_FOR_APPLIANCES_A) : null);

function chosen(load: LoadModel, minA: number, code: Edition, work: Working): number {
  if (load.plateOcpdA !== null) {
    const loadA = load.continuousA + load.otherA;
    const ocpdA = load.plateOcpdA;
    if (load.labelFollowed && meets(ocpdA, loadA) && !meets(ocpdA, minA))
      work.found('ask', 'ocpd.label-below-125', 'load.nameplate', { ocpdA, loadA, needsA: minA });
    else if (!meets(ocpdA, minA)) {
      const cite = meets(ocpdA, loadA) ? 'load.nameplate' : 'breaker.within';
      work.found('stop', 'ocpd.below-load', cite, { ocpdA, needsA: minA });
    }
    return work.step('breaker.plate', 'load.nameplate', { plateA: load.plateOcpdA }, load.plateOcpdA);
  }
  switch (load.device.kind) {
    case 'standard':
      return standard(Math.max(minA, load.device.minA), code, work);
    case 'usual':
      return usual(minA, load.device.minA, load, code, work);
    case 'given':
      return given(load.device.ratingA, minA, code, work);
    case 'motor':
      return motorDevice(load, load.device, minA, code, work);
    case 'largest':
      return largest(load.device.maxA, minA, code, work);
  }
}

function standard(needA: number, code: Edition, work: Working): number {
  const rating = nextStandard(code, Math.max(needA, SMALLEST_FOR_APPLIANCES_A));
  if (rating === undefined) {
    const largestA = present(code.tables.standardOcpd.ratings.at(-1), '240.6(A)');
    work.found('stop', 'ocpd.none', 'breaker.standard', { needsA: needA, largestA });
    return largestA;
  }
  return work.step('breaker.standard', 'breaker.standard', { requiredA: needA }, rating, readRating(rating));
}

const readRating = (rating: number) =>
  ({ read: { table: 'standardOcpd', row: String(rating), column: 'rating' } }) as const;

/** A usual rating, unless the plate's ceiling or the load itself leaves none of them. */
function usual(requiredA: number, minA: number, load: LoadModel, code: Edition, work: Working): number {
  const rating = USUAL_A.find((each) => meets(each, Math.max(requiredA, minA)));
  if (rating === undefined || (load.maxOcpdA !== null && rating > load.maxOcpdA))
    return standard(requiredA, code, work);
  return work.step('breaker.usual', 'breaker.usual', { requiredA, minA }, rating, readRating(rating));
}

function given(ratingA: number, minA: number, code: Edition, work: Working): number {
  if (!meets(ratingA, minA)) {
    work.found('stop', 'ocpd.below-load', 'breaker.within', { ocpdA: ratingA, needsA: minA });
  }
  if (!code.tables.standardOcpd.ratings.includes(ratingA))
    work.found('check', 'ocpd.not-standard', 'breaker.standard', { ocpdA: ratingA });
  return work.step('breaker.given', 'load.nameplate', { requiredA: minA }, ratingA);
}

function motorDevice(
  load: LoadModel,
  device: { readonly flcA: number; readonly percent: number },
  minA: number,
  code: Edition,
  work: Working,
): number {
  const { flcA, percent } = device;
  const computedA = work.step(
    'breaker.motor-percent',
    'table.motor-device',
    { flcA, percent },
    (flcA * percent) / 100,
    {
      read: { table: 'motorProtection', row: 'inverse', column: 'percent' },
    },
  );
  if (load.maxOcpdA !== null && load.maxOcpdA < computedA) return largest(load.maxOcpdA, minA, code, work);
  const rating = motorRating(device, code);
  // On a plug the breaker is no larger than the receptacle; the motor table's percentage is the most, not the least.
  if (load.plugA !== null && load.plugA < rating && meets(load.plugA, minA))
    return work.step('breaker.receptacle', 'receptacle.rating', { computedA }, load.plugA);
  return work.step('breaker.motor', 'motor.device', { computedA }, rating, readRating(rating));
}

/** The largest standard rating that a plate allows. */
function largest(maxA: number, minA: number, code: Edition, work: Working): number {
  const rating = code.tables.standardOcpd.ratings.findLast((each) => each <= maxA + 1e-9) ?? maxA;
  if (!meets(rating, minA)) {
    work.found('stop', 'ocpd.below-load', 'load.nameplate', { ocpdA: rating, needsA: minA });
  }
  return work.step('breaker.mocp', 'load.hermetic', { maxA, requiredA: minA }, rating, readRating(rating));
}

function pinned(pinnedA: number, load: LoadModel, minA: number, code: Edition, work: Working): number {
  work.step(
    'breaker.pinned',
    'breaker.continuous',
    { pinnedA, requiredA: minA },
    pinnedA,
    readRating(pinnedA),
  );
  if (!meets(pinnedA, minA)) {
    work.found('stop', 'ocpd.below-load', 'breaker.continuous', { ocpdA: pinnedA, needsA: minA });
  }
  if (!code.tables.standardOcpd.ratings.includes(pinnedA)) {
    work.found('check', 'ocpd.not-standard', 'breaker.standard', { ocpdA: pinnedA });
  }
  if (load.plateOcpdA !== null && pinnedA > load.plateOcpdA) {
    work.found('stop', 'ocpd.above-mocp', 'load.nameplate', {
      ocpdA: pinnedA,
      maxA: load.plateOcpdA,
      by: 'plate',
    });
  }
  return pinnedA;
}
