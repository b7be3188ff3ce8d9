import type { ReferenceTable } from './shapes';

/** Box volume for one conductor, cubic inches. */
// prettier-ignore
export const conductorVolume = {
  id: 'conductor-volume',
  title: 'Box volume for one conductor, cubic inches',
  certainty: 'sure',
  rows: { 18: 1.5, 16: 1.75, 14: 2.0, 12: 2.25, 10: 2.5, 8: 3.0, 6: 5.0 },
} as const satisfies ReferenceTable;
