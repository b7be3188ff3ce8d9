import { describe, expect, test } from 'vitest';
import { demoJob } from '../../src/core/job/demoJob';
import { evaluateJob } from '../../src/core/job/evaluateJob';
import { freshJob } from '../../src/core/job/freshJob';
import type { Job } from '../../src/core/job/jobSchema';
import { STAGES } from '../../src/features/job/stages';

const states = (job: Job): Readonly<Record<string, string>> => {
  const evaluation = evaluateJob(job);
  return Object.fromEntries(STAGES.map(({ id, stateOf }) => [id, stateOf(evaluation).severity]));
};

describe('how the stages of a job stand', () => {
  test('what was not looked at bears a dash, not a tick', () => {
    expect(states(freshJob('empty', 'Empty'))).toMatchObject({ circuits: 'nothing', panel: 'nothing' });
  });

  test('what is in a stage bears the worst that is open in it, and a tick where nothing is', () => {
    expect(states(demoJob)).toEqual({ survey: 'ask', service: 'stop', circuits: 'stop', panel: 'stop' });
    const [outlet] = demoJob.circuits.filter(({ id }) => id === 'garage-outlet');
    expect(states({ ...demoJob, circuits: outlet === undefined ? [] : [outlet] })['circuits']).toBe('ok');
  });
});
