import { Link } from 'react-router';
import type { JobRecord } from '../../store/persistence/database';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { RunStrip } from './RunStrip';
import type { Strip } from './strips';
import classes from './JobsPage.module.css';

interface JobRowProps {
  readonly job: JobRecord;
  /** Undefined until it was read. */
  readonly strip: Strip | undefined;
  readonly pxPerFt: number;
  readonly numbered: boolean;
  readonly onDelete: () => void;
}

const day = new Intl.DateTimeFormat('en-US', { dateStyle: 'medium', timeStyle: 'short' });

/** How the stages of a job stand, in the order of the work. */
function StageTape({ stages }: Pick<Strip, 'stages'>) {
  return (
    <ol className={classes['tape']}>
      {stages.map(({ id, name, severity, open }) => (
        <li key={id}>
          <span>
            <SeverityShape severity={severity} size={11} named /> {open > 0 && <b className="fig">{open}</b>}
          </span>
          {name}
        </li>
      ))}
    </ol>
  );
}

/** One job of the list: its runs at the scale of all jobs, and what is open in it, stage by stage. */
export function JobRow({ job, strip, pxPerFt, numbered, onDelete }: JobRowProps) {
  return (
    <li className={classes['row']}>
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
          <RunStrip runs={strip.runs} pxPerFt={pxPerFt} numbered={numbered} label={`Runs of ${job.name}`} />
        )}
        {strip !== undefined && <StageTape stages={strip.stages} />}
      </Link>
      <button type="button" className="act" onClick={onDelete} aria-label={`Delete ${job.name}`}>
        Delete
      </button>
    </li>
  );
}
