import { worstSeverity } from '../../core/findings/severity';
import type { JobEvaluation } from '../../core/job/evaluateJob';
import { packetLacks } from '../../core/packet/packetLacks';
import { today } from '../../store/clock';
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

/** How the list of material stands: a piece that nothing is long enough for, prices that are old or missing. */
function listStateOf(evaluation: JobEvaluation): StageState {
  const { tooLong, unpriced, old } = evaluation.listState(today());
  const open = tooLong.length + unpriced.length + old.length;
  if (open > 0) return { severity: tooLong.length > 0 ? 'stop' : 'check', open };
  return { severity: evaluation.circuits.length > 0 ? 'ok' : 'nothing', open };
}

/** How the days stand: what was covered too early is a stop, what an inspector did not pass is a check until it is mended. */
function daysStateOf({ job, circuits, days }: JobEvaluation): StageState {
  if (days.length > 0) return { severity: 'stop', open: days.length };
  const failed = job.days.gates.filter(({ failed: what, passed }) => what !== '' && passed === null).length;
  if (failed > 0) return { severity: 'check', open: failed };
  return { severity: circuits.length > 0 && job.days.gates.length > 0 ? 'ok' : 'nothing', open: 0 };
}

/** How the packet stands: what it alone asks for. What is open elsewhere is counted where it is mended. */
function packetStateOf(evaluation: JobEvaluation): StageState {
  const open = packetLacks(evaluation).length;
  return { severity: open > 0 ? 'ask' : evaluation.circuits.length > 0 ? 'ok' : 'nothing', open };
}

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
    stateOf: (evaluation) => listStateOf(evaluation),
  },
  {
    id: 'days',
    name: 'Days',
    path: 'days',
    stateOf: (evaluation) => daysStateOf(evaluation),
  },
  {
    id: 'checks',
    name: 'Checks',
    path: 'checks',
    stateOf: ({ job, openInChecks }) => stateOf(openInChecks, job.checks.length > 0),
  },
  {
    id: 'packet',
    name: 'Packet',
    path: 'packet',
    stateOf: (evaluation) => packetStateOf(evaluation),
  },
] as const satisfies readonly Stage[];

/** A stage of the job. */
export type StageName = (typeof STAGES)[number]['id'];

/** Where a stage stands under the address of a job. */
export const stagePath = (jobId: string, stage: StageName): string => {
  const path = STAGES.find(({ id }) => id === stage)?.path ?? '';
  return path === '' ? `/jobs/${jobId}` : `/jobs/${jobId}/${path}`;
};
