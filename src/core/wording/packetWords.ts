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
  inspector: 'what was planned, sized and shown, section by section',
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
  care: 'To test',
  materials: 'Materials',
  days: 'Days',
  photos: 'Photos',
  sources: 'Sources',
  answers: 'Answers',
  cautions: 'Cautions',
} as const;

/** What the page is called that tells where every input comes from. */
export const SOURCES_TITLE = 'Assumed, told, measured, seen';

/** What the owner does about GFCI protection, and when an electrician is called. */
export const CARE_WORDS = [
  'Once a month, and before each season at the water: press Test. Power goes off. Press Reset where there is such a button; a breaker goes off, then on.',
  'Power stays on after Test: it protects nobody. Switch the circuit off at the panel and call an electrician.',
  'A breaker that trips again after one reset has a reason. Leave it off and call an electrician.',
  'Nothing is added to these circuits: each is sized for what its line names.',
] as const;

/** What a chapter without a page waits for. */
export const WAITS_FOR = {
  circuits: 'waits for the first circuit',
  working: 'waits for the first circuit',
  panel: 'waits for a panel that was surveyed',
  bonding: 'no pool, spa or tub in the yard',
  wiring: 'waits for a circuit that is landed',
  checks: 'waits for the first reading',
} as const;
