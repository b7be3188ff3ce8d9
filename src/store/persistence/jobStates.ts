import { applyCommand, isRefusal } from '../../core/job/commands';
import { readJobDocument } from '../../core/job/jobFile';
import type { Job } from '../../core/job/jobSchema';
import { mergeBase } from '../../core/job/mergeJobs';
import { loadJob, type SavedJob } from './jobStorage';

/** States looked at: a copy is seldom older. */
const MOST_STATES = 3000;

/** A job as it is and as it was, edit by edit back to its beginning. */
function* statesOf(job: Job, backward: readonly Parameters<typeof applyCommand>[1][]): Generator<Job> {
  yield job;
  let state = job;
  for (const command of backward.toReversed().slice(0, MOST_STATES)) {
    const applied = applyCommand(state, command);
    if (isRefusal(applied)) return;
    state = applied.job;
    yield state;
  }
}

/** The states that a job which was loaded has gone through, latest first; none where it is damaged. */
function statesIn({ record, journal }: SavedJob): readonly Job[] {
  const read = readJobDocument(record.document, record.version);
  if (!read.ok) return [];
  const backward = journal.slice(0, record.cursor).map((entry) => entry.backward);
  return [...statesOf(read.job, backward)];
}

/** The states that a saved job has gone through, latest first; none where it is not here, or damaged. */
export async function savedStates(id: string): Promise<readonly Job[]> {
  const saved = await loadJob(id);
  return saved === undefined ? [] : statesIn(saved);
}

/** Two saved copies of a job, with the state that both come from by the journal of the first. */
export interface TwoCopies {
  readonly base: Job;
  readonly mine: Job;
  readonly theirs: Job;
  /** When each was written last, as it was read. */
  readonly readAt: readonly [mine: number, theirs: number];
}

/** Two saved copies of a job; a sentence where one of them cannot be read. */
export async function twoCopies(mineId: string, theirsId: string): Promise<TwoCopies | string> {
  const [mine, theirs] = await Promise.all([loadJob(mineId), loadJob(theirsId)]);
  if (mine === undefined || theirs === undefined) return 'One of the two is not in this browser any more.';
  const states = statesIn(mine);
  const [own] = states;
  const other = readJobDocument(theirs.record.document, theirs.record.version);
  if (own === undefined || !other.ok) return 'One of the two is damaged: open it first.';
  const base = mergeBase(states, other.job) ?? own;
  const readAt = [mine.record.updatedAt, theirs.record.updatedAt] as const;
  return { base, mine: own, theirs: { ...other.job, name: base.name }, readAt };
}
