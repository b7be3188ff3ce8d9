import { useDeferredValue } from 'react';
import type { Job } from '../../core/job/jobSchema';
import type { StageState } from '../../core/packet/stageStates';
import { today } from '../../store/clock';
import { wholeEvaluation } from '../../store/lazyParts';
import type { StageName } from './stages';

/** How each stage stands. */
export type StageStates = Readonly<Partial<Record<StageName, StageState>>>;

const NONE: StageStates = {};

/** The worst severity and the count of what is open, stage by stage; none until what counts was fetched. */
export function useStageStates(job: Job): StageStates {
  // The counts follow what is typed; they do not hold it up.
  const later = useDeferredValue(job);
  return wholeEvaluation.use()?.statesOf(later, today()) ?? NONE;
}
