import { readFile } from 'node:fs/promises';
import { writeJobFile } from '../../src/core/job/jobFile';
import { fullHouse } from './fullHouse/job';
import { expect, test as base, type Page } from '@playwright/test';

/** A page whose console must stay clean: a message there fails the test. */
export const test = base.extend<{ readonly quietConsole: undefined }>({
  quietConsole: [
    async ({ page }, use) => {
      const said: string[] = [];
      page.on('console', (message) => {
        if (message.type() === 'error') said.push(message.text());
      });
      page.on('pageerror', (error) => said.push(error.message));
      await use(undefined);
      expect(said).toEqual([]);
    },
    { auto: true },
  ],
});

export { expect };

/** The demo job, opened from the list. */
export async function openDemo(page: Page): Promise<void> {
  await page.goto('/');
  await page.getByRole('button', { name: /the demo job/ }).click();
  await expect(page.getByRole('heading', { name: 'EV charger, carport' })).toBeVisible();
}

/** A job in which something is wrong at every stage, opened from its file. */
export async function openFullHouse(page: Page): Promise<void> {
  await importFile(page, 'full-house.pasture.json', writeJobFile(fullHouse));
  await expect(page.getByRole('heading', { name: 'EV charger, carport' })).toBeVisible();
}

/** A new job without circuits. */
export async function startJob(page: Page, name: string): Promise<void> {
  await page.goto('/');
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
  await page.goto('/');
  await page
    .getByLabel('Job file')
    .setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) });
}
