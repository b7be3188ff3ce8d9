import { joined } from '../core/job/changes';
import type { Command } from '../core/job/command';
import { applyCommand, isRefusal } from '../core/job/commands';
import type { Job } from '../core/job/jobSchema';
import type { Refusal } from '../core/job/refusal';
import type { Edited } from './jobSlice';
import type { JournalRecord } from './persistence/database';

/** An edit as a screen asks for it. */
export interface Edit {
  readonly command: Command;
  /** What the edit did, for undo: "Pin 6 AWG". */
  readonly label: string;
  /** Edits one after another with the same key become one. */
  readonly mergeKey?: string;
}

/** What is done to a job, decided by the job as it is by then; undefined: there is nothing left to do. */
export type LateEdit = Edit | ((job: Job) => Edit | undefined);

/** The edit that is made of a job as it is now. */
export const editOf = (job: Job, edit: LateEdit): Edit | undefined =>
  typeof edit === 'function' ? edit(job) : edit;

/** A job and its journal after an edit, or why the job does not take it. */
export function edited(
  { job, journal, cursor }: Edited,
  { command, label, mergeKey: key }: Edit,
): Edited | Refusal {
  const done = applyCommand(job, command);
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
