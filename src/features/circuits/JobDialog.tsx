import { Modal, TextInput } from '@mantine/core';
import { EDITION_YEARS, edition as editionOf } from '../../core/code/edition';
import type { JobFields } from '../../core/job/commands';
import type { Job } from '../../core/job/jobSchema';
import { useJobEditor } from '../../store/useJobEditor';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import classes from './dialogs.module.css';

interface JobDialogProps {
  readonly job: Job;
  readonly opened: boolean;
  readonly onClose: () => void;
}

function JobForm({ job }: { readonly job: Job }) {
  const { edit, canWrite } = useJobEditor();
  const set = (fields: Partial<JobFields>, label: string, mergeKey?: string): void => {
    edit({ kind: 'set-job', fields }, label, mergeKey);
  };
  const { practices } = job;
  return (
    <div className={classes['form']}>
      <TextInput
        label="Name of the job"
        defaultValue={job.name}
        disabled={!canWrite}
        maxLength={80}
        onChange={(event) => {
          const name = event.currentTarget.value.trim();
          if (name !== '') set({ name }, 'Name of the job', 'job name');
        }}
      />
      <ChoiceField
        label="Edition of the code"
        value={job.edition}
        disabled={!canWrite}
        help={
          editionOf(job.edition).verified
            ? undefined
            : 'Not read: figures of 2023 are used. Compare with the printed code.'
        }
        choices={EDITION_YEARS.map((year) => ({
          value: year,
          label: year === 2026 ? '2026, not verified' : String(year),
        }))}
        onChoose={(edition) => {
          set({ edition }, `${edition} code`);
        }}
      />
      <TextInput
        label="Authority having jurisdiction"
        defaultValue={job.authority}
        disabled={!canWrite}
        maxLength={120}
        onChange={(event) => {
          set({ authority: event.currentTarget.value }, 'Authority', 'job authority');
        }}
      />
      <TextInput
        label="Permit applied for on"
        type="date"
        defaultValue={job.permitDate ?? ''}
        disabled={!canWrite}
        onChange={(event) => {
          const permitDate = event.currentTarget.value;
          set({ permitDate: permitDate === '' ? null : permitDate }, 'Permit date', 'job permit');
        }}
      />
      <ChoiceField
        label="Raceway, house practice"
        value={practices.raceway}
        disabled={!canWrite}
        help="The size by rule is always shown beside it."
        choices={[
          { value: 'comfort', label: 'A size up where the pull is hard' },
          { value: 'legal', label: 'The smallest by rule' },
        ]}
        onChoose={(raceway) => {
          set({ practices: { ...practices, raceway } }, 'Raceway practice');
        }}
      />
      <ChoiceField
        label="Straps and staples, house practice"
        value={practices.supports}
        disabled={!canWrite}
        help="Half the distance makes a straight line."
        choices={[
          { value: 'half', label: 'At half the largest spacing' },
          { value: 'code', label: 'At the largest spacing' },
        ]}
        onChoose={(supports) => {
          set({ practices: { ...practices, supports } }, 'Support practice');
        }}
      />
      <div className={classes['wide']}>
        <h3>Local rules in force</h3>
        {job.amendments.length === 0 ? (
          <p className="second">None recorded for this job.</p>
        ) : (
          <ul>
            {job.amendments.map(({ id, title, source, date }) => (
              <li key={id}>
                {title}{' '}
                <span className="second">
                  {source}, from {date}
                </span>
              </li>
            ))}
          </ul>
        )}
      </div>
    </div>
  );
}

/** Job, edition, authority, house practices and local rules. Every change counts at once. */
export function JobDialog({ job, opened, onClose }: JobDialogProps) {
  return (
    <Modal opened={opened} onClose={onClose} title="The job" size={560} transitionProps={{ duration: 0 }}>
      <JobForm job={job} />
    </Modal>
  );
}
