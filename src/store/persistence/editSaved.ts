import { readJobDocument } from '../../core/job/jobFile';
import { edited, type Edit } from '../journal';
import { claimWriting, loadJob, saveEdits } from './jobStorage';
import { takeWriterLock } from './writerLock';

/** What became of editing a job that is not open here. */
export type SavedEditOutcome = 'saved' | 'refused' | 'gone' | 'in-use' | 'damaged';

/** Edits a job as it is saved, as one entry of its journal; not while a tab writes it. */
export async function editSaved(jobId: string, edit: Edit): Promise<SavedEditOutcome> {
  const lock = await takeWriterLock(jobId, () => undefined);
  if (lock === undefined) return 'in-use';
  try {
    const found = await loadJob(jobId);
    if (found === undefined) return 'gone';
    const { record, journal } = found;
    const read = readJobDocument(record.document, record.version);
    if (!read.ok) return 'damaged';
    const after = edited({ job: read.job, journal, cursor: record.cursor }, edit);
    if ('refused' in after) return 'refused';
    const writer = crypto.randomUUID();
    await claimWriting(jobId, writer);
    const entry = after.journal.at(-1);
    const outcome = await saveEdits(
      {
        job: after.job,
        cursor: after.cursor,
        entries: entry === undefined ? [] : [entry],
        truncateAfter: journal.length > record.cursor ? record.cursor : null,
      },
      writer,
    );
    return outcome === 'saved' ? 'saved' : 'in-use';
  } finally {
    lock.release();
  }
}
