import { jobDays, type JobDays } from '../../core/days/jobDays';
import { CutDesk } from '../../core/estimate/cutDesk';
import { jobEstimate } from '../../core/estimate/jobEstimate';
import { evaluateJob } from '../../core/job/evaluateJob';
import { defaultPrices } from '../../core/price/defaultPrices';
import { serveAtOnce } from '../worker/serve';
import type { DaysRequest } from './useDays';

/** Lists that were cut already are not cut again: an edit of the days changes none of them. */
const cuts = new CutDesk();

serveAtOnce(({ job, elsewhere, today }: DaysRequest): JobDays => {
  const evaluation = evaluateJob(job);
  const estimate = jobEstimate(evaluation, { list: defaultPrices, cuts, elsewhere });
  return jobDays(evaluation, estimate, today);
});
