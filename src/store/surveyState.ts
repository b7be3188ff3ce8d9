import type { Circuit } from '../core/circuit/circuitSchema';
import type { Job } from '../core/job/jobSchema';
import { panelUnknowns } from '../core/panel/panelFindings';
import type { AnyFinding } from '../core/findings/finding';
import { circuitView } from './circuitView';

/** Findings that are answered where the appliance stands: by its plate, by measuring, by looking. */
const SURVEYED: ReadonlySet<string> = new Set([
  'load.plate-missing',
  'load.maker-circuits',
  'load.setting-open',
  'load.nothing',
  'load.managed',
  'terminal.unmarked',
  'disconnect.place',
  'disconnect.ask',
  'gfci.ask',
  'afci.ask',
  'feeder.electrode',
  'motor.plate-above-table',
  'receptacle.unknown',
]);

/** The open questions of one circuit that its survey answers. */
export const surveyQuestions = (job: Job, circuit: Circuit): readonly AnyFinding[] =>
  circuitView(job, circuit).open.filter(({ code }) => SURVEYED.has(code));

/** Everything that the survey of a job still has to find out, the job's own facts included. */
export const surveyOpen = (job: Job): number =>
  job.circuits.reduce((sum, circuit) => sum + surveyQuestions(job, circuit).length, 0) +
  (job.authority === '' ? 1 : 0) +
  (job.permitDate === null ? 1 : 0) +
  job.panels.reduce((sum, panel) => sum + panelUnknowns(panel).length, 0);
