import { lazy, memo, Suspense, useCallback, useEffect, useRef } from 'react';
import { Link } from 'react-router';
import type { Strip } from '../../store/jobs/stripTask';
import type { ListedJob } from '../../store/persistence/database';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { STAGES } from '../job/stages';
import classes from './JobsPage.module.css';

interface JobRowProps {
  readonly job: ListedJob;
  /** Undefined until it was read. */
  readonly strip: Strip | undefined;
  readonly pxPerFt: number;
  readonly numbered: boolean;
  /** Told once the row is in sight. */
  readonly onSeen: (job: ListedJob) => void;
  readonly onDelete: (job: ListedJob) => void;
}

const RunStrip = lazy(() => import('./RunStrip').then((module) => ({ default: module.RunStrip })));

const day = new Intl.DateTimeFormat('en-US', { dateStyle: 'medium', timeStyle: 'short' });

/** How the stages of a job stand, in the order of the work. */
function StageTape({ stages }: Pick<Strip, 'stages'>) {
  return (
    <ol className={classes['tape']}>
      {STAGES.map(({ id, name }) => {
        const { severity, open } = stages[id] ?? { severity: 'nothing', open: 0 };
        return (
          <li key={id}>
            <span>
              <SeverityShape severity={severity} size={11} named />{' '}
              {open > 0 && <b className="fig">{open}</b>}
            </span>
            {name}
          </li>
        );
      })}
    </ol>
  );
}

/** Tells once that an element is in sight, or nearly. */
function useSeen(onSeen: () => void) {
  const ref = useRef<HTMLLIElement>(null);
  useEffect(() => {
    const element = ref.current;
    if (element === null) return;
    const watch = new IntersectionObserver(
      (entries) => {
        if (!entries.some(({ isIntersecting }) => isIntersecting)) return;
        watch.disconnect();
        onSeen();
      },
      { rootMargin: '200px' },
    );
    watch.observe(element);
    return () => {
      watch.disconnect();
    };
  }, [onSeen]);
  return ref;
}

/** One job of the list: its runs at the scale of all jobs, and what is open in it, stage by stage. */
export const JobRow = memo(function JobRow({ job, strip, pxPerFt, numbered, onSeen, onDelete }: JobRowProps) {
  const ref = useSeen(
    useCallback(() => {
      onSeen(job);
    }, [onSeen, job]),
  );
  return (
    <li className={classes['row']} ref={ref}>
      <Link to={`/jobs/${job.id}`} className={classes['job']}>
        <span className={classes['name']}>
          <b>{job.name}</b>
          <span className="second">
            {strip !== undefined &&
              `${strip.edition} code${strip.authority === '' ? '' : `, ${strip.authority}`}`}
          </span>
          <span className="second">
            <span className="fig">{job.circuits}</span> {job.circuits === 1 ? 'circuit' : 'circuits'}
            {strip !== undefined && `, ${Math.round(strip.totalFt)} ft`} · edited {day.format(job.updatedAt)}
          </span>
        </span>
        {strip !== undefined && strip.runs.length > 0 && (
          <Suspense>
            <RunStrip runs={strip.runs} pxPerFt={pxPerFt} numbered={numbered} label={`Runs of ${job.name}`} />
          </Suspense>
        )}
        {strip !== undefined && <StageTape stages={strip.stages} />}
      </Link>
      <button
        type="button"
        className="act"
        onClick={() => {
          onDelete(job);
        }}
        aria-label={`Delete ${job.name}`}
      >
        Delete
      </button>
    </li>
  );
});
