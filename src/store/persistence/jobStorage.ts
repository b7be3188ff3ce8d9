import { JOB_VERSION } from '../../core/job/migrations';
import type { Job } from '../../core/job/jobSchema';
import { database, type JobRecord, type JournalRecord } from './database';

/** What is written after one edit: the job as it is now and what became of the journal. */
export interface SaveOrder {
  readonly job: Job;
  readonly cursor: number;
  /** Entry to put, where the edit made or grew one. */
  readonly entry: JournalRecord | null;
  /** Entries after this position are gone: a new edit has taken the place of what was undone. */
  readonly truncateAfter: number | null;
}

/** A job as it is saved, with its journal. */
export interface SavedJob {
  readonly record: JobRecord;
  readonly journal: JournalRecord[];
}

export type SaveOutcome = 'saved' | 'taken-over' | 'gone';

const record = (job: Job, cursor: number, writer: string | null): JobRecord => ({
  id: job.id,
  name: job.name,
  circuits: job.circuits.length,
  updatedAt: Date.now(),
  version: JOB_VERSION,
  document: job,
  cursor,
  writer,
});

/** Puts a job that is not there yet, with an empty journal. */
export async function addJob(job: Job): Promise<void> {
  await database.transaction('rw', database.jobs, database.journal, async () => {
    await database.journal.where('jobId').equals(job.id).delete();
    await database.jobs.put(record(job, 0, null));
  });
}

/** Removes a job with its journal, and gives both back so that they can be put again. */
export async function removeJob(id: string): Promise<SavedJob | undefined> {
  return database.transaction('rw', database.jobs, database.journal, async () => {
    const saved = await loadJob(id);
    await database.journal.where('jobId').equals(id).delete();
    await database.jobs.delete(id);
    return saved;
  });
}

/** Puts a removed job back with its journal. */
export async function restoreJob({ record: saved, journal }: SavedJob): Promise<void> {
  await database.transaction('rw', database.jobs, database.journal, async () => {
    await database.jobs.put({ ...saved, writer: null });
    await database.journal.bulkPut(journal);
  });
}

/** A job with its journal, as they are saved; undefined where there is none. */
export async function loadJob(id: string): Promise<SavedJob | undefined> {
  return database.transaction('r', database.jobs, database.journal, async () => {
    const found = await database.jobs.get(id);
    if (found === undefined) return undefined;
    // The edits of an older document have its shape, so they cannot be taken back on the new one.
    if (found.version !== JOB_VERSION) return { record: { ...found, cursor: 0 }, journal: [] };
    const journal = await database.journal.where('jobId').equals(id).sortBy('seq');
    return { record: found, journal };
  });
}

/** What the list and a following tab look at. */
export const savedJob = (id: string): Promise<JobRecord | undefined> => database.jobs.get(id);

/** All jobs, the last edited first. */
export const savedJobs = (): Promise<JobRecord[]> => database.jobs.orderBy('updatedAt').reverse().toArray();

/** Makes a tab the one that writes. */
export async function claimWriting(id: string, writer: string): Promise<void> {
  await database.jobs.update(id, { writer });
}

/**
 * Writes one edit, unless another tab writes this job by now: the check and the write are one transaction,
 * so two tabs can never overwrite each other.
 */
export async function saveEdit(order: SaveOrder, writer: string): Promise<SaveOutcome> {
  return database.transaction('rw', database.jobs, database.journal, async () => {
    const now = await database.jobs.get(order.job.id);
    if (now === undefined) return 'gone';
    if (now.writer !== writer) return 'taken-over';
    if (now.version !== JOB_VERSION) await database.journal.where('jobId').equals(order.job.id).delete();
    if (order.truncateAfter !== null) {
      await database.journal
        .where('[jobId+seq]')
        .between([order.job.id, order.truncateAfter + 1], [order.job.id, Infinity])
        .delete();
    }
    if (order.entry !== null) await database.journal.put(order.entry);
    await database.jobs.put(record(order.job, order.cursor, writer));
    return 'saved';
  });
}
