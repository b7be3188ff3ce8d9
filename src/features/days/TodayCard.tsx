import { Button } from '@mantine/core';
import { byBeginning } from '../../core/days/byBeginning';
import type { DayStep, JobDays } from '../../core/days/jobDays';
import type { Job } from '../../core/job/jobSchema';
import { GATE_NAME, hoursWords, PLACE_NAME, stepName, whenWords } from '../../core/wording/daysWords';
import { LEFT_SO } from '../../core/wording/vanWords';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { today } from '../../store/clock';
import { MOVE_MIN, movedBy } from './moveStep';
import { useDaysEditor } from './useDaysEditor';
import classes from './days.module.css';

interface TodayCardProps {
  readonly job: Job;
  readonly days: JobDays;
  readonly onPick: (id: string) => void;
}

/** The step to be worked on now: the first that is not done, in the order in which they begin. */
const stepNow = ({ steps }: JobDays): DayStep | undefined =>
  steps.filter(({ isDone }) => !isDone).toSorted(byBeginning)[0];

/** The one thing to do now, for a phone on site: its two buttons, and how the place is left. */
export function TodayCard({ job, days, onPick }: TodayCardProps) {
  const { canWrite, put } = useDaysEditor(job);
  const step = stepNow(days);
  if (step === undefined) return null;
  const { done } = job.days;
  const name = stepName(step, job);
  const gate = days.gates.find(({ id }) => id === step.gate);
  const isShut = gate !== undefined && gate.record.passed === null && step.covers;
  const hours = step.placed.minutes / 60;
  return (
    <section className={classes['today']} aria-label="Now">
      <p className="second">Now, {whenWords(step)}</p>
      <h2>
        <button
          type="button"
          onClick={() => {
            onPick(step.id);
          }}
        >
          {name}
        </button>
      </h2>
      <p>
        {PLACE_NAME[step.place]}, {hoursWords(hours)}
        {step.dead && ', house dead'}
      </p>
      {isShut && (
        <p className={classes['stop']}>
          <SeverityShape severity="stop" size={11} />
          <span>{GATE_NAME[gate.id]}: not passed yet. Do not cover.</span>
        </p>
      )}
      <div className={classes['acts']}>
        <Button
          disabled={!canWrite || isShut}
          onClick={() => {
            put({ done: [...done, { id: step.id, hours, on: today() }] }, `Done: ${name}`);
          }}
        >
          Done, {hoursWords(hours)}
        </Button>
        <Button
          variant="default"
          disabled={!canWrite}
          onClick={() => {
            put({ moved: movedBy(step, MOVE_MIN, job.days, days.from) }, `${name}: moved`);
          }}
        >
          30 min later
        </Button>
      </div>
      <p className="second">
        <b>Leave it so:</b> {LEFT_SO[step.kind]}
      </p>
    </section>
  );
}
