import { asPicked, circuitOptions, type CircuitOption } from '../../core/estimate/circuitOptions';
import { CutDesk } from '../../core/estimate/cutDesk';
import { jobEstimate } from '../../core/estimate/jobEstimate';
import { evaluateJob } from '../../core/job/evaluateJob';
import { freshMemo } from '../../core/job/jobMemo';
import { defaultPrices } from '../../core/price/defaultPrices';
import type { Steps } from '../worker/protocol';
import { serve } from '../worker/serve';
import type { Quoted, QuoteRequest } from './useQuote';

function* work({ job, circuitId, elsewhere }: QuoteRequest): Steps<number, Quoted> {
  const memo = freshMemo();
  const desk = { list: defaultPrices, cuts: new CutDesk(), elsewhere };
  const evaluation = evaluateJob(job, memo);
  const options: CircuitOption[] = [];
  if (circuitId !== null)
    for (const option of circuitOptions(evaluation, circuitId, desk, memo)) {
      options.push(option);
      yield options.length;
    }
  const picked = asPicked(evaluation, memo).evaluation;
  // A reading that is out says nothing about a price.
  const stops = picked.findings.filter(
    ({ severity, subject }) => severity === 'stop' && subject.kind !== 'check',
  );
  return { circuitId, options, estimate: jobEstimate(picked, desk), stops };
}

serve(work);
