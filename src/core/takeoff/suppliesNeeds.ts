import { METHODS } from '../code/methods';
import type { RouteReport } from '../route/routeReport';
import type { Need } from './need';

/** Solvent-welded ends that a can of cement does. */
const ENDS_A_CAN = 80;
/** Feet of pull that a quart of lubricant does; a shorter pull in few bends goes without. */
const FEET_A_QUART = 150;
/** From this effort on a pull is lubricated, pounds. */
const LUBRICATED_LB = 30;

/** What is opened once for the whole job: cement of its joints, lubricant by the length of its pulls. */
export function suppliesNeeds(routes: readonly RouteReport[]): readonly Need[] {
  const planned = routes.filter(({ about }) => about.circuit.existing === null);
  const ends = planned
    .flatMap(({ raceways }) => raceways)
    .filter(({ method }) => METHODS[method].surround === 'pvc')
    .reduce((sum, { couplings, connectors, elbows }) => sum + 2 * couplings + connectors + 2 * elbows, 0);
  const pulledFt = planned
    .flatMap(({ pulls }) => pulls)
    .reduce((sum, { pounds, lengthFt }) => (pounds >= LUBRICATED_LB ? sum + lengthFt : sum), 0);
  const supply = (kind: 'cement' | 'lubricant', count: number, where: string): readonly Need[] =>
    count > 0 ? [{ item: { kind }, source: { kind: 'job' }, where, count, piece: null }] : [];
  return [
    ...supply('cement', Math.ceil(ends / ENDS_A_CAN), `${ends} joints`),
    ...supply('lubricant', Math.ceil(pulledFt / FEET_A_QUART), `${Math.ceil(pulledFt)} ft of pulls`),
  ];
}
