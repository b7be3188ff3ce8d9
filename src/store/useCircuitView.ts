import { useCallback } from 'react';
import { circuitView, type CircuitView } from './circuitView';
import { useAppSelector, useAppStore, type RootState } from './store';

const viewOf = ({ job: open }: RootState, id: string): CircuitView | undefined => {
  if (open.status !== 'ready') return undefined;
  const circuit = open.job.circuits.find((each) => each.id === id);
  return circuit && circuitView(open.job, circuit);
};

/** The view of one circuit of the open job; the same object until that circuit or its rules change. */
export const useCircuitView = (id: string): CircuitView | undefined =>
  useAppSelector((state) => viewOf(state, id));

/** Names of circuits when they are asked for, without being redrawn when one changes. */
export function useCircuitName(): (id: unknown) => string {
  const store = useAppStore();
  return useCallback((id) => viewOf(store.getState(), String(id))?.circuit.name ?? '', [store]);
}
