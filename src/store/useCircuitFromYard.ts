import { useCallback } from 'react';
import { circuitFromYard } from '../core/job/circuitFromYard';
import type { Thing } from '../core/water/yardSchema';
import { useJobEditor } from './useJobEditor';
import { useAppStore } from './store';

/** Makes the circuit of a thing in the yard, its run and distances from the plan. */
export function useCircuitFromYard(): (thing: Thing) => void {
  const { edit } = useJobEditor();
  const store = useAppStore();
  return useCallback(
    (thing) => {
      const { job: open } = store.getState();
      if (open.status !== 'ready') return;
      const made = circuitFromYard(open.job, thing, () => crypto.randomUUID());
      if (made !== undefined) edit(made.command, `Add ${made.circuit.name}`);
    },
    [edit, store],
  );
}
