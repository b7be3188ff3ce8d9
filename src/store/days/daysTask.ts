import { jobDays, type JobDays } from '../../core/days/jobDays';
import { jobEstimate } from '../../core/estimate/jobEstimate';
import { evaluateJob } from '../../core/job/evaluateJob';
import { defaultPrices } from '../../core/price/defaultPrices';
import { sharedCuts } from '../takeoff/sharedCuts';
import type { Job } from '../../core/job/jobSchema';
import type { TakenHours } from '../../core/labor/laborDocument';

/** What the worker is asked: the days of a job. */
export interface DaysRequest {
  readonly job: Job;
  readonly elsewhere: readonly TakenHours[];
  /** The moment before which nothing is planned. */
  readonly now: string;
}

/** The work of a job in its days. */
export function daysTask({ job, elsewhere, now }: DaysRequest): JobDays {
  const evaluation = evaluateJob(job);
  const estimate = jobEstimate(evaluation, { list: defaultPrices, cuts: sharedCuts, elsewhere });
  return jobDays(evaluation, estimate, now);
}
