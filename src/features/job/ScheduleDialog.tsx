import { Button, Textarea } from '@mantine/core';
import { useRef, useState, type DragEvent } from 'react';
import { jobFileName } from '../../core/job/jobFile';
import type { Job } from '../../core/job/jobSchema';
import { writeSchedule, writeWorksheet } from '../../core/schedule/writeSchedule';
import { counted } from '../../core/wording/words';
import { toldNow } from '../../store/answering';
import { circuitsAdded } from '../../core/job/changes';
import type { SizedSchedule } from '../../store/schedule/sizeSchedule';
import { useSchedule, type ScheduleReading } from '../../store/schedule/useSchedule';
import { useJobEditor } from '../../store/useJobEditor';
import { downloadText } from '../../ui/files/download';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { Dialog } from '../../ui/shell/Dialog';
import { useFilePicker } from '../../ui/files/useFilePicker';
import { draftOf, keepDraft, refusedPart } from './scheduleDraft';
import changes from './ChangeList.module.css';
import classes from './dialogs.module.css';

interface ScheduleDialogProps {
  readonly job: Job;
  readonly onClose: () => void;
}

const SAMPLE =
  'name,appliance,length,method,place\nDeck,hot tub 50,40,pvc40,outdoor\nKitchen,range 12 kW,35,,';

/** So many rows are drawn until all are asked for: a schedule of a thousand is there at once. */
const FIRST_ROWS = 100;

/** The rows as they were read, sized, with what is wrong in those that were not. */
function Rows({ schedule }: { readonly schedule: SizedSchedule }) {
  const [all, showAll] = useState(false);
  if ('problem' in schedule) return <p role="alert">{schedule.problem}</p>;
  const shown = all ? schedule.rows : schedule.rows.slice(0, FIRST_ROWS);
  const more = schedule.rows.length - shown.length;
  return (
    <div className={changes['scroll']} tabIndex={0} role="region" aria-label="Rows of the schedule">
      <table className={changes['changes']}>
        <thead>
          <tr>
            <th scope="col">Line</th>
            <th scope="col">Circuit</th>
            <th scope="col">Sized</th>
          </tr>
        </thead>
        <tbody>
          {schedule.bad.map(({ line, column, message }) => (
            <tr key={`${line} ${column}`}>
              <td className="fig">{line}</td>
              <td colSpan={2}>
                <SeverityShape severity="stop" named /> {column}: {message}
              </td>
            </tr>
          ))}
          {shown.map(({ line, circuit, severity, sized }) => (
            <tr key={line}>
              <td className="fig">{line}</td>
              <td>{circuit.name}</td>
              <td className="fig">
                <SeverityShape severity={severity} named /> {sized}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {more > 0 && (
        <button
          type="button"
          className="act"
          onClick={() => {
            showAll(true);
          }}
        >
          Show {counted(more, 'more row')}
        </button>
      )}
    </div>
  );
}

/** How far the reading has come, then the rows. */
function Reading({ reading, onStop }: { readonly reading: ScheduleReading; readonly onStop: () => void }) {
  switch (reading.state) {
    case 'idle':
      return null;
    case 'running':
      return (
        <p role="status">
          {reading.progress === null
            ? 'Reading the schedule. '
            : `${reading.progress.done} of ${counted(reading.progress.of, 'row')} sized. `}
          <button type="button" className="act" onClick={onStop}>
            Stop
          </button>
        </p>
      );
    case 'stopped':
      return <p role="status">Stopped. Change the text to read it again.</p>;
    case 'failed':
      return <p role="alert">The schedule could not be read. Close this and try again.</p>;
    case 'done':
      return <Rows schedule={reading.result} />;
  }
}

/** Where the text comes from and goes to: a file chosen, the circuits of the job as a file. */
function Files({ job, onFile }: { readonly job: Job; readonly onFile: (file: File | undefined) => void }) {
  const picker = useFilePicker({
    accept: '.csv,.json,text/csv,application/json',
    label: 'File of a schedule',
    onFile,
  });
  return (
    <div className={classes['acts']}>
      <Button variant="default" onClick={picker.choose}>
        Choose a file
      </Button>
      {picker.input}
      <Button
        variant="default"
        disabled={job.circuits.length === 0}
        onClick={() => {
          downloadText(writeSchedule(job.circuits), jobFileName(job, 'csv'), 'text/csv');
        }}
      >
        Export the circuits as CSV
      </Button>
      <Button
        variant="default"
        disabled={job.circuits.length === 0}
        onClick={() => {
          const text = writeWorksheet(job.circuits, job.edition);
          downloadText(text, jobFileName(job, 'worksheet.json'), 'application/json');
        }}
      >
        As a worksheet
      </Button>
    </div>
  );
}

/** What lets a file be dropped on an element. */
const dropOf = (onFile: (file: File | undefined) => void) => ({
  onDragOver: (event: DragEvent) => {
    event.preventDefault();
  },
  onDrop: (event: DragEvent) => {
    event.preventDefault();
    onFile(event.dataTransfer.files[0]);
  },
});

/** Many appliances at once: a builder's schedule pasted, dropped or chosen, every row sized or told what is wrong. */
export function ScheduleDialog({ job, onClose }: ScheduleDialogProps) {
  const { edit, canWrite } = useJobEditor();
  const [text, setDraft] = useState(() => draftOf(job.id));
  const setText = (next: string): void => {
    keepDraft(job.id, next);
    setDraft(next);
  };
  const field = useRef<HTMLTextAreaElement>(null);
  const { reading, current, stop } = useSchedule(text, job);
  const rows = reading.state === 'done' && 'rows' in reading.result ? reading.result.rows : [];
  const bad = reading.state === 'done' && 'bad' in reading.result ? reading.result.bad : [];
  const take = (file: File | undefined): void => {
    if (file !== undefined) void file.text().then(setText);
  };
  const add = (): void => {
    const circuits = rows.map(({ circuit }) => circuit);
    const label = `Add ${counted(rows.length, 'circuit')}`;
    const answering = { by: { ...toldNow(), file: 'schedule' } };
    if (edit(circuitsAdded(circuits, job.circuits.length), label, undefined, answering) !== undefined) return;
    const rest = refusedPart(
      text,
      bad.map(({ line }) => line),
    );
    setText(rest);
    if (rest === '') onClose();
    else field.current?.focus();
  };
  return (
    <Dialog wide opened onClose={onClose} title="A schedule of appliances">
      <div className={classes['form']} {...dropOf(take)}>
        <Textarea
          ref={field}
          className={classes['wide'] ?? ''}
          label="Paste it here, or drop a file"
          description="A column appliance, written as it is typed, with name, length, method and place; or family and nameplate. columns; or a worksheet."
          placeholder={SAMPLE}
          value={text}
          rows={7}
          disabled={!canWrite}
          onChange={(event) => {
            setText(event.currentTarget.value);
          }}
        />
        <Files job={job} onFile={take} />
        <div className={classes['wide']}>
          <Reading reading={reading} onStop={stop} />
        </div>
        <div className={classes['acts']}>
          <Button disabled={!canWrite || rows.length === 0 || !current} onClick={add}>
            Add {counted(rows.length, 'circuit')}
          </Button>
          <Button variant="default" onClick={onClose}>
            Cancel
          </Button>
        </div>
      </div>
    </Dialog>
  );
}
