import type { ReferenceTable } from './shapes';

/** Trip current of GFCI devices, milliamperes. */
// prettier-ignore
export const gfciClasses = {
  id: 'gfci-classes',
  title: 'Trip current of GFCI devices, milliamperes',
  certainty: 'partly',
  rows: {
    A: { tripMAMin: 4, tripMAMax: 6 },
    B: { tripMA: 20 },
    C: { tripMAMin: 15, tripMAMax: 20 },
    D: { tripMAMin: 15, tripMAMax: 20 },
    E: { tripMAMin: 15, tripMAMax: 20 },
    GFPE: { tripMATypical: 30 },
  },
} as const satisfies ReferenceTable;
