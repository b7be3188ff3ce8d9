import { solveCircuit } from '../../core/circuit/solveCircuit';
import { jobContext } from '../../core/job/jobContext';
import { defaultPrices } from '../../core/price/defaultPrices';
import { searchAlternatives, type SearchProgress } from '../../core/search/searchAlternatives';
import { sensitivity } from '../../core/search/sensitivity';
import type { Steps } from '../worker/protocol';
import type { Circuit } from '../../core/circuit/circuitSchema';
import type { Neighbors } from '../../core/circuit/neighbors';
import type { Job } from '../../core/job/jobSchema';
import type { RunOption } from '../../core/search/searchAlternatives';
import type { Sensitivity } from '../../core/search/sensitivity';

/** What the worker is asked to search. */
export interface SearchRequest {
  readonly circuit: Circuit;
  readonly job: Omit<Job, 'circuits'>;
  /** What shares its raceways, bundles and trenches. */
  readonly neighbors: Neighbors;
}

/** What the worker found. */
export interface Found {
  readonly options: readonly RunOption[];
  readonly sensitivity: Sensitivity;
}

/** Every option of running a circuit, and what binds it. */
export function* alternativesTask({ circuit, job, neighbors }: SearchRequest): Steps<SearchProgress, Found> {
  const context = { ...jobContext(job), neighbors };
  const solved = solveCircuit(circuit, context);
  const options = yield* searchAlternatives(circuit, solved, context, defaultPrices);
  return { options, sensitivity: sensitivity(circuit, solved, context, defaultPrices) };
}
