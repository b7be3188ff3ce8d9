import { TextInput } from '@mantine/core';
import { EDITION_YEARS, edition as editionOf } from '../../core/code/edition';
import type { JobFields } from '../../core/job/commands';
import type { Job } from '../../core/job/jobSchema';
import { useJobEditor } from '../../store/useJobEditor';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { Dialog } from '../../ui/shell/Dialog';
import classes from './dialogs.module.css';

interface JobDialogProps {
  readonly job: Job;
  readonly opened: boolean;
  readonly onClose: () => void;
}

interface PartProps {
  readonly job: Job;
  readonly disabled: boolean;
  readonly set: (fields: Partial<JobFields>, label: string, mergeKey?: string) => void;
}

function PermitFields({ job, disabled, set }: PartProps) {
  return (
    <>
      <TextInput
        label="Name of the job"
        defaultValue={job.name}
        disabled={disabled}
        maxLength={80}
        onChange={(event) => {
          const name = event.currentTarget.value.trim();
          if (name !== '') set({ name }, 'Name of the job', 'job name');
        }}
      />
      <ChoiceField
        label="Edition of the code"
        value={job.edition}
        disabled={disabled}
        help={
          editionOf(job.edition).verified
            ? undefined
            : 'Not read: figures of 2023. Compare with the printed code.'
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
        disabled={disabled}
        maxLength={120}
        onChange={(event) => {
          set({ authority: event.currentTarget.value }, 'Authority', 'job authority');
        }}
      />
      <TextInput
        label="Permit applied for on"
        type="date"
        defaultValue={job.permitDate ?? ''}
        disabled={disabled}
        onChange={(event) => {
          const permitDate = event.currentTarget.value;
          set({ permitDate: permitDate === '' ? null : permitDate }, 'Permit date', 'job permit');
        }}
      />
    </>
  );
}

function PracticeFields({ job: { practices }, disabled, set }: PartProps) {
  return (
    <>
      <ChoiceField
        label="Raceway, house practice"
        value={practices.raceway}
        disabled={disabled}
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
        disabled={disabled}
        help="Half the distance makes a straight line."
        choices={[
          { value: 'half', label: 'At half the largest spacing' },
          { value: 'code', label: 'At the largest spacing' },
        ]}
        onChoose={(supports) => {
          set({ practices: { ...practices, supports } }, 'Support practice');
        }}
      />
    </>
  );
}

function LocalRules({ job }: { readonly job: Job }) {
  return (
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
  );
}

/** Job, edition, authority, house practices and local rules. Every change counts at once. */
export function JobDialog({ job, opened, onClose }: JobDialogProps) {
  const { edit, canWrite } = useJobEditor();
  const part: PartProps = {
    job,
    disabled: !canWrite,
    set: (fields, label, mergeKey) => {
      edit({ kind: 'set-job', fields }, label, mergeKey);
    },
  };
  return (
    <Dialog opened={opened} onClose={onClose} title="The job">
      <div className={classes['form']}>
        <PermitFields {...part} />
        <PracticeFields {...part} />
        <LocalRules job={job} />
      </div>
    </Dialog>
  );
}
