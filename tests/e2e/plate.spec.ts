import { readFile } from 'node:fs/promises';
import { newCircuit, newSegment } from '../../src/core/circuit/newCircuit';
import { freshAppliance } from '../../src/core/appliances/registry';
import { freshJob } from '../../src/core/job/freshJob';
import { expect, openKept, test } from '../support/app';

// The recognizer is fetched and compiled, then reads a picture three times.
test.describe.configure({ timeout: 180_000 });

const run = [newSegment('run', 'nm-b', 30, 'indoor')];
const job = {
  ...freshJob('split', 'One mini split'),
  circuits: [newCircuit('split', freshAppliance('mini-split'), run)],
};

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } });

  test('a plate is read from the camera: nothing is a figure until it is taken beside its picture', async ({
    page,
  }) => {
    await openKept(page, job, 'survey');
    await expect(page.getByRole('textbox', { name: 'MCA' })).toHaveValue('18 A');
    await page.getByLabel(/plate to read/).setInputFiles('tests/fixtures/plates/mini-split.jpg');
    const read = page.getByRole('list', { name: 'Read from the photograph' });
    const mca = read.getByRole('group', { name: 'MCA on the plate' });
    await expect(mca.getByRole('button', { name: '36.6 A' })).toBeVisible({ timeout: 150_000 });
    await expect(page.getByRole('textbox', { name: 'MCA' })).toHaveValue('18 A');
    await expect(read.getByRole('img', { name: 'MCA in the photograph' })).toBeVisible();
    await mca.getByRole('button', { name: '36.6 A' }).click();
    await expect(page.getByRole('textbox', { name: 'MCA' })).toHaveValue('36.6 A');
    await expect(mca.getByRole('button', { name: '36.6 A' })).toHaveAttribute('aria-pressed', 'true');
    await page.keyboard.press('Control+z');
    await expect(page.getByRole('textbox', { name: 'MCA' })).toHaveValue('18 A');
  });

  test('a picture that is none is refused by name', async ({ page }) => {
    await openKept(page, job, 'survey');
    const words = { name: 'words.jpg', mimeType: 'image/jpeg', buffer: await readFile('package.json') };
    await page.getByLabel(/plate to read/).setInputFiles(words);
    await expect(page.getByRole('alert')).toContainText('words.jpg is not a picture');
  });
});
