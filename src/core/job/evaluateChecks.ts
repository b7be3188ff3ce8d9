import { freshCheck, type CircuitCheck } from '../checks/checksDocument';
import { circuitNetwork } from '../checks/circuitNetwork';
import { circuitReport, type CircuitReport } from '../checks/circuitReport';
import type { CircuitEvaluation } from './evaluation';
import type { Job } from './jobSchema';
import type { JobMemo } from './jobMemo';

/** A circuit with what was read on it, and what that comes to; null where it has no conductor to be read. */
export interface CheckEvaluation {
  readonly check: CircuitCheck;
  readonly report: CircuitReport | null;
}

/** What the readings of a circuit come to. */
export function evaluateCheck(
  { checks }: Pick<Job, 'checks'>,
  { circuit, solved, context }: CircuitEvaluation,
  memo: JobMemo,
): CheckEvaluation {
  const own = checks.find(({ id }) => id === circuit.id);
  const check = own ?? freshCheck(circuit.id);
  const report = memo.checks.of(circuit.id, [solved, own], () => {
    const network = circuitNetwork(circuit, solved.figures, context.code, check);
    return network === null ? null : circuitReport(network, check);
  });
  return { check, report };
}
