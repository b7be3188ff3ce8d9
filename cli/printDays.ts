import { CutDesk } from '../src/core/estimate/cutDesk';
import { jobEstimate } from '../src/core/estimate/jobEstimate';
import { daysFile } from '../src/core/days/daysFile';
import { jobDays } from '../src/core/days/jobDays';
import { evaluateJob } from '../src/core/job/evaluateJob';
import { defaultPrices } from '../src/core/price/defaultPrices';
import { GATE_NAME, gateState, stepName, whenWords } from '../src/core/wording/daysWords';
import { today } from './clock';
import { readJob } from './readJob';

const NOW = /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/;

/**
 * Puts the work of a job into days.
 *
 * @param now - The moment before which nothing is planned, YYYY-MM-DDTHH:MM; left out: the first day of the job, or today.
 * @returns 0 with a plan, 2 for a file that cannot be read or a moment that is none.
 */
export function printDays(file: string, now: string | undefined, asJson: boolean): number {
  if (now !== undefined && !NOW.test(now)) {
    console.error('pasture: --now takes YYYY-MM-DDTHH:MM');
    return 2;
  }
  const job = readJob(file);
  if (job === undefined) return 2;
  const evaluation = evaluateJob(job);
  const estimate = jobEstimate(evaluation, { list: defaultPrices, cuts: new CutDesk(), elsewhere: [] });
  const days = jobDays(evaluation, estimate, now ?? job.days.from ?? today());
  if (asJson) {
    console.log(JSON.stringify(daysFile(days, job, stepName)));
    return 0;
  }
  for (const step of days.steps) console.log(`${whenWords(step)}  ${stepName(step, job)}`);
  for (const gate of days.gates)
    console.log(`${GATE_NAME[gate.id]}: ${gateState(gate)}; opens ${gate.opens}`);
  console.log(`Finish: ${days.finish ?? 'nothing to do'}`);
  return 0;
}
