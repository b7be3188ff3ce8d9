import { useEffect, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { pathKey } from '../../core/files/merger';
import { mergeJobs, type MergedJob } from '../../core/job/mergeJobs';
import { pathWords, sideWords } from '../../core/wording/mergeWords';
import { counted } from '../../core/wording/words';
import { twoCopies, type TwoCopies } from '../../store/persistence/jobStates';
import { mergeSaved } from '../../store/persistence/mergeSaved';
import { notStored, storing } from '../../store/persistence/quota';
import classes from './MergePage.module.css';

/** Two saved copies; a sentence where they cannot be read, undefined until they were. */
function useTwoCopies(mineId: string, theirsId: string): TwoCopies | string | undefined {
  const [found, setFound] = useState<TwoCopies | string>();
  useEffect(() => {
    let stale = false;
    void twoCopies(mineId, theirsId).then((copies) => {
      if (!stale) setFound(copies);
    });
    return () => {
      stale = true;
    };
  }, [mineId, theirsId]);
  return found;
}

interface SidesProps {
  readonly copies: TwoCopies;
  readonly merged: MergedJob;
  readonly takes: ReadonlySet<string>;
  readonly onTake: (key: string, theirs: boolean) => void;
}

/** What both changed, side by side: mine stays unless theirs is chosen. */
function BothChanged({ copies, merged, takes, onTake }: SidesProps) {
  const jobs = [copies.mine, copies.theirs];
  return (
    <ul className={classes['both']} aria-label="Changed by both">
      {merged.conflicts.map(({ path, mine, theirs }) => {
        const key = pathKey(path);
        const name = pathWords(path, jobs);
        return (
          <li key={key}>
            <b>{name}</b>
            {[false, true].map((isTheirs) => {
              const words = sideWords(isTheirs ? theirs : mine);
              return (
                <button
                  key={String(isTheirs)}
                  type="button"
                  aria-pressed={takes.has(key) === isTheirs}
                  aria-label={`${name}: ${isTheirs ? 'theirs' : 'mine'}, ${words}`}
                  onClick={() => {
                    onTake(key, isTheirs);
                  }}
                >
                  <span className="second">{isTheirs ? 'theirs' : 'mine'}</span> {words}
                </button>
              );
            })}
          </li>
        );
      })}
    </ul>
  );
}

const WHY = {
  'in-use': 'One of the two is open in another tab: close it there, then merge.',
  invalid: 'Together they are no job that can be kept: take the other side of a change.',
  changed: 'One of the two was edited meanwhile. Look at them again, then merge.',
  refused: 'The merge was refused. Nothing was changed.',
  gone: 'One of the two is not in this browser any more. Nothing was changed.',
  damaged: 'The job here is damaged: open it first. Nothing was changed.',
} as const;

/** Puts both in the one that is kept, as one edit; the copy goes into the bin. A sentence where that was not possible. */
async function keepMerged(copies: TwoCopies, merged: MergedJob, copyId: string): Promise<string | null> {
  const stored = await storing(() => mergeSaved(copies, merged, copyId));
  if (!stored.ok) return notStored('the merge', stored);
  return stored.value === 'saved' ? null : WHY[stored.value];
}

function Merge({ copies, copyId }: { readonly copies: TwoCopies; readonly copyId: string }) {
  const navigate = useNavigate();
  const [takes, setTakes] = useState<ReadonlySet<string>>(new Set());
  const [problem, setProblem] = useState<string | null>(null);
  const { base, mine, theirs } = copies;
  const merged = mergeJobs(base, mine, theirs, takes);
  const { taken, conflicts } = merged;
  return (
    <>
      <p>
        Only theirs: <b>{counted(taken.length, 'change')}</b>. By both:{' '}
        <b>{counted(conflicts.length, 'change')}</b>. What only you changed stays as it is.
      </p>
      {taken.length > 0 && (
        <ul className={classes['taken']} aria-label="Taken from the other copy">
          {taken.map((path) => (
            <li key={pathKey(path)}>{pathWords(path, [theirs, mine])}</li>
          ))}
        </ul>
      )}
      <BothChanged
        copies={copies}
        merged={merged}
        takes={takes}
        onTake={(key, isTheirs) => {
          const next = new Set(takes);
          if (isTheirs) next.add(key);
          else next.delete(key);
          setTakes(next);
        }}
      />
      {problem !== null && <p role="alert">{problem}</p>}
      <p className={classes['acts']}>
        <button
          type="button"
          className={classes['merge']}
          onClick={() => {
            void keepMerged(copies, merged, copyId).then((words) => {
              if (words === null) void navigate(`/jobs/${mine.id}`);
              else setProblem(words);
            });
          }}
        >
          Merge them
        </button>
        <Link to="/">Leave both as they are</Link>
      </p>
    </>
  );
}

/** Two copies of one job merged by what each changed since they parted. The merge is one edit, and can be undone. */
export function MergePage() {
  const { jobId = '', copyId = '' } = useParams();
  const copies = useTwoCopies(jobId, copyId);
  return (
    <main className={classes['page']}>
      <h1>Merge two copies{typeof copies === 'object' ? ` of ${copies.mine.name}` : ''}</h1>
      {typeof copies === 'string' && <p role="alert">{copies}</p>}
      {typeof copies === 'object' && <Merge copies={copies} copyId={copyId} />}
    </main>
  );
}
