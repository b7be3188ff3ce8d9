import { demoJob } from '../../src/core/job/demo/demoJob';
import { JOB_VERSION } from '../../src/core/job/jobVersion';
import { withBenchPage } from './benchPage';
import { judge } from './limits';

const JOBS = 300;

/** The list of an office: until its first rows are there, and the longest that the page does not answer meanwhile. */
export async function benchList(executablePath: string): Promise<void> {
  await withBenchPage(executablePath, false, async (page, address) => {
    await page.goto(address);
    await page.getByRole('heading', { name: /Jobs in this browser/ }).waitFor();
    await page.evaluate(
      ([job, version, count]) =>
        new Promise<void>((done, failed) => {
          const opening = indexedDB.open('pasture');
          opening.onsuccess = () => {
            const change = opening.result.transaction(['jobs', 'listed'], 'readwrite');
            for (let at = 0; at < count; at += 1) {
              const id = `job-${at}`;
              const name = `House ${at}`;
              const updatedAt = 1_700_000_000_000 + at;
              const row = { id, name, circuits: job.circuits.length, updatedAt, cursor: 0 };
              change.objectStore('listed').put(row);
              change
                .objectStore('jobs')
                .put({ ...row, version, writer: null, document: { ...job, id, name } });
            }
            change.oncomplete = () => {
              opening.result.close();
              done();
            };
            change.onerror = () => {
              failed(new Error('not stored'));
            };
          };
        }),
      [demoJob, JOB_VERSION, JOBS] as const,
    );
    await page.addInitScript(() => {
      const tasks: number[] = [];
      new PerformanceObserver((list) => {
        tasks.push(...list.getEntries().map(({ duration }) => duration));
      }).observe({ type: 'longtask', buffered: true });
      Object.assign(window, { tasks });
    });
    await page.goto(address);
    const row = await page.waitForFunction(
      () => document.querySelector('[aria-label="Jobs"] li') !== null && performance.now(),
      null,
      { polling: 'raf' },
    );
    judge(`${JOBS} jobs: the list opens`, Number(await row.jsonValue()), 400, 'ms');
    await page.waitForFunction(() => document.querySelector('[aria-label^="Runs of"]') !== null);
    const tasks = await page.evaluate(() => (window as unknown as { tasks: number[] }).tasks);
    judge(`${JOBS} jobs: the longest task`, Math.max(0, ...tasks), 100, 'ms');
  });
}
