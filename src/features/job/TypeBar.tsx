import { draftIds } from '../../core/typing/line/draftIds';
import { Autocomplete, Button } from '@mantine/core';
import { useState } from 'react';
import type { Job } from '../../core/job/jobSchema';
import { completions, readTyped } from '../../core/typing/readTyped';
import { circuitLine } from '../../core/wording/ladder';
import { lineAnswering } from '../../core/typing/line/lineSources';
import { circuitsAdded } from '../../core/job/changes';
import { draftOf } from '../../store/sizes';
import { useJobEditor } from '../../store/useJobEditor';
import { LineRead } from './LineRead';
import { toldNow } from '../../store/answering';
import { typedCircuit } from './typedCircuit';
import classes from './TypeBar.module.css';

interface TypeBarProps {
  readonly job: Job;
  readonly onAdded?: (id: string) => void;
}

/** What was understood of the line, with the circuit that it would be. */
function Understood({
  job,
  text,
  onLine,
}: {
  readonly job: Job;
  readonly text: string;
  readonly onLine: (line: string) => void;
}) {
  if (text.trim() === '')
    return (
      <span className="second">
        As &quot;range 12 kW&quot; or &quot;mini split 19/30 62 ft pvc outdoors&quot;.
      </span>
    );
  const typed = readTyped(text);
  if ('problem' in typed) return <span className={classes['problem']}>{typed.problem}</span>;
  const draft = draftOf(job, typedCircuit(typed, job, draftIds()));
  if (draft === undefined) return null;
  const { circuit, solved } = draft;
  return (
    <span>
      {typed.understood}: <b className="fig">{circuitLine(solved, circuit)}</b>
      <LineRead job={job} typed={typed} onLine={onLine} />
    </span>
  );
}

/** A circuit by typing: the line is completed, and says what it understood before it is taken. */
export function TypeBar({ job, onAdded }: TypeBarProps) {
  const { canWrite, edit } = useJobEditor();
  const [text, setText] = useState('');
  const typed = readTyped(text);
  const offered = completions(text);
  const ready = !('problem' in typed);
  const add = (): void => {
    if ('problem' in typed) return;
    const circuit = typedCircuit(typed, job, () => crypto.randomUUID());
    const refusal = edit(
      circuitsAdded([circuit], job.circuits.length),
      `Add ${circuit.name}`,
      undefined,
      lineAnswering(typed.reading, circuit, toldNow()),
    );
    if (refusal !== undefined) return;
    setText('');
    onAdded?.(circuit.id);
  };
  return (
    <form
      className={classes['bar']}
      onSubmit={(event) => {
        event.preventDefault();
        add();
      }}
    >
      <Autocomplete
        label="Add a circuit by typing"
        placeholder="hot tub 50"
        value={text}
        onChange={setText}
        data={[...offered]}
        {...(offered.length === 0 && { dropdownOpened: false })}
        filter={({ options }) => options}
        disabled={!canWrite}
        maxLength={120}
        comboboxProps={{ withinPortal: false }}
      />
      <Button type="submit" disabled={!ready || !canWrite}>
        Add
      </Button>
      <p className={classes['says']} aria-live="polite">
        <Understood job={job} text={text} onLine={setText} />
      </p>
    </form>
  );
}
