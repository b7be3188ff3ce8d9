import type { FigureSeverity } from '../../core/findings/severity';
import { freshMemo } from '../../core/job/jobMemo';
import type { Job } from '../../core/job/jobSchema';
import { JobSizes } from '../../core/job/jobSizes';
import { readSchedule, type ReadRow } from '../../core/schedule/readSchedule';
import type { BadRow } from '../../core/schedule/typedRow';
import { circuitLine } from '../../core/wording/ladder';
import type { Steps } from '../worker/protocol';

/** What the worker is asked to read. */
export interface ScheduleRequest {
  readonly text: string;
  /** The job that the circuits would join; its own circuits have no say. */
  readonly job: Omit<Job, 'circuits'>;
}

/** A row that became a circuit, with what that circuit takes. */
export interface SizedRow extends ReadRow {
  readonly severity: FigureSeverity;
  /** Breaker and conductor: "60 A 2P × NM-B 4/3". */
  readonly sized: string;
}

/** A schedule read and sized, or why the text is none. */
export type SizedSchedule =
  | { readonly rows: readonly SizedRow[]; readonly bad: readonly BadRow[] }
  | { readonly problem: string };

/** How many rows were sized, of how many. */
export interface ScheduleProgress {
  readonly done: number;
  readonly of: number;
}

/** How many rows are sized between two words about it. */
const AT_A_TIME = 25;

/** Reads a schedule and sizes its rows one by one, each by itself. */
export function* sizeSchedule(
  { text, job }: ScheduleRequest,
  newId = () => crypto.randomUUID(),
): Steps<ScheduleProgress, SizedSchedule> {
  const schedule = readSchedule(text, newId, job.designC);
  if ('problem' in schedule) return schedule;
  const memo = freshMemo();
  const rows: SizedRow[] = [];
  for (const [index, row] of schedule.rows.entries()) {
    if (index % AT_A_TIME === 0) yield { done: index, of: schedule.rows.length };
    const { circuit } = row;
    const view = new JobSizes({ ...job, circuits: [circuit] }, memo).circuit(circuit.id);
    if (view === undefined) throw new Error(`Line ${row.line} was not sized.`);
    rows.push({ ...row, severity: view.severity, sized: circuitLine(view.solved, circuit) });
  }
  return { rows, bad: schedule.bad };
}
