import type { Circuit } from '../circuit/circuitSchema';
import type { JobEstimate, Spread } from '../estimate/jobEstimate';
import type { JobEvaluation } from '../job/evaluateJob';
import type { LaborTask } from '../labor/laborTasks';
import type { JobStep, StepKind } from './jobStep';

/** Hours times a share. */
export const scaled = ({ low, likely, high }: Spread, by: number): Spread => ({
  low: low * by,
  likely: likely * by,
  high: high * by,
});

/** Steps in the making; those without any work are left out. */
export class StepList {
  readonly steps: JobStep[] = [];

  add(
    step: Omit<JobStep, 'covers' | 'people' | 'dead' | 'gate' | 'panelId'> & Partial<JobStep>,
  ): readonly string[] {
    if (step.hours.likely <= 0) return [];
    this.steps.push({ covers: false, people: 1, dead: false, gate: null, panelId: null, ...step });
    return [step.id];
  }

  idsOf(...kinds: readonly StepKind[]): readonly string[] {
    return this.steps.filter(({ kind }) => kinds.includes(kind)).map(({ id }) => id);
  }
}

/** The hours of a part of the job that some kinds of its work take, at its pace. */
export function hoursFor(estimate: JobEstimate) {
  return (key: string, tasks: readonly LaborTask[] | null): Spread => {
    const part = estimate.parts.find((each) => each.key === key);
    if (part === undefined || part.unitH === 0) return { low: 0, likely: 0, high: 0 };
    const own = part.lines
      .filter(({ task }) => tasks === null || tasks.includes(task))
      .reduce((sum, { hours }) => sum + hours, 0);
    return scaled(part.hours, own / part.unitH);
  };
}

/** The panel past the first in which a circuit has its place: its breaker is landed there, and the house stays alive. */
export const subpanelOf = ({ job }: JobEvaluation, { id }: Circuit): string | null =>
  job.panels.slice(1).find(({ plan }) => plan.placed.some(({ circuitId }) => circuitId === id))?.id ?? null;

/** Whether the breaker of a circuit is not in the service panel: in a subpanel, or in the spa panel at the end of its feed. */
export const endsInSubpanel = (evaluation: JobEvaluation, circuit: Circuit): boolean =>
  circuit.feedId !== null || subpanelOf(evaluation, circuit) !== null;
