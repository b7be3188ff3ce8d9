/** Who a packet is for. */
export const READERS = ['inspector', 'owner', 'next-trade', 'next-electrician'] as const;
/** A reader of a packet. */
export type Reader = (typeof READERS)[number];

/** Chapters in the order in which they stand. */
export const CHAPTERS = [
  'cover',
  'open',
  'circuits',
  'panel',
  'wiring',
  'checks',
  'materials',
  'answers',
  'cautions',
] as const;
/** A chapter of a packet. */
export type Chapter = (typeof CHAPTERS)[number];

const FOR: Readonly<Record<Chapter, readonly Reader[]>> = {
  cover: READERS,
  open: ['inspector', 'next-electrician'],
  circuits: ['inspector', 'owner', 'next-electrician'],
  panel: READERS,
  wiring: ['next-trade', 'next-electrician'],
  checks: READERS,
  materials: ['owner', 'next-electrician'],
  answers: ['inspector', 'next-electrician'],
  cautions: READERS,
};

/** The chapters of a reader. */
export const chaptersOf = (reader: Reader): readonly Chapter[] =>
  CHAPTERS.filter((chapter) => FOR[chapter].includes(reader));
