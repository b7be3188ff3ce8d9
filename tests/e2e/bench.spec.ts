import type { Page } from '@playwright/test';
import { expect, goTo, openDemo, test } from '../support/app';

const log = (page: Page) => page.getByRole('region', { name: 'Readings' });
const reading = (page: Page) => page.getByRole('status', { name: 'Reading' });

/** Types keys one after the other. */
async function keys(page: Page, ...all: readonly string[]): Promise<void> {
  for (const key of all) await page.keyboard.press(key);
}

test('a hidden fault by keyboard: leads, dead, claim, proof; it comes back another day', async ({ page }) => {
  await goTo(page, '/bench/faults/dead-outlet');
  await expect(page.getByRole('heading', { name: 'Nothing at the outlet' })).toBeVisible();
  await keys(page, 'p', 'r', 'c', '1', 'b', 'c', 'n');
  await expect(log(page)).toContainText('C1 to CN, load off');
  await keys(page, 's', 'r', 'c', '1');
  await expect(log(page)).toContainText('Read with the breaker off');
  // Off, each to every other by a tester that is proved again: now ohms may be read, from the wire to its screw.
  await page.getByRole('button', { name: 'Each to every other at C' }).press('Enter');
  await page.getByRole('button', { name: 'Prove tester' }).press('Enter');
  await expect(page.getByRole('button', { name: 'Each to every other at C' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await keys(page, 'm', 'm', 'r', 'c', '1', 'b', 'c', '1');
  await expect(reading(page)).toHaveText('no path');
  await expect(page.getByText('1 of 15')).toBeVisible();
  await keys(page, 'p');
  await page.getByLabel('Where').selectOption('Line 1, joint at C: open');
  await page.getByRole('button', { name: 'Prove it' }).press('Enter');
  const proof = page.getByRole('region', { name: 'Proof' });
  await proof.getByRole('button', { name: 'Mend it' }).click();
  await expect(proof.getByRole('alert')).toContainText('What comes before that?');
  for (const name of [
    'Off at every source',
    'Lock and tag it',
    'Tester on a live source',
    'Each conductor to every other',
    'Tester on the live source again',
    'Mend it',
    'Switch on, read again',
  ])
    await proof.getByRole('button', { name, exact: true }).click();
  const outcome = page.getByRole('status', { name: 'Outcome' });
  await expect(outcome).toContainText('Line 1, joint at C: open. Found, mended, read again.');
  await expect(outcome).toContainText('1 unsafe act: not bought back by few readings.');
  await expect(page.getByRole('link', { name: /Nothing at the outlet/ })).toContainText(/now|today|tomorrow/);
  await page.getByRole('button', { name: /Record/ }).click();
  await expect(page.getByRole('row', { name: /Nothing at the outlet/ })).toBeVisible();
});

test('what would have hurt is said at once', async ({ page }) => {
  await goTo(page, '/bench/faults/trips-with-pump');
  await page.getByRole('button', { name: 'Terminal B1' }).click();
  await page.getByRole('button', { name: 'Terminal B2' }).click();
  await expect(log(page)).toContainText('Read with a tester not proved');
  await page.getByRole('button', { name: 'ohm', exact: true }).click();
  await page.getByRole('button', { name: 'Terminal BN' }).click();
  await expect(log(page)).toContainText('Ohms on a live circuit');
  await expect(page.getByText('2 unsafe')).toBeVisible();
  await page.getByRole('button', { name: /^Load off/ }).click();
  await expect(reading(page)).toHaveText('it trips');
  await page.getByRole('button', { name: 'Fold it away: no help' }).click();
  await expect(page.getByRole('img', { name: /^Left after each reading/ })).toBeHidden();
});

test('a circuit of an own job is a bench', async ({ page }) => {
  await openDemo(page);
  await goTo(page, '/bench');
  await page.getByRole('link', { name: 'Hot tub, deck' }).click();
  await expect(page.getByRole('heading', { name: 'Hot tub, deck' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Terminal DN' })).toBeVisible();
});

test('a drill: a wrong answer is explained by its rule, which is owned to; the table answers too', async ({
  page,
}) => {
  await goTo(page, '/bench/drills/small-wire');
  const entry = page.getByRole('textbox', { name: /^Largest breaker/ });
  await entry.fill('plenty');
  await entry.press('Enter');
  await expect(page.getByRole('alert')).toHaveText('Type a number, such as 16.5.');
  await expect(entry).toHaveValue('plenty');
  await entry.fill('999');
  await entry.press('Enter');
  await expect(page.getByRole('status', { name: 'Why' })).toContainText('No rule that is listed gives 999');
  await page.getByRole('button', { name: 'Next plate' }).click();
  await expect(page.getByText('0 of 1 judged, plate 2')).toBeVisible();
  // By the table: its heading first, then the cell of the plate.
  await page.getByRole('button', { name: /^240\.4\(D\)/ }).click();
  const plate = page.locator('figure');
  const size = /(\d+) AWG/.exec((await plate.textContent()) ?? '')?.[1] ?? '';
  const metal = ((await plate.textContent()) ?? '').includes('aluminum') ? 'aluminum' : 'copper';
  await page.getByRole('button', { name: new RegExp(`^${size}, ${metal}: `) }).click();
  await expect(page.getByText('1 of 1 judged, plate 2')).toBeVisible();
  await expect(page.getByRole('status', { name: 'Why' })).toBeHidden();
});

test('five figures of a motor one after the other, and misses by their cause in the record', async ({
  page,
}) => {
  await goTo(page, '/bench/drills/motor');
  const figures = page.getByRole('list', { name: 'Figures' });
  await expect(figures.getByRole('listitem')).toHaveCount(5);
  // The amperes of the plate on the overload: a rule that is none.
  await figures.getByRole('button', { name: /Overload/ }).click();
  const plateA = /A([\d.]+)SF/.exec((await page.locator('figure dl').textContent()) ?? '')?.[1] ?? '';
  const entry = page.getByRole('textbox', { name: /^Overload/ });
  await entry.fill(plateA);
  await entry.press('Enter');
  const why = page.getByRole('status', { name: 'Why' });
  await expect(why).toContainText('the plate itself');
  const mine = why.getByRole('button', { name: 'This was mine' });
  if ((await mine.count()) > 0) await mine.first().click();
  await page.getByRole('button', { name: /Record/ }).click();
  await expect(page.getByRole('complementary', { name: 'Misses by their cause' })).toContainText(
    'the plate itself',
  );
});

test('a lesson: guessed first, then measured', async ({ page }) => {
  await goTo(page, '/bench/lessons/open-neutral');
  await page.getByRole('button', { name: 'The heater' }).click();
  await expect(page.getByText('C2 to CN, load on: 192.7 V')).toBeVisible();
  await page.getByRole('button', { name: 'About 50 V' }).click();
  await page.getByRole('link', { name: /^Find it on the bench/ }).click();
  await expect(page.getByRole('heading', { name: 'One lamp bright, one dim' })).toBeVisible();
});

test('the record goes out to a file and comes back', async ({ page }) => {
  await goTo(page, '/bench/drills/ground');
  await page.getByRole('textbox', { name: /^Ground/ }).fill('750');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('status', { name: 'Why' })).toBeVisible();
  await page.getByRole('button', { name: /Record/ }).click();
  await expect(page.getByRole('row', { name: /Ground by the breaker: ground/ })).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save the record to a file' }).click();
  const path = await (await download).path();
  await page.getByLabel('File of practice').setInputFiles(path);
  await expect(page.getByText(/1 card and 1 answer read\./)).toBeVisible();
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

  test('leads by touch: a lead, a terminal', async ({ page }) => {
    await goTo(page, '/bench/faults/dead-outlet');
    await page.getByRole('button', { name: 'Prove tester' }).tap();
    await page.getByRole('button', { name: 'Terminal A1' }).tap();
    await page.getByRole('button', { name: 'Terminal AN' }).tap();
    await expect(reading(page)).toHaveText('120.8 V');
  });
});
