import { evaluateJob } from '../../core/job/evaluateJob';
import { freshMemo } from '../../core/job/jobMemo';
import type { Job } from '../../core/job/jobSchema';
import { verifyCircuit, type Unverified } from '../../core/known/toVerify';
import { defaultPrices } from '../../core/price/defaultPrices';
import type { Steps } from '../worker/protocol';

/** What the worker is asked: a job as it stands. */
export interface VerifyRequest {
  readonly job: Job;
}

/** What is left to verify, without the circuits that were tried. */
export type ToVerify = Omit<Unverified, 'assumption'> & {
  readonly assumption: Omit<Unverified['assumption'], 'alternatives'>;
};

/** What nobody gave in a job and would change something, circuit by circuit; it looks between them whether it is stopped. */
export function* verifyTask({ job }: VerifyRequest): Steps<number, readonly ToVerify[]> {
  const memo = freshMemo();
  const evaluation = evaluateJob(job, memo);
  const all: ToVerify[] = [];
  for (const [at, view] of evaluation.circuits.entries()) {
    for (const { assumption, ...rest } of verifyCircuit(view, { evaluation, memo, prices: defaultPrices })) {
      const { alternatives: _tried, ...said } = assumption;
      all.push({ ...rest, assumption: said });
    }
    yield at + 1;
  }
  return all;
}
