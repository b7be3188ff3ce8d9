/** Where a buried method lies, as the table of cover tells places apart. */
export const BURIAL_PLACES = [
  'yard',
  'under-slab',
  'under-concrete',
  'driveway',
  'street',
  'under-building',
] as const;

/** Where a buried method lies. */
export type BurialPlace = (typeof BURIAL_PLACES)[number];
