import { currentCommand } from '../../core/job/oldCommands';
import { JOB_VERSION } from '../../core/job/jobVersion';
import type { Job } from '../../core/job/jobSchema';
import { database, listed, type JobRecord, type JournalRecord, type ListedJob } from './database';
import { nowMs } from '../clock';

/** What is written after edits: the job as it is now and what became of the journal. */
export interface SaveOrder {
  readonly job: Job;
  readonly cursor: number;
  /** Entries to put, made or grown by the edits. */
  readonly entries: readonly JournalRecord[];
  /** Entries after this position are gone: a new edit has taken the place of what was undone. */
  readonly truncateAfter: number | null;
}

/** A job as it is saved, with its journal. */
export interface SavedJob {
  readonly record: JobRecord;
  readonly journal: JournalRecord[];
}

/** What became of writing. */
export type SaveOutcome = 'saved' | 'taken-over' | 'gone';

/** A job as it is kept. */
export const jobRecord = (job: Job, cursor: number, writer: string | null, at = nowMs()): JobRecord => ({
  id: job.id,
  name: job.name,
  circuits: job.circuits.length,
  updatedAt: at,
  version: JOB_VERSION,
  document: job,
  cursor,
  writer,
});

/** Puts a job, and what the list has of it. */
export async function putRecord(saved: JobRecord): Promise<void> {
  await database().jobs.put(saved);
  await database().listed.put(listed(saved));
}

/** Lets go of a job, and of what the list has of it. */
export async function dropRecord(id: string): Promise<void> {
  await database().jobs.delete(id);
  await database().listed.delete(id);
}

/** All jobs as the list has them, the last edited first. */
export const listedJobs = (): Promise<ListedJob[]> =>
  database().listed.orderBy('updatedAt').reverse().toArray();

/** Runs a change of jobs and their journals as one: all of it or none. */
const changing = <T>(change: () => Promise<T>): Promise<T> => {
  const db = database();
  return db.transaction('rw', db.jobs, db.journal, db.listed, change);
};

/**
 * Puts a job that is not there yet, with an empty journal.
 *
 * @param at When it was edited last, milliseconds since 1970; left out: now.
 */
export const addJob = (job: Job, at?: number): Promise<void> =>
  changing(async () => {
    await database().journal.where('jobId').equals(job.id).delete();
    await putRecord(jobRecord(job, 0, null, at));
  });

/** An entry of a journal whose commands have the names of now. */
export const currentEntry = (entry: JournalRecord): JournalRecord => ({
  ...entry,
  forward: currentCommand(entry.forward),
  backward: currentCommand(entry.backward),
});

/** A job with its journal, as they are saved; undefined where there is none. */
export async function loadJob(id: string): Promise<SavedJob | undefined> {
  const db = database();
  return db.transaction('r', db.jobs, db.journal, async () => {
    const found = await db.jobs.get(id);
    if (found === undefined) return undefined;
    // The edits of an older document have its shape, so they cannot be taken back on the new one.
    if (found.version !== JOB_VERSION) return { record: { ...found, cursor: 0 }, journal: [] };
    const journal = await db.journal.where('jobId').equals(id).sortBy('seq');
    return { record: found, journal: journal.map(currentEntry) };
  });
}

/** What the list and a following tab look at. */
export const savedJob = (id: string): Promise<JobRecord | undefined> => database().jobs.get(id);

/** All jobs, the last edited first. */
export const savedJobs = (): Promise<JobRecord[]> => database().jobs.orderBy('updatedAt').reverse().toArray();

/** Makes a tab the one that writes. */
export async function claimWriting(id: string, writer: string): Promise<void> {
  await database().jobs.update(id, { writer });
}

/**
 * Writes edits, unless another tab writes this job by now: the check and the write are one transaction, so two tabs
 * can never overwrite each other.
 *
 * @param at The time that the record then carries.
 */
export const saveEdits = (order: SaveOrder, writer: string, at = nowMs()): Promise<SaveOutcome> =>
  changing(async () => {
    const db = database();
    const { id } = order.job;
    const now = await db.jobs.get(id);
    if (now === undefined) return 'gone';
    if (now.writer !== writer) return 'taken-over';
    if (now.version !== JOB_VERSION) await db.journal.where('jobId').equals(id).delete();
    if (order.truncateAfter !== null) {
      await db.journal
        .where('[jobId+seq]')
        .between([id, order.truncateAfter + 1], [id, Infinity])
        .delete();
    }
    await db.journal.bulkPut(order.entries);
    await putRecord(jobRecord(order.job, order.cursor, writer, at));
    return 'saved';
  });
