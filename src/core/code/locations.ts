/** Where an outlet may stand, as the rules for ground-fault and AFCI protection tell places apart. */
export const LOCATIONS = [
  'outdoor',
  'garage',
  'accessory',
  'basement',
  'finished-basement',
  'crawl',
  'attic',
  'kitchen',
  'food',
  'laundry',
  'bathroom',
  'boathouse',
  'damp',
  'living',
  'bedroom',
  'hall',
  'closet',
  'utility',
] as const;
/** The room or other place that an outlet stands in. */
export type Location = (typeof LOCATIONS)[number];

/** What kind of building the outlet belongs to. */
export const OCCUPANCIES = ['one-family', 'two-family', 'multi-family', 'other'] as const;
/** What kind of building the outlet belongs to. */
export type Occupancy = (typeof OCCUPANCIES)[number];
