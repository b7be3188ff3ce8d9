import { useCallback } from 'react';
import { circuitFromYard } from '../core/job/circuitFromYard';
import type { Thing } from '../core/water/yardSchema';
import type { Answering } from '../core/job/sourcesOfEdit';
import { useJobEditor } from './useJobEditor';
import { useAppStore } from './store';

/** Nobody said a word of a circuit that is made from the plan. */
const FROM_PLAN: Answering = { by: { kind: 'assumed', rule: 'yard.circuit' } };

/** Makes the circuit of a thing in the yard, its run and distances from the plan. */
export function useCircuitFromYard(): (thing: Thing) => void {
  const { edit } = useJobEditor();
  const store = useAppStore();
  return useCallback(
    (thing) => {
      const { job: open } = store.getState();
      if (open.status !== 'ready') return;
      const made = circuitFromYard(open.job, thing, () => crypto.randomUUID());
      if (made !== undefined) edit(made.command, `Add ${made.circuit.name}`, undefined, FROM_PLAN);
    },
    [edit, store],
  );
}
