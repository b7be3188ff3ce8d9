import Dexie, { type EntityTable, type Table } from 'dexie';
import type { Command } from '../../core/job/command';
import type { Job } from '../../core/job/jobSchema';
import type { Seal } from '../../core/paper/sealSchema';
import type { PracticeAnswer, PracticeCard } from '../../core/practice/practiceFile';

/** A saved job: its document, where it stands in its journal, and which tab may write it. */
export interface JobRecord {
  id: string;
  name: string;
  /** Circuits in it, so that the list need not read the document. */
  circuits: number;
  /** Milliseconds since 1970. */
  updatedAt: number;
  /** Version of the document; an older one is carried forward when it is opened. */
  version: number;
  document: Job;
  /** How many edits of the journal are applied; those past it may be redone. */
  cursor: number;
  /** Token of the tab that writes; a tab with another token only reads along. */
  writer: string | null;
}

/** A job as the list of jobs has it: all that is shown of it before its document is read. */
export type ListedJob = Pick<JobRecord, 'id' | 'name' | 'circuits' | 'updatedAt' | 'cursor'>;

/** One edit of a job with its inverse. */
export interface JournalRecord {
  jobId: string;
  /** Position in the journal, from 1. */
  seq: number;
  label: string;
  forward: Command;
  backward: Command;
  /** Edits that follow each other with the same key are one: the keystrokes of one field. */
  mergeKey: string | null;
}

/** A photograph of a circuit, scaled down, as a data URL. */
export interface PhotoRecord {
  id: string;
  jobId: string;
  picture: string;
  /** When it was kept, milliseconds since 1970; those of before bear none. */
  keptAt?: number;
}

/** A packet of a job as it was handed over. */
export interface SealRecord {
  jobId: string;
  id: string;
  seal: Seal;
}

/** A job that was deleted, whole, until it leaves the bin. Its photographs stay where they are. */
export interface BinRecord {
  id: string;
  /** Milliseconds since 1970. */
  binnedAt: number;
  record: JobRecord;
  journal: JournalRecord[];
  seals: Seal[];
}

/** The folder that copies of all jobs go to. */
export interface FolderRecord {
  id: string;
  handle: FileSystemDirectoryHandle;
}

type Database = Dexie & {
  jobs: EntityTable<JobRecord, 'id'>;
  journal: Table<JournalRecord, [string, number]>;
  photos: EntityTable<PhotoRecord, 'id'>;
  cards: EntityTable<PracticeCard, 'id'>;
  answers: Table<PracticeAnswer, [string, string]>;
  seals: Table<SealRecord, [string, string]>;
  folders: EntityTable<FolderRecord, 'id'>;
  bin: EntityTable<BinRecord, 'id'>;
  listed: EntityTable<ListedJob, 'id'>;
};

/** Where jobs are kept: in this browser, or only in the memory of this page. */
export type StorageKind = 'browser' | 'memory';

/** What the list of jobs has of one. */
export const listed = ({ id, name, circuits, updatedAt, cursor }: JobRecord): ListedJob => ({
  id,
  name,
  circuits,
  updatedAt,
  cursor,
});

const make = (options: ConstructorParameters<typeof Dexie>[1] = {}): Database => {
  const made = new Dexie('pasture', options) as Database;
  made.version(1).stores({ jobs: 'id, updatedAt', journal: '[jobId+seq], jobId' });
  made.version(2).stores({ photos: 'id, jobId' });
  made.version(3).stores({ cards: 'id', answers: '[at+card], at, card' });
  made.version(4).stores({ seals: '[jobId+id], jobId', folders: 'id' });
  made
    .version(5)
    .stores({ bin: 'id, binnedAt', listed: 'id, updatedAt' })
    .upgrade((change) =>
      change.table<JobRecord>('jobs').each((job) => change.table<ListedJob>('listed').put(listed(job))),
    );
  return made;
};

let current = make();
let kind: StorageKind = 'browser';

/** The database of this page. */
export const database = (): Database => current;

/** Where jobs are kept. */
export const storageKind = (): StorageKind => kind;

/** A database that says nothing for so long is taken for none, milliseconds. */
const PATIENCE_MS = 8000;

/** A promise that is rejected where nothing comes of it for too long. */
const answering = <T>(promise: PromiseLike<T>): Promise<T> =>
  new Promise((done, failed) => {
    const timer = setTimeout(() => {
      failed(new Error('The storage does not answer.'));
    }, PATIENCE_MS);
    promise.then(
      (value) => {
        clearTimeout(timer);
        done(value);
      },
      (reason: unknown) => {
        clearTimeout(timer);
        failed(reason instanceof Error ? reason : new Error(String(reason)));
      },
    );
  });

/**
 * Opens the database. Where the browser keeps nothing (storage blocked, a private window, none at all, one that never answers) jobs are kept
 * in the memory of this page, so that all else works and a job can be exported before the page is closed.
 */
export async function openDatabase(): Promise<StorageKind> {
  try {
    await answering(current.open());
    return kind;
  } catch {
    const { indexedDB, IDBKeyRange } = await import('fake-indexeddb');
    current = make({ indexedDB, IDBKeyRange });
    kind = 'memory';
    await current.open();
    return kind;
  }
}
