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

/** Which building or structure an appliance stands at, as the rules for supplies tell them apart (Article 225). */
export const BUILDINGS = ['same', 'attached-garage', 'detached-garage', 'accessory', 'post'] as const;

/** What supplies another building already. */
export const BUILDING_SUPPLIES = ['none', 'branch', 'feeder'] as const;
/** What supplies another building already. */
export type BuildingSupply = (typeof BUILDING_SUPPLIES)[number];

/** What kind of building the outlet belongs to. */
export const OCCUPANCIES = ['one-family', 'two-family', 'multi-family', 'other'] as const;
/** What kind of building the outlet belongs to. */
export type Occupancy = (typeof OCCUPANCIES)[number];
