import { Button, TextInput } from '@mantine/core';
import { useRef, useState } from 'react';
import { createJob } from './jobActions';
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
  const input = useRef<HTMLInputElement>(null);
  return (
    <div>
      <h2>From a file</h2>
      <p className="second">A job exported from another browser: choose it, or drop it on this page.</p>
      <input
        ref={input}
        type="file"
        accept=".json,.txt,application/json,text/plain"
        className="visually-hidden"
        aria-label="Job file"
        tabIndex={-1}
        onChange={(event) => {
          onFile(event.currentTarget.files?.[0]);
          event.currentTarget.value = '';
        }}
      />
      <Button variant="default" onClick={() => input.current?.click()}>
        Open a job file
      </Button>
    </div>
  );
}

interface DemoOpenerProps {
  readonly here: boolean;
  readonly onOpen: () => void;
}

function DemoOpener({ here, onOpen }: DemoOpenerProps) {
  return (
    <div>
      <h2>Demo job</h2>
      <p className="second">
        A service that is too small, a full panel, and circuits with stops and questions to try. Resetting
        puts it back as it ships; undo takes that back.
      </p>
      <Button variant="default" onClick={onOpen}>
        {here ? 'Reset and open the demo job' : 'Open the demo job'}
      </Button>
    </div>
  );
}

interface ElsewhereProps {
  readonly demoHere: boolean;
  readonly onMade: (id: string) => void;
  readonly onFile: (file: File | undefined) => void;
  readonly onDemo: () => void;
}

/** What else a job comes from: a name alone, a file, the demo. */
export function Elsewhere({ demoHere, onMade, onFile, onDemo }: ElsewhereProps) {
  return (
    <section className={classes['side']} aria-label="Start or open">
      <FileOpener onFile={onFile} />
      <DemoOpener here={demoHere} onOpen={onDemo} />
      <NewJob onMade={onMade} />
    </section>
  );
}
