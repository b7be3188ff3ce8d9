import { weakMapMemoize } from '@reduxjs/toolkit';
import type { AnyFinding } from '../core/findings/finding';
import { fixesFor, type Fix } from '../core/fixes/fixesFor';
import { applyCommand, isRefusal } from '../core/job/commands';
import type { JobEvaluation } from '../core/job/evaluateJob';
import type { Job } from '../core/job/jobSchema';
import type { Answering } from '../core/job/sourcesOfEdit';
import { defaultPrices } from '../core/price/defaultPrices';
import { evaluationApart, evaluationOf } from './evaluation';
import { memo } from './memo';

/** The proved fixes of a finding of a job, worked out when they are first looked at. */
export const fixesOf = weakMapMemoize((job: Job, finding: AnyFinding): readonly Fix[] =>
  fixesFor(evaluationOf(job), finding, memo, defaultPrices),
);

/** Who answers for what a fix writes: nobody yet, it is how the finding may be cleared. */
export const fixAnswering = ({ code }: AnyFinding): Answering => ({
  by: { kind: 'assumed', rule: `fix.${code}` },
});

/** A job as a fix would make it. */
export const withFix = weakMapMemoize((job: Job, { command }: Fix): JobEvaluation | undefined => {
  const applied = applyCommand(job, command);
  return isRefusal(applied) ? undefined : evaluationApart(applied.job);
});
