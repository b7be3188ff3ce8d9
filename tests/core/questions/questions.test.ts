import { describe, expect, test } from 'vitest';
import { evaluateJob } from '../../../src/core/job/evaluateJob';
import { demoJob } from '../../../src/core/job/demo/demoJob';
import type { Job } from '../../../src/core/job/jobSchema';
import { withAnswer, type Answer } from '../../../src/core/findings/answers';
import { catalog } from '../../../src/core/findings/catalog';
import { askedOf, ASKERS } from '../../../src/core/questions/askedOf';
import { byAsker, questionsOf } from '../../../src/core/questions/questions';
import { findingSentence } from '../../../src/core/wording/findings';
import { fullHouse } from '../../support/fullHouse/job';

const compressor = demoJob.circuits.find(({ id }) => id === 'compressor') ?? demoJob.circuits[0]!;
/** The same is asked of two circuits. */
const twice: Job = {
  ...demoJob,
  circuits: [compressor, { ...compressor, id: 'second', name: 'Second compressor' }],
};

const JOBS: readonly (readonly [string, Job])[] = [
  ['demo', demoJob],
  ['full house', fullHouse],
  ['house with two of a kind', twice],
];

describe.each(JOBS)('what is open in the %s', (_, job) => {
  const evaluation = evaluateJob(job);
  const questions = questionsOf(evaluation);
  const open = evaluation
    .openOf(evaluation.findings)
    .filter(({ severity }) => severity === 'ask' || severity === 'check');

  test('each open thing stands there exactly once, and no stop', () => {
    const asked = questions.flatMap(({ findings }) => findings);
    expect(asked).toHaveLength(open.length);
    expect(new Set(asked)).toEqual(new Set(open));
    expect(new Set(questions.map(({ key }) => key)).size).toBe(questions.length);
  });

  test('what reads the same is one question; its places say it in the same words', () => {
    for (const { findings, sentence } of questions)
      for (const finding of findings) {
        expect(findingSentence(finding)).toBe(sentence);
        expect(finding.code).toBe(findings[0].code);
      }
    const heads = questions.map(({ sentence, findings: [{ severity }] }) => `${severity} ${sentence}`);
    expect(new Set(heads).size).toBe(heads.length);
  });

  test('questions stand before doubts, and what is asked at most places before the rest', () => {
    const ranks = questions.map(({ findings }) => [findings[0].severity === 'ask' ? 0 : 1, -findings.length]);
    expect(ranks).toEqual(ranks.toSorted(([a = 0, b = 0], [c = 0, d = 0]) => a - c || b - d));
  });

  test('by who can answer none is lost and none stands twice', () => {
    const grouped = byAsker(questions);
    expect(grouped.flatMap(([, own]) => own)).toHaveLength(questions.length);
    expect(grouped.map(([asker]) => asker)).toEqual(
      ASKERS.filter((asker) => questions.some(({ asked }) => asked === asker)),
    );
  });

  test('one answer to all places of a question closes it, and no other', () => {
    const [first] = questions;
    if (first === undefined) throw new Error('Nothing is asked.');
    const answers = first.findings.reduce<readonly Answer[]>(
      (given, each) => withAnswer(given, each, 'Yes, by phone'),
      job.answers,
    );
    const left = questionsOf(evaluateJob({ ...job, answers: [...answers] }));
    expect(left.map(({ key }) => key)).toEqual(questions.slice(1).map(({ key }) => key));
  });
});

test('what is asked of two circuits is one question with both of its places', () => {
  const [first] = questionsOf(evaluateJob(twice));
  expect(first?.findings).toHaveLength(2);
});

test('what a label, an office or the utility decides is not asked at the site', () => {
  expect(askedOf('gfci.contested')).toBe('authority');
  expect(askedOf('bond.perimeter')).toBe('authority');
  expect(askedOf('load.maker-circuits')).toBe('manufacturer');
  expect(askedOf('work.before-locate')).toBe('utility');
  expect(askedOf('rv.larger')).toBe('owner');
  expect(askedOf('terminal.unmarked')).toBe('site');
  // What the survey asks is looked up where the work is, or on a plate there.
  for (const [code, { surveyed }] of Object.entries(catalog))
    if (surveyed && code.startsWith('panel.')) expect(askedOf(code as keyof typeof catalog)).toBe('site');
});
