import { useElementSize } from '@mantine/hooks';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { closedPlaces, closedSpan } from '../../core/days/closedTimes';
import type { JobDays } from '../../core/days/jobDays';
import type { Job } from '../../core/job/jobSchema';
import { WORK_PLACES } from '../../core/timing/daysDocument';
import { DAYS_CAUTION } from '../../core/wording/footCautions';
import {
  closedName,
  deadWords,
  finishWords,
  GATE_NAME,
  hoursWords,
  PLACE_NAME,
  stepName,
  stepShort,
} from '../../core/wording/daysWords';
import { dayWords } from '../../core/wording/momentWords';
import { useDays } from '../../store/days/useDays';
import { downloadText } from '../../ui/files/download';
import { fileName } from '../../ui/files/fileName';
import { RiverPicture } from '../../ui/pictures/days/RiverPicture';
import { useReadyJob } from '../job/JobPage';
import { StageFrame } from '../job/StageFrame';
import { calendarFile } from './calendarFile';
import { DayList } from './DayList';
import { GateWorking } from './GateWorking';
import { StepWorking } from './StepWorking';
import { StopsFields } from './StopsFields';
import { TimeFields } from './TimeFields';
import { TodayCard } from './TodayCard';
import { useDaysEditor } from './useDaysEditor';
import { columnClass } from '../../ui/shell/columnClass';
import classes from './days.module.css';

interface OfDays {
  readonly job: Job;
  readonly days: JobDays;
  readonly picked: string | null;
  readonly onPick: (id: string) => void;
}

const PHONE = '(max-width: 640px)';

function River({ job, days, picked, onPick }: OfDays) {
  const { ref, width } = useElementSize<HTMLDivElement>();
  const { canWrite, put } = useDaysEditor(job);
  const onMove = (id: string, earliest: string): void => {
    const step = days.steps.find((each) => each.id === id);
    if (step === undefined) return;
    onPick(id);
    const others = job.days.moved.filter((each) => each.id !== id);
    put({ moved: [...others, { id, earliest }] }, `${stepName(step, job)}: moved`);
  };
  const used = new Set(days.steps.map(({ place }) => place));
  return (
    <div className={classes['picture']} ref={ref} tabIndex={0} role="group" aria-label="Days, down the page">
      <RiverPicture
        steps={days.steps.map((step) => ({
          id: step.id,
          lane: step.place,
          name: stepShort(step, job),
          hours: `${hoursWords(step.placed.minutes / 60)}${step.isDone ? ', done' : ''}`,
          parts: step.placed.parts,
          people: step.placed.people,
          dead: step.dead,
          covers: step.covers,
        }))}
        gates={days.gates.map(({ id, opens, record }) => ({
          id,
          name: GATE_NAME[id],
          opens,
          isOpen: record.passed !== null,
        }))}
        lanes={WORK_PLACES.filter((place) => used.has(place)).map((id) => ({ id, name: PLACE_NAME[id] }))}
        hours={job.days.hours}
        closed={job.days.closed.map((each) => ({
          id: each.id,
          ...closedSpan(each),
          lanes: closedPlaces(each, [...used]),
          name: closedName(each),
        }))}
        dayName={dayWords}
        deadText={deadWords(job)}
        picked={picked}
        onPick={onPick}
        onMove={canWrite ? onMove : null}
        widthPx={Math.max(320, Math.floor(width))}
        label={`${days.steps.length} steps in their days`}
      />
    </div>
  );
}

const LEGEND = [
  ['lead', 'lead'],
  ['helper', 'helper'],
  ['both', 'two people'],
  ['cover', 'covers work'],
  ['shut', 'gate shut'],
  ['open', 'gate open'],
  ['closed', 'no work'],
] as const;

function Board(props: OfDays) {
  const { job, days, picked } = props;
  const navigate = useNavigate();
  const step = days.steps.find(({ id }) => id === picked);
  const gate = days.gates.find(({ id }) => id === picked);
  const waits = new Set(gate?.after);
  return (
    <>
      <TodayCard job={job} days={days} onPick={props.onPick} />
      <DayList {...props} />
      <section className={columnClass('middle', classes['middle'])} aria-label="The order of the work">
        <header>
          <h1>Days</h1>
          <span className="second">down the page, by place; no cover passes a shut gate</span>
          <button
            type="button"
            className="act"
            onClick={() => {
              void calendarFile(days, job).then((text) => {
                downloadText(text, `${fileName(`${job.name} days`, 'days')}.ics`, 'text/calendar');
              });
            }}
          >
            Calendar file
          </button>
          <button type="button" className="act" onClick={() => void navigate(`/jobs/${job.id}/days/week`)}>
            Print the week
          </button>
          <ul className={columnClass('legend', classes['legend'])} aria-label="Legend">
            {LEGEND.map(([mark, words]) => (
              <li key={mark} data-mark={mark}>
                {words}
              </li>
            ))}
          </ul>
        </header>
        <River {...props} />
      </section>
      <aside className={columnClass('side', classes['side'])} aria-label="Working">
        <TimeFields job={job} />
        <StopsFields job={job} />
        {step !== undefined && <StepWorking job={job} days={days} step={step} />}
        {gate !== undefined && (
          <GateWorking job={job} gate={gate} waitsFor={days.steps.filter(({ id }) => waits.has(id))} />
        )}
      </aside>
    </>
  );
}

/** The order of the work with its gates: what is done when, where and by whom, and why it stands there. */
export function DaysStage() {
  const { job } = useReadyJob();
  const days = useDays(job);
  const [picked, setPicked] = useState<string | null>(null);
  const empty = days !== null && days.steps.length === 0;
  const shown = picked ?? days?.gates.find(({ record }) => record.passed === null)?.id ?? null;
  const foot = (
    <>
      <span>{days === null ? '' : finishWords(days)}</span>
      <span className="second">{DAYS_CAUTION}</span>
    </>
  );
  return (
    <StageFrame current="days" board={days === null || empty ? null : ''} foot={foot}>
      {days === null ? (
        <p className={columnClass('waiting')} role="status">
          Putting the work into days
        </p>
      ) : empty ? (
        <div className={columnClass('empty')}>
          <h1>Nothing to put into days yet</h1>
          <p>
            Size a circuit and its steps stand here: permit first, inspection before cover, the panel last.
          </p>
        </div>
      ) : (
        <Board
          job={job}
          days={days}
          picked={shown}
          onPick={(id) => {
            setPicked(id);
            // On a phone what is picked stands over the list.
            if (window.matchMedia(PHONE).matches) window.scrollTo({ top: 0 });
          }}
        />
      )}
    </StageFrame>
  );
}
