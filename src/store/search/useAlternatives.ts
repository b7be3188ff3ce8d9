import { useCallback, useEffect } from 'react';
import type { Circuit } from '../../core/circuit/circuitSchema';
import type { Neighbors } from '../../core/circuit/neighbors';
import type { CircuitEvaluation } from '../../core/job/evaluation';
import type { Job } from '../../core/job/jobSchema';
import type { RunOption, SearchProgress } from '../../core/search/searchAlternatives';
import type { Sensitivity } from '../../core/search/sensitivity';
import { useWorker, type Work } from '../worker/useWorker';

/** What the worker is asked to search. */
export interface SearchRequest {
  readonly circuit: Circuit;
  readonly job: Omit<Job, 'circuits'>;
  /** What shares its raceways, bundles and trenches. */
  readonly neighbors: Neighbors;
}

interface Found {
  readonly options: readonly RunOption[];
  readonly sensitivity: Sensitivity;
}

/** A search of the options for running a circuit, as far as it has come. */
export type Search = Work<SearchProgress, Found>;

const make = (): Worker =>
  new Worker(new URL('./alternatives.worker.ts', import.meta.url), { type: 'module' });

/** Searches in a worker whenever the circuit or its job changes; can be stopped and started again. */
export function useAlternatives(
  { circuit, context }: Pick<CircuitEvaluation, 'circuit' | 'context'>,
  job: Job,
): { readonly search: Search; readonly stop: () => void; readonly again: () => void } {
  const { work, post, stop } = useWorker<SearchRequest, SearchProgress, Found>(make);
  const again = useCallback(() => {
    const { circuits: _all, ...rest } = job;
    post({ circuit, job: rest, neighbors: context.neighbors ?? {} });
  }, [circuit, context, job, post]);
  useEffect(again, [again]);
  return { search: work, stop, again };
}
