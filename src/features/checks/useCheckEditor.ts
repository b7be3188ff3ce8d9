import { useCallback } from 'react';
import type { CircuitCheck } from '../../core/checks/checksDocument';
import { checkOf } from '../../core/checks/torqueRecord';
import { useAppStore } from '../../store/store';
import { useJobEditor } from '../../store/useJobEditor';

/** Ways to change what was read on a circuit. */
export interface CheckEditor {
  readonly canWrite: boolean;
  /** Changes what was read, as it is at that moment: the same function for as long as the circuit is shown. */
  readonly change: (
    edit: (check: CircuitCheck) => Partial<CircuitCheck>,
    label: string,
    mergeKey?: string,
  ) => void;
}

/** Edits what was read on a circuit. */
export function useCheckEditor(circuitId: string): CheckEditor {
  const { canWrite, edit } = useJobEditor();
  const store = useAppStore();
  const change = useCallback<CheckEditor['change']>(
    (fieldsOf, label, mergeKey) => {
      const { job: open } = store.getState();
      if (open.status !== 'ready') return;
      const check = checkOf(open.job.checks, circuitId);
      edit({ kind: 'put-check', id: circuitId, check: { ...check, ...fieldsOf(check) } }, label, mergeKey);
    },
    [edit, store, circuitId],
  );
  return { canWrite, change };
}
