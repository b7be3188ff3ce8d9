import { surveyed } from '../../core/findings/catalog';
import { findingKey, type AnyFinding } from '../../core/findings/finding';
import type { CircuitEvaluation } from '../../core/job/evaluation';
import { findingSentence } from '../../core/wording/findings';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { SiteFields } from '../job/SiteFields';
import { ExistingFields } from './ExistingFields';
import { ToVerifyList } from './ToVerify';
import classes from './survey.module.css';

/** What is still unknown of an appliance, and what stands until it is known. */
function StillToFind({ questions }: { readonly questions: readonly AnyFinding[] }) {
  if (questions.length === 0) return null;
  return (
    <ul className={classes['open']} aria-label="Still to find out">
      {questions.map((finding) => (
        <li key={findingKey(finding)}>
          <SeverityShape severity={finding.severity === 'note' ? 'ok' : finding.severity} named />{' '}
          {findingSentence(finding)}
        </li>
      ))}
    </ul>
  );
}

/** What is measured and seen of one appliance, whether it is there already, and what is left to find out. */
export function PlateDetails({ view }: { readonly view: CircuitEvaluation }) {
  const questions = surveyed(view.open);
  return (
    <>
      <ExistingFields view={view} />
      <div className={classes['site']}>
        <SiteFields view={view} topic="place" />
        <SiteFields view={view} topic="disconnect" />
      </div>
      <StillToFind questions={questions} />
      <ToVerifyList circuit={view.circuit} asks={questions.length > 0} />
    </>
  );
}
