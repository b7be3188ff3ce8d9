import type { ThunkDispatch, UnknownAction } from '@reduxjs/toolkit';
import { circuitEdit } from '../core/job/changes';
import type { Command } from '../core/job/command';
import { applyCommand, isRefusal } from '../core/job/commands';
import type { Job } from '../core/job/jobSchema';
import type { Refusal } from '../core/job/refusal';
import { jobEdited, type OpenJob } from './jobSlice';
import { edited, editOf, type Edit, type LateEdit } from './journal';
import { dropped, refused, taken } from './newsSlice';

export { circuitEdit };

/** The part of the state that edits read. */
interface OpenState {
  readonly job: OpenJob;
}

type Ready = Extract<OpenJob, { status: 'ready' }>;
type Thunk<R> = (dispatch: ThunkDispatch<OpenState, unknown, UnknownAction>, getState: () => OpenState) => R;

const writable = ({ job: open }: OpenState): Ready | undefined =>
  open.status === 'ready' && open.role === 'writer' ? open : undefined;

/** Edits the open job. What it does not take is said where it was typed and on the page, and changes nothing. */
export const editJob =
  (edit: Edit): Thunk<Refusal | undefined> =>
  (dispatch, getState) => {
    const open = writable(getState());
    if (open === undefined) return undefined;
    const after = edited(open, edit);
    if ('refused' in after) {
      dispatch(refused(after.refused));
      return after;
    }
    dispatch(jobEdited(after));
    dispatch(taken());
    return undefined;
  };

const step = (command: Command | undefined, by: 1 | -1): Thunk<void> => {
  return (dispatch, getState) => {
    const open = writable(getState());
    if (open === undefined || command === undefined) return;
    const done = applyCommand(open.job, command);
    if (isRefusal(done)) {
      dispatch(refused(done.refused));
      return;
    }
    dispatch(jobEdited({ job: done.job, journal: open.journal, cursor: open.cursor + by }));
    dispatch(taken());
  };
};

/** Takes the last edit back. */
export const undo = (): Thunk<void> => (dispatch, getState) => {
  const open = writable(getState());
  if (open !== undefined) dispatch(step(open.journal[open.cursor - 1]?.backward, -1));
};

/** Makes an edit again that was taken back. */
export const redo = (): Thunk<void> => (dispatch, getState) => {
  const open = writable(getState());
  if (open !== undefined) dispatch(step(open.journal[open.cursor]?.forward, 1));
};

/** A result that comes late as an edit: what it makes of the job as it is by then. */
export const late =
  (arrival: (job: Job) => Command | undefined, label: string): LateEdit =>
  (job) => {
    const command = arrival(job);
    return command && { command, label };
  };

const labelOf = (edit: LateEdit): string => (typeof edit === 'function' ? 'A late result' : edit.label);

/**
 * Applies the result of work that was started for a job: to that job as it is now, and to no other. Where the job is
 * no longer open here it is edited as it is saved; where its place is gone the result is dropped with a word.
 *
 * @param edit What is done, or what decides that of the job as it is by then.
 * @returns Whether it found its place.
 */
export const editNamed =
  (jobId: string, edit: LateEdit, label = labelOf(edit)): Thunk<Promise<boolean>> =>
  async (dispatch, getState) => {
    const drop = (): false => {
      dispatch(dropped(label));
      return false;
    };
    const open = writable(getState());
    if (open?.job.id === jobId) {
      const decided = editOf(open.job, edit);
      if (decided === undefined) return drop();
      const refusal = dispatch(editJob(decided));
      return refusal?.refused.kind === 'gone' ? drop() : refusal === undefined;
    }
    const { editSaved } = await import('./persistence/editSaved');
    return (await editSaved(jobId, edit)) === 'saved' || drop();
  };
