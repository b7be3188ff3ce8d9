import type { Circuit } from '../circuit/circuitSchema';
import type { AnyFinding, FindingCode } from '../findings/finding';
import type { Command } from '../job/command';
import type { JobEvaluation } from '../job/evaluateJob';
import type { FixChange } from './change';

/** A change of the job that is worth trying, untried. */
export interface Candidate {
  readonly kind: FixChange['kind'];
  readonly command: Command;
  /** What it changes, read off the job as it would be; undefined where the circuit still has no conductor. */
  readonly describe: (after: JobEvaluation) => FixChange | undefined;
}

/** Changes worth trying for a finding. */
export type Candidates = (evaluation: JobEvaluation, finding: AnyFinding) => readonly Candidate[];

/** Changes worth trying by the code of the finding; findings that are left out are answered, not cleared. */
export type CandidatesByCode = Readonly<Partial<Record<FindingCode, readonly Candidates[]>>>;

/** A circuit that is not among the candidate's is a fault of the candidate, not of the job. */
export const circuitAfter = (after: JobEvaluation, { id }: Circuit) => {
  const found = after.circuit(id);
  if (found === undefined) throw new Error(`A fix took circuit ${id} out of its job.`);
  return found;
};
