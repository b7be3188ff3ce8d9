import { expect, test } from 'vitest';
import { evaluateJob } from '../../src/core/job/evaluateJob';
import { freshMemo } from '../../src/core/job/jobMemo';
import type { Job } from '../../src/core/job/jobSchema';
import { verifyCircuit } from '../../src/core/known/toVerify';
import { defaultPrices } from '../../src/core/price/defaultPrices';
import { verifyTask } from '../../src/store/known/verifyTask';
import { demoJob } from '../../src/core/job/demo/demoJob';

/** What the worker comes to: a job reaches it as a copy. */
function asked(job: Job) {
  const steps = verifyTask({ job: structuredClone(job) });
  for (let step = steps.next(); ; step = steps.next()) if (step.done === true) return step.value;
}

/** The same, with nothing remembered. */
function anew(job: Job) {
  const memo = freshMemo();
  const evaluation = evaluateJob(job, memo);
  return evaluation.circuits.flatMap((view) =>
    verifyCircuit(view, { evaluation, memo, prices: defaultPrices }),
  );
}

test('after each edit what was remembered is what all of it comes to anew', () => {
  const few = ['north-split', 'deck-tub'];
  const circuits = demoJob.circuits.filter(({ id }, at) => few.includes(id) || at === 0);
  const [first, second] = circuits;
  if (first === undefined || second === undefined) throw new Error('Too few circuits.');
  const start: Job = { ...demoJob, circuits };
  const put = (job: Job, is: Job['circuits'][number]): Job => ({
    ...job,
    circuits: job.circuits.map((each) => (each.id === is.id ? is : each)),
  });
  const lugs = put(start, { ...first, terminals: { panel: 'unmarked', load: 'unmarked' } });
  const renamed = put(lugs, { ...second, name: 'Another name' });
  const source = { kind: 'assumed', rule: 'default' } as const;
  const [segment] = second.run;
  const assumed: Job = {
    ...renamed,
    sources: [{ input: `circuit:${second.id}/run.${segment?.id ?? ''}.lengthFt`, source }],
  };
  const longer = put(assumed, {
    ...second,
    run: second.run.map((each) => ({ ...each, lengthFt: each.lengthFt * 2 })),
  });
  const older: Job = { ...longer, edition: 2017 };
  const gone: Job = { ...longer, circuits: longer.circuits.filter(({ id }) => id !== first.id) };
  for (const job of [start, lugs, renamed, assumed, longer, older, gone, start])
    expect(asked(job)).toEqual(anew(job));
});
