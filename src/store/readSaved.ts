import { applyCommand, isRefusal } from '../core/job/commands';
import { readJobDocument } from '../core/job/jobFile';
import { lastGood } from '../core/job/lastGood';
import type { Damaged, Edited } from './jobSlice';
import { currentEntry, type SavedJob, type SaveOrder } from './persistence/jobStorage';
import { findUnsaved, forgetUnsaved } from './persistence/unsaved';

/** A saved job that was read, with edits that a page made and could not write before it went. */
export type SavedRead =
  | ({ readonly ok: true; readonly recovered: SaveOrder | null } & Edited)
  | { readonly ok: false; readonly damaged: Damaged };

/** A job with the edits that were put by, and the order by which they are written. */
interface Recovered {
  readonly edited: Edited;
  readonly order: SaveOrder;
}

/** The edits that were put by laid over the job as it is saved; none where they belong to another state of it. */
function recover(saved: Edited, updatedAt: number): Recovered | null {
  const unsaved = findUnsaved(saved.job.id);
  if (unsaved === undefined) return null;
  forgetUnsaved(saved.job.id);
  if (!unsaved.after.includes(updatedAt)) return null;
  const { cursor, truncateAfter } = unsaved;
  const entries = unsaved.entries.map(currentEntry);
  const kept = truncateAfter === null ? saved.journal : saved.journal.slice(0, truncateAfter);
  const seqs = new Set(entries.map(({ seq }) => seq));
  const journal = [...kept.filter(({ seq }) => !seqs.has(seq)), ...entries].toSorted((a, b) => a.seq - b.seq);
  // Back to before the first edit that was put by, then forward to where the page was.
  const first = Math.min(saved.cursor, cursor, ...entries.map(({ seq }) => seq - 1));
  const steps = [
    ...saved.journal
      .slice(first, saved.cursor)
      .toReversed()
      .map(({ backward }) => backward),
    ...journal.slice(first, cursor).map(({ forward }) => forward),
  ];
  const applied = applyCommand(saved.job, { kind: 'batch', commands: steps });
  if (isRefusal(applied)) return null;
  const { job } = applied;
  return { edited: { job, journal, cursor }, order: { job, cursor, entries, truncateAfter } };
}

/** Reads a saved job; the tab that writes recovers what was put by. */
export function readSaved({ record, journal }: SavedJob, writes: boolean): SavedRead {
  const read = readJobDocument(record.document, record.version);
  if (!read.ok) {
    const good = lastGood(record.document, record.version, journal.slice(0, record.cursor));
    const undoTo = good === undefined ? null : (journal[good.undone - 1]?.label ?? null);
    const { id, name } = record;
    return { ok: false, damaged: { id, name, problem: read.problem, saved: { record, journal }, undoTo } };
  }
  const saved: Edited = { job: read.job, journal, cursor: record.cursor };
  const found = writes ? recover(saved, record.updatedAt) : null;
  return { ok: true, ...(found?.edited ?? saved), recovered: found?.order ?? null };
}
