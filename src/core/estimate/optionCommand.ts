import type { Circuit, Segment } from '../circuit/circuitSchema';
import type { MethodId } from '../code/methods';
import { inMethod, mayRun } from '../fixes/conductorFixes';
import { largerService } from '../fixes/serviceFixes';
import { circuitEdit } from '../job/changes';
import type { Command } from '../job/command';
import { applyCommand, isRefusal } from '../job/commands';
import { evaluateJob, type JobEvaluation } from '../job/evaluateJob';
import type { Job } from '../job/jobSchema';
import { branchOf, type JobMemo } from '../job/jobMemo';
import type { OptionChange } from '../quote/optionChange';
import { serviceConductor } from '../service/serviceOptions';
import { CONTINUOUS } from '../service/serviceReport';

/** A charger at a setting, restricted so that it counts; at its full output it has none. */
function chargerAt(circuit: Circuit, settingA: number): Circuit | undefined {
  if (circuit.appliance.family !== 'ev') return undefined;
  const { settingA: _was, settingRestricted: _restricted, ...plate } = circuit.appliance.nameplate;
  const nameplate =
    settingA === plate.outputAmps ? plate : { ...plate, settingA, settingRestricted: true as const };
  return { ...circuit, appliance: { family: 'ev', nameplate } };
}

/** The circuit without sizes that were set by hand for another load. */
const unpinned = (circuit: Circuit): Circuit => ({ ...circuit, pins: {} });

/** The conductor that the full output of a charger takes; undefined where none fits. */
function fullSize({ job }: JobEvaluation, circuit: Circuit, memo: JobMemo) {
  if (circuit.appliance.family !== 'ev') return undefined;
  const full = chargerAt(unpinned(circuit), circuit.appliance.nameplate.outputAmps);
  if (full === undefined) return undefined;
  const applied = applyCommand(job, circuitEdit(circuit, full, job.circuits));
  if (isRefusal(applied)) return undefined;
  return evaluateJob(applied.job, branchOf(memo)).circuit(circuit.id)?.solved.figures.size ?? undefined;
}

/** A charger set lower, wired for that or already for its full output. */
function charger(
  evaluation: JobEvaluation,
  circuit: Circuit,
  { settingA, wireFor }: Extract<OptionChange, { kind: 'charger' }>,
  memo: JobMemo,
): Circuit | undefined {
  if (wireFor === 'setting') return chargerAt(unpinned(circuit), settingA);
  const size = fullSize(evaluation, circuit, memo);
  const set = chargerAt(circuit, settingA);
  return size === undefined || set === undefined ? undefined : { ...set, pins: { size } };
}

/** The run in another method wherever it now has that of its first segment, and may have the other. */
function inOtherMethod(circuit: Circuit, method: MethodId): Circuit | undefined {
  const was = circuit.run[0]?.method;
  const changes = ({ method: is, place }: Segment): boolean => is === was && mayRun(method, place);
  if (was === method || !circuit.run.some(changes)) return undefined;
  const run = circuit.run.map((segment) => (changes(segment) ? inMethod(segment, method) : segment));
  return { ...unpinned(circuit), run };
}

function changed(
  evaluation: JobEvaluation,
  circuit: Circuit,
  change: OptionChange,
  memo: JobMemo,
): Circuit | undefined {
  switch (change.kind) {
    case 'charger':
      return charger(evaluation, circuit, change, memo);
    case 'trailer':
      return circuit.appliance.family === 'rv'
        ? { ...unpinned(circuit), appliance: { family: 'rv', nameplate: { amps: change.amps } } }
        : undefined;
    case 'breaker':
      return { ...circuit, pins: { ocpdA: change.ocpdA } };
    case 'gfci':
      return { ...circuit, site: { ...circuit.site, groundFault: change.form } };
    case 'method':
      return inOtherMethod(circuit, change.method);
    default:
      return undefined;
  }
}

/** A circuit taken out of the spaces that it was given. */
const unplaced = (id: string, panels: Job['panels']): readonly Command[] =>
  panels
    .filter(({ plan }) => plan.placed.some(({ circuitId }) => circuitId === id))
    .map(({ id: panelId, plan }) => ({
      kind: 'change-panel',
      id: panelId,
      fields: { plan: { ...plan, placed: plan.placed.filter(({ circuitId }) => circuitId !== id) } },
    }));

/** What a job becomes by an option, as an edit of it; undefined where the option is none of this job. */
export function optionCommand(
  evaluation: JobEvaluation,
  circuitId: string,
  change: OptionChange,
  memo: JobMemo,
): Command | undefined {
  const { job, service, context } = evaluation;
  const circuit = job.circuits.find(({ id }) => id === circuitId);
  if (circuit === undefined) return undefined;
  switch (change.kind) {
    case 'as-planned':
      return { kind: 'batch', commands: [] };
    case 'management': {
      const limitA = service.report.limit.amps;
      return limitA === null
        ? undefined
        : { kind: 'change', part: 'house', fields: { managedA: Math.floor(limitA / CONTINUOUS) } };
    }
    case 'larger-service': {
      const { ratingA } = change;
      const size = serviceConductor(ratingA, context.code);
      return size === undefined ? undefined : largerService({ ratingA, size }, job.panels);
    }
    default: {
      const is = changed(evaluation, circuit, change, memo);
      if (is === undefined) return undefined;
      const edit = circuitEdit(circuit, is, job.circuits);
      // With another number of poles it no longer fits the space that it has.
      return change.kind === 'trailer'
        ? { kind: 'batch', commands: [edit, ...unplaced(circuitId, job.panels)] }
        : edit;
    }
  }
}
