import { lazy, Suspense } from 'react';
import { answerTo, isAnswered, withAnswer } from '../../core/findings/answers';
import type { AnyFinding } from '../../core/findings/finding';
import { findingHelp } from '../../core/wording/findingHelp';
import { findingSentence } from '../../core/wording/findings';
import { HELP } from '../../core/wording/help';
import { severityWord } from '../../core/wording/words';
import { useJobEditor } from '../../store/useJobEditor';
import { AnswerField } from '../../ui/fields/AnswerField';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { useStageActions } from './stageActions';
import type { FixesProps } from './Fixes';
import classes from './FindingCard.module.css';

interface FindingCardProps extends FixesProps {
  /** Whether the sentence stands in a heading already. */
  readonly headed?: boolean;
  /** Whether the room for an answer opens when it is asked for. */
  readonly folded?: boolean;
  /** The same finding at other places of the job: one answer closes all of them. */
  readonly also?: readonly AnyFinding[] | undefined;
}

const Fixes = lazy(() => import('./Fixes').then((module) => ({ default: module.Fixes })));

function Answer({ sizes, finding, also = [] }: Pick<FindingCardProps, 'sizes' | 'finding' | 'also'>) {
  const { canWrite, edit } = useJobEditor();
  return (
    <div className={classes['answer']}>
      <AnswerField
        asks={finding.severity === 'ask'}
        given={answerTo(sizes.book, finding) ?? ''}
        disabled={!canWrite}
        onAnswer={(text) => {
          let { answers } = sizes.job;
          for (const each of [finding, ...also]) answers = [...withAnswer(answers, each, text)];
          edit({ kind: 'change-job', fields: { answers } }, 'Answer a question');
        }}
      />
    </div>
  );
}

/** Whether an answer closes a finding; the call before digging is recorded with its ticket instead. */
const takesAnswer = ({ severity, code }: AnyFinding): boolean =>
  (severity === 'ask' || severity === 'check') && code !== 'work.before-locate';

/** One finding: its sentence and rule, its proved fixes, and for a question or doubt the answer. */
export function FindingCard(props: FindingCardProps) {
  const { sizes, finding, headed = false, folded = false, also } = props;
  const { open } = useStageActions();
  const topic = findingHelp(finding.code);
  const answered = isAnswered(sizes.book, finding);
  const severity = finding.severity === 'note' || answered ? 'ok' : finding.severity;
  const answer = takesAnswer(finding) && <Answer sizes={sizes} finding={finding} also={also} />;
  return (
    <div className={classes['card']}>
      {!headed && (
        <p className={classes['sentence']}>
          <SeverityShape severity={severity} />
          <span>
            {answered ? 'Answered. ' : `${severityWord[finding.severity]}: `}
            {findingSentence(finding)} <cite className="fig">{finding.cite.section}</cite>
          </span>
          <button
            type="button"
            className="act"
            aria-label={`Help: ${HELP[topic].title}`}
            onClick={() => {
              open(`help ${topic}`);
            }}
          >
            Help
          </button>
        </p>
      )}
      {finding.severity !== 'note' && (
        <Suspense>
          <Fixes {...props} />
        </Suspense>
      )}
      {folded && answer !== false ? (
        <details>
          <summary>{answered ? 'The answer' : 'Answer it'}</summary>
          {answer}
        </details>
      ) : (
        answer
      )}
    </div>
  );
}
