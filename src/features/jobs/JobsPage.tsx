import { useElementSize } from '@mantine/hooks';
import { lazy, Suspense, useEffect, type ReactNode } from 'react';
import { useNavigate } from 'react-router';
import { DEMO_JOB_ID } from '../../core/job/demo/demoJobId';
import { CAUTION } from '../../core/wording/cautions';
import { storageKind, type JobRecord } from '../../store/persistence/database';
import { removeJob } from '../../store/persistence/jobStorage';
import { useJobs } from '../../store/useJobs';
import { Notice } from '../../ui/shell/Notice';
import { THEMES, useTheme } from '../../ui/theme/ThemeProvider';
import { putDemoJob, startsWithDemo } from './jobActions';
import { BenchLink } from './BenchLink';
import { Elsewhere } from './Elsewhere';
import { FindJob } from './FindJob';
import { FirstCircuit } from './FirstCircuit';
import { JobRow } from './JobRow';
import { OutcomeNotice, type Outcome } from './OutcomeNotice';
import { useOpening } from './useOpening';
import { widthBesides } from './RunStrip';
import type { Strip } from './strips';
import { useStrips } from './useStrips';
import classes from './JobsPage.module.css';

const RestorePane = lazy(() => import('./RestorePane').then((module) => ({ default: module.RestorePane })));

/** A browser without jobs that was started with demo data gets the demo job. */
function useDemoStart(empty: boolean): void {
  useEffect(() => {
    if (!empty) return;
    void startsWithDemo().then((demo) => (demo ? putDemoJob() : undefined));
  }, [empty]);
}

function Themes() {
  const { theme, setTheme } = useTheme();
  return (
    <div className={classes['themes']} role="group" aria-label="Theme">
      {THEMES.map((each) => (
        <button
          key={each}
          type="button"
          className={classes['theme']}
          aria-pressed={each === theme}
          onClick={() => {
            setTheme(each);
          }}
        >
          {each}
        </button>
      ))}
    </div>
  );
}

const Head = ({ find }: { readonly find: ReactNode }) => (
  <header className={classes['head']}>
    <h1>Pasture</h1>
    <p>Dedicated circuits for large appliances, figured and explained.</p>
    <BenchLink />
    {find}
    <Themes />
  </header>
);

/** Pixels a foot where nothing is too wide. */
const USUAL_PX_PER_FT = 0.82;
/** Narrower than this the runs stand closer, without their numbers. */
const NARROW_PX = 560;

/** One scale for all jobs: the usual one, or what the widest leaves. */
function scaleOf(strips: readonly Strip[], width: number): number {
  return strips.reduce((scale, { runs }) => {
    const drawnFt = runs.reduce((sum, { stations }) => sum + (stations.at(-1)?.xFt ?? 0), 0);
    const room = Math.max(
      40,
      width - widthBesides(runs.length, width > NARROW_PX) - (width > NARROW_PX ? 70 : 0),
    );
    return drawnFt === 0 ? scale : Math.min(scale, room / drawnFt);
  }, USUAL_PX_PER_FT);
}

function JobList({
  jobs,
  onOutcome,
}: {
  readonly jobs: readonly JobRecord[] | undefined;
  readonly onOutcome: (outcome: Outcome) => void;
}) {
  const remove = async (job: JobRecord): Promise<void> => {
    const removed = await removeJob(job.id);
    onOutcome({ severity: 'ok', words: `${job.name} was deleted.`, ...(removed && { removed }) });
  };
  const strips = useStrips(jobs);
  const { ref, width } = useElementSize();
  const pxPerFt = scaleOf([...strips.values()], width);
  return (
    <section aria-label="Jobs" ref={ref}>
      <h2>
        Jobs in this browser{' '}
        {strips.size > 0 && <span className="second">every run at one scale, heights drawn larger</span>}
      </h2>
      {jobs?.length === 0 && (
        <p className={classes['none']}>
          None yet. Type its first circuit above, open a file, or look at the demo job: a made-up house with
          ten circuits.
        </p>
      )}
      <ol>
        {jobs?.map((job) => (
          <JobRow
            key={job.id}
            job={job}
            strip={strips.get(job.id)}
            pxPerFt={pxPerFt}
            numbered={width > NARROW_PX}
            onDelete={() => {
              void remove(job);
            }}
          />
        ))}
      </ol>
    </section>
  );
}

function MemoryNotice() {
  if (storageKind() !== 'memory') return null;
  return (
    <Notice severity="check">
      This browser keeps nothing: jobs live in this page only and are gone when it is closed. Everything else
      works; export a job as a file to keep it.
    </Notice>
  );
}

/** The jobs of this browser: open, start, import, delete with a way back. */
export function JobsPage() {
  const jobs = useJobs();
  const navigate = useNavigate();
  const go = (id: string, dialog?: 'schedule'): void => void navigate(`/jobs/${id}`, { state: { dialog } });
  const { outcome, copy, open, openDemo, setOutcome, closeCopy } = useOpening(go);
  useDemoStart(jobs?.length === 0);
  return (
    <div
      className={classes['page']}
      onDragOver={(event) => {
        event.preventDefault();
      }}
      onDrop={(event) => {
        event.preventDefault();
        void open(event.dataTransfer.files[0]);
      }}
    >
      <Head find={<FindJob jobs={jobs ?? []} onJob={go} onDemo={() => void openDemo()} />} />
      <MemoryNotice />
      {outcome !== null && (
        <OutcomeNotice
          outcome={outcome}
          onClose={() => {
            setOutcome(null);
          }}
        />
      )}
      {copy !== null && (
        <Suspense>
          <RestorePane contents={copy} onDone={closeCopy} />
        </Suspense>
      )}
      <FirstCircuit
        onMade={(jobId, circuitId) => {
          go(`${jobId}/${circuitId}`);
        }}
      />
      <main className={classes['main']}>
        <JobList jobs={jobs} onOutcome={setOutcome} />
        <Elsewhere
          jobs={jobs ?? []}
          demoHere={jobs?.some(({ id }) => id === DEMO_JOB_ID) ?? false}
          onMade={go}
          onFile={(file) => void open(file)}
          onDemo={() => void openDemo()}
        />
      </main>
      <footer className={classes['foot']}>{CAUTION}</footer>
    </div>
  );
}
