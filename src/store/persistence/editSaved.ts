import { readJobDocument } from '../../core/job/jobFile';
import { edited, editOf, type LateEdit } from '../journal';
import { asOneAct } from './bringIn';
import { claimWriting, loadJob, saveEdits } from './jobStorage';
import { takeWriterLock } from './writerLock';

/** What became of editing a job that is not open here. */
export type SavedEditOutcome = 'saved' | 'refused' | 'gone' | 'in-use' | 'damaged';

/** What takes an act of the storage back. */
class NotSaved extends Error {
  readonly outcome: SavedEditOutcome;

  constructor(outcome: SavedEditOutcome) {
    super(outcome);
    this.outcome = outcome;
  }
}

/** Edits a job within an act of the storage. */
async function editWithin(jobId: string, edit: LateEdit): Promise<SavedEditOutcome> {
  const found = await loadJob(jobId);
  if (found === undefined) return 'gone';
  const { record, journal } = found;
  const read = readJobDocument(record.document, record.version);
  if (!read.ok) return 'damaged';
  const decided = editOf(read.job, edit);
  if (decided === undefined) return 'refused';
  const after = edited({ job: read.job, journal, cursor: record.cursor }, decided);
  if ('refused' in after) return 'refused';
  const writer = crypto.randomUUID();
  await claimWriting(jobId, writer);
  const entry = after.journal.at(-1);
  await saveEdits(
    {
      job: after.job,
      cursor: after.cursor,
      entries: entry === undefined ? [] : [entry],
      truncateAfter: journal.length > record.cursor ? record.cursor : null,
    },
    writer,
  );
  return 'saved';
}

/**
 * Edits a job as it is saved, as one entry of its journal; not while a tab writes it.
 *
 * @param first What goes before it in the same act of the storage: all of it is done or none.
 */
export async function editSaved(
  jobId: string,
  edit: LateEdit,
  first: () => Promise<unknown> = () => Promise.resolve(),
): Promise<SavedEditOutcome> {
  const lock = await takeWriterLock(jobId, () => undefined);
  if (lock === undefined) return 'in-use';
  try {
    return await asOneAct(async () => {
      await first();
      const outcome = await editWithin(jobId, edit);
      if (outcome !== 'saved') throw new NotSaved(outcome);
      return outcome;
    });
  } catch (reason) {
    if (reason instanceof NotSaved) return reason.outcome;
    throw reason;
  } finally {
    lock.release();
  }
}
