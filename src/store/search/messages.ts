import type { Companies } from '../../core/circuit/company';
import type { Circuit } from '../../core/circuit/circuitSchema';
import type { SearchProgress, Way } from '../../core/search/searchAlternatives';
import type { Sensitivity } from '../../core/search/sensitivity';
import type { Job } from '../../core/job/jobSchema';

/** What the worker is asked to search. */
export interface SearchOrder {
  readonly circuit: Circuit;
  readonly job: Omit<Job, 'circuits'>;
  /** What it shares its way with. */
  readonly company: Companies;
}

/** What the worker tells: how far it is, then what it found. */
export type SearchNews =
  | { readonly kind: 'progress'; readonly progress: SearchProgress }
  | { readonly kind: 'done'; readonly ways: readonly Way[]; readonly sensitivity: Sensitivity };
