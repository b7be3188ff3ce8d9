import { cutPlan } from '../../src/core/cutting/cutPlan';
import { demoJob } from '../../src/core/job/demo/demoJob';
import { evaluateJob } from '../../src/core/job/evaluateJob';
import { freshMemo } from '../../src/core/job/jobMemo';
import type { Job } from '../../src/core/job/jobSchema';
import { median } from './median';

const PIECES = 200;
const PACKS_FT = [25, 50, 100, 125, 250, 500] as const;

/** Lengths that look drawn and are the same every time. */
const lengths = (count: number, from: number): readonly number[] =>
  Array.from({ length: count }, (_, at) => 2 + ((at * 37 + from * 101) % 97));

/** The job after one of its circuits was edited. */
function edited(job: Job, ft: number): Job {
  const [first, ...rest] = job.circuits;
  if (first === undefined) return job;
  const run = first.run.map((segment, at) => (at === 0 ? { ...segment, lengthFt: ft } : segment));
  return { ...job, circuits: [{ ...first, run }, ...rest] };
}

/** Times of the materials: the list after an edit against the list anew, and pieces cut from packs. */
export function benchTakeoff(): void {
  const anew = median(() => {
    if (evaluateJob(demoJob, freshMemo()).takeoff.lines.length === 0) throw new Error('Nothing is needed.');
  });
  const memo = freshMemo();
  let ft = 60;
  const step = median(() => {
    const evaluation = evaluateJob(edited(demoJob, (ft += 1)), memo);
    if (evaluation.takeoff.lines.length === 0) throw new Error('Nothing is needed.');
  });
  console.log(
    `  the list after an edit of one circuit           ${step.toFixed(1)} ms, × ${(step / anew).toFixed(2)} of the whole job anew`,
  );
  const stock = PACKS_FT.map((long, at) => ({
    id: `${long}`,
    ft: long,
    cents: Math.round(long * 90 * (1.15 - 0.05 * at)),
  }));
  const cut = (count: number, from: number): void => {
    const plan = cutPlan(
      lengths(count, from).map((each, at) => ({ id: `${at}`, ft: each })),
      stock,
    );
    if (plan?.proved !== true) throw new Error('The plan is not proved.');
  };
  const few = median(() => {
    cut(PIECES / 5, 1);
  });
  const many = median(() => {
    cut(PIECES, 2);
  });
  console.log(
    `  ${PIECES} pieces cut from ${PACKS_FT.length} packs, proved              ${many.toFixed(0)} ms, × ${(many / few).toFixed(1)} of ${PIECES / 5} pieces`,
  );
}
