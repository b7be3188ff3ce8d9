import { isSized, type SizedFigures } from '../circuit/figures';
import { METHODS } from '../code/methods';
import { findingKey, type AnyFinding } from '../findings/finding';
import { circuitOf } from '../findings/subject';
import { reachedBeside, tried } from '../fixes/trial';
import type { Command } from '../job/command';
import { evaluateJob, type JobEvaluation } from '../job/evaluateJob';
import { branchOf, type JobMemo } from '../job/jobMemo';
import { NO_MONEY, plus, type Money } from '../quote/money';
import { AS_PLANNED, optionKey, type OptionChange } from '../quote/optionChange';
import { chosenAnswer } from '../service/serviceReport';
import { meets } from '../units/quantity';
import type { WireSize } from '../units/wireSize';
import { jobEstimate, together, type EstimateDesk, type PartEstimate, type Spread } from './jobEstimate';
import { possibleChanges, suggestedChanges } from './offeredChanges';
import { optionCommand } from './optionCommand';

/** What an option comes to besides money, read off the job as it would be. */
export interface OptionFacts {
  /** Load of the service after the job, and what it may carry; null until both are known. */
  readonly service: { readonly amps: number; readonly limitA: number } | null;
  readonly ocpdA: number;
  readonly size: WireSize;
  readonly method: string;
  readonly volts: number;
  /** Of a charger: what it gives a vehicle, and the most that its wire would carry later, amperes. */
  readonly charger: { readonly amps: number; readonly outputA: number; readonly wireA: number } | null;
  readonly gfci: SizedFigures['outlet']['gfci']['form'];
  /** Setpoint of load management; null where there is none. */
  readonly managedA: number | null;
  /** Whether the service is made larger: a day without power, and the utility's day. */
  readonly darkDay: boolean;
  /** Other circuits whose figures it changes, by name. */
  readonly reaches: readonly string[];
  /** What it asks that the plan does not, and how many checks it adds. */
  readonly asks: number;
  readonly checks: number;
}

/** An option of a circuit: what it costs and what it comes to. */
export interface CircuitOption {
  readonly key: string;
  readonly change: OptionChange;
  /** Rules that it breaks: such an option has no price. */
  readonly stops: readonly AnyFinding[];
  /** The circuit, and the service where the option has work there. */
  readonly parts: readonly PartEstimate[];
  readonly money: Money;
  readonly hours: Spread;
  readonly price: Spread;
  /** Undefined where no conductor fits. */
  readonly facts: OptionFacts | undefined;
}

/** The job as it would be with an option; undefined where the option is none of this job, or is refused. */
export function withOption(
  evaluation: JobEvaluation,
  circuitId: string,
  change: OptionChange,
  memo: JobMemo,
): JobEvaluation | undefined {
  const command = optionCommand(evaluation, circuitId, change, memo);
  return command && tried(evaluation, command, memo);
}

/** Stops about the circuit or the service, and those elsewhere that the plan does not have; a reading breaks no rule of a plan. */
function stopsOf(before: JobEvaluation, after: JobEvaluation, circuitId: string): readonly AnyFinding[] {
  const had = new Set(before.findings.map(findingKey));
  return after.findings.filter(
    (finding) =>
      finding.severity === 'stop' &&
      finding.subject.kind !== 'check' &&
      (circuitOf(finding.subject) === circuitId ||
        finding.subject.kind === 'service' ||
        !had.has(findingKey(finding))),
  );
}

/** Amperes that the wire of a circuit carries as a continuous load, whatever it is set to now. */
const wireA = ({ segments }: SizedFigures): number =>
  Math.min(...segments.map(({ verdict }) => verdict.finalA)) / 1.25;

function factsOf(before: JobEvaluation, after: JobEvaluation, circuitId: string): OptionFacts | undefined {
  const now = after.circuit(circuitId);
  if (now === undefined || !isSized(now.solved.figures)) return undefined;
  const { figures } = now.solved;
  const { appliance, run } = now.circuit;
  const answer = chosenAnswer(after.service.report, after.job.house);
  const limitA = after.service.report.limit.amps;
  const was = before.openOf(before.findings);
  const had = new Set(was.map(findingKey));
  const isNew = after.openOf(after.findings).filter((finding) => !had.has(findingKey(finding)));
  return {
    service: answer === undefined || limitA === null ? null : { amps: answer.after.amps, limitA },
    ocpdA: figures.ocpd.ratingA,
    size: figures.size,
    method: METHODS[run[0]?.method ?? 'nm-b'].name,
    volts: figures.load.volts,
    charger:
      appliance.family === 'ev'
        ? {
            amps: figures.load.continuousA,
            outputA: appliance.nameplate.outputAmps,
            wireA: wireA(figures),
          }
        : null,
    gfci: figures.outlet.gfci.form,
    managedA: after.job.house.managedA,
    darkDay: after.job.house.larger && !before.job.house.larger,
    reaches: reachedBeside(before, after, circuitId),
    asks: isNew.filter(({ severity }) => severity === 'ask').length,
    checks: isNew.filter(({ severity }) => severity === 'check').length,
  };
}

