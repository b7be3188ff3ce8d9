import { useDeferredValue, useMemo } from 'react';
import type { Job } from '../../core/job/jobSchema';
import { useEvaluation } from '../../store/useEvaluation';
import { STAGES, type StageName, type StageState } from './stages';

/** How each stage stands. */
export type StageStates = ReadonlyMap<StageName, StageState>;

/** The worst severity and the count of what is open, stage by stage; none until what counts was fetched. */
export function useStageStates(job: Job): StageStates {
  // The counts follow what is typed; they do not hold it up.
  const later = useDeferredValue(job);
  const evaluation = useEvaluation(later);
  return useMemo(
    () =>
      new Map(
        evaluation === undefined ? [] : STAGES.map(({ id, stateOf }) => [id, stateOf(evaluation)] as const),
      ),
    [evaluation],
  );
}
