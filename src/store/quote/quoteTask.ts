import {
  asPicked,
  circuitOptions,
  optionsToAdd,
  type CircuitOption,
} from '../../core/estimate/circuitOptions';
import { sharedCuts } from '../takeoff/sharedCuts';
import { jobEstimate } from '../../core/estimate/jobEstimate';
import { evaluateJob } from '../../core/job/evaluateJob';
import { freshMemo } from '../../core/job/jobMemo';
import { defaultPrices } from '../../core/price/defaultPrices';
import type { Steps } from '../worker/protocol';
import type { JobEstimate } from '../../core/estimate/jobEstimate';
import type { AnyFinding } from '../../core/findings/finding';
import type { OptionChange } from '../../core/quote/optionChange';
import type { Job } from '../../core/job/jobSchema';
import type { TakenHours } from '../../core/labor/laborDocument';

/** What the worker is asked: the price of a job as picked, and the options of one of its circuits. */
export interface QuoteRequest {
  readonly job: Job;
  readonly circuitId: string | null;
  readonly elsewhere: readonly TakenHours[];
}

/** What a quote came to, and which circuit was asked about. */
export interface Quoted {
  readonly circuitId: string | null;
  readonly options: readonly CircuitOption[];
  /** What else may stand beside the plan of that circuit without breaking a rule. */
  readonly more: readonly OptionChange[];
  /** The whole job with what is picked. */
  readonly estimate: JobEstimate;
  /** Rules that the job breaks as it is picked. */
  readonly stops: readonly AnyFinding[];
}

/** The price of a job as picked, and the options of one of its circuits. */
export function* quoteTask({ job, circuitId, elsewhere }: QuoteRequest): Steps<number, Quoted> {
  const memo = freshMemo();
  const desk = { list: defaultPrices, cuts: sharedCuts, elsewhere };
  const evaluation = evaluateJob(job, memo);
  const options: CircuitOption[] = [];
  if (circuitId !== null)
    for (const option of circuitOptions(evaluation, circuitId, desk, memo)) {
      options.push(option);
      yield options.length;
    }
  const shown = new Set(options.map(({ key }) => key));
  const more: OptionChange[] = [];
  if (circuitId !== null)
    for (const change of optionsToAdd(evaluation, circuitId, shown, memo)) {
      more.push(change);
      yield options.length;
    }
  const picked = asPicked(evaluation, memo).evaluation;
  // A reading that is out says nothing about a price.
  const stops = picked.findings.filter(
    ({ severity, subject }) => severity === 'stop' && subject.kind !== 'check',
  );
  return { circuitId, options, more, estimate: jobEstimate(picked, desk), stops };
}
