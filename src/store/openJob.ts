import type { Dispatch } from '@reduxjs/toolkit';
import { liveQuery } from 'dexie';
import {
  jobClosed,
  jobDamaged,
  jobLoaded,
  jobLoading,
  jobMissing,
  roleChanged,
  type OpenJob,
} from './jobSlice';
import { saveChanged } from './saveSlice';
import { claimWriting, loadJob, savedJob } from './persistence/jobStorage';
import { createSaveQueue, type SaveQueue, type SaveState } from './persistence/saveQueue';
import { stealWriterLock, takeWriterLock, type HeldLock, type TabRole } from './persistence/writerLock';

/** What this tab holds while a job is open; none of it is state that a screen shows. */
interface Session {
  readonly id: string;
  readonly writer: string;
  readonly dispatch: Dispatch;
  readonly queue: SaveQueue;
  lock: HeldLock | undefined;
  role: TabRole;
  stopFollowing: () => void;
}

let session: Session | undefined;

const become = (at: Session, role: TabRole): void => {
  if (session !== at || at.role === role) return;
  at.role = role;
  at.dispatch(roleChanged(role));
};

/** Reads the job as it is saved and shows it in the role that this tab has. */
async function show(at: Session): Promise<void> {
  const found = await loadJob(at.id);
  if (session !== at) return;
  if (found === undefined) {
    at.dispatch(jobMissing(at.id));
    return;
  }
  const { record, journal } = found;
  // Loaded here, so that the list of jobs does not carry the checker of documents.
  const { readJobDocument } = await import('../core/job/jobFile');
  if (session !== at) return;
  const read = readJobDocument(record.document, record.version);
  if (!read.ok) {
    at.dispatch(jobDamaged({ id: at.id, name: record.name, problem: read.problem }));
    return;
  }
  at.dispatch(jobLoaded({ job: read.job, journal, cursor: record.cursor, role: at.role }));
}

/** A tab that reads along sees every edit that another tab saves, and learns that it has become a reader. */
function follow(at: Session): void {
  let seen: number | undefined;
  const subscription = liveQuery(() => savedJob(at.id)).subscribe((found) => {
    if (session !== at) return;
    if (at.role === 'writer' && found !== undefined && found.writer !== at.writer) become(at, 'reader');
    if (at.role === 'reader' && seen !== undefined && found?.updatedAt !== seen) void show(at);
    seen = found?.updatedAt;
  });
  at.stopFollowing = () => {
    subscription.unsubscribe();
  };
}

/** Opens a job for writing, or for reading along where another tab writes it. */
export async function openJob(id: string, dispatch: Dispatch): Promise<void> {
  closeJob(dispatch);
  dispatch(jobLoading(id));
  const writer = crypto.randomUUID();
  const onState = (state: SaveState): void => {
    if (session?.writer !== writer) return;
    dispatch(saveChanged(state));
    if (state.kind === 'taken-over') become(session, 'reader');
  };
  const at: Session = {
    id,
    writer,
    dispatch,
    queue: createSaveQueue(writer, onState),
    lock: undefined,
    role: 'reader',
    stopFollowing: () => undefined,
  };
  session = at;
  const lock = await takeWriterLock(id, () => {
    become(at, 'reader');
  });
  if (session !== at) {
    lock?.release();
    return;
  }
  at.lock = lock;
  if (lock !== undefined) {
    await claimWriting(id, writer);
    at.role = 'writer';
  }
  await show(at);
  follow(at);
}

/** Makes this tab the one that writes; the other goes on as a reader. */
export async function takeOverJob(): Promise<void> {
  const at = session;
  if (at === undefined) return;
  await claimWriting(at.id, at.writer);
  at.lock = await stealWriterLock(at.id, () => {
    become(at, 'reader');
  });
  await show(at);
  become(at, 'writer');
}

/** Lets go of the open job. */
export function closeJob(dispatch: Dispatch): void {
  if (session === undefined) return;
  const { lock, stopFollowing, queue } = session;
  session = undefined;
  stopFollowing();
  // The lock is kept until the last edit is written, so that the next tab reads it.
  void queue.idle().finally(() => lock?.release());
  dispatch(jobClosed());
}

/** Tries to save again after a failure. */
export function retrySaving(): void {
  session?.queue.retry();
}

/** Writes what an edit, undo or redo changed. */
export function persistEdit(before: OpenJob, after: OpenJob): void {
  if (session === undefined || before.status !== 'ready' || after.status !== 'ready') return;
  if (before.job === after.job) return;
  const { job, journal, cursor } = after;
  const edit = journal !== before.journal;
  session.queue.add({
    job,
    cursor,
    entry: edit ? (journal.at(-1) ?? null) : null,
    truncateAfter: edit && before.journal.length > before.cursor ? before.cursor : null,
  });
}
