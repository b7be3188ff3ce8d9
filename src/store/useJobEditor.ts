import { useCallback } from 'react';
import type { Circuit } from '../core/circuit/circuitSchema';
import type { Command } from '../core/job/commands';
import { edited } from './jobSlice';
import { useAppDispatch, useAppSelector } from './store';

/** The ways to change the open job. */
export interface JobEditor {
  /** False while another tab writes the job. */
  readonly canWrite: boolean;
  readonly edit: (command: Command, label: string, mergeKey?: string) => void;
  readonly replaceCircuit: (circuit: Circuit, label: string, mergeKey?: string) => void;
}

/** Edits the open job; every edit is saved at once and can be undone. */
export function useJobEditor(): JobEditor {
  const dispatch = useAppDispatch();
  const canWrite = useAppSelector(({ job }) => job.status === 'ready' && job.role === 'writer');
  const edit = useCallback(
    (command: Command, label: string, mergeKey?: string) => {
      dispatch(edited({ command, label, ...(mergeKey !== undefined && { mergeKey }) }));
    },
    [dispatch],
  );
  const replaceCircuit = useCallback(
    (circuit: Circuit, label: string, mergeKey?: string) => {
      edit({ kind: 'replace-circuit', circuit }, label, mergeKey);
    },
    [edit],
  );
  return { canWrite, edit, replaceCircuit };
}