/** Whether the wire of an option carries the full output of its charger. */
export const isWiredForFull = ({ charger }: OptionFacts): boolean =>
  charger !== null && meets(charger.wireA, charger.outputA);

function optionOf(
  before: JobEvaluation,
  after: JobEvaluation,
  circuitId: string,
  change: OptionChange,
  desk: EstimateDesk,
): CircuitOption {
  const { parts } = jobEstimate(after, desk);
  const own = parts.filter(
    ({ key, source }) =>
      key === `circuit ${circuitId}` || (source.kind === 'service' && change.kind !== 'as-planned'),
  );
  return {
    key: optionKey(change),
    change,
    stops: stopsOf(before, after, circuitId),
    parts: own,
    money: own.reduce((sum, { money }) => plus(sum, money), NO_MONEY),
    hours: together(own.map(({ hours }) => hours)),
    price: together(own.map(({ price }) => price)),
    facts: factsOf(before, after, circuitId),
  };
}

/** A circuit whose options are tried: its job evaluated, with a memo that knows it. */
function opened({ job }: JobEvaluation, circuitId: string, memo: JobMemo) {
  const known = branchOf(memo);
  const before = evaluateJob(job, known);
  const each = before.circuit(circuitId);
  return each && { known, before, each };
}

/**
 * The options of a circuit, one after the other: the plan, then those set by hand, or else those that are suggested and
 * break no rule. Each is a variant of the whole job that was evaluated, so that its price, its load on the service and
 * its stops are what would be.
 */
export function* circuitOptions(
  evaluation: JobEvaluation,
  circuitId: string,
  desk: EstimateDesk,
  memo: JobMemo,
): Generator<CircuitOption> {
  const about = opened(evaluation, circuitId, memo);
  if (about === undefined) return;
  const { known, before, each } = about;
  const seen = new Set<string>();
  const optionWith = (change: OptionChange): CircuitOption | undefined => {
    if (seen.has(optionKey(change))) return undefined;
    seen.add(optionKey(change));
    const after = withOption(before, circuitId, change, known);
    return after && optionOf(before, after, circuitId, change, desk);
  };
  const byHand = before.job.quote.options.find((own) => own.circuitId === circuitId)?.changes;
  for (const change of [AS_PLANNED, ...(byHand ?? [])]) {
    const found = optionWith(change);
    if (found !== undefined) yield found;
  }
  if (byHand !== undefined) return;
  for (const { changes, only } of suggestedChanges(before, each))
    for (const change of changes) {
      const found = optionWith(change);
      if (found === undefined || found.stops.length > 0 || found.facts === undefined) continue;
      yield found;
      if (only === 'first') break;
    }
}

/**
 * Every option that may be put beside the plan of a circuit and breaks no rule: each was tried on the whole job.
 *
 * @param shown Keys of those that stand there already; they are not tried again.
 */
export function* optionsToAdd(
  evaluation: JobEvaluation,
  circuitId: string,
  shown: ReadonlySet<string>,
  memo: JobMemo,
): Generator<OptionChange> {
  const about = opened(evaluation, circuitId, memo);
  if (about === undefined) return;
  const { known, before, each } = about;
  for (const change of possibleChanges(before, each)) {
    if (shown.has(optionKey(change))) continue;
    const after = withOption(before, circuitId, change, known);
    const now = after?.circuit(circuitId);
    if (after === undefined || now === undefined || !isSized(now.solved.figures)) continue;
    if (stopsOf(before, after, circuitId).length === 0) yield change;
  }
}

/** The job with every option that is in the quote, and the edits that make it so. */
export function asPicked(
  evaluation: JobEvaluation,
  memo: JobMemo,
): { readonly evaluation: JobEvaluation; readonly commands: readonly Command[] } {
  const known = branchOf(memo);
  const commands: Command[] = [];
  let acc = evaluateJob(evaluation.job, known);
  for (const { circuitId, change } of evaluation.job.quote.picked) {
    const command = optionCommand(acc, circuitId, change, known);
    const after = command && tried(acc, command, known);
    if (command === undefined || after === undefined) continue;
    commands.push(command);
    acc = after;
  }
  return { evaluation: acc, commands };
}
