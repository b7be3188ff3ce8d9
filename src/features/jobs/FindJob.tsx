import { lazy, Suspense, useEffect, useState } from 'react';
import type { ListedJob } from '../../store/persistence/database';
import classes from './JobsPage.module.css';

const JobsPalette = lazy(() => import('./JobsPalette').then((module) => ({ default: module.JobsPalette })));

/** Ctrl K anywhere, and / while nothing is typed. */
function asksToFind({ ctrlKey, metaKey, key, target }: KeyboardEvent): boolean {
  if (ctrlKey || metaKey) return key.toLowerCase() === 'k';
  const typing = target instanceof HTMLElement && target.closest('input, textarea, select') !== null;
  return key === '/' && !typing;
}

interface FindJobProps {
  readonly jobs: readonly ListedJob[];
  readonly onJob: (id: string) => void;
  readonly onDemo: () => void;
}

/** Finds a job, or what can be done on the list, by a part of its name. */
export function FindJob(props: FindJobProps) {
  const [open, setOpen] = useState(false);
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (!asksToFind(event)) return;
      event.preventDefault();
      setOpen(true);
    };
    window.addEventListener('keydown', onKey);
    return () => {
      window.removeEventListener('keydown', onKey);
    };
  }, []);
  return (
    <>
      <button
        type="button"
        className={classes['theme']}
        onClick={() => {
          setOpen(true);
        }}
      >
        Find <kbd className="fig">Ctrl K</kbd>
      </button>
      {open && (
        <Suspense>
          <JobsPalette
            {...props}
            onClose={() => {
              setOpen(false);
            }}
          />
        </Suspense>
      )}
    </>
  );
}
