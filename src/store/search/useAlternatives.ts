import { useCallback, useEffect } from 'react';
import type { CircuitEvaluation } from '../../core/job/evaluation';
import type { Job } from '../../core/job/jobSchema';
import type { SearchProgress } from '../../core/search/searchAlternatives';
import { useWorker, type Work } from '../worker/useWorker';
import type { Found } from './alternativesTask';

/** A search of the options for running a circuit, as far as it has come. */
export type Search = Work<SearchProgress, Found>;

/** Searches in a worker whenever the circuit or its job changes; can be stopped and started again. */
export function useAlternatives(
  { circuit, context }: Pick<CircuitEvaluation, 'circuit' | 'context'>,
  job: Job,
): { readonly search: Search; readonly stop: () => void; readonly again: () => void } {
  const { work, post, stop } = useWorker('alternatives');
  const again = useCallback(() => {
    const { circuits: _all, ...rest } = job;
    post({ circuit, job: rest, neighbors: context.neighbors ?? {} });
  }, [circuit, context, job, post]);
  useEffect(again, [again]);
  return { search: work, stop, again };
}
