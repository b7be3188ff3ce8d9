import { useMemo } from 'react';
import type { JobEvaluation } from '../../core/job/evaluateJob';
import { defaultPrices } from '../../core/price/defaultPrices';
import { offeredLines, pricedTakeoff, type PricedTakeoff } from '../../core/takeoff/pricedTakeoff';
import { useCuts } from '../../store/takeoff/useCuts';

/** The list of a job with its cut plans and prices, and whether it is still being cut for the first time. */
export function usePriced({ job, takeoff }: JobEvaluation): {
  readonly priced: PricedTakeoff;
  readonly isCutting: boolean;
} {
  const { materials } = job;
  const offered = useMemo(() => offeredLines(takeoff, materials, defaultPrices), [takeoff, materials]);
  const { cuts, work } = useCuts(offered);
  const priced = useMemo(() => pricedTakeoff(offered, cuts), [offered, cuts]);
  return { priced, isCutting: work.state === 'running' && cuts.size === 0 };
}
