import type { SolveContext } from '../circuit/solveContext';
import { answerBook, openFindings, type AnswerBook } from '../findings/answers';
import type { AnyFinding } from '../findings/finding';
import { serviceVolts } from '../service/houseSchema';
import { evaluateCircuits } from './evaluateCircuits';
import type { CircuitEvaluation } from './evaluation';
import { jobContext } from './jobContext';
import type { JobMemo } from './jobMemo';
import type { Job } from './jobSchema';

const contextOf = (job: Job, memo: JobMemo): SolveContext => {
  const { edition, amendments, practices, permitDate, occupancy, house } = job;
  const parts = [edition, amendments, practices, permitDate, occupancy, serviceVolts(house)];
  return memo.contexts.of('job', parts, () => jobContext(job));
};

/** The circuits of a job, each solved under its context: what is seen first, and what all else rests on. */
export class JobSizes {
  readonly job: Job;
  readonly context: SolveContext;
  readonly book: AnswerBook;
  readonly circuits: readonly CircuitEvaluation[];
  readonly #byId: ReadonlyMap<string, CircuitEvaluation>;

  constructor(job: Job, memo: JobMemo) {
    this.job = job;
    this.context = contextOf(job, memo);
    this.book = memo.books.of('job', [job.answers], () => answerBook(job.answers));
    this.circuits = evaluateCircuits(job, this.context, this.book, memo);
    this.#byId = new Map(this.circuits.map((each) => [each.circuit.id, each]));
  }

  /** One circuit by its id; undefined where the job has none. */
  circuit(id: string): CircuitEvaluation | undefined {
    return this.#byId.get(id);
  }

  /** What of some findings is open. */
  openOf(findings: readonly AnyFinding[]): readonly AnyFinding[] {
    return openFindings(this.book, findings);
  }
}
