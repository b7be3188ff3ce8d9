/** Dangers that readings bear by themselves, whatever explains them; the worst first. */
export const READING_DANGERS = [
  'live-metal',
  'neutral-lost',
  'neutral-lost-ahead',
  'second-hot',
  'joint-heats',
  'ground-open',
] as const;
/** A danger that readings bear by themselves. */
export type ReadingDangerCode = (typeof READING_DANGERS)[number];
