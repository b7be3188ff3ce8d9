import { createAction, type UnknownAction } from '@reduxjs/toolkit';
import { applyCommand, type Command } from '../core/job/commands';
import type { FileProblem } from '../core/job/jobFile';
import type { Job } from '../core/job/jobSchema';
import type { JournalRecord } from './persistence/database';
import type { TabRole } from './persistence/writerLock';

/** The job that is open, as a whole: nothing, on its way, not to be had, or there. */
export type OpenJob =
  | { readonly status: 'none' }
  | { readonly status: 'loading'; readonly id: string }
  | { readonly status: 'missing'; readonly id: string }
  | { readonly status: 'damaged'; readonly id: string; readonly name: string; readonly problem: FileProblem }
  | {
      readonly status: 'ready';
      readonly job: Job;
      readonly journal: readonly JournalRecord[];
      /** How many entries of the journal are applied. */
      readonly cursor: number;
      readonly role: TabRole;
    };

/** An edit as a screen asks for it. */
export interface Edit {
  readonly command: Command;
  /** What the edit did, for undo: "Pin 6 AWG". */
  readonly label: string;
  /** Edits one after another with the same key become one. */
  readonly mergeKey?: string;
}

type Ready = Extract<OpenJob, { status: 'ready' }>;

const applied = (open: Ready, { command, label, mergeKey: key }: Edit): OpenJob => {
  const done = applyCommand(open.job, command);
  if (done === undefined) return open;
  const mergeKey = key ?? null;
  const kept = open.journal.slice(0, open.cursor);
  const last = open.cursor === open.journal.length ? kept.at(-1) : undefined;
  const grown = mergeKey !== null && last?.mergeKey === mergeKey ? last : undefined;
  const entry: JournalRecord = {
    jobId: open.job.id,
    seq: grown?.seq ?? kept.length + 1,
    label,
    forward: command,
    backward: grown?.backward ?? done.inverse,
    mergeKey,
  };
  const journal = grown === undefined ? [...kept, entry] : [...kept.slice(0, -1), entry];
  return { ...open, job: done.job, journal, cursor: journal.length };
};

const moved = (open: Ready, command: Command | undefined, cursor: number): OpenJob => {
  const done = command === undefined ? undefined : applyCommand(open.job, command);
  return done === undefined ? open : { ...open, job: done.job, cursor };
};

interface Loaded {
  readonly job: Job;
  readonly journal: readonly JournalRecord[];
  readonly cursor: number;
  readonly role: TabRole;
}

interface Damaged {
  readonly id: string;
  readonly name: string;
  readonly problem: FileProblem;
}

export const jobLoading = createAction<string>('job/loading');
export const jobMissing = createAction<string>('job/missing');
export const jobDamaged = createAction<Damaged>('job/damaged');
export const jobLoaded = createAction<Loaded>('job/loaded');
export const jobClosed = createAction('job/closed');
export const roleChanged = createAction<TabRole>('job/roleChanged');
export const edited = createAction<Edit>('job/edited');
export const undone = createAction('job/undone');
export const redone = createAction('job/redone');

/** What an edit, an undo or a redo makes of an open job; only the tab that writes may. */
function change(open: OpenJob, action: UnknownAction): OpenJob {
  if (open.status !== 'ready') return open;
  if (roleChanged.match(action)) return { ...open, role: action.payload };
  if (open.role !== 'writer') return open;
  if (edited.match(action)) return applied(open, action.payload);
  if (undone.match(action)) return moved(open, open.journal[open.cursor - 1]?.backward, open.cursor - 1);
  if (redone.match(action)) return moved(open, open.journal[open.cursor]?.forward, open.cursor + 1);
  return open;
}

/**
 * The open job. A plain function rather than a slice: documents are replaced whole by commands, so nothing
 * is drafted, and the readonly types hold.
 */
export function jobReducer(open: OpenJob = { status: 'none' }, action: UnknownAction): OpenJob {
  if (jobLoading.match(action)) return { status: 'loading', id: action.payload };
  if (jobMissing.match(action)) return { status: 'missing', id: action.payload };
  if (jobDamaged.match(action)) return { status: 'damaged', ...action.payload };
  if (jobLoaded.match(action)) return { status: 'ready', ...action.payload };
  if (jobClosed.match(action)) return { status: 'none' };
  return change(open, action);
}
