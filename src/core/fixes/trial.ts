import { findingKey, type AnyFinding } from '../findings/finding';
import { circuitOf } from '../findings/subject';
import type { Command } from '../job/command';
import { applyCommand, isRefusal } from '../job/commands';
import { evaluateJob, type JobEvaluation } from '../job/evaluateJob';
import { branchOf, type JobMemo } from '../job/jobMemo';

/** Where a stop counts as the same stop: in a circuit by its code, whatever segment it is in. */
export const stopKey = (finding: AnyFinding): string => {
  const circuit = circuitOf(finding.subject);
  return circuit === undefined ? findingKey(finding) : `${finding.code} ${circuit}`;
};

const stopsOf = ({ findings }: JobEvaluation): ReadonlySet<string> =>
  new Set(findings.filter(({ severity }) => severity === 'stop').map(stopKey));

/** The job as it would be after an edit, evaluated; undefined where the job refuses it. */
export function tried({ job }: JobEvaluation, command: Command, memo: JobMemo): JobEvaluation | undefined {
  const applied = applyCommand(job, command);
  return isRefusal(applied) ? undefined : evaluateJob(applied.job, branchOf(memo));
}

/** Whether a stop stands that was not there before, anywhere in the job. */
export function bringsStop(before: JobEvaluation, after: JobEvaluation): boolean {
  const had = stopsOf(before);
  return [...stopsOf(after)].some((each) => !had.has(each));
}
