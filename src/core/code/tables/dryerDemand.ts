import type { ReferenceTable } from './shapes';

/** Demand of household electric dryers. */
// prettier-ignore
export const dryerDemand = {
  id: 'dryer-demand',
  title: 'Demand of household electric dryers',
  certainty: 'sure',
  percent: { 1: 100, 2: 100, 3: 100, 4: 100, 5: 85, 6: 75, 7: 65, 8: 60, 9: 55, 10: 50, 11: 47 },
  minVA: 5000,
  neutralPercent: 70,
} as const satisfies ReferenceTable;
