import { useCallback } from 'react';
import type { CircuitEvaluation, RouteEvaluation } from '../core/job/evaluation';
import type { JobEvaluation } from '../core/job/evaluateJob';
import type { Job } from '../core/job/jobSchema';
import type { JobSizes } from '../core/job/jobSizes';
import { wholeEvaluation } from './lazyParts';
import { sizesOf } from './sizes';
import { useAppSelector, useAppStore, type RootState } from './store';

const jobIn = ({ job: open }: RootState): Job | undefined => (open.status === 'ready' ? open.job : undefined);

const circuitIn = (state: RootState, id: string): CircuitEvaluation | undefined => {
  const job = jobIn(state);
  return job && sizesOf(job).circuit(id);
};

/** The whole evaluation of a job; undefined until what makes it was fetched. */
export function useEvaluation(job: Job): JobEvaluation | undefined {
  return wholeEvaluation.use()?.evaluationOf(job);
}

/** The circuits of the open job, solved; undefined while none is open. */
export const useSizes = (): JobSizes | undefined =>
  useAppSelector((state) => {
    const job = jobIn(state);
    return job && sizesOf(job);
  });

/** One circuit of the open job; the same object until that circuit or what it is solved under changes. */
export const useCircuitEvaluation = (id: string): CircuitEvaluation | undefined =>
  useAppSelector((state) => circuitIn(state, id));

/** The route of one circuit of the open job; undefined until what judges it was fetched. */
export function useRouteEvaluation(id: string): RouteEvaluation | undefined {
  const whole = wholeEvaluation.use();
  return useAppSelector((state) => {
    const job = jobIn(state);
    return job && whole?.evaluationOf(job).route(id);
  });
}

/** Names of circuits when they are asked for, without being redrawn when one changes. */
export function useCircuitName(): (id: unknown) => string {
  const store = useAppStore();
  return useCallback((id) => circuitIn(store.getState(), String(id))?.circuit.name ?? '', [store]);
}
