import { readFile } from 'node:fs/promises';
import { expect, goTo, openDemo, saved, test } from '../support/app';

test('a copy against what is here: what is newer on which side is told, and chosen', async ({ page }) => {
  await openDemo(page);
  await goTo(page, '/');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save all jobs to one file' }).click();
  const path = await (await download).path();
  await goTo(page, '/jobs/demo-orchard-lane/survey');
  await page.getByLabel('Authority having jurisdiction').fill('Other County');
  await page.getByRole('button', { name: /Circuits$/ }).click();
  await saved(page);
  await page.goto('/');
  await page.getByLabel('Job file').setInputFiles({
    name: 'all.zip',
    mimeType: 'application/zip',
    buffer: await readFile(path),
  });
  const pane = page.getByRole('region', { name: 'Copy of all jobs' });
  await expect(pane.getByRole('listitem')).toContainText('Newer here: 1 edit since this copy.');
  await expect(pane.getByRole('button', { name: 'Leave mine' })).toHaveAttribute('aria-pressed', 'true');
  await pane.getByRole('button', { name: 'Open beside mine' }).click();
  await pane.getByRole('button', { name: 'Restore' }).click();
  await expect(page.getByText('1 job opened.')).toBeVisible();
  await expect(page.getByRole('link', { name: /Orchard Lane/ })).toHaveCount(2);
  await page.getByRole('button', { name: 'Merge the two' }).click();
  await expect(page).toHaveURL(/merge/);
});

test('a folder that was chosen once takes a copy by one click', async ({ page }) => {
  // The picker of the browser cannot be driven: a folder of the page itself stands in for the chosen one.
  await page.addInitScript(() => {
    Object.assign(window, {
      showDirectoryPicker: async () =>
        (await navigator.storage.getDirectory()).getDirectoryHandle('Copies', { create: true }),
    });
  });
  await openDemo(page);
  await page.goto('/');
  await page.getByRole('button', { name: 'Choose a folder for copies' }).click();
  await page.getByRole('button', { name: 'Copy to the folder Copies' }).click();
  await expect(page.getByText(/1 job saved/)).toBeVisible();
  await page.reload();
  await expect(page.getByRole('button', { name: 'Copy to the folder Copies' })).toBeVisible();
  const names = await page.evaluate(async () => {
    const folder = await (await navigator.storage.getDirectory()).getDirectoryHandle('Copies');
    const all: string[] = [];
    for await (const name of (folder as unknown as { keys: () => AsyncIterable<string> }).keys())
      all.push(name);
    return all;
  });
  expect(names).toEqual([expect.stringMatching(/^pasture-\d{4}-\d\d-\d\d\.zip$/)]);
  await page.close();
});
