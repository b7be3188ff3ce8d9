import { useElementSize } from '@mantine/hooks';
import { lazy, Suspense, useCallback, useEffect, useState, type ReactNode } from 'react';
import { useNavigate } from 'react-router';
import { DEMO_JOB_ID } from '../../core/job/demo/demoJobId';
import { CAUTION } from '../../core/wording/footCautions';
import { storageKind, type ListedJob } from '../../store/persistence/database';
import { BIN_DAYS, binJob } from '../../store/persistence/bin';
import { useStrips } from '../../store/jobs/useStrips';
import type { Strip } from '../../store/jobs/stripTask';
import { useListedJobs } from '../../store/useJobs';
import { Notice } from '../../ui/shell/Notice';
import { THEMES, useTheme } from '../../ui/theme/ThemeProvider';
import { BenchLink } from './BenchLink';
import { FindJob } from './FindJob';
import { JobRow } from './JobRow';
import { OutcomeNotice, type Outcome } from './OutcomeNotice';
import { useOpening } from './useOpening';
import { widthBesides } from './stripWidth';
import classes from './JobsPage.module.css';

// Fetched at once beside the list itself, which is seen first.
const elsewhere = import('./Elsewhere');
const Elsewhere = lazy(() => elsewhere.then((module) => ({ default: module.Elsewhere })));
const FirstCircuit = lazy(() => elsewhere.then((module) => ({ default: module.FirstCircuit })));
const Bin = lazy(() => import('./Bin').then((module) => ({ default: module.Bin })));
const RestorePane = lazy(() => import('./RestorePane').then((module) => ({ default: module.RestorePane })));

/** A browser without jobs that was started with demo data gets the demo job. */
function useDemoStart(empty: boolean): void {
  useEffect(() => {
    if (!empty) return;
    void import('./jobActions').then(async ({ putDemoJob, startsWithDemo }) => {
      if (await startsWithDemo()) await putDemoJob();
    });
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
function scaleOf(strips: readonly (Strip | undefined)[], width: number): number {
  return strips.reduce((scale, strip) => {
    const runs = strip?.runs ?? [];
    const drawnFt = runs.reduce((sum, { stations }) => sum + (stations.at(-1)?.xFt ?? 0), 0);
    const room = Math.max(
      40,
      width - widthBesides(runs.length, width > NARROW_PX) - (width > NARROW_PX ? 70 : 0),
    );
    return drawnFt === 0 ? scale : Math.min(scale, room / drawnFt);
  }, USUAL_PX_PER_FT);
}

/** Rows that are drawn at once, and how many more when they are asked for. */
const ROWS = 40;
const MORE_ROWS = 160;

/** The way to the rows that are not drawn yet. */
function More({ more, onMore }: { readonly more: number; readonly onMore: () => void }) {
  if (more <= 0) return null;
  return (
    <button type="button" className="act" onClick={onMore}>
      Show {Math.min(more, MORE_ROWS)} more of {more}
    </button>
  );
}

interface JobListProps {
  readonly jobs: readonly ListedJob[] | undefined;
  readonly onOutcome: (outcome: Outcome) => void;
}

function JobList({ jobs, onOutcome }: JobListProps) {
  const [rows, setRows] = useState(ROWS);
  const remove = useCallback(
    (job: ListedJob): void => {
      void binJob(job.id).then((binId) => {
        const words = `${job.name} was deleted. It stays in the bin for ${BIN_DAYS} days.`;
        onOutcome({ severity: 'ok', words, ...(binId !== undefined && { binId }) });
      });
    },
    [onOutcome],
  );
  const { stripOf, onSeen } = useStrips();
  const { ref, width } = useElementSize();
  const shown = (jobs ?? []).slice(0, rows);
  const strips = shown.map(stripOf);
  const pxPerFt = scaleOf(strips, width);
  const more = (jobs?.length ?? 0) - shown.length;
  return (
    <section aria-label="Jobs" ref={ref}>
      <h2>
        Jobs in this browser{' '}
        {strips.some((strip) => strip !== undefined) && (
          <span className="second">every run at one scale, heights drawn larger</span>
        )}
      </h2>
      {jobs?.length === 0 && (
        <p className={classes['none']}>
          None yet. Type its first circuit above, open a file, or look at the demo job: a made-up house with
          ten circuits.
        </p>
      )}
      <ol>
        {shown.map((job, at) => (
          <JobRow
            key={job.id}
            job={job}
            strip={strips[at]}
            pxPerFt={pxPerFt}
            numbered={width > NARROW_PX}
            onSeen={onSeen}
            onDelete={remove}
          />
        ))}
      </ol>
      <More
        more={more}
        onMore={() => {
          setRows(rows + MORE_ROWS);
        }}
      />
      <Suspense>
        <Bin onOutcome={onOutcome} />
      </Suspense>
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
  const jobs = useListedJobs();
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
      <Suspense fallback={<div className={classes['first']} />}>
        <FirstCircuit
          onMade={(jobId, circuitId) => {
            go(`${jobId}/${circuitId}`);
          }}
        />
      </Suspense>
      <main className={classes['main']}>
        <JobList jobs={jobs} onOutcome={setOutcome} />
        <Suspense fallback={<div />}>
          <Elsewhere
            jobs={jobs ?? []}
            demoHere={jobs?.some(({ id }) => id === DEMO_JOB_ID) ?? false}
            onMade={go}
            onFile={(file) => void open(file)}
            onDemo={() => void openDemo()}
          />
        </Suspense>
      </main>
      <footer className={classes['foot']}>{CAUTION}</footer>
    </div>
  );
}
