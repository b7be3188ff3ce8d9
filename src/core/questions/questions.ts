import type { AnyFinding } from '../findings/finding';
import type { JobEvaluation } from '../job/evaluateJob';
import { findingSentence } from '../wording/findings';
import { askedOf, ASKERS, type Asker } from './askedOf';

/** Something that is open, once, wherever in the job it is asked. */
export interface Question {
  readonly key: string;
  readonly asked: Asker;
  /** A question, or a doubt that somebody looks at. */
  readonly severity: 'ask' | 'check';
  readonly sentence: string;
  /** The finding at each place: one answer closes all of them. */
  readonly findings: readonly [AnyFinding, ...AnyFinding[]];
}

const isQuestion = ({ severity }: AnyFinding): boolean => severity === 'ask' || severity === 'check';

/** What is open in a job and no stop, each once: what reads the same at several places is one question. Questions stand before doubts, and what is asked at most places first. */
export function questionsOf(evaluation: JobEvaluation): readonly Question[] {
  const by = new Map<string, Question>();
  for (const finding of evaluation.openOf(evaluation.findings).filter(isQuestion)) {
    const sentence = findingSentence(finding);
    const key = `${finding.severity} ${finding.code} ${sentence}`;
    const known = by.get(key);
    by.set(key, {
      key,
      asked: askedOf(finding.code),
      severity: finding.severity === 'ask' ? 'ask' : 'check',
      sentence,
      findings: known === undefined ? [finding] : [...known.findings, finding],
    });
  }
  const rank = ({ severity }: Question): number => (severity === 'ask' ? 0 : 1);
  return [...by.values()].toSorted((a, b) => rank(a) - rank(b) || b.findings.length - a.findings.length);
}

/** Questions by who can answer them, in the order in which they are asked; those of whom nothing is asked are left out. */
export const byAsker = (questions: readonly Question[]): readonly (readonly [Asker, readonly Question[]])[] =>
  ASKERS.flatMap((asker) => {
    const own = questions.filter(({ asked }) => asked === asker);
    return own.length === 0 ? [] : [[asker, own] as const];
  });
