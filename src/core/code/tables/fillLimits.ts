import type { FillLimitTable } from './shapes';

/** Largest fill of a raceway. */
// prettier-ignore
export const fillLimits: FillLimitTable = {
  id: 'fill-limits', title: 'Largest fill of a raceway', certainty: 'partly', one: 0.53, two: 0.31, overTwo: 0.4,
  nipple: 0.6,
};
