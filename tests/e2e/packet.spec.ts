import { readFile } from 'node:fs/promises';
import { expect, openDemo, test } from '../support/app';

test('the packet of a reader: its pages turn, its PDF is written while typing goes on', async ({ page }) => {
  await openDemo(page);
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'Packet, as PDF' }).click();
  await expect(page.getByRole('img', { name: 'Page 1, Split-level, Orchard Lane' })).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('img', { name: 'Page 2, Open' })).toContainText('6 AWG NM-B carries 55 A');
  await page.getByRole('button', { name: /^Next trade/ }).click();
  await expect(page.getByRole('button', { name: /terminations$/ }).first()).toBeVisible();
  await expect(page.getByRole('button', { name: /: Open$/ })).toHaveCount(0);
  await page.getByLabel('Paper').selectOption('A4');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'PDF', exact: true }).click();
  const file = await download;
  expect(file.suggestedFilename()).toBe('split-level-orchard-lane.next-trade.pdf');
  const bytes = await readFile(await file.path());
  expect(bytes.subarray(0, 5).toString()).toBe('%PDF-');
  await expect(page.getByText('Written.')).toBeVisible();
});
