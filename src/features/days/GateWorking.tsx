import { Button } from '@mantine/core';
import { useState } from 'react';
import { Link } from 'react-router';
import type { DayGate, DayStep } from '../../core/days/jobDays';
import type { Job } from '../../core/job/jobSchema';
import { openStops } from '../../core/water/walk';
import { GATE_NAME, GATE_WHY, gateState, stepName } from '../../core/wording/daysWords';
import { momentWords } from '../../core/wording/momentWords';
import { counted } from '../../core/wording/words';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { TextField } from '../../ui/fields/TextField';
import { PhotoStrip } from '../job/PhotoStrip';
import { stagePath } from '../job/stages';
import { today } from '../../store/clock';
import { evaluationOf } from '../../store/evaluation';
import { DeskPane } from './DeskPane';
import { MomentField } from './MomentField';
import { useDaysEditor } from './useDaysEditor';
import classes from './days.module.css';

interface GateWorkingProps {
  readonly job: Job;
  readonly gate: DayGate;
  /** Steps that have to stand by then. */
  readonly waitsFor: readonly DayStep[];
}

/** What a gate waits for and is not done; all of it may be signed at once. */
function NotDone({ job, open }: { readonly job: Job; readonly open: readonly DayStep[] }) {
  const { canWrite, put } = useDaysEditor(job);
  if (open.length === 0) return null;
  return (
    <p className={classes['acts']}>
      <span>It is passed once all that it waits for is done: {counted(open.length, 'step')} open.</span>
      <Button
        size="xs"
        variant="default"
        disabled={!canWrite}
        onClick={() => {
          const done = open.map(({ id: step, placed }) => ({
            id: step,
            hours: placed.minutes / 60,
            on: today(),
          }));
          put({ done: [...job.days.done, ...done] }, `${counted(open.length, 'step')} done`);
        }}
      >
        They are done, in the hours of the plan
      </Button>
    </p>
  );
}

/** Stops of the bond walks that nobody has seen and found right: whoever passes the bonding nevertheless knows it. */
function WalkOpen({ job, open }: { readonly job: Job; readonly open: number }) {
  if (open === 0) return null;
  return (
    <p>
      <b>Bond walk: {counted(open, 'stop')} not seen and right.</b>{' '}
      <Link className="act" to={`${stagePath(job.id, 'water')}/walk`}>
        Walk it
      </Link>
    </p>
  );
}

/** What became of it: passed by whom and when, or not passed, and what was wrong. */
function Outcome({ job, gate, waitsFor }: GateWorkingProps) {
  const { canWrite, putGate, passGate, refuseGate } = useDaysEditor(job);
  const [by, setBy] = useState('');
  const [what, setWhat] = useState('');
  const { id, record } = gate;
  const name = GATE_NAME[id];
  if (record.passed !== null)
    return (
      <button
        type="button"
        className="act"
        disabled={!canWrite}
        onClick={() => {
          putGate(id, { passed: null }, `${name}: not passed after all`);
        }}
      >
        Take it back
      </button>
    );
  const open = waitsFor.filter(({ isDone }) => !isDone);
  const unseen =
    id === 'bonding'
      ? evaluationOf(job).waters.reduce((sum, { report }) => sum + openStops(report).length, 0)
      : 0;
  return (
    <>
      <NotDone job={job} open={open} />
      <WalkOpen job={job} open={unseen} />
      <TextField label="Who passed it" value={by} maxLength={80} disabled={!canWrite} onText={setBy} />
      <Button
        disabled={!canWrite || by.trim() === '' || open.length > 0}
        onClick={() => {
          passGate(id, by.trim());
        }}
      >
        {unseen === 0 ? 'It passed: open it' : 'It passed, with the walk open'}
      </Button>
      <TextField
        label="What was not passed"
        value={what === '' ? record.failed : what}
        maxLength={200}
        disabled={!canWrite}
        onText={setWhat}
      />
      <Button
        variant="default"
        disabled={!canWrite || what.trim() === ''}
        onClick={() => {
          refuseGate(id, what.trim());
          setWhat('');
        }}
      >
        It did not pass
      </Button>
    </>
  );
}

/** A gate: what it is for, what has to stand by then, when it is booked, and what became of it. */
export function GateWorking({ job, gate, waitsFor }: GateWorkingProps) {
  const { canWrite, putGate } = useDaysEditor(job);
  const { id, opens, record } = gate;
  const name = GATE_NAME[id];
  return (
    <>
      <h2>{name}</h2>
      <p>{GATE_WHY[id]}</p>
      <p>
        <b>{gateState(gate)}.</b> By this plan it opens {momentWords(opens)}.
      </p>
      {(record.refused ?? []).map(({ what, at }) => (
        <p key={`${at ?? ''} ${what}`} className="second">
          Not passed {at === null ? 'before' : momentWords(at)}: {what}. Mended.
        </p>
      ))}
      {record.booked !== null && record.passed === null && opens > (record.until ?? record.booked) && (
        <p role="alert">Booked too early: what has to stand by then is done {momentWords(opens)}.</p>
      )}
      <MomentField
        label="Booked for"
        value={record.booked}
        disabled={!canWrite || record.passed !== null}
        onMoment={(booked) => {
          putGate(id, { booked }, `${name} booked`);
        }}
      />
      {record.booked !== null && (
        <MomentField
          label="Comes no later than"
          value={record.until}
          disabled={!canWrite || record.passed !== null}
          onMoment={(until) => {
            if (until === null || until >= (record.booked ?? ''))
              putGate(id, { until }, `${name}: its window`);
          }}
        />
      )}
      {record.passed === null && id !== 'call' && id !== 'utility' && (
        <DeskPane key={`desk ${id}`} job={job} gate={gate} isReady={waitsFor.every(({ isDone }) => isDone)} />
      )}
      <Outcome key={id} job={job} gate={gate} waitsFor={waitsFor} />
      {job.days.gates.some((each) => each.id === id) && (
        <PhotoStrip photos={record.photos} jobId={job.id} of={{ gateId: id }} />
      )}
      {waitsFor.length > 0 && (
        <>
          <h2>Has to stand by then</h2>
          <ul className={classes['waits']}>
            {waitsFor.map((each) => (
              <li key={each.id}>
                {each.isDone && <SeverityShape severity="ok" named />} {stepName(each, job)}
              </li>
            ))}
          </ul>
        </>
      )}
    </>
  );
}
