import { useState } from 'react';
import { byAsker, questionsOf, type Question } from '../../core/questions/questions';
import type { Asker } from '../../core/questions/askedOf';
import { PACKET_CAUTION } from '../../core/wording/footCautions';
import type { Unverified } from '../../core/known/toVerify';
import { counted } from '../../core/wording/words';
import { evaluationOf } from '../../store/evaluation';
import { useReadyJob } from '../job/JobPage';
import { StageFrame } from '../job/StageFrame';
import { VerifyDesk } from '../job/VerifyDesk';
import { VerifyOne } from '../job/VerifyOne';
import { QuestionRow } from './QuestionRow';
import classes from './questions.module.css';

const ASKED: Readonly<Record<Asker, string>> = {
  site: 'You, at the site',
  owner: 'The owner',
  manufacturer: 'The manufacturer',
  authority: 'The authority',
  utility: 'The utility',
};

/** The most that are open at first of what is to verify; the rest is folded with its count. */
const OPEN = 5;

/** What nobody gave and would change something, what matters most first, each with both outcomes. */
function ToVerify({ all }: { readonly all: readonly Unverified[] | null }) {
  const { job } = useReadyJob();
  const [isWhole, setWhole] = useState(false);
  if (all === null) return <p className="second">To verify: being worked out.</p>;
  if (all.length === 0) return null;
  const shown = all.toSorted((a, b) => b.weight - a.weight).slice(0, isWhole ? all.length : OPEN);
  return (
    <section aria-label="To verify">
      <h2>
        To verify <span className="fig">{all.length}</span>
      </h2>
      <div className={classes['verify']}>
        {shown.map((each) => {
          const { circuitId, input } = each.assumption;
          const circuit = job.circuits.find(({ id }) => id === circuitId);
          return (
            circuit !== undefined && (
              <div key={`${circuitId} ${input}`}>
                <b>{circuit.name}</b>
                <ul>
                  <VerifyOne circuit={circuit} {...each} />
                </ul>
              </div>
            )
          );
        })}
      </div>
      {all.length > OPEN && (
        <button
          type="button"
          className="act"
          aria-expanded={isWhole}
          onClick={() => {
            setWhole(!isWhole);
          }}
        >
          {isWhole ? 'Fold' : `All ${all.length}`}
        </button>
      )}
    </section>
  );
}

interface GroupProps {
  readonly asker: Asker;
  readonly questions: readonly Question[];
}

function Group({ asker, questions }: GroupProps) {
  return (
    <section aria-label={ASKED[asker]}>
      <h2>
        {ASKED[asker]} <span className="fig">{questions.length}</span>
      </h2>
      <ul className={classes['rows']}>
        {questions.map((question) => (
          <QuestionRow key={question.key} question={question} />
        ))}
      </ul>
    </section>
  );
}

/** Everything that is open in a job and no stop, each once, by who can answer it; then what nobody gave. */
export function QuestionsPage() {
  const { job } = useReadyJob();
  const [unverified, setUnverified] = useState<readonly Unverified[] | null>(null);
  const questions = questionsOf(evaluationOf(job));
  const foot = (
    <>
      <span>
        {counted(questions.length, 'question')} open
        {unverified !== null && unverified.length > 0 && `, ${unverified.length} to verify`}.
      </span>
      <span className="second">{PACKET_CAUTION}</span>
    </>
  );
  return (
    <StageFrame current="survey" board={null} foot={foot}>
      <VerifyDesk onKnown={setUnverified} />
      <div className={classes['page']}>
        <h1>Questions</h1>
        {questions.length === 0 && (
          <p>Nothing is asked. {counted(job.answers.length, 'question')} answered.</p>
        )}
        <div>
          {byAsker(questions).map(([asker, own]) => (
            <Group key={asker} asker={asker} questions={own} />
          ))}
        </div>
        <ToVerify all={unverified} />
      </div>
    </StageFrame>
  );
}
