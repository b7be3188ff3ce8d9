import type { PriceList } from '../price/priceList';
import type { Materials } from './materialsDocument';
import { isOld } from './priceAge';
import { offeredLines, tooLong } from './pricedTakeoff';
import type { Takeoff } from './takeoff';

/** What of a list is to be looked at before anybody buys by it: lines by their keys. */
export interface ListState {
  /** With a piece that is longer than anything that it is sold as. */
  readonly tooLong: readonly string[];
  readonly unpriced: readonly string[];
  /** With a price that is so old that it is asked for again. */
  readonly old: readonly string[];
}

/** What of a list is to be looked at, without cutting it. */
export function listState(takeoff: Takeoff, materials: Materials, list: PriceList, today: string): ListState {
  const offered = offeredLines(takeoff, materials, list);
  const keysOf = (some: typeof offered): readonly string[] => some.map(({ line }) => line.key);
  return {
    tooLong: keysOf(offered.filter((each) => tooLong(each) !== null)),
    unpriced: keysOf(offered.filter(({ offer }) => offer.basis === 'none')),
    old: keysOf(offered.filter(({ offer: { date } }) => date !== null && isOld(date, today))),
  };
}
