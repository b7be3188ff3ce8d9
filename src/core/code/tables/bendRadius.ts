import type { BendRadiusTable } from './shapes';

/** Smallest radius of a field bend. */
// prettier-ignore
export const bendRadius: BendRadiusTable = {
  id: 'bend-radius',
  title: 'Smallest radius of a field bend',
  certainty: 'sure',
  rows: {
    '1/2': { oneShotIn: 4, otherIn: 4 },
    '3/4': { oneShotIn: 4.5, otherIn: 5 },
    1: { oneShotIn: 5.75, otherIn: 6 },
    '1-1/4': { oneShotIn: 7.25, otherIn: 8 },
    '1-1/2': { oneShotIn: 8.25, otherIn: 10 },
    2: { oneShotIn: 9.5, otherIn: 12 },
    '2-1/2': { oneShotIn: 10.5, otherIn: 15 },
    3: { oneShotIn: 13, otherIn: 18 },
    '3-1/2': { oneShotIn: 15, otherIn: 21 },
    4: { oneShotIn: 16, otherIn: 24 },
  },
};
