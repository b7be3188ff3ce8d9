import { readFile } from 'node:fs/promises';
import { freshAppliance } from '../../src/core/appliances/registry';
import { newCircuit, newSegment } from '../../src/core/circuit/newCircuit';
import { demoJob } from '../../src/core/job/demo/demoJob';
import { freshJob } from '../../src/core/job/freshJob';
import type { Job } from '../../src/core/job/jobSchema';
import { fullHouse } from './fullHouse/job';
import { emptied, goTo, keepJob } from './kept';
import {
  expect,
  test as base,
  type BrowserContext,
  type ConsoleMessage,
  type Page,
  type ViewportSize,
} from '@playwright/test';

/** When every interface test runs, by the clock of its pages: the same on any day; `npm run deep` sets others. */
const NOW = process.env['PASTURE_NOW'] ?? '2026-03-02T09:00:00-05:00';
const ZONE = process.env['PASTURE_ZONE'] ?? 'America/New_York';

/** The day on which the work of the demo job begins: its days are another thing on any other. */
export const DEMO_DAY = '2026-03-02T09:00:00-05:00';

/** How far the clock of the pages is from the machine's: it goes on, over pages and reloads, as any clock does. Each browser has its own. */
const offMs = (now: string): number =>
  Math.round(Date.parse(now) - performance.timeOrigin - performance.now());

/** In the page: a clock that is off. */
function setClock(offMs: number): void {
  const Machine = Date;
  const now = (): number => Machine.now() + offMs;
  class Shown extends Machine {
    constructor(...parts: readonly number[]) {
      if (parts.length === 0) super(now());
      else super(...(parts as [number]));
    }
    static override now(): number {
      return now();
    }
  }
  Object.assign(window, { Date: Shown });
}

/** A browser as it is kept by its worker, with what it has fetched and compiled, and the page that is open in it. */
interface Kept {
  readonly context: BrowserContext;
  page: Page | undefined;
}

/** Leaves a browser as the next test wants it: one page with nothing on it, nothing stored. */
async function cleared(kept: Kept, viewport: ViewportSize | null): Promise<void> {
  const { context } = kept;
  const page = kept.page?.isClosed() === false ? kept.page : await context.newPage();
  for (const other of context.pages()) if (other !== page) await other.close();
  await page.unrouteAll({ behavior: 'ignoreErrors' });
  await page.emulateMedia({ media: null });
  if (viewport !== null) await page.setViewportSize(viewport);
  kept.page = page;
  if (await emptied(page)) return;
  // What the job had open is let go before its storage is swept.
  await page.goto('/health');
  await page.evaluate(() => {
    sessionStorage.clear();
  });
  const devtools = await context.newCDPSession(page);
  const { origin } = new URL(page.url());
  const storageTypes = 'local_storage,indexeddb,file_systems';
  await devtools.send('Storage.clearDataForOrigin', { origin, storageTypes });
  await devtools.detach();
}

/**
 * A page whose console must stay clean: a message there fails the test. Its browser is empty, its clock is set. The page
 * is kept for the next test; one in which a test put scripts of its own is closed by that test.
 */
export const test = base.extend<
  { readonly own: Kept; readonly quietConsole: undefined; readonly day: string },
  { readonly browsers: Map<string, Kept> }
>({
  browsers: [
    // A fixture without others is asked for by an empty pattern.
    // oxlint-disable-next-line no-empty-pattern
    async ({}, use) => {
      const browsers = new Map<string, Kept>();
      await use(browsers);
      for (const { context } of browsers.values()) await context.close();
    },
    { scope: 'worker' },
  ],
  day: [NOW, { option: true }],
  own: async (
    { browser, browsers, day, viewport, isMobile, hasTouch, serviceWorkers, baseURL, contextOptions },
    use,
  ) => {
    const options = {
      ...contextOptions,
      viewport,
      isMobile,
      hasTouch,
      serviceWorkers,
      baseURL: baseURL ?? '',
    };
    const key = JSON.stringify({ ...options, day });
    const kept = browsers.get(key) ?? {
      context: await browser.newContext({ ...options, timezoneId: ZONE }),
      page: undefined,
    };
    if (!browsers.has(key)) await kept.context.addInitScript(setClock, offMs(day));
    await use(kept);
    browsers.delete(key);
    if (serviceWorkers === 'block') {
      await cleared(kept, viewport);
      browsers.set(key, kept);
    } else await kept.context.close();
  },
  context: async ({ own }, use) => {
    await use(own.context);
  },
  page: async ({ own }, use) => {
    own.page ??= await own.context.newPage();
    await use(own.page);
  },
  quietConsole: [
    async ({ page }, use) => {
      const said: string[] = [];
      const onConsole = (message: ConsoleMessage): void => {
        if (message.type() === 'error') said.push(message.text());
      };
      const onError = ({ message }: Error): void => void said.push(message);
      page.on('console', onConsole).on('pageerror', onError);
      await use(undefined);
      page.off('console', onConsole).off('pageerror', onError);
      expect(said).toEqual([]);
    },
    { auto: true },
  ],
});

