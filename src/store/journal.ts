import { joined, sourced } from '../core/job/changes';
import type { Command } from '../core/job/command';
import { applyCommand, isRefusal } from '../core/job/commands';
import type { Job } from '../core/job/jobSchema';
import type { Refusal } from '../core/job/refusal';
import { sourcesOfEdit, type Answering } from '../core/job/sourcesOfEdit';
import { toldNow } from './answering';
import type { Edited } from './jobSlice';
import type { JournalRecord } from './persistence/database';

/** An edit as a screen asks for it. */
export interface Edit {
  readonly command: Command;
  /** What the edit did, for undo: "Pin 6 AWG". */
  readonly label: string;
  /** Edits one after another with the same key become one. */
  readonly mergeKey?: string;
  /** Who answers for what it writes; the person who types where it is left out. */
  readonly answering?: Answering;
}

/** What is done to a job, decided by the job as it is by then; undefined: there is nothing left to do. */
export type LateEdit = Edit | ((job: Job) => Edit | undefined);

/** The edit that is made of a job as it is now. */
export const editOf = (job: Job, edit: LateEdit): Edit | undefined =>
  typeof edit === 'function' ? edit(job) : edit;

/** A job and its journal after an edit, or why the job does not take it. */
export function edited(
  { job, journal, cursor }: Edited,
  { command: plain, label, mergeKey: key, answering }: Edit,
): Edited | Refusal {
  const first = applyCommand(job, plain);
  if (isRefusal(first)) return first;
  const sources = sourcesOfEdit(job, first.job, answering ?? { by: toldNow() });
  const command = sources === undefined ? plain : sourced(plain, sources);
  const done = sources === undefined ? first : applyCommand(job, command);
  if (isRefusal(done)) return done;
  const mergeKey = key ?? null;
  const kept = journal.slice(0, cursor);
  const last = cursor === journal.length ? kept.at(-1) : undefined;
  const grown = mergeKey !== null && last?.mergeKey === mergeKey ? last : undefined;
  const entry: JournalRecord = {
    jobId: job.id,
    seq: grown?.seq ?? kept.length + 1,
    label,
    forward: grown === undefined ? command : joined(grown.forward, command),
    backward: grown === undefined ? done.inverse : joined(done.inverse, grown.backward),
    mergeKey,
  };
  const entries = grown === undefined ? [...kept, entry] : [...kept.slice(0, -1), entry];
  return { job: done.job, journal: entries, cursor: entries.length };
}
