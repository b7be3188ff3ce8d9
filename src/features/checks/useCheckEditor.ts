import { useCallback } from 'react';
import { freshCheck, type CircuitCheck } from '../../core/checks/checksDocument';
import type { Job } from '../../core/job/jobSchema';
import type { Pair } from '../../core/network/network';
import { useJobEditor } from '../../store/useJobEditor';

/** Ways to change what was read on a circuit. */
export interface CheckEditor {
  readonly canWrite: boolean;
  readonly check: CircuitCheck;
  readonly put: (fields: Partial<CircuitCheck>, label: string, mergeKey?: string) => void;
  /** A voltage at its place; null: not read. */
  readonly putReading: (
    place: { readonly at: string; readonly pair: Pair; readonly on: boolean },
    volts: number | null,
    mergeKey: string,
  ) => void;
}

/** Edits what was read on a circuit. */
export function useCheckEditor({ checks }: Job, circuitId: string): CheckEditor {
  const { canWrite, edit } = useJobEditor();
  const check = checks.find(({ id }) => id === circuitId) ?? freshCheck(circuitId);
  const put = useCallback<CheckEditor['put']>(
    (fields, label, mergeKey) => {
      edit({ kind: 'put-check', id: circuitId, check: { ...check, ...fields } }, label, mergeKey);
    },
    [edit, check, circuitId],
  );
  return {
    canWrite,
    check,
    put,
    putReading: ({ at, pair, on }, volts, mergeKey) => {
      const others = check.readings.filter((each) => each.at !== at || each.pair !== pair || each.on !== on);
      const readings = volts === null ? others : [...others, { at, pair, on, volts }];
      put({ readings }, 'A reading', mergeKey);
    },
  };
}
