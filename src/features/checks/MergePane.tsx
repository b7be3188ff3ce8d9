import { useState } from 'react';
import { mergeCheck, type MergedCheck } from '../../core/checks/mergeChecks';
import type { Checks } from '../../core/checks/checksDocument';
import { checkOf } from '../../core/checks/torqueRecord';
import { readJobFile } from '../../core/job/jobFile';
import type { Job } from '../../core/job/jobSchema';
import { conflictName, conflictValue } from '../../core/wording/checkWords';
import { fileProblemWords } from '../../core/wording/fileProblems';
import { counted } from '../../core/wording/words';
import { useJobEditor } from '../../store/useJobEditor';
import { useFilePicker } from '../../ui/files/useFilePicker';
import classes from './checks.module.css';

/** Readings of another phone as they were read from its file, or why they were not. */
type Read =
  | { readonly name: string; readonly problem: string }
  | { readonly name: string; readonly theirs: Checks };

/** A thing on which both differ, in the set of what is taken from the other. */
const takeKey = (circuitId: string, key: string): string => `${circuitId} ${key}`;

function readOf(job: Job, name: string, text: string): Read {
  const read = readJobFile(text);
  if (!read.ok) return { name, problem: fileProblemWords(read.problem, name) };
  if (read.job.id !== job.id)
    return { name, problem: `${name} is of another job: ${read.job.name}. Nothing was changed.` };
  const known = new Set(job.circuits.map(({ id }) => id));
  return { name, theirs: read.job.checks.filter(({ id }) => known.has(id)) };
}

/** The readings of both, circuit by circuit. */
const mergedOf = (job: Job, theirs: Checks, taken: ReadonlySet<string>): readonly MergedCheck[] =>
  theirs.map((each) => {
    const mine = checkOf(job.checks, each.id);
    const keys = [...taken].filter((key) => key.startsWith(`${each.id} `));
    return mergeCheck(mine, each, new Set(keys.map((key) => key.slice(each.id.length + 1))));
  });

interface ConflictsProps {
  readonly job: Job;
  readonly merged: readonly MergedCheck[];
  readonly taken: ReadonlySet<string>;
  readonly onTake: (key: string, takes: boolean) => void;
}

/** What both read differently, side by side: mine stays unless the other's is chosen. */
function Conflicts({ job, merged, taken, onTake }: ConflictsProps) {
  const all = merged.flatMap(({ conflicts }) => conflicts);
  if (all.length === 0) return null;
  return (
    <ul className={classes['conflicts']} aria-label="Read differently">
      {all.map((conflict) => {
        const key = takeKey(conflict.circuitId, conflict.key);
        const name = `${job.circuits.find(({ id }) => id === conflict.circuitId)?.name ?? ''}: ${conflictName(conflict)}`;
        return (
          <li key={key}>
            <span>{name}</span>
            {[false, true].map((theirs) => (
              <button
                key={String(theirs)}
                type="button"
                aria-pressed={taken.has(key) === theirs}
                aria-label={`${name}: ${theirs ? 'theirs' : 'mine'}, ${conflictValue(theirs ? conflict.theirs : conflict.mine)}`}
                onClick={() => {
                  onTake(key, theirs);
                }}
              >
                <span className="fig">{conflictValue(theirs ? conflict.theirs : conflict.mine)}</span>{' '}
                {theirs ? 'theirs' : 'mine'}
              </button>
            ))}
          </li>
        );
      })}
    </ul>
  );
}

/** Puts the readings of both in the job, by one edit. */
function TakeThem({ merged, onTaken }: Pick<ConflictsProps, 'merged'> & { readonly onTaken: () => void }) {
  const { canWrite, edit } = useJobEditor();
  return (
    <button
      type="button"
      className="act"
      disabled={!canWrite}
      onClick={() => {
        const commands = merged.map(({ check }) => ({ kind: 'put-check' as const, id: check.id, check }));
        edit({ kind: 'batch', commands }, 'Readings of another phone');
        onTaken();
      }}
    >
      Take them
    </button>
  );
}

/** Readings of two people on two phones as one: the other's job file is read, and what both differ in is chosen. */
export function MergePane({ job }: { readonly job: Job }) {
  const { canWrite } = useJobEditor();
  const [read, setRead] = useState<Read | null>(null);
  const [taken, setTaken] = useState<ReadonlySet<string>>(new Set());
  const picker = useFilePicker({
    accept: '.json,application/json',
    label: 'Job file of the other phone',
    onFile: (file) => {
      void file.text().then((text) => {
        setTaken(new Set());
        setRead(readOf(job, file.name, text));
      });
    },
  });
  const merged = read !== null && 'theirs' in read ? mergedOf(job, read.theirs, taken) : [];
  const added = merged.reduce((sum, each) => sum + each.taken, 0);
  const differ = merged.reduce((sum, { conflicts }) => sum + conflicts.length, 0);
  return (
    <section className={classes['merge']} aria-label="Readings of another phone">
      {picker.input}
      <button type="button" className="act" disabled={!canWrite} onClick={picker.choose}>
        Merge the readings of another phone
      </button>
      {read !== null && 'problem' in read && <p role="alert">{read.problem}</p>}
      {read !== null && 'theirs' in read && (
        <>
          <p role="status">
            {read.name}: {counted(added, 'reading')} only there, {counted(differ, 'reading')} different.
          </p>
          <Conflicts
            job={job}
            merged={merged}
            taken={taken}
            onTake={(key, takes) => {
              const next = new Set(taken);
              if (takes) next.add(key);
              else next.delete(key);
              setTaken(next);
            }}
          />
          {added + taken.size > 0 && (
            <TakeThem
              merged={merged}
              onTaken={() => {
                setRead(null);
              }}
            />
          )}
        </>
      )}
    </section>
  );
}
