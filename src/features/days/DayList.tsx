import type { JobDays } from '../../core/days/jobDays';
import type { Job } from '../../core/job/jobSchema';
import {
  closedWords,
  finishWords,
  GATE_NAME,
  gateState,
  hoursWords,
  nightsWords,
  PLACE_NAME,
  stepName,
  wordState,
} from '../../core/wording/daysWords';
import { clockWords, dayWords } from '../../core/wording/momentWords';
import { counted } from '../../core/wording/words';
import { useJobEditor } from '../../store/useJobEditor';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { useDaysEditor } from './useDaysEditor';
import { stepsOn, workedDays } from './moveStep';
import { columnClass } from '../../ui/shell/columnClass';
import classes from './days.module.css';

interface DayListProps {
  readonly job: Job;
  readonly days: JobDays;
  readonly picked: string | null;
  readonly onPick: (id: string) => void;
}

/** The gates, each with how it stands. */
function Gates({ days: { gates }, picked, onPick }: DayListProps) {
  return (
    <ol className={columnClass('rows')} aria-label="Gates">
      {gates.map((gate) => (
        <li key={gate.id} data-picked={picked === gate.id || undefined}>
          <button
            type="button"
            aria-pressed={picked === gate.id}
            onClick={() => {
              onPick(gate.id);
            }}
          >
            <SeverityShape severity={gate.record.passed === null ? 'ask' : 'ok'} size={11} />
            <b>{GATE_NAME[gate.id]}</b>
            <span className="second">{gateState(gate)}</span>
          </button>
        </li>
      ))}
    </ol>
  );
}

/** What the owner or another trade was asked. */
function Questions({ job, picked, onPick }: DayListProps) {
  const { words } = job.days;
  return words.length === 0 ? null : (
    <ol className={columnClass('rows')} aria-label="Questions">
      {words.map((word) => (
        <li key={word.id} data-picked={picked === word.step || undefined}>
          <button
            type="button"
            onClick={() => {
              onPick(word.step);
            }}
          >
            <SeverityShape severity={word.answer === '' ? 'ask' : 'ok'} size={11} />
            <b>{word.question}</b>
            <span className="second">{wordState(word)}</span>
          </button>
        </li>
      ))}
    </ol>
  );
}

/** One day: its steps in the order in which they begin. */
function Day({ job, days, date, picked, onPick }: DayListProps & { readonly date: string }) {
  return (
    <section aria-label={dayWords(date)}>
      <h2>{dayWords(date)}</h2>
      {job.days.closed
        .filter((each) => each.date === date)
        .map((each) => (
          <p key={each.id} className="second">
            {closedWords(each)}
          </p>
        ))}
      <ol className={columnClass('rows')}>
        {stepsOn(days, date).map((step) => {
          const part = step.placed.parts.find(({ start }) => start.startsWith(date));
          return (
            <li
              key={step.id}
              data-picked={picked === step.id || undefined}
              data-dead={step.dead || undefined}
            >
              <button
                type="button"
                aria-pressed={picked === step.id}
                onClick={() => {
                  onPick(step.id);
                }}
              >
                <span className="fig">{part === undefined ? '' : clockWords(part.start)}</span>
                {step.isDone && <SeverityShape severity="ok" size={11} named />}
                <b>{stepName(step, job)}</b>
                <span className="second">
                  {step.marksEnded !== null && 'no marks that day; '}
                  {PLACE_NAME[step.place]}, {hoursWords(step.placed.minutes / 60)}
                  {step.dead && ', house dead'}
                </span>
              </button>
            </li>
          );
        })}
      </ol>
    </section>
  );
}

/** What the work comes to: hours of each, of a dead house, nights with an open trench. */
function Sums({ days }: Pick<DayListProps, 'days'>) {
  const { personH, deadH, openNights } = days;
  const rows: readonly (readonly [string, string])[] = [
    ['Lead', hoursWords(personH[0] ?? 0)],
    ...(personH.length > 1 ? [['Helper', hoursWords(personH[1] ?? 0)] as const] : []),
    ['House dead', hoursWords(deadH)],
    ['Trench open', nightsWords(openNights)],
  ];
  return (
    <table className={classes['sums']}>
      <tbody>
        {rows.map(([name, amount]) => (
          <tr key={name}>
            <th scope="row">{name}</th>
            <td className="fig">{amount}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** Steps that were moved by hand, each to be let go. */
function Moved({ job, days, onPick }: DayListProps) {
  const { canWrite, put } = useDaysEditor(job);
  const { moved } = job.days;
  const steps = days.steps.filter(({ id }) => moved.some((each) => each.id === id));
  return steps.length === 0 ? null : (
    <ul className={classes['waits']} aria-label="Moved by hand">
      {steps.map((step) => (
        <li key={step.id}>
          <button
            type="button"
            className="act"
            onClick={() => {
              onPick(step.id);
            }}
          >
            {stepName(step, job)}
          </button>
          <button
            type="button"
            className="act"
            aria-label={`As early as it can: ${stepName(step, job)}`}
            disabled={!canWrite}
            onClick={() => {
              put(
                { moved: moved.filter(({ id }) => id !== step.id) },
                `${stepName(step, job)}: as early as it can`,
              );
            }}
          >
            Let go
          </button>
        </li>
      ))}
    </ul>
  );
}

/** Hours of circuits that are done, for the pace of the next; what is in it already is not offered. */
function DoneHours({ job, days }: Pick<DayListProps, 'job' | 'days'>) {
  const { canWrite, edit } = useJobEditor();
  const { labor } = job.quote;
  const known = new Map(labor.taken.map(({ id, tookH }) => [id, tookH]));
  const open = days.done.filter(({ id, tookH }) => known.get(id) !== tookH);
  if (open.length === 0) return null;
  const ids = new Set(open.map(({ id }) => id));
  return (
    <p>
      {counted(open.length, 'circuit')} done, {hoursWords(open.reduce((sum, { tookH }) => sum + tookH, 0))}.{' '}
      <button
        type="button"
        className="act"
        disabled={!canWrite}
        onClick={() => {
          const taken = [...labor.taken.filter(({ id }) => !ids.has(id)), ...open];
          edit(
            { kind: 'change', part: 'quote', fields: { labor: { ...labor, taken } } },
            'Hours into the pace',
          );
        }}
      >
        Put the hours into the pace
      </button>
    </p>
  );
}

/** Gates and days as a list: everything that the picture holds, for the keyboard, the phone and reading aloud. */
export function DayList(props: DayListProps) {
  const { days } = props;
  return (
    <nav className={columnClass('list', classes['list'])} aria-label="Days">
      <p>
        <b>{finishWords(days)}</b>
      </p>
      <Gates {...props} />
      <Questions {...props} />
      {workedDays(days).map((date) => (
        <Day key={date} {...props} date={date} />
      ))}
      <Sums days={days} />
      {days.steps.some(({ id }) => props.job.days.moved.some((each) => each.id === id)) && (
        <h2>Moved by hand</h2>
      )}
      <Moved {...props} />
      <DoneHours {...props} />
    </nav>
  );
}
