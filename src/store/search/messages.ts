import type { Neighbors } from '../../core/circuit/neighbors';
import type { Circuit } from '../../core/circuit/circuitSchema';
import type { SearchProgress, RunOption } from '../../core/search/searchAlternatives';
import type { Sensitivity } from '../../core/search/sensitivity';
import type { Job } from '../../core/job/jobSchema';

/** What the worker is asked to search. */
export interface SearchRequest {
  readonly circuit: Circuit;
  readonly job: Omit<Job, 'circuits'>;
  /** What it shares its way with. */
  readonly neighbors: Neighbors;
}

/** What the worker tells: how far it is, then what it found. */
export type SearchMessage =
  | { readonly kind: 'progress'; readonly progress: SearchProgress }
  | { readonly kind: 'done'; readonly options: readonly RunOption[]; readonly sensitivity: Sensitivity };
