import type { Job } from '../../core/job/jobSchema';
import { printNumber as n, parseNumber } from '../../core/units/number';
import { isRefused, refuse, type Refused } from '../../core/units/refused';
import { CheckField } from '../../ui/fields/CheckField';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { QuantityField } from '../../ui/fields/QuantityField';
import { TextField } from '../../ui/fields/TextField';
import { useDaysEditor } from './useDaysEditor';
import classes from './days.module.css';

const HOUR = { min: 0, max: 24, units: [], shown: '' } as const;
const WEEKDAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const;
const ACCEPTS = 'an hour from 0 to 24, such as 7:30 or 7.5';

/** An hour of the day: "7:30", "16", "7.5". */
function parseHour(text: string): number | Refused {
  const clock = /^(\d{1,2}):([0-5]\d)$/.exec(text.trim());
  const hour = clock === null ? parseNumber(text, HOUR) : Number(clock[1]) + Number(clock[2]) / 60;
  return isRefused(hour) || hour > 24 ? refuse(text, ACCEPTS) : hour;
}

const printHour = (hour: number): string => {
  const minutes = Math.round(hour * 60);
  return `${Math.floor(minutes / 60)}:${`${minutes % 60}`.padStart(2, '0')}`;
};

/** The opening or the end of a day. */
function HourField({ job, which }: { readonly job: Job; readonly which: 0 | 1 }) {
  const { canWrite, put } = useDaysEditor(job);
  const { hours } = job.days;
  const label = which === 0 ? 'From' : 'To';
  return (
    <QuantityField<number>
      label={label}
      value={hours[which]}
      disabled={!canWrite}
      print={printHour}
      parse={(text) => {
        const hour = parseHour(text);
        if (isRefused(hour)) return hour;
        if (which === 0) return hour < hours[1] ? hour : refuse(text, 'an hour before the end of the day');
        return hour > hours[0] ? hour : refuse(text, 'an hour after its beginning');
      }}
      onValue={(hour, mergeKey) => {
        put({ hours: which === 0 ? [hour, hours[1]] : [hours[0], hour] }, label, mergeKey);
      }}
    />
  );
}

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
        <HourField job={job} which={0} />
        <HourField job={job} which={1} />
      </div>
      <Weekdays job={job} />
    </details>
  );
}
