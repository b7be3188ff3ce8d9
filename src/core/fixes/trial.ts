import { findingKey, type AnyFinding } from '../findings/finding';
import { circuitOf } from '../findings/subject';
import type { Command } from '../job/command';
import { applyCommand, isRefusal } from '../job/commands';
import { evaluateJob, type JobEvaluation } from '../job/evaluateJob';
import type { JobMemo } from '../job/jobMemo';
import type { PriceList } from '../price/priceList';
import { materialPrice } from '../takeoff/materialPrice';

/** Where a stop counts as the same stop: in a circuit by its code, whatever segment it is in. */
export const stopKey = (finding: AnyFinding): string => {
  const circuit = circuitOf(finding.subject);
  return circuit === undefined ? findingKey(finding) : `${finding.code} ${circuit}`;
};

const stopsOf = ({ findings }: JobEvaluation): ReadonlySet<string> =>
  new Set(findings.filter(({ severity }) => severity === 'stop').map(stopKey));

/** The job as it would be after an edit, evaluated with what a memo knows; undefined where the job refuses it. */
export function tried({ job }: JobEvaluation, command: Command, memo: JobMemo): JobEvaluation | undefined {
  const applied = applyCommand(job, command);
  return isRefusal(applied) ? undefined : evaluateJob(applied.job, memo);
}

/** Whether a stop stands that was not there before, anywhere in the job. */
export function bringsStop(before: JobEvaluation, after: JobEvaluation): boolean {
  const had = stopsOf(before);
  return [...stopsOf(after)].some((each) => !had.has(each));
}

/** The circuits that an edit reaches besides the one that it is about, by name. */
export const reachedBeside = (
  before: JobEvaluation,
  after: JobEvaluation,
  circuitId: string | undefined,
): readonly string[] =>
  after.circuits.flatMap(({ circuit: { id, name }, solved }) => {
    const was = before.circuit(id);
    return was === undefined || was.solved === solved || id === circuitId ? [] : [name];
  });

/** What the material of a job costs at unit prices, cents: good for comparing it before and after. */
export const materialOf = ({ takeoff, job }: JobEvaluation, prices: PriceList): number =>
  materialPrice(takeoff, job.materials, prices);
