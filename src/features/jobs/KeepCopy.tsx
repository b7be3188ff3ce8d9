import { Button } from '@mantine/core';
import { useEffect, useMemo, useState } from 'react';
import { DEMO_JOB_ID } from '../../core/job/demo/demoJobId';
import { counted } from '../../core/wording/words';
import {
  canWriteFolder,
  chooseFolder,
  folderName,
  writeIntoFolder,
} from '../../store/persistence/copyFolder';
import { lastCopy, rememberCopy } from '../../store/persistence/copyMemory';
import {
  copiedNow,
  copyState,
  DUE_DAYS,
  type CopyState,
  type LastCopy,
} from '../../store/persistence/lastCopy';
import type { ListedJob } from '../../store/persistence/database';
import { savedJobs } from '../../store/persistence/jobStorage';
import { useSweep } from '../../store/persistence/useSweep';
import { useStorageRoom, type StorageRoom } from '../../store/persistence/storageRoom';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import classes from './KeepCopy.module.css';
import { today } from '../../store/clock';

const copyName = (): string => `pasture-${today()}.zip`;

/** A copy that was made, how large it is and what it holds; a sentence where it was not. */
type SavedCopy = { readonly bytes: number; readonly copied: LastCopy } | { readonly problem: string };

const WHY_NOT: Readonly<Record<string, string>> = {
  'too-large': 'All jobs together are more than one copy holds, 1 GB: export them one by one.',
  damaged:
    'The copy could not be read back, so it was not saved. Export the jobs one by one, and tell of it.',
};

/** Every job as the bytes of one file that was read back, handed to the browser or written into the folder of copies. */
async function saveCopy(to: 'browser' | 'folder'): Promise<SavedCopy> {
  const [{ copyOfAll }, { downloadBytes }] = await Promise.all([
    import('../../store/persistence/copyFile'),
    import('../../ui/files/download'),
  ]);
  const jobs = await savedJobs();
  const copied = copiedNow(jobs);
  try {
    const bytes = await copyOfAll(jobs);
    if (to === 'browser') downloadBytes(bytes, copyName(), 'application/zip');
    else if (!(await writeIntoFolder(copyName(), bytes)))
      return { problem: 'The folder could not be written to: choose it again, or save to one file.' };
    return { bytes: bytes.length, copied };
  } catch (reason) {
    const why = reason instanceof Error ? WHY_NOT[reason.message] : undefined;
    return { problem: why ?? 'The copy could not be made. Nothing was changed; try again.' };
  }
}

/** Days on a line: the copy at its left, when the next one is due, and today. */
function DaysLine({ days, due }: { readonly days: number; readonly due: boolean }) {
  const span = Math.max(2 * DUE_DAYS, days);
  const at = (day: number): string => `${(day / span) * 100}%`;
  return (
    <div className={classes['days']} aria-hidden="true">
      <div className={classes['fresh']} style={{ width: at(Math.min(days, DUE_DAYS)) }} />
      <span style={{ left: 0 }}>copied</span>
      {Math.abs(days - DUE_DAYS) > 2 && <span style={{ left: at(DUE_DAYS) }}>{DUE_DAYS} days</span>}
      {days > 2 && (
        <b style={{ left: at(days) }} data-due={due || undefined}>
          {counted(days, 'day')}
        </b>
      )}
    </div>
  );
}

function standing({ days, edits, jobs }: CopyState): string {
  if (edits === 0) return days === null ? 'Nothing to copy yet.' : 'The copy has everything.';
  const lacks = `${counted(edits, 'edit')} in ${counted(jobs, 'job')}`;
  return days === null
    ? `Jobs live in this browser only. No copy yet of ${lacks}.`
    : `Jobs live in this browser only. ${lacks} since the last copy.`;
}

const MEGABYTE = 1_000_000;
const megabytes = (bytes: number): string =>
  `${(bytes / MEGABYTE).toFixed(bytes < 10 * MEGABYTE ? 1 : 0)} MB`;

/** How much is kept, and whether the browser may clear it by itself. */
const roomWords = ({ usedBytes, roomBytes, lasting }: StorageRoom): string =>
  `${megabytes(usedBytes)} kept of ${megabytes(roomBytes)}. ${
    lasting ? 'The browser keeps it.' : 'The browser may clear it when it runs short: keep a copy.'
  }`;

/** The copy by one click into a folder that was chosen once. */
function FolderCopy({ disabled, onSave }: { readonly disabled: boolean; readonly onSave: () => void }) {
  const [name, setName] = useState<string>();
  useEffect(() => {
    void folderName().then(setName);
  }, []);
  const choose = (): void => {
    void chooseFolder().then((chosen) => {
      if (chosen !== undefined) setName(chosen);
    });
  };
  return (
    <p className={classes['folder']}>
      {name !== undefined && (
        <button type="button" className="act" disabled={disabled} onClick={onSave}>
          Copy to the folder {name}
        </button>
      )}
      <button type="button" className="act" onClick={choose}>
        {name === undefined ? 'Choose a folder for copies' : 'Another folder'}
      </button>
    </p>
  );
}

/** How things stand with the copy of all jobs, and the making of one. */
export function KeepCopy({ jobs }: { readonly jobs: readonly ListedJob[] }) {
  const [last, setLast] = useState(lastCopy);
  const [said, setSaid] = useState('');
  const swept = useSweep();
  const room = useStorageRoom(`${jobs.length > 0} ${swept?.photos ?? 0}`);
  const state = useMemo(() => copyState(jobs, last, DEMO_JOB_ID), [jobs, last]);
  const save = async (to: 'browser' | 'folder'): Promise<void> => {
    const saved = await saveCopy(to);
    if ('problem' in saved) {
      setSaid(saved.problem);
      return;
    }
    rememberCopy(saved.copied);
    setLast(saved.copied);
    const count = Object.keys(saved.copied.cursors).length;
    setSaid(
      `${counted(count, 'job')} saved and read back, ${Math.max(1, Math.round(saved.bytes / 1000))} KB.`,
    );
  };
  return (
    <div>
      <h2 className={classes['head']}>Keep a copy {state.due && <SeverityShape severity="check" named />}</h2>
      {state.days !== null && <DaysLine days={state.days} due={state.due} />}
      <p className="second" role="status">
        {said === '' || (state.edits > 0 && said.endsWith('KB.')) ? standing(state) : said}
      </p>
      {room !== undefined && <p className="second">{roomWords(room)}</p>}
      {swept !== undefined && swept.photos > 0 && (
        <p className="second" role="status">
          {counted(swept.photos, 'photograph')} that no job, no undo and no packet refers to any more{' '}
          {swept.photos === 1 ? 'was' : 'were'} let go: {megabytes(swept.bytes)}.
        </p>
      )}
      <Button
        {...(state.due ? {} : { variant: 'default' })}
        disabled={jobs.length === 0}
        onClick={() => void save('browser')}
      >
        Save all jobs to one file
      </Button>
      {canWriteFolder() && <FolderCopy disabled={jobs.length === 0} onSave={() => void save('folder')} />}
    </div>
  );
}
