import type { JobEvaluation } from '../src/core/job/evaluateJob';

/** What the shell is told of a job: 1 where a stop is open in it, else 0. */
export const stopStatus = (evaluation: JobEvaluation): 0 | 1 =>
  evaluation.openOf(evaluation.findings).some(({ severity }) => severity === 'stop') ? 1 : 0;
