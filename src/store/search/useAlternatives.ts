import { useCallback, useEffect, useRef, useState } from 'react';
import type { Circuit } from '../../core/circuit/circuitSchema';
import type { Job } from '../../core/job/jobSchema';
import type { SearchProgress, RunOption } from '../../core/search/searchAlternatives';
import type { Sensitivity } from '../../core/search/sensitivity';
import { contextOf } from '../sharedSegments';
import type { SearchMessage, SearchRequest } from './messages';

/** A search of the ways in which a circuit may be run, as far as it has come. */
export type Search =
  | { readonly state: 'running'; readonly progress: SearchProgress | null }
  | { readonly state: 'stopped' }
  | { readonly state: 'failed' }
  | { readonly state: 'done'; readonly options: readonly RunOption[]; readonly sensitivity: Sensitivity };

/** Searches in a worker whenever the circuit or its job changes; can be stopped and started again. */
export function useAlternatives(
  circuit: Circuit,
  job: Job,
): { readonly search: Search; readonly stop: () => void; readonly again: () => void } {
  const [run, setRun] = useState(0);
  const [search, setSearch] = useState<Search>({ state: 'running', progress: null });
  const worker = useRef<Worker | null>(null);
  useEffect(() => {
    const made = new Worker(new URL('./alternatives.worker.ts', import.meta.url), { type: 'module' });
    made.onmessage = ({ data }: MessageEvent<SearchMessage>) => {
      setSearch(
        data.kind === 'progress'
          ? { state: 'running', progress: data.progress }
          : { state: 'done', options: data.options, sensitivity: data.sensitivity },
      );
    };
    made.onerror = () => {
      setSearch({ state: 'failed' });
    };
    const { circuits: _all, ...rest } = job;
    const { neighbors = {} } = contextOf(job, circuit);
    made.postMessage({ circuit, job: rest, neighbors } satisfies SearchRequest);
    worker.current = made;
    return () => {
      made.terminate();
    };
  }, [circuit, job, run]);
  const stop = useCallback(() => {
    worker.current?.terminate();
    setSearch({ state: 'stopped' });
  }, []);
  const again = useCallback(() => {
    setSearch({ state: 'running', progress: null });
    setRun((current) => current + 1);
  }, []);
  return { search, stop, again };
}
