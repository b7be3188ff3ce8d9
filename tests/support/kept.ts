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
}

/** In the page: puts rows into the database, which is made where it is not there. */
const putRows = ({ name, version, tables, rows }: Put): Promise<void> =>
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
      const change = opening.result.transaction([...new Set(rows.map(([table]) => table))], 'readwrite');
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

/**
 * Puts a job where the application keeps it, as if it had been opened before: a test that is about something else need not
 * go by the list of jobs. Tests of the list, of files and of the first circuit open theirs by hand.
 *
 * @param at When it was edited last by the clock of the page, milliseconds since 1970.
 */
export async function keepJob(page: Page, job: Job, at: number): Promise<void> {
  if (!page.url().startsWith('http')) await page.goto('/health');
  const record = jobRecord(job, 0, null, at);
  const rows = [['jobs', record] as const, ['listed', listed(record)] as const];
  await page.evaluate(putRows, { ...layout(), rows });
}
