import { Button, TextInput } from '@mantine/core';
import { lazy, Suspense, useDeferredValue, useState } from 'react';
import { startTyped } from './jobActions';
import classes from './JobsPage.module.css';

const answer = () => import('./FirstAnswer');
const FirstAnswer = lazy(() => answer().then((module) => ({ default: module.FirstAnswer })));

interface FirstCircuitProps {
  readonly onMade: (jobId: string, path: string) => void;
}

/** The first circuit of a new job by typing: answered while it is typed; Enter makes the job. */
export function FirstCircuit({ onMade }: FirstCircuitProps) {
  const [text, setText] = useState('');
  const later = useDeferredValue(text);
  const [asked, setAsked] = useState(false);
  const start = async (): Promise<void> => {
    setAsked(true);
    const made = await startTyped(text);
    if (made !== undefined) onMade(made.jobId, made.path);
  };
  return (
    <section aria-label="New job">
      <form
        className={classes['first']}
        onSubmit={(event) => {
          event.preventDefault();
          void start();
        }}
      >
        <TextInput
          label="First circuit of a new job"
          placeholder="48 A charger 35 ft nm indoors"
          value={text}
          maxLength={120}
          size="md"
          autoComplete="off"
          onFocus={() => {
            // Fetched while the hand is still on its way to the first letter.
            void answer();
          }}
          onChange={(event) => {
            setText(event.currentTarget.value);
            setAsked(false);
          }}
        />
        <Button type="submit" size="md">
          Start the job
        </Button>
        <div className={classes['says']} aria-live="polite">
          {later.trim() === '' ? (
            <p className="second">
              {asked ? 'Type the appliance first: ' : ''}As &quot;hot tub 50&quot;, &quot;range 12 kW 30
              ft&quot; or &quot;mini split 19/30 62 ft pvc outdoors&quot;. Enter makes the job.
            </p>
          ) : (
            <Suspense fallback={<p className="second">Fetching the tables</p>}>
              <FirstAnswer text={later} onLine={setText} />
            </Suspense>
          )}
        </div>
      </form>
    </section>
  );
}
