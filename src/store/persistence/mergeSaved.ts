import { jobReplaced } from '../../core/job/changes';
import { jobSchema } from '../../core/job/jobSchema';
import type { MergedJob } from '../../core/job/mergeJobs';
import { binJob } from './bin';
import { editSaved, type SavedEditOutcome } from './editSaved';
import type { TwoCopies } from './jobStates';
import { savedJob } from './jobStorage';
import { addSeals, sealsOf } from './sealStorage';
import { takeWriterLock } from './writerLock';

/** What became of a merge: one of the two may have been edited since it was looked at. */
export type MergeOutcome = SavedEditOutcome | 'invalid' | 'changed';

class Changed extends Error {}

/**
 * Puts what two copies come to into the one that is kept, as one edit; the sealed packets of the other go along, and it
 * goes into the bin. All of it is one act, which looks at both again: what was edited meanwhile is neither lost nor
 * overwritten.
 */
export async function mergeSaved(
  { mine, readAt }: TwoCopies,
  { document }: MergedJob,
  copyId: string,
): Promise<MergeOutcome> {
  const read = jobSchema.safeParse(document);
  if (!read.success) return 'invalid';
  const lock = await takeWriterLock(copyId, () => undefined);
  if (lock === undefined) return 'in-use';
  try {
    return await editSaved(
      mine.id,
      (here) => ({ command: jobReplaced(here, read.data), label: 'Merge of two copies' }),
      async () => {
        const now = [(await savedJob(mine.id))?.updatedAt, (await savedJob(copyId))?.updatedAt];
        if (now[0] !== readAt[0] || now[1] !== readAt[1]) throw new Changed();
        await addSeals(mine.id, await sealsOf(copyId));
        await binJob(copyId);
      },
    );
  } catch (reason) {
    if (reason instanceof Changed) return 'changed';
    throw reason;
  } finally {
    lock.release();
  }
}
