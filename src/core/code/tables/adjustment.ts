import type { AdjustmentTable } from './shapes';

/** Adjustment for more than three current-carrying conductors. */
// prettier-ignore
export const adjustment: AdjustmentTable = {
  id: 'adjustment',
  title: 'Adjustment for more than three current-carrying conductors',
  certainty: 'sure',
  rows: [
    { from: 1, to: 3, factor: 1.0 },
    { from: 4, to: 6, factor: 0.8 },
    { from: 7, to: 9, factor: 0.7 },
    { from: 10, to: 20, factor: 0.5 },
    { from: 21, to: 30, factor: 0.45 },
    { from: 31, to: 40, factor: 0.4 },
    { from: 41, to: null, factor: 0.35 },
  ],
};
