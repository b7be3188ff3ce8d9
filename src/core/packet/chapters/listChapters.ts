import type { Answer } from '../../findings/answers';
import { findingKey } from '../../findings/finding';
import type { JobEvaluation } from '../../job/evaluateJob';
import type { Column } from '../../paper/pageFlow';
import { printNumber as n } from '../../units/number';
import { SHEET_CAUTIONS } from '../../wording/cautions';
import { findingSentence } from '../../wording/findings';
import { itemName } from '../../wording/itemWords';
import { nameIn } from '../../wording/mergeWords';
import { CHAPTER_NAME } from '../../wording/packetWords';
import type { Making } from './making';

const TAKEN: readonly Column[] = [{ at: 0, face: 'figures' }, { at: 0.16 }];
const ANSWERED: readonly Column[] = [{ at: 0 }, { at: 0.22 }, { at: 0.66 }];

/** What the job takes, item by item. */
export function materialsChapter({ flow, evaluation }: Making): void {
  flow.page('materials', CHAPTER_NAME.materials);
  for (const { item, count, pieces } of evaluation.takeoff.lines) {
    const amount = pieces.length > 0 ? `${n(count)} ft` : n(count);
    flow.row(TAKEN, [amount, itemName(item)], { fact: { name: itemName(item), value: amount } });
  }
}

/** Whom a question was about: a circuit, a panel, a water by its name. */
function aboutWords({ subject }: Answer, { job }: JobEvaluation): string {
  const id = subject.replace(/^[^:]*:/, '').split('/')[0] ?? '';
  return nameIn([job], id) ?? (subject === 'service' ? 'Service' : 'Job');
}

/** Questions with their answers, who decided what. */
export function answersChapter({ flow, evaluation }: Making): void {
  flow.page('answers', CHAPTER_NAME.answers);
  const { answers } = evaluation.job;
  if (answers.length === 0) flow.say('No question was answered yet.');
  const asked = new Map(evaluation.findings.map((finding) => [findingKey(finding), finding]));
  for (const answer of answers) {
    const finding = asked.get(`${answer.code} ${answer.subject}`);
    const about = aboutWords(answer, evaluation);
    const question = finding === undefined ? 'It is not asked any more.' : findingSentence(finding);
    flow.row(ANSWERED, [about, question, answer.text], {
      fact: { name: `${about}: ${question}`, value: answer.text },
    });
  }
}

/** The cautions. */
export function cautionsChapter({ flow }: Making): void {
  flow.page('cautions', CHAPTER_NAME.cautions);
  for (const caution of SHEET_CAUTIONS) {
    flow.say(caution);
    flow.say(' ');
  }
}
