import type { Circuit } from '../../src/core/circuit/circuitSchema';
import type { AnyFinding } from '../../src/core/findings/finding';
import { fixesFor, type Fix } from '../../src/core/fixes/fixesFor';
import type { Command } from '../../src/core/job/command';
import { applyCommand, isRefusal, type Applied } from '../../src/core/job/commands';
import { evaluateJob, type JobEvaluation } from '../../src/core/job/evaluateJob';
import { freshJob } from '../../src/core/job/freshJob';
import { freshMemo } from '../../src/core/job/jobMemo';
import type { Job } from '../../src/core/job/jobSchema';
import { defaultPrices } from '../../src/core/price/defaultPrices';

/** A job of circuits, its permit applied for before any dated exception ends. */
export const jobOf = (circuits: readonly Circuit[], part: Partial<Job> = {}): Job => ({
  ...freshJob('job', 'A job'),
  authority: 'The county',
  permitDate: '2025-06-01',
  circuits: [...circuits],
  ...part,
});

/** A job after a command that it takes. */
export function after(job: Job, command: Command): Applied {
  const applied = applyCommand(job, command);
  if (isRefusal(applied)) throw new Error(`Refused: ${JSON.stringify(applied.refused)}`);
  return applied;
}

/** The first finding of a code in a job. */
export function findingIn(evaluation: JobEvaluation, code: string): AnyFinding {
  const found = evaluation.findings.find((each) => each.code === code);
  if (found === undefined)
    throw new Error(`no ${code} among ${evaluation.findings.map((each) => each.code).join(', ')}`);
  return found;
}

/** The fixes of the first finding of a code in a job. */
export function fixesIn(job: Job, code: string): readonly Fix[] {
  const memo = freshMemo();
  const evaluation = evaluateJob(job, memo);
  return fixesFor(evaluation, findingIn(evaluation, code), memo, defaultPrices);
}

/** Every stop of a job, by code and by what it is about. */
export const stopsIn = (evaluation: JobEvaluation): readonly string[] =>
  evaluation.findings.filter(({ severity }) => severity === 'stop').map(({ code }) => code);
