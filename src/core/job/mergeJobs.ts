import { Merger, same, type MergeConflict, type MergePath } from '../files/merger';
import { ruleAt } from '../files/mergeRules';
import { jobSchema, type Job } from './jobSchema';

/** Two copies of a job as one: its document before it is checked, what was taken, what both changed. */
export interface MergedJob {
  readonly document: unknown;
  /** What only the other one changed. */
  readonly taken: readonly MergePath[];
  readonly conflicts: readonly MergeConflict[];
}

/**
 * Two copies of a job as one, by what each changed of the state that both come from. What only one of them changed is
 * kept; what both changed otherwise stays as mine unless its place is among what is taken, and is listed either way.
 */
export function mergeJobs(
  base: Job,
  mine: Job,
  theirs: Job,
  takes: ReadonlySet<string> = new Set(),
): MergedJob {
  const merger = new Merger({
    takes,
    keyAt: (path) => ruleAt(jobSchema, path).keyOf,
    isWhole: (path) => ruleAt(jobSchema, path).isWhole === true,
  });
  const document = merger.merge(base, mine, { ...theirs, id: mine.id }, []);
  return { document, taken: merger.taken, conflicts: merger.conflicts };
}

const written = new WeakMap<object, string>();

/** A part of a job as text; parts are shared from state to state, so each is written once. */
function textOf(part: unknown): string {
  if (typeof part !== 'object' || part === null) return String(part);
  const known = written.get(part);
  if (known !== undefined) return known;
  const text = JSON.stringify(part);
  written.set(part, text);
  return text;
}

/** In how many of its parts one state of a job is another than a second: circuits one by one, all else field by field. */
function apart(a: Job, b: Job): number {
  const parts = ({ circuits, ...fields }: Job): ReadonlyMap<string, string> =>
    new Map([
      ...circuits.map((circuit): readonly [string, string] => [`circuit ${circuit.id}`, textOf(circuit)]),
      ...Object.entries(fields).map(([key, value]): readonly [string, string] => [key, textOf(value)]),
    ]);
  const [own, other] = [parts(a), parts(b)];
  const keys = new Set([...own.keys(), ...other.keys()]);
  return [...keys].filter((key) => own.get(key) !== other.get(key)).length;
}

/** Whether two jobs say the same, whatever the order of their fields. */
export const sameJob = (a: Job, b: Job): boolean => apart(a, b) === 0 || same(a, b);

/**
 * Of the states that a job has gone through, latest first, the one that another copy is nearest to: where it was made. Of
 * several the oldest, so that a later edit of the same thing is asked, not taken for what both come from.
 */
export function mergeBase(states: Iterable<Job>, theirs: Job): Job | undefined {
  let best: { readonly job: Job; readonly apart: number } | undefined;
  for (const job of states) {
    const here = apart(job, { ...theirs, id: job.id, name: theirs.name });
    if (best === undefined || here <= best.apart) best = { job, apart: here };
    if (here === 0) break;
  }
  return best?.job;
}
