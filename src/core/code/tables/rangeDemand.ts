import type { ReferenceTable } from './shapes';

/** Demand of household cooking appliances. */
// prettier-ignore
export const rangeDemand = {
  id: 'range-demand',
  title: 'Demand of household cooking appliances',
  certainty: 'sure',
  percentUnder3500W: {
    1: 80, 2: 75, 3: 70, 4: 66, 5: 62, 6: 59, 7: 56, 8: 53, 9: 51, 10: 49, 11: 47, 12: 45, 13: 43, 14: 41,
    15: 40, 16: 39, 17: 38, 18: 37, 19: 36, 20: 35, 21: 34, 22: 33, 23: 32, 24: 31, 25: 30,
  },
  percentTo8750W: {
    1: 80, 2: 65, 3: 55, 4: 50, 5: 45, 6: 43, 7: 40, 8: 36, 9: 35, 10: 34, 11: 32, 12: 32, 13: 32, 14: 32,
    15: 32, 16: 28, 17: 28, 18: 28, 19: 28, 20: 28, 21: 26, 22: 26, 23: 26, 24: 26, 25: 26,
  },
  kilowattsTo12kW: {
    1: 8, 2: 11, 3: 14, 4: 17, 5: 20, 6: 21, 7: 22, 8: 23, 9: 24, 10: 25, 11: 26, 12: 27, 13: 28, 14: 29, 15: 30,
    16: 31, 17: 32, 18: 33, 19: 34, 20: 35, 21: 36, 22: 37, 23: 38, 24: 39, 25: 40,
  },
} as const satisfies ReferenceTable;
