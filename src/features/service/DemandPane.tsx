import { Button, Progress } from '@mantine/core';
import { useCallback, useRef, useState } from 'react';
import type { Job } from '../../core/job/jobSchema';
import { printNumber as n } from '../../core/units/number';
import { noRecordWords, putRightWords } from '../../core/wording/serviceWords';
import { counted } from '../../core/wording/words';
import type { NoRecord } from '../../core/demand/intervals';
import type { ReadRecord } from '../../core/demand/readRecord';
import type { Measured } from '../../core/service/houseSchema';
import { recordArrival } from '../../core/job/arrivals';
import { editNamed, late } from '../../store/editing';
import { useAppDispatch } from '../../store/store';
import { askRecorder, RECORDER_FAULTS, type RecorderFault } from '../../store/demand/recorder';
import { useDemandReader, type DemandReading } from '../../store/demand/useDemandReader';
import { useJobEditor } from '../../store/useJobEditor';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { DemandWeek } from '../../ui/pictures/DemandWeek';
import { useFilePicker } from '../../ui/files/useFilePicker';
import classes from './service.module.css';

/** What a record came to, row by row where rows could not be read. */
function ReadRecordWords({ analysis, bad, badCount }: ReadRecord) {
  return (
    <div role="status">
      <p className="second">
        {counted(analysis.intervals, 'reading')}. {putRightWords(analysis).join(' ')}
      </p>
      {badCount > 0 && (
        <details>
          <summary>{counted(badCount, 'row')} could not be read</summary>
          <ul>
            {bad.map(({ line, column, accepts }) => (
              <li key={line}>
                Row {line}, {column}: {accepts} is accepted.
              </li>
            ))}
          </ul>
        </details>
      )}
    </div>
  );
}

/** How far the reading of a record is, and what it came to. */
function ReadingState({ reading, onStop }: { readonly reading: DemandReading; readonly onStop: () => void }) {
  switch (reading.state) {
    case 'idle':
      return null;
    case 'stopped':
      return <p role="status">Stopped. Nothing was changed.</p>;
    case 'failed':
      return <p role="alert">The record could not be read. Choose the file again.</p>;
    case 'running':
      return (
        <div className={classes['progress']}>
          <Progress value={100 * (reading.progress ?? 0)} aria-label="Reading the record" />
          <Button size="xs" variant="default" onClick={onStop}>
            Stop
          </Button>
        </div>
      );
    case 'done':
      return 'problem' in reading.result ? (
        <p role="alert">{noRecordWords(reading.result)}</p>
      ) : (
        <ReadRecordWords {...reading.result} />
      );
  }
}

interface SourcesProps {
  readonly job: Job;
  readonly onFile: (file: File) => void;
  readonly onRecorder: (fault: RecorderFault) => void;
}

/** Where a record may come from. */
function Sources({ job, onFile, onRecorder }: SourcesProps) {
  const { canWrite, edit } = useJobEditor();
  const { house } = job;
  const picker = useFilePicker({
    accept: '.csv,.xml,text/csv,text/xml,application/xml',
    label: 'Demand record, CSV or XML',
    onFile,
  });
  const [fault, setFault] = useState<RecorderFault>('none');
  return (
    <div className={classes['sources']}>
      {picker.input}
      <Button variant="default" disabled={!canWrite} onClick={picker.choose}>
        Open a record, CSV or XML
      </Button>
      <ChoiceField
        bare
        label="How the simulated recorder behaves"
        value={fault}
        choices={RECORDER_FAULTS}
        onChoose={setFault}
      />
      <Button
        variant="default"
        disabled={!canWrite}
        onClick={() => {
          onRecorder(fault);
        }}
      >
        Ask the recorder (simulated)
      </Button>
      {house.measured !== null && (
        <button
          type="button"
          className="act"
          disabled={!canWrite}
          onClick={() => {
            edit({ kind: 'change', part: 'house', fields: { measured: null } }, 'Remove the record');
          }}
        >
          Remove the record
        </button>
      )}
    </div>
  );
}

/** The week of the peak, and what it counts for. */
function Recorded({ measured }: { readonly measured: Measured }) {
  return (
    <>
      <DemandWeek measured={measured} />
      <p className="second">
        220.87: the peak of {n(measured.peakA, 1)} A counts at 125 %, {n(measured.peakA * 1.25, 1)} A. What
        the job adds did not run yet and counts whole; a charger counts at 125 % of its setting where access
        to that is restricted, of its nameplate otherwise.
      </p>
    </>
  );
}

/** Asks for a record and reads it; only the last answer counts, and a newer record that came meanwhile stays. */
function useRecord({ id, house }: Pick<Job, 'id' | 'house'>) {
  const dispatch = useAppDispatch();
  const [problem, setProblem] = useState<string | null>(null);
  const asked = useRef<Measured | null>(null);
  const turn = useRef(0);
  const onDone = useCallback(
    (result: ReadRecord | NoRecord) => {
      if ('problem' in result) return;
      const label = 'Demand record';
      const arrival = recordArrival(result.analysis.measured, asked.current);
      void dispatch(editNamed(id, late(arrival, label), label));
    },
    [dispatch, id],
  );
  const { work: reading, post: read, stop } = useDemandReader(onDone);
  /** Whether an answer is still the last one that was asked for. */
  const begin = (): (() => boolean) => {
    setProblem(null);
    asked.current = house.measured;
    turn.current += 1;
    const own = turn.current;
    return () => own === turn.current;
  };
  const open = async (chosen: File): Promise<void> => {
    const isLast = begin();
    const text = await chosen.text();
    if (isLast()) read({ text, source: chosen.name });
  };
  const ask = async (fault: RecorderFault): Promise<void> => {
    const isLast = begin();
    const answer = await askRecorder(fault);
    if (!isLast()) return;
    if ('problem' in answer) setProblem(answer.problem);
    else read({ text: answer.text, source: 'Recorder of the demo house (simulated)' });
  };
  return { problem, reading, stop, open, ask };
}

/** The measured demand of the house: from a file of the utility, or from the recorder at the panel. */
export function DemandPane({ job }: { readonly job: Job }) {
  const { house } = job;
  const { problem, reading, stop, open, ask } = useRecord(job);
  const { measured } = house;
  return (
    <section aria-label="Measured demand" data-help="demand">
      <h2>
        Measured demand
        {measured !== null && (
          <span className="second">
            {n(measured.peakA, 1)} A at {measured.peakAt}, {n(measured.days, 0)} days of{' '}
            {n(measured.intervalMinutes)} minutes
          </span>
        )}
      </h2>
      {measured === null ? (
        <p className="second">
          A year of 15-minute readings from the utility, or 30 days recorded at the panel on the heavier leg,
          takes the place of the calculated load.
        </p>
      ) : (
        <Recorded measured={measured} />
      )}
      <ReadingState reading={reading} onStop={stop} />
      {problem !== null && <p role="alert">{problem}</p>}
      <Sources
        job={job}
        onFile={(chosen) => {
          void open(chosen);
        }}
        onRecorder={(fault) => {
          void ask(fault);
        }}
      />
    </section>
  );
}
