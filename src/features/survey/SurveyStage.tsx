import { Button } from '@mantine/core';
import { useMediaQuery } from '@mantine/hooks';
import { lazy, Suspense, useState } from 'react';
import { useSearchParams } from 'react-router';
import { CAUTION } from '../../core/wording/footCautions';
import type { CircuitEvaluation } from '../../core/job/evaluation';
import type { Job } from '../../core/job/jobSchema';
import { sizesOf } from '../../store/sizes';
import { useEvaluation } from '../../store/useEvaluation';
import { useJobEditor } from '../../store/useJobEditor';
import { useReadyJob } from '../job/JobPage';
import { StageFrame } from '../job/StageFrame';
import { useStageActions } from '../job/stageActions';
import { FoldedPlate, PlateCard } from './PlateCard';
import type { Unverified } from '../../core/known/toVerify';
import { ToVerifyContext } from '../job/toVerifyContext';
import classes from './survey.module.css';

const OneByOne = lazy(() => import('./OneByOne').then((module) => ({ default: module.OneByOne })));
const TypeBar = lazy(() => import('../job/TypeBar').then((module) => ({ default: module.TypeBar })));

/** Up to this many plates stand open side by side; of more, one at a time. */
const ALL_OPEN = 24;

interface PlatesProps {
  readonly circuits: readonly CircuitEvaluation[];
  readonly jobId: string;
}

function Plates({ circuits, jobId }: PlatesProps) {
  const [opened, open] = useState(circuits[0]?.circuit.id);
  const phone = useMediaQuery('(max-width: 640px)');
  if (phone)
    return (
      <Suspense>
        <OneByOne circuits={circuits} jobId={jobId} />
      </Suspense>
    );
  if (circuits.length <= ALL_OPEN)
    return (
      <ul className={classes['cards']}>
        {circuits.map((view) => (
          <PlateCard key={view.circuit.id} view={view} jobId={jobId} />
        ))}
      </ul>
    );
  return (
    <ul className={classes['many']}>
      {circuits.map((view) =>
        view.circuit.id === opened ? (
          <PlateCard key={view.circuit.id} view={view} jobId={jobId} />
        ) : (
          <FoldedPlate key={view.circuit.id} view={view} onOpen={open} />
        ),
      )}
    </ul>
  );
}

/** The appliances of the job by their plates, with the ways to add more. */
function Appliances({ job }: { readonly job: Job }) {
  const { canWrite } = useJobEditor();
  const { open } = useStageActions();
  const sizes = sizesOf(job);
  const [toVerify, setToVerify] = useState<readonly Unverified[] | null>(null);
  return (
    <section aria-label="Appliances" className={classes['appliances']}>
      <h1>Appliances by their plates</h1>
      <div className={classes['top']}>
        <Suspense fallback={<div className={classes['typing']} />}>
          <TypeBar job={job} />
        </Suspense>
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
      <Suspense>
        <VerifyDesk onKnown={setToVerify} />
      </Suspense>
      <ToVerifyContext value={toVerify}>
        <Plates key={job.id} circuits={sizes.circuits} jobId={job.id} />
      </ToVerifyContext>
      {job.circuits.length === 0 && (
        <p className="second">
          Nothing surveyed yet. Read the plate before anything else: it overrules habit.
        </p>
      )}
    </section>
  );
}

const VerifyDesk = lazy(() => import('../job/VerifyDesk').then((module) => ({ default: module.VerifyDesk })));
const JobFields = lazy(() => import('../job/JobFields').then((module) => ({ default: module.JobFields })));
const Observed = lazy(() => import('./Observed').then((module) => ({ default: module.Observed })));
const Panels = lazy(() => import('./Panels').then((module) => ({ default: module.Panels })));

/** What is surveyed, each with how many there are. */
const PARTS = [
  { id: 'appliances', name: 'Appliances', count: ({ circuits }: Job) => circuits.length },
  { id: 'panels', name: 'Panels', count: ({ panels }: Job) => panels.length },
  { id: 'found', name: 'Found on site', count: ({ observed }: Job) => observed.length },
] as const;

type Part = (typeof PARTS)[number]['id'];

/** What the electrician finds on the site: the job and its authority, panels, and every appliance by its plate. */
export function SurveyStage() {
  const { job } = useReadyJob();
  const [asked, show] = useSearchParams();
  const part: Part = PARTS.find(({ id }) => id === asked.get('part'))?.id ?? 'appliances';
  const unverified = useEvaluation(job)?.unverified;
  const foot = (
    <>
      <span>{unverified === undefined ? '' : `${unverified} to find out`}</span>
      <span className="second">{CAUTION}</span>
    </>
  );
  return (
    <StageFrame current="survey" board={classes['board']} foot={foot}>
      <section className={classes['place']} aria-label="The place" data-help="sources">
        <h1>The place</h1>
        <Suspense>
          <JobFields job={job} />
        </Suspense>
      </section>
      <div className={classes['found']}>
        <nav className={classes['parts']} aria-label="Parts of the survey">
          {PARTS.map(({ id, name, count }) => (
            <button
              key={id}
              type="button"
              aria-pressed={part === id}
              onClick={() => {
                show(id === 'appliances' ? {} : { part: id }, { replace: true });
              }}
            >
              {name} <span className="fig">{count(job)}</span>
            </button>
          ))}
        </nav>
        {part === 'appliances' ? (
          <Appliances job={job} />
        ) : (
          <Suspense>{part === 'panels' ? <Panels job={job} /> : <Observed job={job} />}</Suspense>
        )}
      </div>
    </StageFrame>
  );
}
