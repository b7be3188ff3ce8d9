import type { ReferenceTable } from './shapes';

/** Rooftop ambient adder in direct sun. */
// prettier-ignore
export const rooftop = {
  id: 'rooftop',
  title: 'Rooftop ambient adder in direct sun',
  certainty: 'partly',
  byEdition: {
    2017: { adderC: 33, belowIn: 0.875 },
    2020: { adderC: 33, belowIn: 0.75 },
    2023: { adderC: 33, belowIn: 0.75 },
    2026: { adderC: 33, belowIn: 0.75 },
  },
} as const satisfies ReferenceTable;
