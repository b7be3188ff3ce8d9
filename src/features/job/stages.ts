import { worstSeverity, type FigureSeverity } from '../../core/findings/severity';
import type { JobEvaluation } from '../../core/job/evaluateJob';

/** How a stage stands: the worst of what is open in it, and how much that is. */
export interface StageState {
  readonly severity: FigureSeverity;
  readonly open: number;
}

interface Stage {
  readonly id: string;
  readonly name: string;
  /** Where it stands under the address of its job. */
  readonly path: string;
  readonly stateOf: (evaluation: JobEvaluation) => StageState;
}

const stateOf = (open: Parameters<typeof worstSeverity>[0]): StageState => ({
  severity: worstSeverity(open),
  open: open.length,
});

/**
 * The stages of a job in the order of the work. Bar, digits, palette, addresses and counts are made of this list: a
 * new stage is an entry here and its page in the router, which does not compile without it.
 */
export const STAGES = [
  {
    id: 'survey',
    name: 'Survey',
    path: 'survey',
    stateOf: ({ unverified }) => ({ severity: unverified > 0 ? 'ask' : 'ok', open: unverified }),
  },
  {
    id: 'service',
    name: 'Service',
    path: 'service',
    stateOf: (evaluation) => stateOf(evaluation.openInService),
  },
  {
    id: 'circuits',
    name: 'Circuits',
    path: '',
    stateOf: (evaluation) => stateOf(evaluation.openInCircuits),
  },
  { id: 'panel', name: 'Panel', path: 'panel', stateOf: (evaluation) => stateOf(evaluation.openInPanels) },
] as const satisfies readonly Stage[];

/** A stage of the job. */
export type StageName = (typeof STAGES)[number]['id'];

/** Where a stage stands under the address of a job. */
export const stagePath = (jobId: string, stage: StageName): string => {
  const path = STAGES.find(({ id }) => id === stage)?.path ?? '';
  return path === '' ? `/jobs/${jobId}` : `/jobs/${jobId}/${path}`;
};
