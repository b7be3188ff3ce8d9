import type { AnyFinding } from '../findings/finding';
import { circuitOf } from '../findings/subject';
import type { Command } from '../job/command';
import { evaluateJob, type JobEvaluation } from '../job/evaluateJob';
import { branchOf, type JobMemo } from '../job/jobMemo';
import type { PriceList } from '../price/priceList';
import { cents, type Cents } from '../units/quantity';
import type { Candidate, CandidatesByCode } from './candidate';
import type { FixChange } from './change';
import { circuitFixes } from './circuitFixes';
import { existingCandidates } from './existingFixes';
import { routeFixes } from './routeFixes';
import { serviceFixes } from './serviceFixes';
import { bringsStop, materialOf, reachedBeside, stopKey, tried } from './trial';
import { waterFixes } from './waterFixes';

/** A change of the job that was tried: the whole job was evaluated with it, and the finding was gone. */
export interface Fix {
  readonly change: FixChange;
  readonly command: Command;
  /** Material of the whole job with it, by prices of the job and else the list, less that of the job as it stands. */
  readonly cost: Cents;
  /** Other circuits whose figures it changes, by name. */
  readonly reaches: readonly string[];
}

const BY_CODE: CandidatesByCode = { ...circuitFixes, ...routeFixes, ...serviceFixes, ...waterFixes };

/** How many fixes of one finding are offered, and how many of those may be another wiring method. */
const MAX_FIXES = 4;
const MAX_METHODS = 2;

/** Whether a change cleared the finding and brought no stop that was not there before, anywhere in the job. */
function clears(finding: AnyFinding, before: JobEvaluation, after: JobEvaluation): boolean {
  const key = stopKey(finding);
  if (after.findings.some((each) => each.severity !== 'note' && stopKey(each) === key)) return false;
  return !bringsStop(before, after);
}

function cheapest(found: readonly Fix[]): readonly Fix[] {
  const ordered = found.toSorted((a, b) => a.cost - b.cost);
  const methods = ordered.filter(({ change }) => change.kind === 'method').slice(0, MAX_METHODS);
  return ordered
    .filter((each) => each.change.kind !== 'method' || methods.includes(each))
    .slice(0, MAX_FIXES);
}

/** Of one kind the first that works is enough, but for methods and chargers, which differ in more than a figure. */
const isOneOfMany = ({ kind }: Candidate): boolean =>
  kind === 'method' || kind === 'plug' || kind === 'charger-setting' || kind === 'sharing';

/** The changes of the job that are worth trying for a finding, untried. */
export function fixCandidates(evaluation: JobEvaluation, finding: AnyFinding): readonly Candidate[] {
  const about = evaluation.circuit(circuitOf(finding.subject) ?? '')?.circuit;
  if (about !== undefined && about.existing !== null) return existingCandidates(evaluation, finding);
  return (BY_CODE[finding.code] ?? []).flatMap((candidates) => candidates(evaluation, finding));
}

/**
 * The fixes of a finding, cheapest first. Each is a change of the whole job that was tried by evaluating the changed
 * job, so that what its button says is what happens: it is left out unless the finding is gone and no stop has come
 * in its place, in this circuit or elsewhere.
 */
export function fixesFor(
  evaluation: JobEvaluation,
  finding: AnyFinding,
  memo: JobMemo,
  prices: PriceList,
): readonly Fix[] {
  if (finding.severity === 'note') return [];
  // After an undo the memo knows a later job: before and after are told apart only where one memo knows both.
  const known = branchOf(memo);
  const before = evaluateJob(evaluation.job, known);
  const found: Fix[] = [];
  let base: number | undefined;
  const kinds = new Set<Candidate['kind']>();
  for (const candidate of fixCandidates(before, finding)) {
    if (kinds.has(candidate.kind) && !isOneOfMany(candidate)) continue;
    const after = tried(before, candidate.command, branchOf(known));
    if (after === undefined || !clears(finding, before, after)) continue;
    const change = candidate.describe(after);
    if (change === undefined) continue;
    kinds.add(candidate.kind);
    base ??= materialOf(before, prices);
    found.push({
      change,
      command: candidate.command,
      cost: cents(materialOf(after, prices) - base),
      reaches: reachedBeside(before, after, circuitOf(finding.subject)),
    });
  }
  return cheapest(found);
}
