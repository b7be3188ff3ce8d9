import type { JobRecord } from './database';
import { nowMs } from '../clock';

/** What is known of the last copy of all jobs: when it was made, and how far each job had come. */
export interface LastCopy {
  /** Milliseconds since 1970. */
  readonly at: number;
  /** Position in the journal of each job, by its id. */
  readonly cursors: Readonly<Record<string, number>>;
}

/** How things stand with the copy of all jobs. */
export interface CopyState {
  /** Whole days since the last copy; null where none was made. */
  readonly days: number | null;
  readonly edits: number;
  /** Jobs with edits since then. */
  readonly jobs: number;
  /** Whether it is time for another. */
  readonly due: boolean;
}

/** A copy is due after this many days with edits, or after so many edits where none was ever made. */
export const DUE_DAYS = 7;
const DUE_EDITS = 20;

const DAY_MS = 86_400_000;

type Counted = Pick<JobRecord, 'id' | 'cursor' | 'updatedAt'>;

/** Edits of a job since the copy. One that was put there whole, or put back, counts as one. */
function editsSince({ id, cursor, updatedAt }: Counted, last: LastCopy | null, asShipped: string): number {
  const before = last?.cursors[id];
  if (before === undefined) return cursor === 0 && id === asShipped ? 0 : Math.max(1, cursor);
  if (before !== cursor) return Math.abs(cursor - before);
  return last !== null && updatedAt > last.at ? 1 : 0;
}

/**
 * How many edits the last copy of all jobs lacks, and whether another is due.
 *
 * @param asShipped The id of the job that can be had again at any time: untouched, it needs no copy.
 */
export function copyState(
  jobs: readonly Counted[],
  last: LastCopy | null,
  asShipped: string,
  now = nowMs(),
): CopyState {
  const counts = jobs.map((each) => editsSince(each, last, asShipped)).filter((count) => count > 0);
  const edits = counts.reduce((sum, count) => sum + count, 0);
  const days = last === null ? null : Math.max(0, Math.floor((now - last.at) / DAY_MS));
  const due = edits > 0 && (days === null ? edits >= DUE_EDITS : days >= DUE_DAYS);
  return { days, edits, jobs: counts.length, due };
}

/** What a copy that is made now is remembered by. */
export const copiedNow = (jobs: readonly Counted[], at = nowMs()): LastCopy => ({
  at,
  cursors: Object.fromEntries(jobs.map(({ id, cursor }) => [id, cursor])),
});
