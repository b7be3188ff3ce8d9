import { evaluateJob } from '../../core/job/evaluateJob';
import { freshMemo } from '../../core/job/jobMemo';
import type { Job } from '../../core/job/jobSchema';
import { verifyCircuit, type Unverified } from '../../core/known/toVerify';
import { defaultPrices } from '../../core/price/defaultPrices';
import type { Steps } from '../worker/protocol';

/** What the worker is asked: a job as it stands, and the circuit alone that is asked about. */
export interface VerifyRequest {
  readonly job: Job;
  readonly circuitId?: string | undefined;
}

/** What nobody gave in a job and would change something, circuit by circuit; it looks between them whether it is stopped. */
export function* verifyTask({ job, circuitId }: VerifyRequest): Steps<number, readonly Unverified[]> {
  const memo = freshMemo();
  const evaluation = evaluateJob(job, memo);
  const all: Unverified[] = [];
  for (const [at, view] of evaluation.circuits.entries()) {
    if (circuitId !== undefined && view.circuit.id !== circuitId) continue;
    all.push(...verifyCircuit(view, { evaluation, memo, prices: defaultPrices }));
    yield at + 1;
  }
  return all;
}
