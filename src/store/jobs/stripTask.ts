import { evaluateJob } from '../../core/job/evaluateJob';
import { readJobDocument } from '../../core/job/jobFile';
import { stageStates, type StageId, type StageState } from '../../core/packet/stageStates';
import { sectionGeometry, type SectionGeometry } from '../../core/route/sectionGeometry';

/** What the worker is asked: a saved job as its row shows it. */
export interface StripRequest {
  readonly document: unknown;
  readonly version: number;
  readonly today: string;
}

/** One run of a strip, and whether a stop is open in it. */
export interface StripRun extends Pick<SectionGeometry, 'segments' | 'stations'> {
  readonly stop: boolean;
}

/** A job as its row shows it: its runs, how long they are together, and how its stages stand. */
export interface Strip {
  readonly runs: readonly StripRun[];
  readonly totalFt: number;
  readonly edition: number;
  readonly authority: string;
  readonly stages: Readonly<Partial<Record<StageId, StageState>>>;
}

/** More runs than this are not drawn one by one. */
const MAX_RUNS = 40;

/** A saved job as a strip; null where it cannot be read. */
export function stripTask({ document, version, today }: StripRequest): Strip | null {
  const read = readJobDocument(document, version);
  if (!read.ok) return null;
  const { job } = read;
  const evaluation = evaluateJob(job);
  return {
    runs: evaluation.circuits.slice(0, MAX_RUNS).map(({ circuit, open }) => {
      const { segments, stations } = sectionGeometry(circuit.run, circuit.startHeightFt);
      return { segments, stations, stop: open.some(({ severity }) => severity === 'stop') };
    }),
    totalFt: job.circuits.reduce(
      (sum, { run }) => sum + run.reduce((acc, { lengthFt }) => acc + lengthFt, 0),
      0,
    ),
    edition: job.edition,
    authority: job.authority,
    stages: stageStates(evaluation, today),
  };
}
