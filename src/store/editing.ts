import type { ThunkDispatch, UnknownAction } from '@reduxjs/toolkit';
import { circuitEdit } from '../core/job/changes';
import type { Command } from '../core/job/command';
import { applyCommand, isRefusal } from '../core/job/commands';
import type { Refusal } from '../core/job/refusal';
import { jobEdited, type OpenJob } from './jobSlice';
import { edited, type Edit } from './journal';
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

/**
 * Applies the result of work that was started for a job: to that job as it is now, and to no other. Where the job is
 * no longer open here it is edited as it is saved; where its place is gone the result is dropped with a word.
 */
export const editNamed =
  (jobId: string, edit: Edit): Thunk<Promise<void>> =>
  async (dispatch, getState) => {
    const open = writable(getState());
    if (open?.job.id === jobId) {
      const refusal = dispatch(editJob(edit));
      if (refusal?.refused.kind === 'gone') dispatch(dropped(edit.label));
      return;
    }
    const { editSaved } = await import('./persistence/editSaved');
    if ((await editSaved(jobId, edit)) !== 'saved') dispatch(dropped(edit.label));
  };
