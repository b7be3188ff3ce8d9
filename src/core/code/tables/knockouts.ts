import type { ReferenceTable } from './shapes';

/** Knockout diameter by trade size, inches. */
// prettier-ignore
export const knockouts = {
  id: 'knockouts',
  title: 'Knockout diameter by trade size, inches',
  certainty: 'partly',
  rows: {
    '1/2': 0.875, '3/4': 1.109, 1: 1.375, '1-1/4': 1.734, '1-1/2': 1.984, 2: 2.469, '2-1/2': 2.969, 3: 3.594,
    '3-1/2': 4.125, 4: 4.641,
  },
} as const satisfies ReferenceTable;
