import { lazy, Suspense } from 'react';
import { surveyed } from '../../core/findings/catalog';
import { findingKey, type AnyFinding } from '../../core/findings/finding';
import type { CircuitEvaluation } from '../../core/job/evaluation';
import { findingSentence } from '../../core/wording/findings';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { PhotoStrip } from '../job/PhotoStrip';
import { SiteFields } from '../job/SiteFields';
import { ExistingFields } from './ExistingFields';
import { ToVerifyList } from './ToVerify';
import classes from './survey.module.css';

const PlateReader = lazy(() => import('./PlateReader').then((module) => ({ default: module.PlateReader })));

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

interface PlateDetailsProps {
  readonly view: CircuitEvaluation;
  readonly jobId: string;
}

/** What is measured and seen of one appliance, whether it is there already, and what is left to find out. */
export function PlateDetails({ view, jobId }: PlateDetailsProps) {
  const { circuit } = view;
  const questions = surveyed(view.open);
  return (
    <>
      <Suspense>
        <PlateReader circuit={circuit} jobId={jobId} />
      </Suspense>
      <ExistingFields view={view} />
      <div className={classes['site']}>
        <SiteFields view={view} topic="place" />
        <SiteFields view={view} topic="disconnect" />
      </div>
      <StillToFind questions={questions} />
      <ToVerifyList circuit={circuit} asks={questions.length > 0} />
      <PhotoStrip photos={circuit.photos} jobId={jobId} of={{ circuitId: circuit.id }} />
    </>
  );
}
