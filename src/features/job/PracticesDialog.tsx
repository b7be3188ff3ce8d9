import { Button } from '@mantine/core';
import { useMemo } from 'react';
import type { Practices } from '../../core/circuit/practices';
import { jobContext } from '../../core/job/jobContext';
import type { Job } from '../../core/job/jobSchema';
import { PRACTICES, type PracticeWords } from '../../core/wording/practices';
import { useJobEditor } from '../../store/useJobEditor';
import { Dialog } from '../../ui/shell/Dialog';
import { ChangeList, changeCount, useJobChanges } from './ChangeList';
import classes from './PracticesDialog.module.css';

interface PracticesDialogProps {
  readonly job: Job;
  readonly onClose: () => void;
}

/** One practice: what is kept now and why, the other school and why, and what taking it would change here. */
function Practice({ job, words }: { readonly job: Job; readonly words: PracticeWords }) {
  const { edit, canWrite } = useJobEditor();
  const now = job.practices[words.key];
  const other = words.schools.find(({ value }) => value !== now);
  const practices: Practices = useMemo(
    () => ({ ...job.practices, [words.key]: other?.value ?? now }),
    [job.practices, words.key, other, now],
  );
  const context = useMemo(() => jobContext({ ...job, practices }), [job, practices]);
  const changes = useJobChanges(job, context);
  return (
    <li className={classes['practice']}>
      <h3>{words.name}</h3>
      {words.schools.map(({ value, name, why }) => (
        <p key={String(value)} className={classes['school']} data-now={value === now || undefined}>
          <b>
            {value === now ? 'Kept here: ' : 'The other school: '}
            {name}
          </b>
          <span className="second">{why}</span>
        </p>
      ))}
      <p>
        {words.besides ?? changeCount(changes)}{' '}
        <Button
          size="compact-sm"
          variant="default"
          disabled={!canWrite}
          onClick={() => {
            edit({ kind: 'change-job', fields: { practices } }, `${words.name}: ${other?.name ?? ''}`);
          }}
        >
          Take the other
        </Button>
      </p>
      {changes.length > 0 && (
        <details>
          <summary>What it would change</summary>
          <ChangeList changes={changes} />
        </details>
      )}
    </li>
  );
}

/** The shop practices: both schools of each, with reasons, and what a change does to this job before it is made. */
export function PracticesDialog({ job, onClose }: PracticesDialogProps) {
  return (
    <Dialog wide opened onClose={onClose} title="Shop practices">
      <p className="second">Choices among legal options. The rule itself is never one of them.</p>
      <ul>
        {PRACTICES.map((words) => (
          <Practice key={words.key} job={job} words={words} />
        ))}
      </ul>
    </Dialog>
  );
}
