import { useState } from 'react';
import { DEMO_JOB_ID } from '../../core/job/demo/demoJobId';
import type { CopyContents } from '../../store/persistence/restoreCopy';
import type { CopyOutcome } from './copyActions';
import type { Outcome } from './OutcomeNotice';

/** What is said of a file that was opened, with the way to merge it where it is a copy. */
const opened = (
  words: string,
  { id, copyOf }: { readonly id: string; readonly copyOf?: string },
): Outcome => ({
  severity: 'ok',
  words,
  ...(copyOf !== undefined && { copy: { of: copyOf, id } }),
});

/** What became of a copy, as it is told. */
const outcomeOf = ({ ok, words, beside }: CopyOutcome): Outcome => ({
  severity: ok ? 'ok' : 'stop',
  words,
  ...(beside !== undefined && { copy: beside }),
});

/** Opens a copy of all jobs: what needs no question is restored at once, the rest is asked. */
async function openZip(
  file: File,
  told: {
    readonly onContents: (contents: CopyContents) => void;
    readonly onOutcome: (outcome: Outcome) => void;
  },
): Promise<void> {
  const { isPlain, openCopy, restoreAll } = await import('./copyActions');
  const opened = await openCopy(file);
  if (!opened.ok) told.onOutcome({ severity: 'stop', words: opened.words });
  else if (isPlain(opened.contents)) told.onOutcome(outcomeOf(await restoreAll(opened.contents, new Map())));
  else told.onContents(opened.contents);
}

/** Opens files, copies and the demo job: what became of it, and a copy that asks what is done with its jobs. */
export function useOpening(go: (id: string) => void): {
  readonly outcome: Outcome | null;
  readonly copy: CopyContents | null;
  readonly open: (file: File | undefined) => Promise<void>;
  readonly openDemo: () => Promise<void>;
  readonly setOutcome: (outcome: Outcome | null) => void;
  readonly closeCopy: (done: CopyOutcome | null) => void;
} {
  const [outcome, setOutcome] = useState<Outcome | null>(null);
  const [copy, setCopy] = useState<CopyContents | null>(null);
  return {
    outcome,
    copy,
    setOutcome,
    openDemo: async () => {
      const { resetDemoJob } = await import('./jobActions');
      const problem = await resetDemoJob();
      if (problem === undefined) go(DEMO_JOB_ID);
      else setOutcome({ severity: 'stop', words: problem });
    },
    open: async (chosen) => {
      if (chosen === undefined) return;
      if (chosen.name.endsWith('.zip')) {
        await openZip(chosen, { onContents: setCopy, onOutcome: setOutcome });
        return;
      }
      const { importJob } = await import('./jobActions');
      const done = await importJob(chosen);
      if (!done.ok) setOutcome({ severity: 'stop', words: done.words });
      else if (done.note === null) go(done.id);
      else setOutcome(opened(done.note, done));
    },
    closeCopy: (done) => {
      setCopy(null);
      if (done !== null) setOutcome(outcomeOf(done));
    },
  };
}
