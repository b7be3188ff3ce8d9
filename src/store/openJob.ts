import type { Dispatch } from '@reduxjs/toolkit';
import { liveQuery } from 'dexie';
import {
  jobClosed,
  jobDamaged,
  jobLoaded,
  jobLoading,
  jobMissing,
  roleChanged,
  type Damaged,
  type OpenJob,
} from './jobSlice';
import { editing } from './lazyParts';
import { tookOver } from './newsSlice';
import type { JobRecord } from './persistence/database';
import { addJob, claimWriting, loadJob, savedJob } from './persistence/jobStorage';
import { persistBy } from './persisting';
import { createSaveQueue, type SaveQueue, type SaveState } from './persistence/saveQueue';
import {
  awaitWriterLock,
  stealWriterLock,
  takeWriterLock,
  type HeldLock,
  type TabRole,
} from './persistence/writerLock';
import { saveChanged } from './saveSlice';

/** What this tab holds while a job is open; none of it is state that a screen shows. */
interface Session {
  readonly id: string;
  readonly writer: string;
  readonly dispatch: Dispatch;
  readonly queue: SaveQueue;
  readonly ended: AbortController;
  /** When the record was last written, as this tab read it. */
  readAt: number;
  lock: HeldLock | undefined;
  role: TabRole;
  stopFollowing: () => void;
}

let session: Session | undefined;

/** Jobs that were left and whose last edits are still on their way to storage. */
const leaving = new Map<string, Promise<void>>();

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
  at.readAt = found.record.updatedAt;
  // Loaded here, so that the list of jobs does not carry the checker of documents.
  const [{ readSaved }] = await Promise.all([import('./readSaved'), editing.load()]);
  if (session !== at) return;
  const read = readSaved(found, at.role === 'writer');
  if (!read.ok) {
    at.dispatch(jobDamaged(read.damaged));
    return;
  }
  const { job, journal, cursor, recovered } = read;
  at.dispatch(jobLoaded({ job, journal, cursor, role: at.role }));
  if (recovered !== null) at.queue.add(recovered);
}

/** Becomes the writer once the tab that writes is closed. */
async function waitToWrite(at: Session): Promise<void> {
  const lock = await awaitWriterLock(at.id, at.ended.signal, () => {
    become(at, 'reader');
    void waitToWrite(at);
  });
  if (lock === undefined) return;
  if (session !== at || at.role === 'writer') {
    lock.release();
    return;
  }
  at.lock = lock;
  await claimWriting(at.id, at.writer);
  at.role = 'writer';
  await show(at);
  at.dispatch(tookOver());
}

/** What the writer does when the record is not as it left it: reset elsewhere, deleted, or put back. */
async function writerSees(at: Session, found: JobRecord | undefined): Promise<void> {
  if (found === undefined) at.dispatch(saveChanged({ kind: 'gone' }));
  else if (found.writer === null) {
    await claimWriting(at.id, at.writer);
    await show(at);
  } else if (found.writer !== at.writer) become(at, 'reader');
}

/** A tab that reads along sees every edit that another tab saves; one that writes learns when it no longer does. */
function follow(at: Session): void {
  let seen: number | undefined;
  const subscription = liveQuery(() => savedJob(at.id)).subscribe((found) => {
    if (session !== at) return;
    if (at.role === 'writer') void writerSees(at, found);
    else if (seen !== undefined && found?.updatedAt !== seen) void show(at);
    seen = found?.updatedAt ?? 0;
  });
  at.stopFollowing = () => {
    subscription.unsubscribe();
  };
}

function newSession(id: string, dispatch: Dispatch): Session {
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
    queue: createSaveQueue(writer, () => at.readAt, onState),
    ended: new AbortController(),
    readAt: 0,
    lock: undefined,
    role: 'reader',
    stopFollowing: () => undefined,
  };
  return at;
}

/** Opens a job for writing, or for reading along where another tab writes it. */
export async function openJob(id: string, dispatch: Dispatch): Promise<void> {
  closeJob(dispatch);
  dispatch(jobLoading(id));
  const at = newSession(id, dispatch);
  session = at;
  await leaving.get(id);
  const lock = await takeWriterLock(id, () => {
    become(at, 'reader');
    void waitToWrite(at);
  });
  if (session !== at) {
    lock?.release();
    return;
  }
  at.lock = lock;
  if (lock === undefined) void waitToWrite(at);
  else {
    await claimWriting(id, at.writer);
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
    void waitToWrite(at);
  });
  at.role = 'writer';
  await show(at);
}

/** Lets go of the open job, once its last edit is written. */
export function closeJob(dispatch: Dispatch): void {
  if (session === undefined) return;
  const { id, lock, stopFollowing, queue, ended } = session;
  session = undefined;
  stopFollowing();
  ended.abort();
  // The lock is kept until the last edit is written, so that the next tab reads it.
  const left = queue.idle().finally(() => {
    lock?.release();
    leaving.delete(id);
  });
  leaving.set(id, left);
  dispatch(jobClosed());
}

/** Writes what is waiting at once: the page may go, or the electrician tries again after a failure. */
export function saveNow(): void {
  session?.queue.flush();
}

/** Writes what an edit, undo or redo changed. */
function writeEdit(before: OpenJob, after: OpenJob): void {
  if (session === undefined || before.status !== 'ready' || after.status !== 'ready') return;
  if (before.job === after.job) return;
  const { job, journal, cursor } = after;
  const edit = journal !== before.journal;
  const entry = edit ? journal.at(-1) : undefined;
  session.queue.add({
    job,
    cursor,
    entries: entry === undefined ? [] : [entry],
    truncateAfter: edit && before.journal.length > before.cursor ? before.cursor : null,
  });
}

/** Opens a damaged job as it was before the edits that damaged it. */
export async function openRepaired({ saved: { record, journal } }: Damaged): Promise<void> {
  const at = session;
  if (at?.id !== record.id) return;
  const { lastGood } = await import('../core/job/lastGood');
  const good = lastGood(record.document, record.version, journal.slice(0, record.cursor));
  if (good === undefined) return;
  await addJob(good.job);
  await claimWriting(at.id, at.writer);
  await show(at);
}

persistBy(writeEdit);
