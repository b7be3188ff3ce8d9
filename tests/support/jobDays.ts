import { CutDesk } from '../../src/core/estimate/cutDesk';
import { jobEstimate } from '../../src/core/estimate/jobEstimate';
import { jobDays, type JobDays } from '../../src/core/days/jobDays';
import { evaluateJob } from '../../src/core/job/evaluateJob';
import type { Job } from '../../src/core/job/jobSchema';
import { defaultPrices } from '../../src/core/price/defaultPrices';
import type { Days, GateId, GateRecord } from '../../src/core/timing/daysDocument';

export const withDays = (job: Job, days: Partial<Days>): Job => ({ ...job, days: { ...job.days, ...days } });
export const gate = (id: GateId, part: Partial<GateRecord>): GateRecord => ({
  id,
  booked: null,
  until: null,
  passed: null,
  failed: '',
  photos: [],
  ...part,
});
export const daysOf = (job: Job, today = '2026-03-16'): JobDays => {
  const evaluation = evaluateJob(job);
  const desk = { list: defaultPrices, cuts: new CutDesk(), elsewhere: [] };
  return jobDays(evaluation, jobEstimate(evaluation, desk), today);
};
export const stepIn = <T extends { readonly id: string }>(steps: readonly T[], id: string): T => {
  const found = steps.find((each) => each.id === id);
  if (found === undefined) throw new Error(`No ${id} among ${steps.map((each) => each.id).join(', ')}`);
  return found;
};
export const begins = ({ steps }: JobDays, id: string): string =>
  stepIn(steps, id).placed.parts[0]?.start ?? '';
