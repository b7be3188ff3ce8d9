import { lazy, Suspense } from 'react';
import { Button } from '@mantine/core';
import { CAUTION } from '../../core/wording/cautions';
import { counted } from '../../core/wording/words';
import type { Job } from '../../core/job/jobSchema';
import { circuitView } from '../../store/circuitView';
import { surveyOpen, surveyQuestions } from '../../store/surveyState';
import { useJobEditor } from '../../store/useJobEditor';
import { JobBar } from '../job/JobBar';
import { JobFields } from '../job/JobFields';
import { useReadyJob } from '../job/JobPage';
import { Notices } from '../job/Notices';
import { StageActionsProvider, useStageActions } from '../job/stageActions';
import { stageStates } from '../job/stageStates';
import { TypeBar } from '../job/TypeBar';
import { useJobShortcuts } from '../job/useJobShortcuts';
import { useStage } from '../job/useStage';
import { PlateCard } from './PlateCard';
import classes from './survey.module.css';

const JobDialogs = lazy(() => import('../job/JobDialogs').then((module) => ({ default: module.JobDialogs })));

/** The appliances of the job by their plates, with the ways to add more. */
function Appliances({ job }: { readonly job: Job }) {
  const { canWrite } = useJobEditor();
  const { open } = useStageActions();
  return (
    <section className={classes['appliances']} aria-label="Appliances">
      <h1>Appliances by their plates</h1>
      <div className={classes['top']}>
        <TypeBar job={job} />
        <Button
          variant="default"
          mt={18}
          disabled={!canWrite}
          onClick={() => {
            open('schedule');
          }}
        >
          Read a schedule
        </Button>
      </div>
      <ul className={classes['cards']}>
        {job.circuits.map((circuit) => (
          <PlateCard
            key={circuit.id}
            view={circuitView(job, circuit)}
            jobId={job.id}
            questions={surveyQuestions(job, circuit)}
          />
        ))}
      </ul>
      {job.circuits.length === 0 && (
        <p className="second">
          Nothing surveyed yet. Read the plate before anything else: it overrules habit.
        </p>
      )}
    </section>
  );
}

/** What the electrician finds on the site: the job and its authority, and every appliance by its plate. */
export function SurveyStage() {
  const open = useReadyJob();
  const { job } = open;
  const { actions, dialog, setDialog } = useStage(job.id);
  useJobShortcuts(actions);
  return (
    <StageActionsProvider value={actions}>
      <div className={classes['stage']}>
        <JobBar open={open} current="survey" stages={stageStates(job)} />
        <div>
          <Notices open={open} />
        </div>
        <main className={classes['board']}>
          <section className={classes['place']} aria-label="The place">
            <h1>The place</h1>
            <JobFields job={job} />
          </section>
          <Appliances job={job} />
        </main>
        <footer className={classes['foot']}>
          <span>{counted(surveyOpen(job), 'thing')} to find out</span>
          <span className="second">{CAUTION}</span>
        </footer>
      </div>
      {dialog !== null && (
        <Suspense>
          <JobDialogs
            open={open}
            dialog={dialog}
            onClose={() => {
              setDialog(null);
            }}
          />
        </Suspense>
      )}
    </StageActionsProvider>
  );
}
