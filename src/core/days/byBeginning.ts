import type { DayStep } from './jobDays';

const beginning = ({ placed }: DayStep): string => placed.parts[0]?.start ?? '';

/** Steps as they begin, one after the other: what is done where it was done. */
export const byBeginning = (a: DayStep, b: DayStep): number =>
  beginning(a) < beginning(b) ? -1 : beginning(a) > beginning(b) ? 1 : 0;
