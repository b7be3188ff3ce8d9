import { demoJob } from '../../src/core/job/demo/demoJob';
import { applyCommand, isRefusal } from '../../src/core/job/commands';
import { evaluateJob } from '../../src/core/job/evaluateJob';
import { freshMemo, type JobMemo } from '../../src/core/job/jobMemo';
import type { Job } from '../../src/core/job/jobSchema';
import { yardEdit } from '../../src/core/job/yardEdits';
import { fieldModel, fieldWith, modelResponse } from '../../src/core/water/field/fieldModel';
import { USUAL_VALUES } from '../../src/core/water/field/fieldParts';
import type { Water } from '../../src/core/water/yardSchema';
import { median } from './median';

const POINTS = 200;

/** A pool of two hundred points, with five bays. */
const shape = {
  polygon: Array.from({ length: POINTS }, (_, at): [number, number] => {
    const turn = (at / POINTS) * 2 * Math.PI;
    const out = 1 + 0.12 * Math.sin(5 * turn);
    return [Math.round(1600 * out * Math.cos(turn)) / 100, Math.round(800 * out * Math.sin(turn)) / 100];
  }),
};

const withShape = (water: Water): Water => (water.id === 'pool' ? { ...water, shape } : water);

/** Whether something was found about the water, open or settled: its yard was worked out to the end then. */
const isJudged = (job: Job, memo: JobMemo): boolean =>
  evaluateJob(job, memo).waters.some(({ findings }) => findings.length > 0);

/** The job after its pool was moved, evaluated as a drag does. */
function dragged(job: Job, memo: JobMemo, byFt: number): Job {
  const [pool] = job.yard.waters;
  if (pool === undefined) return job;
  const item: Water = { ...pool, at: [pool.at[0] + byFt, pool.at[1]] };
  const applied = applyCommand(job, yardEdit(job, { kind: 'put-in-yard', list: 'waters', item, at: 0 }));
  if (isRefusal(applied)) throw new Error('The pool could not be moved.');
  if (!isJudged(applied.job, memo)) throw new Error('Nothing was found about the water.');
  return applied.job;
}

const STEPS = 40;

/** Times of the water: a step of a drag, and the field after a bond was thrown against the soil it stands in. */
export function benchWater(): void {
  let job: Job = { ...demoJob, yard: { ...demoJob.yard, waters: demoJob.yard.waters.map(withShape) } };
  const memo = freshMemo();
  const first = median(() => {
    if (!isJudged(job, freshMemo())) throw new Error('Nothing was found about the water.');
  });
  const step =
    median(() => {
      for (let at = 0; at < STEPS; at += 1) job = dragged(job, memo, at % 2 === 0 ? 0.5 : -0.5);
    }) / STEPS;
  console.log(
    `  a drag of a pool of ${POINTS} points, a step    ${step.toFixed(1)} ms, × ${(step / first).toFixed(2)} of the whole yard anew`,
  );
  const report = evaluateJob(demoJob).waters[0]?.report;
  if (report === undefined) return;
  const model = fieldModel(report, demoJob.yard);
  const soilOf = () => {
    const steps = modelResponse(model, report, USUAL_VALUES.soilOhmM);
    let now = steps.next();
    while (now.done !== true) now = steps.next();
    return now.value;
  };
  const soil = soilOf();
  const whole = median(soilOf);
  const thrown = median(() => {
    fieldWith(model, soil, new Set(['ring']), USUAL_VALUES);
  });
  console.log(
    `  the field of 256 x 256 after a bond was thrown  ${thrown.toFixed(1)} ms, × ${(thrown / whole).toFixed(3)} of its soil (${whole.toFixed(0)} ms)`,
  );
}
