import type { JobEvaluation } from '../../src/core/job/evaluateJob';
import { defaultPrices } from '../../src/core/price/defaultPrices';
import { itemPrice } from '../../src/core/takeoff/itemPrice';

/** What everything that the parts of a job need costs by the list, added up need by need. */
export const listPrice = ({ takeoff }: JobEvaluation): number =>
  takeoff.parts
    .flatMap(({ needs }) => needs)
    .reduce((sum, { item, count }) => sum + (itemPrice(item, defaultPrices) ?? 0) * count, 0);
