import { circuitsInStep } from '../water/inStep';
import type { Command } from './command';
import { appliedUnchecked, isRefusal } from './commands';
import type { Job } from './jobSchema';

/** An edit of the yard with what follows from it in the circuits that it feeds: their distances stay those of the plan. */
export function yardEdit(job: Job, edit: Command): Command {
  const applied = appliedUnchecked(job, edit);
  if (isRefusal(applied)) return edit;
  const { circuits, yard } = applied.job;
  const follow = circuitsInStep(circuits, yard).map(({ circuit, site }): Command => {
    return { kind: 'change-circuit', id: circuit.id, fields: { site } };
  });
  return follow.length === 0 ? edit : { kind: 'batch', commands: [edit, ...follow] };
}
