import type { Edition } from '../code/edition';
import type { AnyFinding } from '../findings/finding';
import { FindingLog } from '../findings/findingLog';
import type { House } from './houseSchema';
import { oldHouse } from './oldHouse';
import { chosenAnswer, type ServiceReport } from './serviceReport';

/** A service with less than this left asks for a second look, amperes. */
const TIGHT_A = 5;
/** A one-family dwelling has a service of at least this (230.79(C)). */
const MIN_A = 100;

/** Everything that is wrong, doubtful or still to be asked about a service with what the job adds. */
export function serviceFindings(house: House, report: ServiceReport, code: Edition): readonly AnyFinding[] {
  const out = new FindingLog(code, { kind: 'service' });
  oldHouse(house, out);
  const { limit } = report;
  const answer = chosenAnswer(report, house);
  if (limit.amps === null) out.found('ask', 'service.unknown', 'service.rating', { what: 'rating' });
  if (answer === undefined) out.found('ask', 'service.unknown', 'service.standard', { what: 'area' });
  if (limit.amps !== null && limit.amps < MIN_A) {
    out.found('ask', 'service.least', 'service.rating', { ratingA: limit.amps, minA: MIN_A });
  }
  if (answer !== undefined && answer.spareA !== null && limit.amps !== null && limit.element !== null) {
    const data = {
      amps: answer.after.amps,
      limitA: limit.amps,
      element: limit.element,
      method: answer.method,
    };
    if (answer.spareA < 0) out.found('stop', 'service.overload', `service.${answer.method}`, data);
    else if (answer.spareA < TIGHT_A)
      out.found('check', 'service.tight', `service.${answer.method}`, {
        spareA: answer.spareA,
        limitA: limit.amps,
      });
  }
  if (house.managedA !== null)
    out.found('ask', 'service.managed', 'service.management', { setpointA: house.managedA });
  for (const group of house.groups) {
    if (group.circuitIds.length < 2) continue;
    const data = { name: group.name, limitA: group.limitA };
    if (group.listed === null) out.found('ask', 'service.charger-group', 'service.group', data);
    if (group.listed === false) out.found('check', 'service.group-unlisted', 'service.group', data);
  }
  if (house.sharing !== null) {
    const what = report.additions.find(({ circuitId }) => circuitId === house.sharing?.circuitId)?.what ?? '';
    out.found('ask', 'service.sharing', 'service.climate', { what });
  }
  if (answer?.method === 'measured' && house.measured !== null) record(house.measured, out);
  return out.all;
}

function record(measured: NonNullable<House['measured']>, out: FindingLog): void {
  const { problems, days, intervalMinutes, from, to, peakA, basis } = measured;
  const section = 'service.measured';
  if (problems.includes('too-short'))
    out.found('stop', 'demand.too-short', section, { days, minDays: basis === 'utility' ? 365 : 30 });
  if (problems.includes('hourly')) out.found('ask', 'demand.hourly', section, { minutes: intervalMinutes });
  if (problems.includes('season')) out.found('ask', 'demand.season', section, { from, to });
  if (problems.includes('export')) out.found('stop', 'demand.export', section, { rows: 0 });
  if (problems.includes('unit')) out.found('ask', 'demand.unit', section, { peakA });
  if (problems.includes('gaps')) out.found('check', 'demand.gaps', section, { missingPct: 0 });
}
