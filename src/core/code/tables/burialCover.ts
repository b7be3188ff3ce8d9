import type { ReferenceTable } from './shapes';

/** Smallest cover, inches, by wiring method. */
// prettier-ignore
export const burialCover = {
  id: 'burial-cover',
  title: 'Smallest cover, inches, by wiring method',
  certainty: 'sure',
  columns: ['direct-burial', 'rigid-metal', 'nonmetallic', 'gfci-120v-20a', 'low-voltage'],
  rows: [
    { place: 'anywhere-else', coverIn: [24, 6, 18, 12, 6] },
    { place: 'under-2in-concrete', coverIn: [18, 6, 12, 6, 6] },
    { place: 'under-building', coverIn: [0, 0, 0, 0, 0] },
    { place: 'under-4in-slab', coverIn: [18, 4, 4, 6, 6] },
    { place: 'street', coverIn: [24, 24, 24, 24, 24] },
    { place: 'dwelling-driveway', coverIn: [18, 18, 18, 12, 18] },
    { place: 'runway', coverIn: [18, 18, 18, 18, 18] },
  ],
} as const satisfies ReferenceTable;
