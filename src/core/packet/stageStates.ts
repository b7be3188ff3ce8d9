import { worstSeverity, type FigureSeverity } from '../findings/severity';
import type { JobEvaluation } from '../job/evaluateJob';
import { openStops } from '../water/walk';
import { packetLacks } from './packetLacks';

/** How a stage stands: the worst of what is open in it, and how much that is. */
export interface StageState {
  /** Nothing where nothing is in it yet: what was not looked at bears no tick. */
  readonly severity: FigureSeverity | 'nothing';
  readonly open: number;
}

/** The state of a stage; a dash for one in which nothing is yet and nothing is open. */
const stateOf = (open: Parameters<typeof worstSeverity>[0], begun: boolean): StageState => ({
  severity: open.length === 0 && !begun ? 'nothing' : worstSeverity(open),
  open: open.length,
});

/** How the list of material stands: a piece that nothing is long enough for, prices that are old or missing. */
function listStateOf(evaluation: JobEvaluation, today: string): StageState {
  const { tooLong, unpriced, old } = evaluation.listState(today);
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

/** What a figure of a circuit may rest on: its plate, its lugs, its lengths. */
const DECIDES = /^circuit:.*\/(nameplate\.|terminals\.|run\..*\.lengthFt$)/;

/** How the survey stands: no tick while a plate, a lug or a length is nobody's word. */
function surveyStateOf({ job, unverified }: JobEvaluation): StageState {
  if (unverified > 0) return { severity: 'ask', open: unverified };
  const isAssumed = job.sources.some(({ input, source }) => source.kind === 'assumed' && DECIDES.test(input));
  return { severity: isAssumed || job.circuits.length === 0 ? 'nothing' : 'ok', open: 0 };
}

/** How the water stands: nothing of it is OK before each stop of the bond walk was seen and right. */
function waterStateOf({ openInWater, waters }: JobEvaluation): StageState {
  const isWalked = waters.every(({ report }) => openStops(report).length === 0);
  return stateOf(openInWater, waters.length > 0 && isWalked);
}

/** How the packet stands: what it alone asks for. What is open elsewhere is counted where it is mended. */
function packetStateOf(evaluation: JobEvaluation): StageState {
  const open = packetLacks(evaluation).length;
  return { severity: open > 0 ? 'ask' : evaluation.circuits.length > 0 ? 'ok' : 'nothing', open };
}

/** How each stage of a job stands on a day. */
export const STAGE_STATES = {
  survey: surveyStateOf,
  service: (evaluation) => stateOf(evaluation.openInService, evaluation.service.report.answers.length > 0),
  circuits: (evaluation) => stateOf(evaluation.openInCircuits, evaluation.circuits.length > 0),
  water: waterStateOf,
  panel: (evaluation) => stateOf(evaluation.openInPanels, evaluation.panels.length > 0),
  materials: listStateOf,
  days: daysStateOf,
  checks: ({ job, openInChecks }) => stateOf(openInChecks, job.checks.length > 0),
  packet: packetStateOf,
} as const satisfies Readonly<Record<string, (evaluation: JobEvaluation, today: string) => StageState>>;

/** A stage by its id. */
export type StageId = keyof typeof STAGE_STATES;

const isStage = (id: string): id is StageId => id in STAGE_STATES;

/** How every stage of a job stands on a day, by its id. */
export const stageStates = (
  evaluation: JobEvaluation,
  today: string,
): Readonly<Partial<Record<StageId, StageState>>> =>
  Object.fromEntries(
    Object.keys(STAGE_STATES)
      .filter(isStage)
      .map((id) => [id, STAGE_STATES[id](evaluation, today)]),
  );
