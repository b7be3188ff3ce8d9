import { weakMapMemoize } from '@reduxjs/toolkit';
import { evaluateJob, type JobEvaluation } from '../core/job/evaluateJob';
import { branchOf } from '../core/job/jobMemo';
import type { Job } from '../core/job/jobSchema';
import { stageStates } from '../core/packet/stageStates';
import { memo } from './memo';

/** The whole truth of the open job, worked out once for as long as it does not change. */
export const evaluationOf = weakMapMemoize((job: Job): JobEvaluation => evaluateJob(job, memo));

/** How the stages of the open job stand on a day. */
export const statesOf = weakMapMemoize((job: Job, today: string) => stageStates(evaluationOf(job), today));

/** The same of a job that is not the open one: as it would be, or as it is saved. */
export const evaluationApart = weakMapMemoize((job: Job): JobEvaluation => evaluateJob(job, branchOf(memo)));
