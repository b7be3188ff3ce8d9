import { Link } from 'react-router';
import type { JobRecord } from '../../store/persistence/database';
import classes from './JobsPage.module.css';

interface JobRowProps {
  readonly job: JobRecord;
  readonly onDelete: () => void;
}

const day = new Intl.DateTimeFormat('en-US', { dateStyle: 'medium', timeStyle: 'short' });

/** One job of the list. */
export function JobRow({ job, onDelete }: JobRowProps) {
  return (
    <li className={classes['row']}>
      <Link to={`/jobs/${job.id}`} className={classes['job']}>
        <b>{job.name}</b>
        <span className="second">
          <span className="fig">{job.circuits}</span> {job.circuits === 1 ? 'circuit' : 'circuits'} · edited{' '}
          {day.format(job.updatedAt)}
        </span>
      </Link>
      <button type="button" className="act" onClick={onDelete} aria-label={`Delete ${job.name}`}>
        Delete
      </button>
    </li>
  );
}
