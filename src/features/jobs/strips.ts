import { evaluateJob } from '../../core/job/evaluateJob';
import { readJobDocument } from '../../core/job/jobFile';
import { sectionGeometry } from '../../core/route/sectionGeometry';
import { loadJob } from '../../store/persistence/jobStorage';
import type { ShownSeverity } from '../../ui/marks/SeverityShape';
import { STAGES } from '../job/stages';
import type { StripRun } from './RunStrip';

/** A stage of a job with what is open in it. */
export interface StripStage {
  readonly id: string;
  readonly name: string;
  readonly severity: ShownSeverity;
  readonly open: number;
}

/** A job as its row shows it: its runs, how long they are together, and how its stages stand. */
export interface Strip {
  readonly runs: readonly StripRun[];
  readonly totalFt: number;
  readonly edition: number;
  readonly authority: string;
  readonly stages: readonly StripStage[];
}

/** More runs than this are not drawn one by one. */
const MAX_RUNS = 40;

/** A saved job as a strip; undefined where it is gone or cannot be read. */
export async function readStrip(id: string): Promise<Strip | undefined> {
  const saved = await loadJob(id);
  if (saved === undefined) return undefined;
  const read = readJobDocument(saved.record.document, saved.record.version);
  if (!read.ok) return undefined;
  const { job } = read;
  const evaluation = evaluateJob(job);
  return {
    runs: evaluation.circuits.slice(0, MAX_RUNS).map(({ circuit, open }) => ({
      ...sectionGeometry(circuit.run, circuit.startHeightFt),
      stop: open.some(({ severity }) => severity === 'stop'),
    })),
    totalFt: job.circuits.reduce(
      (sum, { run }) => sum + run.reduce((acc, { lengthFt }) => acc + lengthFt, 0),
      0,
    ),
    edition: job.edition,
    authority: job.authority,
    stages: STAGES.map(({ id: stage, name, stateOf }) => ({ id: stage, name, ...stateOf(evaluation) })),
  };
}
