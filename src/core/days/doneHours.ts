import type { JobEstimate } from '../estimate/jobEstimate';
import type { Job } from '../job/jobSchema';
import type { TakenHours } from '../labor/laborDocument';
import type { JobStep } from './jobStep';

/**
 * Circuits all of whose own steps are done, with the hours that those took beside their hours by the units: what the pace
 * of the next circuit of a family is made of. Steps that several circuits share are nobody's own.
 */
export function doneHours(job: Job, steps: readonly JobStep[], estimate: JobEstimate): readonly TakenHours[] {
  const took = new Map(job.days.done.map(({ id, hours }) => [id, hours]));
  return job.circuits.flatMap(({ id, appliance }): readonly TakenHours[] => {
    const own = steps.filter(({ circuitIds }) => circuitIds.length === 1 && circuitIds[0] === id);
    const part = estimate.parts.find(({ key }) => key === `circuit ${id}`);
    if (part === undefined || own.length === 0 || own.some((step) => !took.has(step.id))) return [];
    const likely = own.reduce((sum, { hours }) => sum + hours.likely, 0);
    const unitH = part.hours.likely === 0 ? 0 : (likely * part.unitH) / part.hours.likely;
    const tookH = own.reduce((sum, step) => sum + (took.get(step.id) ?? 0), 0);
    return unitH > 0 ? [{ id, family: appliance.family, unitH, tookH }] : [];
  });
}
