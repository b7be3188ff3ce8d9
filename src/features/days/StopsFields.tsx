import { Button } from '@mantine/core';
import { useState } from 'react';
import type { Job } from '../../core/job/jobSchema';
import {
  CLOSED_KINDS,
  WORK_PLACES,
  type Closed,
  type ClosedKind,
  type WorkPlace,
} from '../../core/timing/daysDocument';
import { CLOSED_NAME, CLOSED_STOPS, closedWords, PLACE_NAME } from '../../core/wording/daysWords';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { TextField } from '../../ui/fields/TextField';
import { today } from '../../store/clock';
import { HourField } from './HourField';
import { useDaysEditor } from './useDaysEditor';
import classes from './days.module.css';

const EVERYWHERE = 'all';

type Stop = Omit<Closed, 'id'>;

interface StopEntryProps {
  readonly stop: Stop;
  readonly disabled: boolean;
  readonly onChange: (part: Partial<Stop>) => void;
}

/** Where another trade works. */
function WhereField({ stop, disabled, onChange }: StopEntryProps) {
  return (
    <ChoiceField<WorkPlace | typeof EVERYWHERE>
      label="Where"
      value={stop.place ?? EVERYWHERE}
      disabled={disabled}
      choices={[
        ...WORK_PLACES.map((value) => ({ value, label: PLACE_NAME[value] })),
        { value: EVERYWHERE, label: 'Everywhere' },
      ]}
      onChoose={(place) => {
        onChange({ place: place === EVERYWHERE ? null : place });
      }}
    />
  );
}

/** What stops work, when, and where. */
function StopEntry(props: StopEntryProps) {
  const { stop, disabled, onChange } = props;
  return (
    <div className={classes['fields']}>
      <ChoiceField<ClosedKind>
        label="What stops work"
        value={stop.kind}
        disabled={disabled}
        choices={CLOSED_KINDS.map((value) => ({ value, label: CLOSED_NAME[value] }))}
        onChoose={(kind) => {
          onChange({ kind });
        }}
      />
      <TextField
        type="date"
        label="Day"
        value={stop.date}
        maxLength={10}
        disabled={disabled}
        onText={(date) => {
          if (date !== '') onChange({ date });
        }}
      />
      {([0, 1] as const).map((which) => (
        <HourField
          key={which}
          label={which === 0 ? 'Stops at' : 'Goes on at'}
          span={stop.hours}
          which={which}
          disabled={disabled}
          onSpan={(hours) => {
            onChange({ hours });
          }}
        />
      ))}
      {stop.kind === 'trade' && <WhereField {...props} />}
      <TextField
        label="Note"
        value={stop.note}
        maxLength={80}
        disabled={disabled}
        onText={(note) => {
          onChange({ note });
        }}
      />
    </div>
  );
}

/** A time without work in the making. */
function AddStop({ job }: { readonly job: Job }) {
  const { canWrite, put } = useDaysEditor(job);
  const { closed, hours, from } = job.days;
  const [stop, setStop] = useState<Stop>({
    kind: 'trade',
    date: from ?? today(),
    hours,
    place: 'house',
    note: '',
  });
  const { kind } = stop;
  return (
    <>
      <StopEntry
        stop={stop}
        disabled={!canWrite}
        onChange={(part) => {
          setStop((before) => ({ ...before, ...part }));
        }}
      />
      <p className="second">{CLOSED_STOPS[kind]}</p>
      <Button
        size="xs"
        variant="default"
        disabled={!canWrite}
        onClick={() => {
          const own = { ...stop, place: kind === 'trade' ? stop.place : null, id: crypto.randomUUID() };
          put({ closed: [...closed, own] }, `${CLOSED_NAME[kind]}: no work`);
        }}
      >
        Add
      </Button>
    </>
  );
}

/** Sunrise and sunset as they are typed: work outdoors in the dark is told. */
function Daylight({ job }: { readonly job: Job }) {
  const { canWrite, put } = useDaysEditor(job);
  const { daylight } = job.days;
  if (daylight === null)
    return (
      <button
        type="button"
        className="act"
        disabled={!canWrite}
        onClick={() => {
          put({ daylight: [7, 18] }, 'Daylight');
        }}
      >
        Type sunrise and sunset
      </button>
    );
  return (
    <div className={classes['fields']}>
      {([0, 1] as const).map((which) => (
        <HourField
          key={which}
          label={which === 0 ? 'Sunrise' : 'Sunset'}
          span={daylight}
          which={which}
          disabled={!canWrite}
          onSpan={(span, mergeKey) => {
            put({ daylight: span }, 'Daylight', mergeKey);
          }}
        />
      ))}
    </div>
  );
}

/** Times in which some of the work stops: other trades, rain, frost, a hot attic; and daylight. */
export function StopsFields({ job }: { readonly job: Job }) {
  const { canWrite, put } = useDaysEditor(job);
  const { closed } = job.days;
  return (
    <details className={classes['terms']}>
      <summary>Rain, frost, other trades, daylight</summary>
      <ul className={classes['waits']} aria-label="Times without work">
        {closed.map((each) => (
          <li key={each.id}>
            <span>{closedWords(each)}</span>
            <button
              type="button"
              className="act"
              aria-label={`Remove ${closedWords(each)}`}
              disabled={!canWrite}
              onClick={() => {
                put(
                  { closed: closed.filter(({ id }) => id !== each.id) },
                  `${CLOSED_NAME[each.kind]}: removed`,
                );
              }}
            >
              Remove
            </button>
          </li>
        ))}
      </ul>
      <AddStop job={job} />
      <Daylight job={job} />
    </details>
  );
}
