import { Button } from '@mantine/core';
import { Link } from 'react-router';
import { LIMITS } from '../../core/code/limits';
import { SITE_CONDITIONS, SITE_CONDITION_IDS } from '../../core/code/siteConditions';
import type { Job } from '../../core/job/jobSchema';
import { freshObserved, type Observed as Found } from '../../core/job/observedDocument';
import { conditionName, DANGER_NOTE, OBSERVED_NOTE } from '../../core/wording/observedWords';
import { useJobEditor } from '../../store/useJobEditor';
import { CheckField } from '../../ui/fields/CheckField';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { TextArea } from '../../ui/fields/TextArea';
import { TextField } from '../../ui/fields/TextField';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { PhotoStrip } from '../job/PhotoStrip';
import classes from './survey.module.css';

const CONDITIONS = SITE_CONDITION_IDS.map((value) => ({ value, label: conditionName[value] }));

interface FoundCardProps {
  readonly job: Job;
  readonly found: Found;
}

interface FieldsProps {
  readonly found: Found;
  readonly disabled: boolean;
  readonly set: (fields: Partial<Found>, label: string) => void;
}

/** What was found and where, and who was told when. */
function FoundFields({ found, disabled, set }: FieldsProps) {
  return (
    <div className={classes['site']}>
      <ChoiceField
        className={classes['whole']}
        label="What was found"
        disabled={disabled}
        value={found.condition}
        choices={CONDITIONS}
        onChoose={(condition) => {
          set({ condition }, 'What was found');
        }}
      />
      <TextField
        label="Where"
        value={found.where}
        maxLength={120}
        disabled={disabled}
        onText={(where) => {
          set({ where }, 'Where it was found');
        }}
      />
      <TextField
        label="Who was told"
        value={found.told}
        maxLength={120}
        disabled={disabled}
        onText={(told) => {
          set({ told }, 'Who was told');
        }}
      />
      <TextField
        label="Told on"
        type="date"
        value={found.toldOn ?? ''}
        maxLength={10}
        disabled={disabled}
        onText={(toldOn) => {
          set({ toldOn: toldOn === '' ? null : toldOn }, 'Told on');
        }}
      />
    </div>
  );
}

/** What was seen, in own words, and whether it endangers. */
function SeenFields({ found, disabled, set }: FieldsProps) {
  return (
    <>
      <TextArea
        label="What was seen"
        value={found.note}
        maxLength={LIMITS.answerLength}
        rows={2}
        disabled={disabled}
        onText={(note) => {
          set({ note }, 'What was seen');
        }}
      />
      <CheckField
        label="Dangerous as it is"
        spoken={`Dangerous as it is: ${conditionName[found.condition]}`}
        checked={found.danger}
        disabled={disabled}
        onCheck={(danger) => {
          set({ danger }, 'Dangerous as it is');
        }}
      />
      {found.danger && <p>{DANGER_NOTE}</p>}
    </>
  );
}

/** One thing that was found, with where, what, who was told, and photographs. */
function FoundCard({ job, found }: FoundCardProps) {
  const { canWrite, edit } = useJobEditor();
  const put = (observed: readonly Found[], label: string): void => {
    edit({ kind: 'change-job', fields: { observed: [...observed] } }, label);
  };
  const part: FieldsProps = {
    found,
    disabled: !canWrite,
    set: (fields, label) => {
      put(
        job.observed.map((each) => (each.id === found.id ? { ...each, ...fields } : each)),
        label,
      );
    },
  };
  const name = conditionName[found.condition];
  return (
    <li className={classes['card']}>
      <h2>
        <span>
          <SeverityShape severity={found.danger ? 'stop' : found.told === '' ? 'ask' : 'ok'} /> {name}
        </span>
        <span className="fig second">{SITE_CONDITIONS[found.condition].section}</span>
      </h2>
      <FoundFields {...part} />
      <SeenFields {...part} />
      <PhotoStrip photos={found.photos} jobId={job.id} of={{ observedId: found.id }} />
      <button
        type="button"
        className={`act ${classes['below']}`}
        aria-label={`Remove from the list: ${name}`}
        disabled={!canWrite}
        onClick={() => {
          put(
            job.observed.filter((each) => each.id !== found.id),
            'Remove what was found',
          );
        }}
      >
        Remove from the list
      </button>
    </li>
  );
}

/** What was found wrong on site and is no part of the job, apart from the work. */
export function Observed({ job }: { readonly job: Job }) {
  const { canWrite, edit } = useJobEditor();
  return (
    <section aria-label="Found on site">
      <h1>Found on site</h1>
      <p className="second">
        {OBSERVED_NOTE}{' '}
        {job.observed.length > 0 && (
          <Link className="act" to={`/jobs/${job.id}/found`}>
            Print this list
          </Link>
        )}
      </p>
      <ul className={`${classes['cards']} ${classes['apart']}`}>
        {job.observed.map((found) => (
          <FoundCard key={found.id} job={job} found={found} />
        ))}
      </ul>
      {job.observed.length < LIMITS.observed && (
        <Button
          variant="default"
          mt={8}
          disabled={!canWrite}
          onClick={() => {
            const observed = [...job.observed, freshObserved(crypto.randomUUID())];
            edit({ kind: 'change-job', fields: { observed } }, 'Add what was found');
          }}
        >
          Add what was found
        </Button>
      )}
    </section>
  );
}
