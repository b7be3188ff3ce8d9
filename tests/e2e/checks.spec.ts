import type { Page } from '@playwright/test';
import { demoJob } from '../../src/core/job/demo/demoJob';
import { writeJobFile } from '../../src/core/job/jobFile';
import { expect, goTo, openDemo, openEmpty, test } from '../support/app';

const diagnosis = (page: Page) => page.getByRole('region', { name: 'Diagnosis' });
const steps = (page: Page) => page.getByRole('list', { name: 'Steps of the proof' });

async function openChecks(page: Page): Promise<void> {
  await openDemo(page, 'checks');
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
  await expect(page.getByRole('alert', { name: 'Dangers' })).toHaveText(/At D: A joint or wire heats/);
  // What is asked for next is typed where it is asked, and leaves fewer places.
  await expect(diagnosis(page).getByText(/^Off, locked, proved dead, hots lifted/)).toBeVisible();
  const alike = diagnosis(page).getByText(/places read alike so far/);
  const before = await alike.textContent();
  await diagnosis(page)
    .getByLabel(/^Read at .*, ohm$/)
    .fill('0.62');
  await diagnosis(page).getByRole('button', { name: 'Record' }).click();
  await expect(diagnosis(page).getByRole('list', { name: 'Read dead' })).toContainText('0.62 ohm');
  await expect(diagnosis(page).getByText(before ?? '', { exact: true })).toBeHidden();
  await diagnosis(page)
    .getByRole('button', { name: /^Take back/ })
    .click();
  await expect(alike).toHaveText(before ?? '');
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
  await expect(page.getByText('No reading and no test out of its limits')).toBeVisible();
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

test('the torque driver: a turn goes to the next screw, one that stopped short is not kept', async ({
  page,
}) => {
  await openChecks(page);
  const driver = page.getByRole('region', { name: 'Torque driver (simulated)' });
  const take = driver.getByRole('button', { name: 'Take it from the driver (simulated)' });
  await expect(driver.getByText(/^Next: RD breaker, 45 lb-in, first time/)).toBeVisible();
  await take.click();
  await expect(driver.getByRole('status')).toHaveText('45 lb-in by T-14 (made up).');
  await expect(driver.getByText(/^Next: BK breaker/)).toBeVisible();
  await driver.getByLabel('How the simulated driver answers').selectOption('Stops short');
  await take.click();
  await expect(driver.getByRole('alert')).toHaveText(/stopped at 36 lb-in and did not let go. Not kept/);
  await expect(page.getByLabel('BK breaker, panel: first torque')).toHaveValue('');
  // The terminations of the circuit show the same record.
  await page.keyboard.press('3');
  await page
    .getByRole('button', { name: /^Hot tub, deck/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Terminations' }).click();
  await expect(page.getByText('Torque recorded at 1 of 17 screws')).toBeVisible();
});

test('the neutral trap, and line told from load', async ({ page }) => {
  await openChecks(page);
  await page.getByLabel('As the load comes on').selectOption('It trips');
  const why = page.getByRole('alert', { name: 'What explains the GFCI' });
  await expect(why.getByRole('listitem').first()).toHaveText(
    /^Load neutral on the neutral bar, not on the device: \d+(\.\d)? A past it/,
  );
  await page.getByLabel('As the load comes on').selectOption('It holds');
  await expect(why).toBeHidden();
  await page.getByLabel('Past it while it is tripped, V').fill('120');
  await expect(why).toHaveText(/Line and load reversed/);
  await page.getByText('Line and load not marked at the pull').click();
  await page.getByLabel('First one to the ground, ohm').fill('16.2');
  await expect(page.getByText(/comes from the panel|Take the tie off/)).toBeHidden();
  await page.getByLabel('Second one to the ground, ohm').fill('0.1');
  await expect(page.getByText('The second one comes from the panel. Mark both.')).toBeVisible();
  await expect(steps(page).getByText('Tie off the ground bar')).toBeVisible();
  await page.getByLabel('Tie off the ground bar again').check();
});

test('a failed test stands on top, and what was not read is not 0', async ({ page }) => {
  await openChecks(page);
  await page.getByLabel('Insulation, Mohm at 500 V').fill('0.4');
  await expect(page.getByRole('alert', { name: 'Failed tests' })).toContainText(
    'Insulation is low: 0.4 Mohm',
  );
  await page.getByLabel('On the conductors, the most').fill('');
  await expect(steps(page).getByRole('listitem').nth(1)).toContainText('in part');
  await expect(page.getByText('1 circuit with a reading or test out of its limits')).toBeVisible();
});

test('lengths as built move the bands, and the plan when they are put in it', async ({ page }) => {
  await openChecks(page);
  await page.getByRole('button', { name: /Kiln, studio/ }).click();
  const built = page.getByRole('region', { name: 'As built' });
  const band = page.getByRole('row', { name: /^L1 to L2/ }).last();
  await expect(page.getByRole('heading', { name: 'Kiln, studio' })).toBeVisible();
  const before = await band.textContent();
  await built.getByLabel('A to B: length as built').fill('190');
  await expect(band).not.toHaveText(before ?? '');
  await built.getByRole('button', { name: 'Put these lengths in the plan' }).click();
  await expect(built.getByText('Planned 190 ft')).toBeVisible();
});

test('readings of another phone are merged: what differs is chosen, nothing is lost', async ({ page }) => {
  await openChecks(page);
  const theirs = demoJob.checks.map((check) =>
    check.id === 'deck-tub'
      ? {
          ...check,
          insulationMohm: 290,
          readings: [...check.readings, { at: 'B', pair: 'L1L2' as const, on: false, volts: 241.9 }],
        }
      : check,
  );
  await page.getByLabel('Job file of the other phone').setInputFiles({
    name: 'phone.pasture.json',
    mimeType: 'application/json',
    buffer: Buffer.from(writeJobFile({ ...demoJob, checks: theirs })),
  });
  const merge = page.getByRole('region', { name: 'Readings of another phone' });
  await expect(merge.getByRole('status')).toHaveText(
    'phone.pasture.json: 1 reading only there, 1 reading different.',
  );
  await merge.getByRole('button', { name: /Insulation: theirs, 290/ }).click();
  await merge.getByRole('button', { name: 'Take them' }).click();
  await expect(page.getByLabel('L1 to L2 at B, load off, volts')).toHaveValue('241.9');
  await expect(page.getByLabel('Insulation, Mohm at 500 V')).toHaveValue('290');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel('Insulation, Mohm at 500 V')).toHaveValue('310');
});

test('the sheet prints what the circuit was proved by', async ({ page }) => {
  await openDemo(page);
  await goTo(page, '/jobs/demo-orchard-lane/deck-tub/sheet');
  const proved = page.getByRole('heading', { name: 'Proved' }).locator('..');
  await expect(proved.getByRole('row', { name: /^L1 to N/ }).last()).toContainText('114.6');
  await expect(proved).toContainText('310 Mohm');
  await expect(proved).toContainText(
    'Not explained away: Neutral, wire C to D: 0.62 ohm, or one of 6 more places',
  );
});

test('an empty job has nothing to prove', async ({ page }) => {
  await openEmpty(page, 'Nothing yet');
  await page.keyboard.press('8');
  await expect(page.getByRole('heading', { name: 'Nothing to prove yet' })).toBeVisible();
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

  test('one station at a time: its readings are typed, the danger stands first', async ({ page }) => {
    await goTo(page, '/');
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
