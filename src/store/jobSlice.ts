import { createAction, type UnknownAction } from '@reduxjs/toolkit';
import type { FileProblem } from '../core/job/jobFile';
import type { Job } from '../core/job/jobSchema';
import type { JournalRecord } from './persistence/database';
import type { SavedJob } from './persistence/jobStorage';
import type { TabRole } from './persistence/writerLock';

/** The job that is open, as a whole: nothing, on its way, not to be had, or there. */
export type OpenJob =
  | { readonly status: 'none' }
  | { readonly status: 'loading'; readonly id: string }
  | { readonly status: 'missing'; readonly id: string }
  | ({ readonly status: 'damaged' } & Damaged)
  | {
      readonly status: 'ready';
      readonly job: Job;
      readonly journal: readonly JournalRecord[];
      /** How many entries of the journal are applied. */
      readonly cursor: number;
      readonly role: TabRole;
    };

/** A job that could not be opened, with what is stored of it. */
export interface Damaged {
  readonly id: string;
  readonly name: string;
  readonly problem: FileProblem;
  readonly saved: SavedJob;
  /** The label of the edit up to which undo makes it whole again; null where nothing does. */
  readonly undoTo: string | null;
}

/** A job as edits leave it. */
export interface Edited {
  readonly job: Job;
  readonly journal: readonly JournalRecord[];
  readonly cursor: number;
}

interface Loaded extends Edited {
  readonly role: TabRole;
}

export const jobLoading = createAction<string>('job/loading');
export const jobMissing = createAction<string>('job/missing');
export const jobDamaged = createAction<Damaged>('job/damaged');
export const jobLoaded = createAction<Loaded>('job/loaded');
export const jobClosed = createAction('job/closed');
export const roleChanged = createAction<TabRole>('job/roleChanged');
/** What an edit, an undo or a redo came to; only the tab that writes may. */
export const jobEdited = createAction<Edited>('job/edited');

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
  if (open.status !== 'ready') return open;
  if (roleChanged.match(action)) return { ...open, role: action.payload };
  return jobEdited.match(action) && open.role === 'writer' ? { ...open, ...action.payload } : open;
}
