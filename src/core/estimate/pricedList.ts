import type { JobEvaluation } from '../job/evaluateJob';
import type { PriceList } from '../price/priceList';
import { cutLines, offeredLines, pricedTakeoff, type PricedTakeoff } from '../takeoff/pricedTakeoff';
import type { CutDesk } from './cutDesk';

/** What a list is priced by. */
export interface PriceDesk {
  readonly list: PriceList;
  readonly cuts: CutDesk;
}

/** The list of everything that a job takes, cut and priced. */
export function pricedList({ takeoff, job }: JobEvaluation, desk: PriceDesk): PricedTakeoff {
  const offered = offeredLines(takeoff, job.materials, desk.list);
  const cuts = new Map(
    cutLines(offered).flatMap((asked) => {
      const found = desk.cuts.of(asked);
      return found === undefined ? [] : [[asked.key, found] as const];
    }),
  );
  return pricedTakeoff(offered, cuts);
}
