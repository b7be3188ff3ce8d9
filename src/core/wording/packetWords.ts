/** Readers of a packet, and chapters by what they are called. The names of the room itself are not known here. */
export const READER_NAME = {
  inspector: 'Inspector',
  owner: 'Owner',
  'next-trade': 'Next trade',
  'next-electrician': 'Next electrician',
} as const;

/** Readers in a narrow column. */
export const READER_SHORT = {
  inspector: 'insp',
  owner: 'own',
  'next-trade': 'trd',
  'next-electrician': 'elec',
} as const;

/** What each wants to know. */
export const READER_ASKS = {
  inspector: 'is it safe, is it shown',
  owner: 'what was done, what to test',
  'next-trade': 'is it off, is it labeled',
  'next-electrician': 'what is behind the wall',
} as const;

/** Chapters of a packet. */
export const CHAPTER_NAME = {
  cover: 'Cover',
  open: 'Open',
  load: 'Load',
  circuits: 'Circuits',
  working: 'Working',
  panel: 'Panel face',
  bonding: 'Bonding',
  wiring: 'Wiring',
  checks: 'Checks',
  materials: 'Materials',
  days: 'Days',
  photos: 'Photos',
  answers: 'Answers',
  cautions: 'Cautions',
} as const;
