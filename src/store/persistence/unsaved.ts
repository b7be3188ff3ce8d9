import type { JournalRecord } from './database';

/** Edits that are made and not yet written, for the case that the page goes before they are. */
export interface Unsaved {
  /** The states of the record that they may be laid over: when it was written. */
  readonly after: readonly number[];
  readonly cursor: number;
  readonly entries: readonly JournalRecord[];
  readonly truncateAfter: number | null;
}

/** Past this a browser may refuse the text; such an edit is in the record before anybody could reload. */
const MAX_CHARACTERS = 1_000_000;

const keyOf = (jobId: string): string => `pasture-unsaved-${jobId}`;

/** Puts edits by, at once: a page that is reloaded in this moment finds them again. */
export function putBy(jobId: string, unsaved: Unsaved): void {
  try {
    const text = JSON.stringify(unsaved);
    if (text.length <= MAX_CHARACTERS) localStorage.setItem(keyOf(jobId), text);
  } catch {
    // No room or no storage: the record is written within a moment all the same.
  }
}

/** Forgets edits that were written. */
export function forgetUnsaved(jobId: string): void {
  try {
    localStorage.removeItem(keyOf(jobId));
  } catch {
    // Where nothing can be put by there is nothing to forget.
  }
}

const isUnsaved = (value: unknown): value is Unsaved =>
  typeof value === 'object' &&
  value !== null &&
  'after' in value &&
  Array.isArray(value.after) &&
  'cursor' in value &&
  typeof value.cursor === 'number' &&
  'entries' in value &&
  Array.isArray(value.entries);

/** Edits that a page made and could not write before it went; undefined where there are none. */
export function findUnsaved(jobId: string): Unsaved | undefined {
  try {
    const value: unknown = JSON.parse(localStorage.getItem(keyOf(jobId)) ?? 'null');
    return isUnsaved(value) ? value : undefined;
  } catch {
    return undefined;
  }
}
