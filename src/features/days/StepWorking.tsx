import { Button } from '@mantine/core';
import type { DayStep, JobDays } from '../../core/days/jobDays';
import type { Job } from '../../core/job/jobSchema';
import {
  becauseWords,
  darkWords,
  deadWords,
  GATE_NAME,
  hoursWords,
  marksWords,
  postWords,
  PLACE_NAME,
  stepName,
  whenWords,
} from '../../core/wording/daysWords';
import { momentWords } from '../../core/wording/momentWords';
import { findingSentence } from '../../core/wording/findings';
import { parseNumber, printNumber as n } from '../../core/units/number';
import { evaluationOf } from '../../store/evaluation';
import { QuantityField } from '../../ui/fields/QuantityField';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { today } from '../../store/clock';
import { AskPane } from './AskPane';
import { Needs } from './Needs';
import { isHeld, MOVE_MIN, movedBy } from './moveStep';
import { useDaysEditor } from './useDaysEditor';
import classes from './days.module.css';

interface StepWorkingProps {
  readonly job: Job;
  readonly days: JobDays;
  readonly step: DayStep;
}

const HOURS = { min: 0.1, max: 2000, units: ['h'], shown: 'hours' } as const;

/** A step moved by half an hour, or left to be as early as it can. */
function Moves({ job, days, step }: StepWorkingProps) {
  const { canWrite, put } = useDaysEditor(job);
  const { moved: all } = job.days;
  const name = stepName(step, job);
  const move = (minutes: number): void => {
    put({ moved: movedBy(step, minutes, job.days, days.from) }, `${name}: moved`);
  };
  const moved = all.some(({ id }) => id === step.id);
  return (
    <div className={classes['acts']}>
      <Button
        size="xs"
        variant="default"
        disabled={!canWrite}
        onClick={() => {
          move(MOVE_MIN);
        }}
      >
        30 min later
      </Button>
      <Button
        size="xs"
        variant="default"
        disabled={!canWrite || !moved || isHeld(step)}
        onClick={() => {
          move(-MOVE_MIN);
        }}
      >
        30 min earlier
      </Button>
      {moved && (
        <button
          type="button"
          className="act"
          disabled={!canWrite}
          onClick={() => {
            put({ moved: all.filter(({ id }) => id !== step.id) }, `${name}: as early as it can`);
          }}
        >
          As early as it can
        </button>
      )}
    </div>
  );
}

/** Why a step begins when it does; moved to where it cannot stand, that it does not, and what holds it. */
function NotThen({ job, days, step }: StepWorkingProps) {
  const wanted = job.days.moved.find(({ id }) => id === step.id)?.earliest;
  const begins = step.placed.parts[0]?.start ?? '';
  const reason = becauseWords(step, days, job);
  if (wanted === undefined || wanted >= begins || !isHeld(step)) return <p>{reason}</p>;
  return (
    <p role="alert" className={classes['stop']}>
      <SeverityShape severity="stop" size={11} />
      <span>
        <b>Not on {momentWords(wanted)}.</b> {reason}
      </span>
    </p>
  );
}

/** The hours that a step took, once it is done; what covers work is not done before its gate. */
function Done({ job, days, step }: StepWorkingProps) {
  const { canWrite, put } = useDaysEditor(job);
  const { done } = job.days;
  const own = done.find(({ id }) => id === step.id);
  const gate = days.gates.find(({ id }) => id === step.gate);
  const early = evaluationOf(job).days.find(
    ({ subject }) => subject.kind === 'day' && subject.stepId === step.id,
  );
  const isShut = step.covers && gate !== undefined && gate.record.passed === null;
  return (
    <>
      {early !== undefined && (
        <p className={classes['stop']}>
          <SeverityShape severity="stop" size={11} />
          <span>{findingSentence(early)}</span>
        </p>
      )}
      {isShut && early === undefined && (
        <p className={classes['stop']}>
          <SeverityShape severity="stop" size={11} />
          <span>It covers work. {GATE_NAME[gate.id]}: not passed yet. Do not cover.</span>
        </p>
      )}
      <QuantityField<number | null>
        label="Done, hours that it took"
        value={own?.hours ?? null}
        disabled={!canWrite || (isShut && own === undefined)}
        inputMode="decimal"
        print={(hours) => (hours === null ? '' : n(hours, 2))}
        parse={(text) => (text.trim() === '' ? null : parseNumber(text, HOURS))}
        onValue={(hours, mergeKey) => {
          const others = done.filter(({ id }) => id !== step.id);
          const next = hours === null ? others : [...others, { id: step.id, hours, on: today() }];
          put({ done: next }, `Done: ${stepName(step, job)}`, mergeKey);
        }}
      />
    </>
  );
}

/** The chain of what a step begins right after, back to where the work begins. */
function chainOf(step: DayStep, { steps }: JobDays): readonly DayStep[] {
  const chain: DayStep[] = [];
  let at: DayStep | undefined = step;
  while (at !== undefined && !chain.includes(at)) {
    chain.unshift(at);
    const { because }: DayStep = at;
    at =
      because !== null && (because.kind === 'step' || because.kind === 'resource')
        ? steps.find(({ id }) => id === because.id)
        : undefined;
  }
  return chain;
}

/** A step: when, where, by whom, why it stands there, and how it is moved. */
export function StepWorking({ job, days, step }: StepWorkingProps) {
  const { low, high } = step.hours;
  const post = postWords(step, job);
  return (
    <>
      <h2>{stepName(step, job)}</h2>
      <p>
        {whenWords(step)}. {PLACE_NAME[step.place]}, {step.placed.people.length > 1 ? 'both' : 'one person'}.
      </p>
      {step.dead && (
        <p className={classes['dead']}>
          <b>House dead.</b> {deadWords(job)} Off, locked, tagged; live, dead, live.
        </p>
      )}
      <NotThen job={job} days={days} step={step} />
      {post !== null && <p>{post}</p>}
      {step.dark && job.days.daylight !== null && (
        <p className={classes['stop']}>
          <SeverityShape severity="check" size={11} />
          <span>{darkWords(job.days.daylight)}</span>
        </p>
      )}
      {step.marksEnded !== null && (
        <p className={classes['stop']}>
          <SeverityShape severity="stop" size={11} />
          <span>{marksWords(step.marksEnded)}</span>
        </p>
      )}
      <Moves job={job} days={days} step={step} />
      <h2>
        Hours{' '}
        <span className="fig">
          {n(low, 1)} to {hoursWords(Math.round(high * 10) / 10)}
        </span>
      </h2>
      <Done key={step.id} job={job} days={days} step={step} />
      <AskPane key={`ask ${step.id}`} job={job} step={step} />
      <Needs job={job} step={step} />
      <h2>Why it stands there</h2>
      <ol className={classes['chain']}>
        {chainOf(step, days).map((each) => (
          <li key={each.id} data-picked={each.id === step.id || undefined}>
            <span>{stepName(each, job)}</span>
            <span className="fig">{whenWords(each).split(' to ')[0]}</span>
          </li>
        ))}
      </ol>
    </>
  );
}