export { expect, goTo };

/** A job that is kept already, opened at one of its stages: by its path, the circuits where none is named. */
export async function openKept(page: Page, job: Job, stage: string): Promise<void> {
  await keepJob(page, job);
  await goTo(page, `/jobs/${job.id}/${stage === '' ? (job.circuits[0]?.id ?? '') : stage}`);
  await saved(page);
  const [first] = job.circuits;
  if (stage === '' && first !== undefined)
    await expect(page.getByRole('heading', { name: first.name, exact: true })).toBeVisible();
}

/** The demo job, at one of its stages. */
export async function openDemo(page: Page, stage = ''): Promise<void> {
  await openKept(page, demoJob, stage);
}

/** A job in which something is wrong at every stage, at one of them. */
export async function openFullHouse(page: Page, stage = ''): Promise<void> {
  await openKept(page, fullHouse, stage);
}

/** A job without circuits. */
export async function openEmpty(page: Page, name: string): Promise<void> {
  await openKept(page, freshJob('empty', name), '');
  await expect(page.getByRole('heading', { name: 'No circuit yet' })).toBeVisible();
}

/** A job of one charger, at one of its stages. */
export async function openOneCharger(page: Page, stage = ''): Promise<void> {
  const run = [newSegment('run', 'nm-b', 62, 'indoor')];
  const circuits = [newCircuit('charger', freshAppliance('ev'), run)];
  await openKept(page, { ...freshJob('one', 'One charger'), circuits }, stage);
}

/** A new job without circuits, from the list. */
export async function startJob(page: Page, name: string): Promise<void> {
  await goTo(page, '/');
  await page.getByLabel('Empty job').fill(name);
  await page.getByRole('button', { name: 'Start', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'No circuit yet' })).toBeVisible();
}

/** One figure of the ladder. */
export const figureKey = (page: Page, name: string) =>
  page
    .getByRole('region', { name: /in the order of reasoning/ })
    .getByRole('button', { name: new RegExp(`^${name}`) });

/** The working pane. */
export const working = (page: Page) => page.getByRole('region', { name: 'The working' });

/** Closes the dialog by its key, once it has the focus. */
export async function closeDialog(page: Page): Promise<void> {
  const dialog = page.getByRole('dialog');
  await expect(dialog.locator(':focus')).toHaveCount(1);
  await page.keyboard.press('Escape');
  await expect(dialog).toBeHidden();
}

/** Waits until the last edit is in the browser's storage. */
export const saved = (page: Page) => expect(page.getByText('Saved', { exact: true })).toBeAttached();

/** Adds the circuit that the dialog offers, with another length. */
export async function addCircuit(page: Page, length: string): Promise<void> {
  await page.getByRole('button', { name: /^Add (a|the first) circuit/ }).click();
  await page.getByLabel('Length of the run').fill(length);
  await page.getByRole('button', { name: 'Add the circuit' }).click();
}

/** Exports the open job, and gives the text of the file. */
export async function exportJob(page: Page): Promise<{ readonly name: string; readonly text: string }> {
  const coming = page.waitForEvent('download');
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'Export the job as a file' }).click();
  const download = await coming;
  return { name: download.suggestedFilename(), text: await readFile(await download.path(), 'utf8') };
}

/** Opens a file from the list of jobs. */
export async function importFile(page: Page, name: string, text: string): Promise<void> {
  await goTo(page, '/');
  await page
    .getByLabel('Job file')
    .setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) });
}
