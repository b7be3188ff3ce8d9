import { Button } from '@mantine/core';
import { useNavigate } from 'react-router';
import type { DayStep, JobDays } from '../../core/days/jobDays';
import type { Job } from '../../core/job/jobSchema';
import { DAYS_CAUTION } from '../../core/wording/footCautions';
import {
  closedWords,
  deadWords,
  finishWords,
  GATE_NAME,
  gateState,
  hoursWords,
  PLACE_NAME,
  postWords,
  stepName,
  wordState,
} from '../../core/wording/daysWords';
import { clockWords, dayWords } from '../../core/wording/momentWords';
import { SITE_TOOLS } from '../../core/wording/vanWords';
import { useDays } from '../../store/days/useDays';
import { PrintButton } from '../../ui/shell/PrintButton';
import { useReadyJob } from '../job/JobPage';
import { stepsOn, workedDays } from './moveStep';
import classes from './week.module.css';

interface DayProps {
  readonly job: Job;
  readonly days: JobDays;
  readonly date: string;
}

const WHO = ['', 'lead', 'helper'] as const;

const whoWords = ({ placed: { people } }: DayStep): string =>
  people.length > 1 ? 'both' : (WHO[people[0] ?? 0] ?? '');

/** A day on paper: what is done from when to when, where, by whom; what stops; what goes on the van. */
function Day({ job, days, date }: DayProps) {
  const steps = stepsOn(days, date);
  const tools = [...new Set(steps.flatMap(({ kind }) => SITE_TOOLS[kind]))];
  const closed = job.days.closed.filter((each) => each.date === date);
  const gates = days.gates.filter(({ opens, record }) => record.passed === null && opens.startsWith(date));
  return (
    <section>
      <h2>{dayWords(date)}</h2>
      {[
        ...gates.map(({ id, ...gate }) => `${GATE_NAME[id]}: ${gateState({ id, ...gate })}`),
        ...closed.map(closedWords),
      ].map((line) => (
        <p key={line}>
          <b>{line}</b>
        </p>
      ))}
      <table>
        <tbody>
          {steps.map((step) => {
            const part = step.placed.parts.find(({ start }) => start.startsWith(date));
            return (
              <tr key={step.id}>
                <td className="fig">
                  {part === undefined ? '' : `${clockWords(part.start)} to ${clockWords(part.end)}`}
                </td>
                <td>
                  <b>{stepName(step, job)}</b>
                  {step.dead && ` House dead. ${deadWords(job)}`} {postWords(step, job)}
                </td>
                <td>{PLACE_NAME[step.place]}</td>
                <td>{whoWords(step)}</td>
                <td className="fig">{hoursWords(step.placed.minutes / 60)}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <p>On the van: {tools.join('; ')}.</p>
    </section>
  );
}

/** The days of a job on pages to print: gates, steps by day, what is asked, cautions. */
export function WeekPage() {
  const { job } = useReadyJob();
  const days = useDays(job);
  const navigate = useNavigate();
  return (
    <main className={classes['week']}>
      <div className={classes['tools']}>
        <PrintButton />
        <Button variant="default" onClick={() => void navigate(`/jobs/${job.id}/days`)}>
          Back to the days
        </Button>
      </div>
      <h1>{job.name}: days</h1>
      {days === null ? (
        <p role="status">Putting the work into days</p>
      ) : (
        <>
          <p>{finishWords(days)}</p>
          {days.gates.map((gate) => (
            <p key={gate.id}>
              <b>{GATE_NAME[gate.id]}:</b> {gateState(gate)}
            </p>
          ))}
          {job.days.words.map((word) => (
            <p key={word.id}>
              <b>{word.question}</b> {wordState(word)}
            </p>
          ))}
          {workedDays(days).map((date) => (
            <Day key={date} job={job} days={days} date={date} />
          ))}
          <p>{DAYS_CAUTION}</p>
        </>
      )}
    </main>
  );
}
