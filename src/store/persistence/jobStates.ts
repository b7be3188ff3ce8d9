import { applyCommand, isRefusal } from '../../core/job/commands';
import { readJobDocument } from '../../core/job/jobFile';
import type { Job } from '../../core/job/jobSchema';
import { mergeBase } from '../../core/job/mergeJobs';
import { loadJob } from './jobStorage';

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

/** The states that a saved job has gone through, latest first; none where it is not here, or damaged. */
export async function savedStates(id: string): Promise<readonly Job[]> {
  const saved = await loadJob(id);
  const read = saved && readJobDocument(saved.record.document, saved.record.version);
  if (saved === undefined || read?.ok !== true) return [];
  return [
    ...statesOf(
      read.job,
      saved.journal.slice(0, saved.record.cursor).map((entry) => entry.backward),
    ),
  ];
}

/** Two saved copies of a job, with the state that both come from by the journal of the first. */
export interface TwoCopies {
  readonly base: Job;
  readonly mine: Job;
  readonly theirs: Job;
}

/** Two saved copies of a job; a sentence where one of them cannot be read. */
export async function twoCopies(mineId: string, theirsId: string): Promise<TwoCopies | string> {
  const [mine, theirs] = await Promise.all([loadJob(mineId), loadJob(theirsId)]);
  if (mine === undefined || theirs === undefined) return 'One of the two is not in this browser any more.';
  const [own, other] = [mine, theirs].map(({ record }) => readJobDocument(record.document, record.version));
  if (own?.ok !== true || other?.ok !== true) return 'One of the two is damaged: open it first.';
  const base = mergeBase(await savedStates(mineId), other.job) ?? own.job;
  return { base, mine: own.job, theirs: { ...other.job, name: base.name } };
}
