import { Button, TextInput } from '@mantine/core';
import { useState } from 'react';
import type { ListedJob } from '../../store/persistence/database';
import { useFilePicker } from '../../ui/files/useFilePicker';
import { useAppDispatch } from '../../store/store';
import { tutorialAt } from '../../store/tutorialSlice';
import { createJob } from './jobActions';
import { KeepCopy } from './KeepCopy';

export { FirstCircuit } from './FirstCircuit';
import classes from './JobsPage.module.css';

function NewJob({ onMade }: { readonly onMade: (id: string) => void }) {
  const [name, setName] = useState('');
  const [error, setError] = useState<string | null>(null);
  return (
    <form
      className={classes['new']}
      onSubmit={(event) => {
        event.preventDefault();
        if (name.trim() === '') setError('Give the job a name, such as the street.');
        else void createJob(name.trim()).then(onMade);
      }}
    >
      <TextInput
        label="Empty job"
        placeholder="Name, such as the street"
        value={name}
        maxLength={80}
        error={error}
        onChange={(event) => {
          setName(event.currentTarget.value);
          setError(null);
        }}
      />
      <Button type="submit">Start</Button>
    </form>
  );
}

function FileOpener({ onFile }: { readonly onFile: (file: File | undefined) => void }) {
  const picker = useFilePicker({
    accept: '.json,.txt,.zip,application/json,text/plain,application/zip',
    label: 'Job file',
    onFile,
  });
  return (
    <div>
      <h2>From a file</h2>
      <p className="second">
        A job exported from another browser, or a copy of all jobs: choose it, or drop it on this page.
      </p>
      {picker.input}
      <Button variant="default" onClick={picker.choose}>
        Open a job file
      </Button>
    </div>
  );
}

interface DemoOpenerProps {
  readonly here: boolean;
  readonly onOpen: () => void;
}

/** A builder's schedule makes a job of its own. */
function ScheduleOpener({ onMade }: { readonly onMade: (id: string, open: 'schedule') => void }) {
  return (
    <div>
      <h2>Builder's schedule</h2>
      <p className="second">Many appliances at once, from a CSV file or pasted: they make a new job.</p>
      <Button
        variant="default"
        onClick={() => {
          void createJob('From a schedule').then((id) => {
            onMade(id, 'schedule');
          });
        }}
      >
        Read a schedule
      </Button>
    </div>
  );
}

function DemoOpener({ here, onOpen }: DemoOpenerProps) {
  const dispatch = useAppDispatch();
  return (
    <div>
      <h2>Demo job</h2>
      <p className="second">
        A made-up house with ten circuits: one stop and two questions to try. Resetting puts it back as it
        ships; undo takes that back.
      </p>
      <Button variant="default" onClick={onOpen}>
        {here ? 'Reset and open the demo job' : 'Open the demo job'}
      </Button>
      <p>
        <button
          type="button"
          className="act"
          onClick={() => {
            dispatch(tutorialAt(0));
            onOpen();
          }}
        >
          Five minutes: what Pasture does, step by step
        </button>
      </p>
    </div>
  );
}

interface ElsewhereProps {
  readonly demoHere: boolean;
  readonly jobs: readonly ListedJob[];
  readonly onMade: (id: string, open?: 'schedule') => void;
  readonly onFile: (file: File | undefined) => void;
  readonly onDemo: () => void;
}

/** The copy of all jobs, and what else a job comes from: a file, a schedule, the demo, a name alone. */
export function Elsewhere({ jobs, demoHere, onMade, onFile, onDemo }: ElsewhereProps) {
  return (
    <section className={classes['side']} aria-label="Start or open">
      <KeepCopy jobs={jobs} />
      <FileOpener onFile={onFile} />
      <ScheduleOpener onMade={onMade} />
      <DemoOpener here={demoHere} onOpen={onDemo} />
      <NewJob onMade={onMade} />
    </section>
  );
}
