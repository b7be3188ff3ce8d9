import type { Page } from '@playwright/test';
import { expect, openDemo, startJob, test } from '../support/app';

const diagnosis = (page: Page) => page.getByRole('region', { name: 'Diagnosis' });
const steps = (page: Page) => page.getByRole('list', { name: 'Steps of the proof' });

async function openChecks(page: Page): Promise<void> {
  await openDemo(page);
  await page.keyboard.press('8');
  await expect(page.getByRole('heading', { name: 'Hot tub, deck' })).toBeVisible();
}

test('a reading out of its band: what is dangerous first, what explains it, what is measured next', async ({
  page,
}) => {
  await openChecks(page);
  await expect(diagnosis(page).getByRole('alert')).toHaveText(
    /Switch it off now. A joint heats: 32 W at 7.2 A./,
  );
  await expect(diagnosis(page).getByRole('listitem').first()).toContainText('Neutral, wire C to D: 0.62 ohm');
  await expect(diagnosis(page).getByText(/^Off, locked, proved dead, hots lifted/)).toBeVisible();
  await expect(page.getByText('it can be left off and locked only')).toBeVisible();
  await page.getByLabel('How it is left').selectOption('Off, locked, tagged');
  await expect(page.getByText(/^Before it, not done: Torque/)).toBeVisible();
  // Remade and read again: the diagnosis goes.
  for (const [pair, volts] of [
    ['L1 to N', '119.3'],
    ['L2 to N', '120'],
    ['N to G', '0.4'],
  ] as const)
    await page.getByLabel(`${pair} at D, load on, volts`).fill(volts);
  await expect(diagnosis(page)).toBeHidden();
  await expect(page.getByText('No reading outside of its band')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(diagnosis(page)).toBeVisible();
});

test('by keyboard: readings one after the other by Enter, a point left out is asked, torque twice', async ({
  page,
}) => {
  await openChecks(page);
  await page.getByRole('button', { name: /Kiln, studio/ }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Kiln, studio' })).toBeVisible();
  const first = page.getByLabel('L1 to L2 at A, load off, volts');
  await first.focus();
  await page.keyboard.type('2400');
  await expect(page.getByText(/240 with its point, if that was read/)).toBeVisible();
  await expect(first).toHaveValue('2400');
  await first.fill('240.6');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('L1 to L2 at B, load off, volts')).toBeFocused();
  await expect(steps(page).getByText('Energized, load off')).toBeVisible();
  await expect(steps(page)).toContainText('1 of 9');
  const torque = page.getByRole('region', { name: 'Torque' });
  const screw = torque.getByRole('row').nth(1);
  const label = (await screw.getByRole('cell').first().textContent()) ?? '';
  await screw.getByRole('textbox').first().fill(label);
  await expect(screw.getByRole('textbox').nth(1)).toBeEnabled();
  await screw.getByRole('textbox').nth(1).fill(label);
  await expect(steps(page)).toContainText('1 of 6');
});

test('an empty job has nothing to prove', async ({ page }) => {
  await startJob(page, 'Nothing yet');
  await page.keyboard.press('8');
  await expect(page.getByRole('heading', { name: 'Nothing to prove yet' })).toBeVisible();
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

  test('one station at a time: its readings are typed, the danger stands first', async ({ page }) => {
    await page.goto('/');
    await page.getByRole('button', { name: 'Open the demo job' }).tap();
    await page.getByRole('button', { name: /Checks/ }).tap();
    await expect(diagnosis(page).getByRole('alert')).toBeInViewport();
    await expect(page.getByLabel('L1 to L2 at D, load on, volts')).toBeVisible();
    await expect(page.getByLabel('L1 to L2 at B, load off, volts')).toBeHidden();
    await page.getByRole('button', { name: 'B Box' }).tap();
    await page.getByLabel('L1 to L2 at B, load off, volts').fill('241.9');
    await expect(page.getByLabel('L1 to L2 at D, load on, volts')).toBeHidden();
    await expect(steps(page)).toContainText('19 of 24');
  });
});
