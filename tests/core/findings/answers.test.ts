import { describe, expect, test } from 'vitest';
import { isAnswered, withAnswer } from '../../../src/core/findings/answers';
import { evaluateJob } from '../../../src/core/job/evaluateJob';
import type { Job } from '../../../src/core/job/jobSchema';
import { FRESH_HOUSE } from '../../../src/core/service/freshHouse';
import { circuit, segment } from '../../support/circuits';
import { jobOf } from '../../support/jobs';
import { panel } from '../../support/panels';

const asked = (job: Job, code: string) => {
  const evaluation = evaluateJob(job);
  return evaluation.findings
    .filter((each) => each.code === code)
    .map((finding) => ({ finding, answered: isAnswered(evaluation.book, finding) }));
};
const answeredAt = (job: Job, code: string, at: number, text: string): Job => {
  const finding = asked(job, code)[at]?.finding;
  if (finding === undefined) throw new Error(`No ${code} at ${at}.`);
  return { ...job, answers: [...withAnswer(job.answers, finding, text)] };
};
const answers = (job: Job, code: string) => asked(job, code).map(({ answered }) => answered);

describe('an answer', () => {
  const coupled = (id: string) =>
    circuit({
      id,
      run: [
        segment({ id: 'a', end: { kind: 'coupling' } }),
        segment({ id: 'b', method: 'emt', end: { kind: 'coupling' } }),
        segment({ id: 'c' }),
      ],
    });

  test('belongs to the station it was given at, not to the others that ask the same', () => {
    const job = jobOf([coupled('one'), coupled('two')]);
    const code = 'station.transition';
    expect(answers(job, code)).toEqual([false, false, false, false]);
    expect(answers(answeredAt(job, code, 1, 'Listed fitting'), code)).toEqual([false, true, false, false]);
    expect(answers(answeredAt(job, code, 2, 'Listed fitting'), code)).toEqual([false, false, true, false]);
  });

  test('belongs to its circuit', () => {
    const job = jobOf([circuit({ id: 'one' }), circuit({ id: 'two' })], { edition: 2026 });
    const code = evaluateJob(job).circuits[0]?.open.find(({ severity }) => severity === 'ask')?.code ?? '';
    expect(answers(answeredAt(job, code, 0, 'The inspector says so'), code)).toEqual([true, false]);
  });

  test('belongs to its panel, and is taken back by an empty one', () => {
    const panels = ['p', 'q'].map((id) => panel({ id, interruptingKA: null }));
    const job = jobOf([], { panels, house: { ...FRESH_HOUSE, faultA: 5000 } });
    const code = 'panel.interrupting-unknown';
    const closed = answeredAt(job, code, 0, 'Seen');
    expect(answers(closed, code)).toEqual([true, false]);
    expect(answers(answeredAt(closed, code, 0, ''), code)).toEqual([false, false]);
  });

  test('closes nothing that is a stop', () => {
    const job = jobOf([circuit({ pins: { size: '14' } })]);
    const [stop] = evaluateJob(job).findings.filter(({ severity }) => severity === 'stop');
    const closed = { ...job, answers: [...withAnswer([], stop!, 'It will do')] };
    expect(evaluateJob(closed).circuits[0]?.severity).toBe('stop');
  });
});
