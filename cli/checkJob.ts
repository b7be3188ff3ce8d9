import type { AnyFinding } from '../src/core/findings/finding';
import { evaluateJob, type JobEvaluation } from '../src/core/job/evaluateJob';
import { freshMemo, type JobMemo } from '../src/core/job/jobMemo';
import { toVerify } from '../src/core/known/toVerify';
import { unverifiedLines } from '../src/core/known/unverifiedFile';
import { defaultPrices } from '../src/core/price/defaultPrices';
import { findingLine } from '../src/core/worksheet/findingLine';
import { findingSentence } from '../src/core/wording/findings';
import { circuitLine } from '../src/core/wording/ladder';
import { severityWord } from '../src/core/wording/words';
import { readJob } from './readJob';
import { stopStatus } from './stopStatus';

const print = (title: string, open: readonly AnyFinding[]): void => {
  console.log(title);
  for (const finding of open)
    console.log(`  ${severityWord[finding.severity]}: ${findingSentence(finding)} (${finding.cite.section})`);
};

/** The open findings of a job with their fixes, and what is left to verify. */
function asJson(evaluation: JobEvaluation, memo: JobMemo): string {
  const findings = evaluation
    .openOf(evaluation.findings)
    .map((finding) => ({ ...findingLine(evaluation, finding, memo), subject: finding.subject }));
  return JSON.stringify({ findings, unverified: unverifiedLines(toVerify(evaluation, memo, defaultPrices)) });
}

/**
 * Lists what is open in a job: service, every circuit with its route and its proof, panels, waters, the order of the work; the same as the screen shows.
 * Returns 0, 1 where there are stops, 2 for a file that cannot be read.
 */
export function checkJob(file: string, json: boolean): number {
  const job = readJob(file);
  if (job === undefined) return 2;
  const memo = freshMemo();
  const evaluation = evaluateJob(job, memo);
  const status = stopStatus(evaluation);
  if (json) {
    console.log(asJson(evaluation, memo));
    return status;
  }
  print('Service', evaluation.openInService);
  for (const [at, each] of evaluation.circuits.entries()) {
    const onRoute = evaluation.routes[at]?.open ?? [];
    const proof = evaluation.openOf(evaluation.check(each.circuit.id)?.findings ?? []);
    print(`${each.circuit.name}: ${circuitLine(each.solved, each.circuit)}`, [
      ...each.open,
      ...onRoute,
      ...proof,
    ]);
  }
  for (const { panel, findings } of evaluation.panels) print(panel.name, evaluation.openOf(findings));
  for (const { report, findings } of evaluation.waters) print(report.water.name, evaluation.openOf(findings));
  const days = evaluation.openOf(evaluation.days);
  if (days.length > 0) print('Order of the work', days);
  return status;
}
