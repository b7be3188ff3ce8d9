import type { Page } from '@playwright/test';
import type { Job } from '../../src/core/job/jobSchema';
import { database, listed } from '../../src/store/persistence/database';
import { jobRecord } from '../../src/store/persistence/jobStorage';

/** The tables of the application's database, as a browser makes them. */
const layout = () => {
  const db = database();
  return {
    name: db.name,
    // Dexie counts tens.
    version: db.verno * 10,
    tables: db.tables.map(({ name, schema: { primKey, indexes } }) => ({
      name,
      keyPath: primKey.keyPath,
      indexes: indexes.map((each) => ({ name: each.name, keyPath: each.keyPath })),
    })),
  };
};

type KeyPath = string | string[] | null | undefined;

/** What is put into which table of a database of which tables. */
interface Put {
  readonly name: string;
  readonly version: number;
  readonly tables: readonly {
    readonly name: string;
    readonly keyPath: KeyPath;
    readonly indexes: readonly { readonly name: string; readonly keyPath: KeyPath }[];
  }[];
  readonly rows: readonly (readonly [table: string, row: unknown])[];
  /** Whether all else is let go first. */
  readonly isOnly: boolean;
}

/** In the page: puts rows into the database, which is made where it is not there. */
const putRows = ({ name, version, tables, rows, isOnly }: Put): Promise<void> =>
  new Promise((done, failed) => {
    const opening = indexedDB.open(name, version);
    opening.onerror = () => {
      failed(opening.error ?? new Error('The database does not open.'));
    };
    opening.onupgradeneeded = () => {
      for (const table of tables) {
        const made = opening.result.createObjectStore(table.name, { keyPath: table.keyPath ?? null });
        for (const index of table.indexes) made.createIndex(index.name, index.keyPath ?? []);
      }
    };
    opening.onsuccess = () => {
      const names = tables.map((table) => table.name);
      const change = opening.result.transaction(names, 'readwrite');
      if (isOnly) for (const table of names) change.objectStore(table).clear();
      for (const [table, row] of rows) change.objectStore(table).put(row);
      change.oncomplete = () => {
        opening.result.close();
        done();
      };
      change.onabort = () => {
        failed(change.error ?? new Error('Nothing was put.'));
      };
    };
  });

/** In the page: waits until no tab writes any more, and forgets what is kept beside the database. */
const sweep = async (): Promise<void> => {
  const isHeld = async (): Promise<boolean> =>
    ((await navigator.locks.query()).held ?? []).some(({ name }) => name?.endsWith('none') !== true);
  while (await isHeld()) await new Promise((next) => requestAnimationFrame(next));
  localStorage.clear();
  sessionStorage.clear();
};

/** In the page: another page of the application, as a link leads there; nothing is loaded anew. */
const go = (to: string): void => {
  history.pushState(null, '', to);
  dispatchEvent(new PopStateEvent('popstate'));
};

/** Whether the application runs in a page, with a page of its own open. */
const isRunning = (page: Page): Promise<boolean> =>
  page.evaluate(() => document.querySelector('#root')?.hasChildNodes() ?? false);

/** Goes to a page of the application: as a link leads there where it runs, which is quick, else by its address. */
export async function goTo(page: Page, path: string): Promise<void> {
  if (await isRunning(page)) await page.evaluate(go, path);
  else await page.goto(path);
}

/** Leaves the application as it is when nothing is kept, at a page that shows nothing of it; false where it does not go there. */
export async function emptied(page: Page): Promise<boolean> {
  if (!(await isRunning(page))) return false;
  await page.evaluate(go, '/jobs/none');
  try {
    await page.getByText('not in this browser').first().waitFor({ timeout: 3000 });
  } catch {
    return false;
  }
  await page.evaluate(sweep);
  await page.evaluate(putRows, { ...layout(), rows: [], isOnly: true });
  return true;
}

/**
 * Puts a job where the application keeps it, as if it had been opened before: a test that is about something else need not
 * go by the list of jobs. Tests of the list, of files and of the first circuit open theirs by hand.
 * It was edited last now, by the clock of the page: by another, what is done next could be earlier.
 */
export async function keepJob(page: Page, job: Job): Promise<void> {
  if (!page.url().startsWith('http')) await page.goto('/health');
  const at = await page.evaluate(() => Date.now());
  const record = jobRecord(job, 0, null, at);
  const rows = [['jobs', record] as const, ['listed', listed(record)] as const];
  await page.evaluate(putRows, { ...layout(), rows, isOnly: false });
}
