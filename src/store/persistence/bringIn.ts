import { LIMITS } from '../../core/code/limits';
import type { Photos } from '../../core/job/jobFile';
import type { Job } from '../../core/job/jobSchema';
import { withPhotoIds } from '../../core/job/photoIds';
import type { Seal } from '../../core/paper/sealSchema';
import { database } from './database';
import { jobRecord, putRecord } from './jobStorage';
import { addPhotos } from './photoStorage';
import { addSeals } from './sealStorage';

/** A job that came from a file, with all that belongs to it. */
export interface WholeJob {
  readonly job: Job;
  readonly photos: Photos;
  readonly seals: readonly Seal[];
}

/** What of a job that came in did not go in as it was. */
export interface Brought {
  readonly id: string;
  /** Photographs that bear a new id, because another one of theirs is here. */
  readonly renamed: number;
  /** Sealed packets that were refused, because another one of their id is here. */
  readonly refused: number;
}

const newId = (): string => crypto.randomUUID();

/** Runs a change of jobs, journals, photographs and sealed packets as one act: all of it or none. */
export function asOneAct<T>(act: () => Promise<T>): Promise<T> {
  const db = database();
  return db.transaction('rw', [db.jobs, db.listed, db.journal, db.photos, db.seals, db.bin], act);
}

/** Keeps photographs and sealed packets beside a job that is here; to be run within an act. */
export async function addBelongings(
  jobId: string,
  { job, photos, seals }: WholeJob,
): Promise<Omit<Brought, 'id'> & { readonly job: Job }> {
  const renamed = await addPhotos(jobId, photos, newId);
  return {
    job: withPhotoIds(job, renamed),
    renamed: renamed.size,
    refused: await addSeals(jobId, seals),
  };
}

/**
 * Puts a job with all that belongs to it, as one act. A job of its id that is here is never overwritten, also not one that
 * came a moment ago: then nothing is put.
 *
 * @param at When it was edited last, milliseconds since 1970; left out: now.
 */
export const bringIn = (whole: WholeJob, at?: number): Promise<Brought | 'here-already'> =>
  asOneAct(async () => {
    const db = database();
    const { id } = whole.job;
    if ((await db.jobs.get(id)) !== undefined) return 'here-already';
    // What was left of a job that is gone belongs to nobody.
    await db.journal.where('jobId').equals(id).delete();
    const { job, renamed, refused } = await addBelongings(id, whole);
    await putRecord(jobRecord(job, 0, null, at));
    return { id, renamed, refused };
  });

/** The same beside a job of its id, under an id of its own. */
export async function bringInBeside(whole: WholeJob): Promise<Brought> {
  const name = `${whole.job.name}, from file`.slice(0, LIMITS.nameLength);
  const job = { ...whole.job, id: newId(), name };
  const brought = await bringIn({ ...whole, job });
  if (brought === 'here-already') throw new Error('A new id was there already.');
  return brought;
}
