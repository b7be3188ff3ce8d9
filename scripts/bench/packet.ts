import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { demoJob } from '../../src/core/job/demo/demoJob';
import { writeJobFile } from '../../src/core/job/jobFile';
import type { Job } from '../../src/core/job/jobSchema';
import { withBenchPage } from './benchPage';

const JOBS = 50;
const PHOTOS_EACH = 4;
/** A photograph as it is kept: scaled down, JPEG. */
const PHOTO_BYTES = 150_000;

/** A picture of such a size whose bytes do not pack, the same each time. */
function picture(seed: number): string {
  let state = seed + 1;
  const bytes = Buffer.alloc(PHOTO_BYTES);
  for (let at = 0; at < bytes.length; at += 1) {
    state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0;
    bytes[at] = state >>> 24;
  }
  return `data:image/jpeg;base64,${bytes.toString('base64')}`;
}

interface Watched {
  readonly ms: number;
  /** The longest time for which nothing else could run. */
  readonly longest: number;
}

/** In the page: presses a button by its words and waits for a status, which is looked for only where something changes. */
function watched([button, status]: readonly [string, string]): Promise<Watched> {
  return new Promise((done) => {
    const start = performance.now();
    const pause = { last: start, longest: 0 };
    const { port1, port2 } = new MessageChannel();
    port1.addEventListener('message', () => {
      const now = performance.now();
      pause.longest = Math.max(pause.longest, now - pause.last);
      pause.last = now;
      port2.postMessage(null);
    });
    port1.start();
    port2.postMessage(null);
    const watch = new MutationObserver(() => {
      if (
        ![...document.querySelectorAll('[role="status"]')].some((each) => each.textContent.includes(status))
      )
        return;
      watch.disconnect();
      port1.close();
      done({ ms: performance.now() - start, longest: pause.longest });
    });
    watch.observe(document.body, { subtree: true, childList: true, characterData: true });
    [...document.querySelectorAll('button')].find((each) => each.textContent === button)?.click();
  });
}

/** The PDF of the inspector's packet of the demo job: how long it takes, and what it holds up meanwhile. */
async function pdf(page: Page, address: string): Promise<void> {
  await page.goto(address);
  await page.getByRole('link', { name: /Split-level/ }).waitFor();
  await page.goto(`${address}/jobs/${demoJob.id}/packet`);
  const button = page.getByRole('button', { name: 'PDF', exact: true });
  await button.waitFor();
  // Days are put in order by a worker of their own first.
  await page.waitForLoadState('networkidle');
  const pages = await page.getByRole('button', { name: /^Page \d+:/ }).count();
  const { ms, longest } = await page.evaluate(watched, ['PDF', 'Written.'] as const);
  console.log(`  packet of ${pages} pages as PDF: ${ms.toFixed(0)} ms (at most 3000)`);
  console.log(`  longest pause of the page meanwhile: ${longest.toFixed(1)} ms (at most 16)`);
}

const photographed = (at: number): readonly [Job, Readonly<Record<string, string>>] => {
  const ids = Array.from({ length: PHOTOS_EACH }, (_, index) => `photo-${at}-${index}`);
  const [first, ...rest] = demoJob.circuits;
  if (first === undefined) throw new Error('The demo job has no circuit.');
  const photos = ids.map((id) => ({ id, caption: 'open trench' }));
  return [
    { ...demoJob, id: `job-${at}`, name: `Job ${at}`, circuits: [{ ...first, photos }, ...rest] },
    Object.fromEntries(ids.map((id, index) => [id, picture(at * PHOTOS_EACH + index)])),
  ];
};

/** The copy of many jobs with photographs: how long it takes. */
async function copy(page: Page, address: string): Promise<void> {
  await page.goto(address);
  const chooser = page.getByLabel('Job file');
  for (let at = 0; at < JOBS; at += 1) {
    const [job, photos] = photographed(at);
    const buffer = Buffer.from(writeJobFile(job, photos));
    await chooser.setInputFiles({ name: 'job.json', mimeType: 'application/json', buffer });
    await page.waitForURL(`**/jobs/${job.id}**`);
    await page.goto(address);
  }
  await page
    .getByText(`Job ${JOBS - 1}`)
    .first()
    .waitFor();
  await page.waitForLoadState('networkidle');
  const first = page.waitForEvent('download');
  const { ms, longest } = await page.evaluate(watched, ['Save all jobs to one file', 'jobs saved'] as const);
  const said = await page.getByText(/jobs saved/).textContent();
  console.log(
    `  copy of ${JOBS} jobs with ${JOBS * PHOTOS_EACH} photographs: ${ms.toFixed(0)} ms (at most 10 000)`,
  );
  console.log(`    ${said ?? ''} Longest pause of the page: ${longest.toFixed(0)} ms`);
  const bytes = readFileSync(await (await first).path());
  // Into a browser that knows nothing of them, and copied there once more.
  const other = await (page.context().browser() ?? fail()).newContext({ serviceWorkers: 'block' });
  const there = await other.newPage();
  await there.goto(address);
  const start = performance.now();
  await there
    .getByLabel('Job file')
    .setInputFiles({ name: 'all.zip', mimeType: 'application/zip', buffer: bytes });
  await there.getByText(`${JOBS} jobs opened.`).waitFor({ timeout: 120_000 });
  const restored = performance.now() - start;
  const second = there.waitForEvent('download', { timeout: 60_000 });
  await there.getByRole('button', { name: 'Save all jobs to one file' }).click();
  const again = readFileSync(await (await second).path());
  console.log(
    `  restored elsewhere in ${restored.toFixed(0)} ms, and copied there: ${again.equals(bytes) ? 'equal byte for byte' : 'NOT EQUAL'}`,
  );
  await other.close();
}

/** A browser that was launched is there. */
function fail(): never {
  throw new Error('The page has no browser.');
}

/** What is handed over and kept: the PDF of a packet, the copy of all jobs. */
export async function benchPacket(executablePath: string): Promise<void> {
  await withBenchPage(executablePath, true, pdf);
  await withBenchPage(executablePath, false, copy);
}
