import type { Edition } from '../code/edition';
import type { Panel } from '../panel/panelSchema';
import type { CircuitDemand } from './circuitDemand';
import { serviceVolts, type House } from './houseSchema';
import { type ServiceMethod } from '../code/serviceMethods';
import { SERVICE_METHODS } from '../code/serviceMethods';
import { ratingLimit, type RatingLimit } from './ratingLimit';
import {
  existingService,
  measuredService,
  optionalService,
  standardService,
  type Dwelling,
  type ServiceLoad,
  type ServicePart,
} from './serviceLoad';

/** Records of kilowatts are kept as amperes at this; a recording in amperes at 208 V comes out on the large side. */
const RECORD_V = 240;
/** A setpoint that is kept counts as a continuous load. */
export const CONTINUOUS = 1.25;

/** The load of the service at one moment: before the job or after it. */
export interface LoadThen {
  readonly totalVA: number;
  readonly amps: number;
  readonly parts: readonly ServicePart[];
  /** What the blocks of an optional method are taken of. */
  readonly base: readonly ServicePart[];
}

/** One method's answer. */
export interface MethodAnswer {
  readonly method: ServiceMethod;
  readonly before: LoadThen;
  readonly after: LoadThen;
  /** Rating less what is carried after the job, amperes; null until the rating is known. */
  readonly spareA: number | null;
}

/** Whether the house can carry what the job adds. */
export interface ServiceReport {
  /** Methods that can be worked out with what is known. */
  readonly answers: readonly MethodAnswer[];
  readonly limit: RatingLimit;
  readonly additions: readonly CircuitDemand[];
}

/** Of two loads that a device never lets run together the smaller is left out (220.60). */
function shared(
  house: House,
  loads: readonly (ServiceLoad & { readonly id: string })[],
  additions: readonly CircuitDemand[],
) {
  const { sharing } = house;
  const one = additions.find(({ circuitId }) => circuitId === sharing?.circuitId);
  const other = loads.find(({ id }) => id === sharing?.loadId);
  if (one === undefined || other === undefined) return { loads, additions };
  return one.va >= other.va
    ? { loads: loads.filter((each) => each !== other), additions }
    : { loads, additions: additions.filter((each) => each !== one) };
}

/** Chargers under a setpoint add no more than the setpoint leaves; what is not managed counts in full. */
function managed(house: House, whole: LoadThen, without: LoadThen): LoadThen {
  const { managedA } = house;
  const volts = serviceVolts(house);
  if (managedA === null) return whole;
  const amps = Math.max(without.amps, Math.min(whole.amps, managedA * CONTINUOUS));
  if (amps >= whole.amps) return whole;
  const cut: ServicePart = {
    what: `kept to ${managedA} A by load management`,
    connectedVA: whole.totalVA,
    countedVA: (amps - whole.amps) * volts,
    section: 'service.management',
  };
  return { totalVA: amps * volts, amps, parts: [...whole.parts, cut], base: whole.base };
}

function then(method: ServiceMethod, house: House, dwelling: Dwelling, code: Edition): LoadThen {
  const peakKW = ((house.measured?.peakA ?? 0) * RECORD_V) / 1000;
  const { totalVA, parts, base } =
    method === 'measured'
      ? measuredService(peakKW, dwelling.newLoads, code)
      : { standard: standardService, optional: optionalService, existing: existingService }[method](
          dwelling,
          code,
        );
  return { totalVA, amps: totalVA / serviceVolts(house), parts, base };
}

const isPossible = (method: ServiceMethod, { areaFt2, measured }: House): boolean =>
  method === 'measured' ? measured !== null : areaFt2 !== null;

function answer(
  method: ServiceMethod,
  house: House,
  additions: readonly CircuitDemand[],
  limit: RatingLimit,
  code: Edition,
): MethodAnswer {
  const { areaFt2, smallApplianceCircuits, laundryCircuits, evAdder } = house;
  const kept = house.loads.filter(({ goes }) => goes !== true);
  const counted = shared(house, kept, additions);
  const dwelling = (loads: readonly ServiceLoad[], newLoads: readonly ServiceLoad[]): Dwelling => ({
    areaFt2: areaFt2 ?? 0,
    smallApplianceCircuits,
    laundryCircuits,
    evAdder,
    loads,
    newLoads,
  });
  const before = then(method, house, dwelling(house.loads, []), code);
  const whole = then(method, house, dwelling(counted.loads, counted.additions), code);
  const without = then(
    method,
    house,
    dwelling(
      counted.loads,
      counted.additions.filter(({ kind }) => kind !== 'ev'),
    ),
    code,
  );
  const after = managed(house, whole, without);
  return { method, before, after, spareA: limit.amps === null ? null : limit.amps - after.amps };
}

/**
 * The load of the service by every method that can be worked out with what is known, before the job and after it,
 * against what limits the service (Article 220; from 2026 Article 120).
 *
 * @param panel the service panel, whose main and bus limit it too; undefined where none was surveyed
 */
export function serviceReport(
  house: House,
  panel: Panel | undefined,
  additions: readonly CircuitDemand[],
  code: Edition,
): ServiceReport {
  const limit = ratingLimit(house, panel, code);
  const answers = SERVICE_METHODS.filter((method) => isPossible(method, house)).map((method) =>
    answer(method, house, additions, limit, code),
  );
  return { answers, limit, additions };
}

/** Amperes that are left by the method of the permit, or of the first that can be worked out; null until both are known. */
export function spareAmps(
  house: House,
  panel: Panel | undefined,
  additions: readonly CircuitDemand[],
  code: Edition,
): number | null {
  const possible = SERVICE_METHODS.filter((method) => isPossible(method, house));
  const method = possible.find((each) => each === house.method) ?? possible[0];
  return method === undefined
    ? null
    : answer(method, house, additions, ratingLimit(house, panel, code), code).spareA;
}

/** The answer of the method that the permit goes in with, or of the first that can be worked out. */
export const chosenAnswer = ({ answers }: ServiceReport, { method }: House): MethodAnswer | undefined =>
  answers.find((each) => each.method === method) ?? answers[0];
