import type { AnyFinding } from './finding';
import { subjectKey, widerKey, type Subject } from './subject';

/** An answer to a question or doubt: who decided what. Printed on the sheet. */
export interface Answer {
  /** What it is about, as `subjectKey` says it. */
  readonly subject: string;
  readonly code: string;
  readonly text: string;
}

/** Answers by code and subject. */
export type AnswerBook = ReadonlyMap<string, string>;

const entry = (code: string, subject: string): string => `${code} ${subject}`;

/** Answers for looking up. */
export const answerBook = (answers: readonly Answer[]): AnswerBook =>
  new Map(answers.map(({ code, subject, text }) => [entry(code, subject), text]));

/** The answer to a finding; one about the whole circuit covers its segments and stations. */
export function answerTo(
  book: AnswerBook,
  { code, subject }: Pick<AnyFinding, 'code' | 'subject'>,
): string | undefined {
  const wider = widerKey(subject);
  return (
    book.get(entry(code, subjectKey(subject))) ??
    (wider === undefined ? undefined : book.get(entry(code, wider)))
  );
}

/** Whether a finding was answered. A stop stays open: an answer does not make it legal. */
export const isAnswered = (book: AnswerBook, finding: AnyFinding): boolean =>
  finding.severity !== 'stop' && answerTo(book, finding) !== undefined;

/** The findings that are still open. */
export const openFindings = (book: AnswerBook, findings: readonly AnyFinding[]): readonly AnyFinding[] =>
  findings.filter((finding) => finding.severity !== 'note' && !isAnswered(book, finding));

/** The answers with one to a finding; an empty text takes it back. */
export function withAnswer(
  answers: readonly Answer[],
  { code, subject }: { readonly code: string; readonly subject: Subject },
  text: string,
): readonly Answer[] {
  const key = subjectKey(subject);
  const wider = widerKey(subject);
  const is = (each: Answer, about: string | undefined): boolean =>
    each.code === code && each.subject === about;
  const given = text.trim();
  // Taking back what covers this segment takes back the answer about the whole circuit.
  if (given === '') return answers.filter((each) => !is(each, key) && !is(each, wider));
  const answer: Answer = { subject: key, code, text: given };
  const at = answers.findIndex((each) => is(each, key));
  return at < 0 ? [...answers, answer] : answers.with(at, answer);
}
