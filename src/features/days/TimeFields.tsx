import type { Job } from '../../core/job/jobSchema';
import { printNumber as n } from '../../core/units/number';
import { CheckField } from '../../ui/fields/CheckField';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { TextField } from '../../ui/fields/TextField';
import { HourField } from './HourField';
import { useDaysEditor } from './useDaysEditor';
import classes from './days.module.css';

const WEEKDAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const;

/** The days of the week that are worked: one of them at least. */
function Weekdays({ job }: { readonly job: Job }) {
  const { canWrite, put } = useDaysEditor(job);
  const { workdays } = job.days;
  return (
    <div className={classes['weekdays']}>
      {WEEKDAYS.map((name, at) => {
        const on = workdays.includes(at + 1);
        return (
          <CheckField
            key={name}
            label={name}
            checked={on}
            disabled={!canWrite || (on && workdays.length === 1)}
            onCheck={(is) => {
              const others = workdays.filter((day) => day !== at + 1);
              put({ workdays: is ? [...others, at + 1].toSorted() : others }, 'Workdays');
            }}
          />
        );
      })}
    </div>
  );
}

/** The first day, the hours of a day, the days of the week, and how many work. */
export function TimeFields({ job }: { readonly job: Job }) {
  const { canWrite, put } = useDaysEditor(job);
  const { from, people } = job.days;
  return (
    <details className={classes['terms']}>
      <summary>Days and hours, {n(people)} working</summary>
      <div className={classes['fields']}>
        <TextField
          type="date"
          label="First day"
          value={from ?? ''}
          maxLength={10}
          disabled={!canWrite}
          onText={(date) => {
            put({ from: date === '' ? null : date }, 'First day');
          }}
        />
        <ChoiceField
          label="People"
          value={people}
          disabled={!canWrite}
          choices={[
            { value: 1, label: 'Alone' },
            { value: 2, label: 'Two' },
          ]}
          onChoose={(chosen) => {
            put({ people: chosen }, 'People');
          }}
        />
        {([0, 1] as const).map((which) => (
          <HourField
            key={which}
            label={which === 0 ? 'From' : 'To'}
            span={job.days.hours}
            which={which}
            disabled={!canWrite}
            onSpan={(hours, mergeKey) => {
              put({ hours }, which === 0 ? 'From' : 'To', mergeKey);
            }}
          />
        ))}
      </div>
      <Weekdays job={job} />
    </details>
  );
}
