import type { ByTrade } from './shapes';

/** Outside diameter of rigid raceway by trade size, inches; thin-wall tubing is a little less. */
// prettier-ignore
export const outsideDiameter: ByTrade<number> = {
  '1/2': 0.84, '3/4': 1.05, 1: 1.315, '1-1/4': 1.66, '1-1/2': 1.9, 2: 2.375, '2-1/2': 2.875, 3: 3.5, '3-1/2': 4, 4: 4.5,
};
