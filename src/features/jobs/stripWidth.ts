/** Room before a run for its panel, and for its number where it has one. */
const BEFORE = { numbered: 26, bare: 12 } as const;
/** Room after a run, pixels. */
export const AFTER = 8;

/** Room before a run, pixels. */
export const before = (numbered: boolean): number => BEFORE[numbered ? 'numbered' : 'bare'];

/** What some runs take besides their lengths, pixels. */
export const widthBesides = (count: number, numbered: boolean): number =>
  AFTER + count * (before(numbered) + AFTER);
