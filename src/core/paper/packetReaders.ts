/** Who a packet is for. */
export const READERS = ['inspector', 'owner', 'next-trade', 'next-electrician'] as const;
/** A reader of a packet. */
export type Reader = (typeof READERS)[number];

/** Chapters in the order in which they stand unless a reader has another. */
export const CHAPTERS = [
  'cover',
  'open',
  'load',
  'circuits',
  'working',
  'panel',
  'bonding',
  'wiring',
  'checks',
  'care',
  'materials',
  'days',
  'photos',
  'sources',
  'answers',
  'cautions',
] as const;
/** A chapter of a packet. */
export type Chapter = (typeof CHAPTERS)[number];

const FOR: Readonly<Record<Chapter, readonly Reader[]>> = {
  cover: READERS,
  open: ['inspector', 'next-electrician'],
  load: ['inspector', 'next-electrician'],
  circuits: ['inspector', 'owner', 'next-electrician'],
  working: ['next-electrician'],
  panel: READERS,
  bonding: ['inspector', 'next-trade', 'next-electrician'],
  wiring: ['next-trade', 'next-electrician'],
  checks: READERS,
  care: ['owner', 'next-electrician'],
  materials: ['owner', 'next-electrician'],
  days: ['owner'],
  photos: ['inspector', 'owner', 'next-electrician'],
  sources: ['inspector', 'next-electrician'],
  answers: ['inspector', 'next-electrician'],
  // They are for who works at it.
  cautions: ['inspector', 'next-trade', 'next-electrician'],
};

/** Whether a chapter is for a reader unless that was chosen otherwise. */
export const isFor = (chapter: Chapter, reader: Reader): boolean => FOR[chapter].includes(reader);
