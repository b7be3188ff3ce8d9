import { Button } from '@mantine/core';
import { useState } from 'react';
import type { DayGate } from '../../core/days/jobDays';
import type { Job } from '../../core/job/jobSchema';
import { GATE_NAME, GATE_WHY, gateState, momentWords } from '../../core/wording/daysWords';
import { TextField } from '../../ui/fields/TextField';
import { PhotoStrip } from '../job/PhotoStrip';
import { today } from '../../store/clock';
import { DeskPane } from './DeskPane';
import { MomentField } from './MomentField';
import { useDaysEditor } from './useDaysEditor';
import classes from './days.module.css';

interface GateWorkingProps {
  readonly job: Job;
  readonly gate: DayGate;
  /** Steps that have to stand by then, in words. */
  readonly waitsFor: readonly string[];
}

/** What became of it: passed by whom and when, or not passed, and what was wrong. */
function Outcome({ job, gate }: Pick<GateWorkingProps, 'job' | 'gate'>) {
  const { canWrite, putGate } = useDaysEditor(job);
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
  const at = record.booked ?? `${today()}T12:00`;
  return (
    <>
      <TextField label="Who passed it" value={by} maxLength={80} disabled={!canWrite} onText={setBy} />
      <Button
        disabled={!canWrite || by.trim() === ''}
        onClick={() => {
          putGate(id, { passed: { by: by.trim(), at }, failed: '' }, `${name} passed`);
        }}
      >
        It passed: open it
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
          putGate(id, { failed: what.trim(), booked: null }, `${name} not passed`);
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
        <DeskPane key={`desk ${id}`} job={job} gate={gate} />
      )}
      <Outcome key={id} job={job} gate={gate} />
      {job.days.gates.some((each) => each.id === id) && (
        <PhotoStrip photos={record.photos} jobId={job.id} of={{ gateId: id }} />
      )}
      {waitsFor.length > 0 && (
        <>
          <h2>Has to stand by then</h2>
          <ul className={classes['waits']}>
            {waitsFor.map((each) => (
              <li key={each}>{each}</li>
            ))}
          </ul>
        </>
      )}
    </>
  );
}
