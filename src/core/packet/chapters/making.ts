import type { JobDays } from '../../days/jobDays';
import type { JobEvaluation } from '../../job/evaluateJob';
import type { PageFlow } from '../../paper/pageFlow';
import type { Paper } from '../../paper/pageSchema';

/** What the chapters of a packet are made of. */
export interface Making {
  readonly flow: PageFlow;
  readonly evaluation: JobEvaluation;
  readonly paper: Paper;
  /** The work in its days; null until it was put into them. */
  readonly days: JobDays | null;
}
