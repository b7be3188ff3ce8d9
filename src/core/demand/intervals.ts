import { nth } from '../units/nth';
import { tally } from '../units/tally';

/** Readings of a meter, one after the other in the order in which the file has them. */
export interface Intervals {
  /** Start of each reading, milliseconds, on the clock that the file uses. */
  readonly startMs: Float64Array;
  /** Average over the reading: kilowatts, or amperes of the heavier leg. */
  readonly value: Float64Array;
  /** Length of a reading, minutes. */
  readonly minutes: number;
  readonly measures: 'kw' | 'amps';
  /** Readings that flowed back to the utility. */
  readonly exported: number;
  /** Whether the times carry an offset, so that a change of clocks leaves no gap. */
  readonly absolute: boolean;
}

/** A row that could not be read: where, and what is accepted. */
export interface BadReading {
  readonly line: number;
  readonly column: string;
  readonly accepts: string;
}

/** A file of readings read, with the rows that could not be. */
export interface ReadIntervals {
  readonly intervals: Intervals;
  /** The first of them. */
  readonly bad: readonly BadReading[];
  readonly badCount: number;
}

/** Why a file is no demand record. */
export interface NoRecord {
  readonly problem:
    | 'too-large'
    | 'no-rows'
    | 'no-time'
    | 'no-value'
    | 'not-xml'
    | 'hostile'
    | 'truncated'
    | 'no-readings'
    | 'unit';
  readonly detail: string;
}

/** The largest file that is read, characters: several years of quarter hours. */
export const MAX_CHARACTERS = 40_000_000;
/** Bad rows that are told one by one. */
export const MAX_TOLD = 20;

/** How far reading has come, 0 to 1. */
export type Reading<T> = Generator<number, T, void>;

/** Minutes of the most common step between starts; 15 where there is none. */
export function usualMinutes(startMs: ArrayLike<number>): number {
  const counts = new Map<number, number>();
  for (let at = 1; at < startMs.length; at += 1) {
    const step = (nth(startMs, at) - nth(startMs, at - 1)) / 60000;
    if (step > 0 && step <= 60) tally(counts, step);
  }
  let [usual, max] = [15, 0];
  for (const [step, count] of counts) if (count > max) [usual, max] = [step, count];
  return usual;
}
