import { worstSeverity } from '../../core/findings/severity';
import type { JobEvaluation } from '../../core/job/evaluateJob';
import type { ShownSeverity } from '../../ui/marks/SeverityShape';

/** How a stage stands: the worst of what is open in it, and how much that is. */
export interface StageState {
  /** Nothing where nothing is in it yet: what was not looked at bears no tick. */
  readonly severity: ShownSeverity;
  readonly open: number;
}

interface Stage {
  readonly id: string;
  readonly name: string;
  /** Where it stands under the address of its job. */
  readonly path: string;
  readonly stateOf: (evaluation: JobEvaluation) => StageState;
}

/** The state of a stage; a dash for one in which nothing is yet and nothing is open. */
const stateOf = (open: Parameters<typeof worstSeverity>[0], begun: boolean): StageState => ({
  severity: open.length === 0 && !begun ? 'nothing' : worstSeverity(open),
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
    stateOf: (evaluation) => stateOf(evaluation.openInService, evaluation.service.report.answers.length > 0),
  },
  {
    id: 'circuits',
    name: 'Circuits',
    path: '',
    stateOf: (evaluation) => stateOf(evaluation.openInCircuits, evaluation.circuits.length > 0),
  },
  {
    id: 'water',
    name: 'Water',
    path: 'water',
    stateOf: (evaluation) => stateOf(evaluation.openInWater, evaluation.waters.length > 0),
  },
  {
    id: 'panel',
    name: 'Panel',
    path: 'panel',
    stateOf: (evaluation) => stateOf(evaluation.openInPanels, evaluation.panels.length > 0),
  },
  {
    id: 'materials',
    name: 'Materials',
    path: 'materials',
    // Nothing is found there yet: what is sized can be bought.
    stateOf: ({ circuits }) => stateOf([], circuits.length > 0),
  },
] as const satisfies readonly Stage[];

/** A stage of the job. */
export type StageName = (typeof STAGES)[number]['id'];

/** Where a stage stands under the address of a job. */
export const stagePath = (jobId: string, stage: StageName): string => {
  const path = STAGES.find(({ id }) => id === stage)?.path ?? '';
  return path === '' ? `/jobs/${jobId}` : `/jobs/${jobId}/${path}`;
};
