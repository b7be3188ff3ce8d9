import { useCallback } from 'react';
import { circuitView, type CircuitView } from './circuitView';
import type { RouteView } from './routeView';
import { useRoutes } from './useRoutes';
import { useAppSelector, useAppStore, type RootState } from './store';

const viewOf = ({ job: open }: RootState, id: string): CircuitView | undefined => {
  if (open.status !== 'ready') return undefined;
  const circuit = open.job.circuits.find((each) => each.id === id);
  return circuit && circuitView(open.job, circuit);
};

/** The view of one circuit of the open job; the same object until that circuit or its rules change. */
export const useCircuitView = (id: string): CircuitView | undefined =>
  useAppSelector((state) => viewOf(state, id));

/** The way of one circuit of the open job, judged; undefined until what judges it was fetched. */
export function useRouteView(id: string): RouteView | undefined {
  const evaluate = useRoutes();
  return useAppSelector(({ job: open }) => {
    if (open.status !== 'ready' || evaluate === undefined) return undefined;
    const circuit = open.job.circuits.find((each) => each.id === id);
    return circuit && evaluate(open.job, circuit);
  });
}

/** Names of circuits when they are asked for, without being redrawn when one changes. */
export function useCircuitName(): (id: unknown) => string {
  const store = useAppStore();
  return useCallback((id) => viewOf(store.getState(), String(id))?.circuit.name ?? '', [store]);
}
