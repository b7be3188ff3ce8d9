import { edition } from '../../core/code/edition';
import type { Job } from '../../core/job/jobSchema';
import { nearestWater } from '../../core/water/nearestWater';
import { waterReport, type WaterReport } from '../../core/water/waterReport';

/** A water of a yard by what can be posted to a worker. */
export interface WaterAsked {
  readonly waterId: string;
  readonly yard: Job['yard'];
  readonly edition: Job['edition'];
  readonly amendments: Job['amendments'];
  readonly practices: Job['practices'];
}

/** The report of a water that a worker was asked about. */
export function reportAsked({
  waterId,
  yard,
  edition: year,
  amendments,
  practices,
}: WaterAsked): WaterReport {
  const water = yard.waters.find(({ id }) => id === waterId);
  if (water === undefined) throw new Error(`The yard has no water ${waterId}.`);
  const nearest = nearestWater(yard).get(waterId) ?? new Set();
  return waterReport({ water, yard, nearest, practices, code: edition(year, amendments) });
}
