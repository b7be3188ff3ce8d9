import type { Job } from '../../core/job/jobSchema';
import { changeWords } from '../../core/wording/amendments';
import { Dialog } from '../../ui/shell/Dialog';
import { JobFields } from './JobFields';
import classes from './dialogs.module.css';

interface JobDialogProps {
  readonly job: Job;
  readonly opened: boolean;
  readonly onClose: () => void;
}

function LocalRules({ job }: { readonly job: Job }) {
  return (
    <div className={classes['wide']}>
      <h3>Local amendments in force</h3>
      {job.amendments.length === 0 ? (
        <p className="second">None recorded for this job.</p>
      ) : (
        <ul>
          {job.amendments.map(({ id, title, source, date, changes }) => (
            <li key={id}>
              {title}: {changes.map(changeWords).join('; ')}{' '}
              <span className="second">
                {source}, from {date}
              </span>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

/** Job, edition, authority and local amendments. Every change counts at once. */
export function JobDialog({ job, opened, onClose }: JobDialogProps) {
  return (
    <Dialog opened={opened} onClose={onClose} title="The job">
      <div className={classes['form']}>
        <JobFields job={job} />
        <LocalRules job={job} />
      </div>
    </Dialog>
  );
}
