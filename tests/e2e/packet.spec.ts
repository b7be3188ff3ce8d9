import { readFile } from 'node:fs/promises';
import { circuit } from '../support/circuits';
import { evaluateJob } from '../../src/core/job/evaluateJob';
import { subjectKey } from '../../src/core/findings/subject';
import { readJobFile, writeJobFile } from '../../src/core/job/jobFile';
import { isWhole } from '../../src/core/paper/sealHash';
import { freshJob } from '../../src/core/job/freshJob';
import { freshCheck } from '../../src/core/checks/checksDocument';
import { expect, importFile, openDemo, test } from '../support/app';

test('the packet of a reader: its pages turn, its PDF is written', async ({ page }) => {
  await openDemo(page, 'packet');
  await expect(page.getByRole('img', { name: 'Page 1, Split-level, Orchard Lane' })).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('img', { name: 'Page 2, Open' })).toContainText('6 AWG NM-B carries 55 A');
  await page.keyboard.press('Alt+3');
  await expect(page.getByRole('heading', { name: 'Packet, for the next trade' })).toBeVisible();
  await expect(page.getByRole('button', { name: /terminations$/ }).first()).toBeVisible();
  await expect(page.getByRole('button', { name: /^Page \d+: Open$/ })).toHaveCount(0);
  await page.getByLabel('Paper').selectOption('A4');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'PDF', exact: true }).click();
  const file = await download;
  expect(file.suggestedFilename()).toBe('split-level-orchard-lane.next-trade.pdf');
  const bytes = await readFile(await file.path());
  expect(bytes.subarray(0, 5).toString()).toBe('%PDF-');
  await expect(page.getByText('Written.')).toBeVisible();
});

test('what goes in is chosen and ordered for each reader; undo takes it back', async ({ page }) => {
  await openDemo(page, 'packet');
  const pages = page.getByRole('region', { name: 'Reading order' }).getByRole('button');
  await expect(pages.nth(1)).toHaveAccessibleName('Page 2: Open');
  await page.getByRole('button', { name: 'Load for the inspector' }).click();
  await expect(page.getByRole('button', { name: /^Page \d+: Service load$/ })).toHaveCount(0);
  await page.getByRole('button', { name: /^Circuits, 10 pages/ }).press('Alt+ArrowUp');
  await page.getByRole('button', { name: /^Circuits, 10 pages/ }).press('Alt+ArrowUp');
  await expect(pages.nth(1)).toHaveAccessibleName('Page 2: EV charger, carport');
  await page.keyboard.press('Alt+4');
  await expect(pages.nth(1)).toHaveAccessibleName('Page 2: Open');
  for (let edits = 0; edits < 3; edits += 1) await page.keyboard.press('Control+z');
  await page.keyboard.press('Alt+1');
  await expect(pages.nth(1)).toHaveAccessibleName('Page 2: Open');
  await expect(pages.nth(2)).toHaveAccessibleName('Page 3: Service load');
});

const bare = {
  ...freshJob('quiet', 'Quiet Row'),
  authority: 'Made-up County',
  permitDate: '2026-03-02',
  circuits: [circuit({ id: 'range', name: 'Range' })],
};
/** A job with one circuit on which every question is answered. */
const quiet = {
  ...bare,
  answers: [
    ...new Map(
      evaluateJob(bare).findings.map(({ code, subject }) => [
        `${code} ${subjectKey(subject)}`,
        { code, subject: subjectKey(subject), text: 'Made-up County: yes.' },
      ]),
    ).values(),
  ],
};

test('a seal is refused with what is missing, a jump leads to it; once sealed it never changes', async ({
  page,
}) => {
  await importFile(page, 'quiet.pasture.json', writeJobFile({ ...quiet, authority: '' }));
  await page.getByRole('button', { name: /Packet$/ }).click();
  const missing = page.getByRole('region', { name: 'Before it can be sealed' });
  const seal = page.getByRole('button', { name: /^Seal for the inspector/ });
  await expect(missing).toContainText('The authority is not named.');
  await expect(seal).toBeDisabled();
  await missing.getByRole('button', { name: /^Enter it: Cover, The authority/ }).click();
  await page.getByLabel('Authority having jurisdiction').fill('Made-up County');
  await page.getByRole('button', { name: /Packet$/ }).click();
  await expect(missing.getByRole('listitem')).toHaveCount(0);
  await seal.click();
  const since = page.getByRole('region', { name: 'Since it was sealed' });
  await expect(since).toContainText('Nothing changed since.');
  await expect(page.getByText(/as it was sealed/)).toBeVisible();
  await page.getByRole('button', { name: /Survey$/ }).click();
  await page.getByLabel('Authority having jurisdiction').fill('Other County');
  await page.getByRole('button', { name: /Packet$/ }).click();
  await page
    .getByRole('region', { name: 'Sealed', exact: true })
    .getByRole('button', { name: /engine/ })
    .click();
  await expect(since.getByRole('listitem')).toHaveText(/1Quiet Row, Authority Made-up County Other County/);
  await expect(since).toContainText('1 by hand.');
  await expect(page.getByRole('img', { name: 'Page 1, Quiet Row' })).toContainText('Made-up County');
  // A seal outlives the page, and goes with the file of the job.
  await page.reload();
  await expect(page.getByRole('region', { name: 'Sealed', exact: true }).getByRole('button')).toHaveCount(1);
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'Export the job as a file' }).click();
  const read = readJobFile(await readFile(await (await download).path(), 'utf8'));
  expect(read.ok && read.seals.map(isWhole)).toEqual([true]);
});

/** One red pixel. */
const PNG =
  'data:image/png;base64,iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mP8z8BQDwAEhQGAhKmMIQAAAABJRU5ErkJggg==';

test('work with a stop goes to the next trade only as left off and locked, with a foreign photograph', async ({
  page,
}) => {
  const stopped = {
    ...circuit({ id: 'range', name: 'Range' }),
    photos: [{ id: 'plate', caption: 'Nameplate' }],
  };
  const checks = [{ ...freshCheck('range'), off: true, left: 'locked' as const, riseC: 90 }];
  await importFile(
    page,
    'locked.pasture.json',
    writeJobFile({ ...quiet, id: 'locked', circuits: [stopped], checks }, { plate: PNG }),
  );
  await page.getByRole('button', { name: /Packet$/ }).click();
  await expect(page.getByRole('heading', { name: 'Packet, for the inspector' })).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'PDF', exact: true }).click();
  // A picture of any kind lies in it as a JPEG.
  const bytes = await readFile(await (await download).path());
  expect(bytes.includes('/DCTDecode')).toBe(true);
  await page.keyboard.press('Alt+3');
  await expect(page.getByRole('button', { name: /^Seal for the next trade/ })).toBeDisabled();
  await page.getByRole('button', { name: 'Seal as left off and locked' }).click();
  const sealed = page.getByRole('region', { name: 'Sealed', exact: true });
  await expect(sealed.getByRole('button', { name: /engine/ })).toContainText('Next trade, left off');
  await expect(page.getByRole('img', { name: 'Page 1, Quiet Row' })).toContainText(
    'LEFT OFF AND LOCKED: Range.',
  );
  const since = page.getByRole('region', { name: 'Since it was sealed' });
  await expect(since).toContainText('Nothing changed since.');
  await expect(since).toContainText('Agrees with its hash');
});
