import { useCallback } from 'react';
import type { Circuit } from '../core/circuit/circuitSchema';
import type { Command } from '../core/job/command';
import type { Refusal } from '../core/job/refusal';
import type { Answering } from '../core/job/sourcesOfEdit';
import { omitUndefined } from '../core/units/omitUndefined';
import { editing } from './lazyParts';
import { useAppDispatch, useAppSelector, useAppStore } from './store';

/** The ways to change the open job. Each tells why where the job does not take it. */
export interface JobEditor {
  /** False while another tab writes the job. */
  readonly canWrite: boolean;
  readonly edit: (
    command: Command,
    label: string,
    mergeKey?: string,
    answering?: Answering,
  ) => Refusal | undefined;
  readonly replaceCircuit: (
    circuit: Circuit,
    label: string,
    mergeKey?: string,
    answering?: Answering,
  ) => Refusal | undefined;
}

type Editing = NonNullable<ReturnType<typeof editing.now>>;

/** What edits is there whenever a job is open; where none is there is nothing to edit. */
const editWith = <R>(act: (by: Editing) => R): R | undefined => {
  const by = editing.now();
  return by && act(by);
};

/** Edits the open job; every edit is saved at once and can be undone. */
export function useJobEditor(): JobEditor {
  const dispatch = useAppDispatch();
  const store = useAppStore();
  const canWrite = useAppSelector(({ job }) => job.status === 'ready' && job.role === 'writer');
  const edit = useCallback(
    (command: Command, label: string, mergeKey?: string, answering?: Answering) =>
      editWith(({ editJob }) =>
        dispatch(editJob({ command, label, ...omitUndefined({ mergeKey, answering }) })),
      ),
    [dispatch],
  );
  const replaceCircuit = useCallback(
    (circuit: Circuit, label: string, mergeKey?: string, answering?: Answering) => {
      const { job: open } = store.getState();
      if (open.status !== 'ready') return undefined;
      const was = open.job.circuits.find(({ id }) => id === circuit.id);
      if (was === undefined) return undefined;
      const { circuits } = open.job;
      return editWith(({ circuitEdit }) =>
        edit(circuitEdit(was, circuit, circuits), label, mergeKey, answering),
      );
    },
    [edit, store],
  );
  return { canWrite, edit, replaceCircuit };
}
