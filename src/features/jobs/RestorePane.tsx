import { Button } from '@mantine/core';
import { useState } from 'react';
import { RESTORE_NAME, standingWords } from '../../core/wording/copyWords';
import { counted } from '../../core/wording/words';
import {
  usualChoice,
  type CopiedJob,
  type CopyContents,
  type RestoreChoice,
} from '../../store/persistence/restoreCopy';
import { restoreAll, type CopyOutcome } from './copyActions';
import classes from './RestorePane.module.css';

/** What may be done with a job of a copy. */
function choicesOf({ standing: { kind } }: CopiedJob): readonly RestoreChoice[] {
  if (kind === 'same') return [];
  return kind === 'new' ? ['take', 'leave'] : ['take', 'beside', 'leave'];
}

const choiceName = (choice: RestoreChoice, { standing }: CopiedJob): string =>
  choice === 'leave' && standing.kind === 'new' ? 'Leave it out' : RESTORE_NAME[choice];

interface RowProps {
  readonly job: CopiedJob;
  readonly chosen: RestoreChoice;
  readonly onChoose: (choice: RestoreChoice) => void;
}

/** A job of the copy: how it stands to the one here, and what is done with it. */
function Row({ job, chosen, onChoose }: RowProps) {
  const { name } = job.read.job;
  return (
    <li>
      <b>{name}</b>
      <span>{standingWords(job.standing)}</span>
      <span role="group" aria-label={`What is done with ${name}`}>
        {choicesOf(job).map((choice) => (
          <button
            key={choice}
            type="button"
            aria-pressed={choice === chosen}
            onClick={() => {
              onChoose(choice);
            }}
          >
            {choiceName(choice, job)}
          </button>
        ))}
      </span>
    </li>
  );
}

interface RestorePaneProps {
  readonly contents: CopyContents;
  readonly onDone: (outcome: CopyOutcome | null) => void;
}

/** A copy of all jobs against what is here: what is new, what is newer on which side, and what is done with each. */
export function RestorePane({ contents, onDone }: RestorePaneProps) {
  const [choices, setChoices] = useState<ReadonlyMap<string, RestoreChoice>>(new Map());
  const [isBusy, setBusy] = useState(false);
  const { jobs, refused } = contents;
  return (
    <section className={classes['pane']} aria-label="Copy of all jobs">
      <h2>Copy of {counted(jobs.length, 'job')}</h2>
      <p className="second">
        Nothing is changed until you restore. What is taken in place of a job here is one edit: undo takes it
        back.
      </p>
      <ul>
        {jobs.map((job) => (
          <Row
            key={job.file}
            job={job}
            chosen={choices.get(job.file) ?? usualChoice(job.standing)}
            onChoose={(choice) => {
              setChoices(new Map([...choices, [job.file, choice]]));
            }}
          />
        ))}
      </ul>
      {refused.length > 0 && <p>{counted(refused.length, 'file')} in it cannot be read.</p>}
      <p className={classes['acts']}>
        <Button
          disabled={isBusy}
          onClick={() => {
            setBusy(true);
            void restoreAll(contents, choices).then(onDone);
          }}
        >
          Restore
        </Button>
        <Button
          variant="default"
          onClick={() => {
            onDone(null);
          }}
        >
          Leave all as it is
        </Button>
      </p>
    </section>
  );
}
