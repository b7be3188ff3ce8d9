import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, figureKey, openDemo, startJob, test } from '../support/app';

// An analysis of a whole page takes seconds on a small machine, and these tests hold several.
test.describe.configure({ timeout: 90_000 });

const THEMES = ['paper', 'attic', 'noon'] as const;

/** Every kind of working; the other themes differ in color alone. */
const FIGURES = ['Load', 'Voltage drop', 'Protection'];

const wear = (page: Page, theme: string) =>
  page.addInitScript((name) => {
    localStorage.setItem('pasture-theme', name);
  }, theme);

async function faults(page: Page, theme: string): Promise<string[]> {
  const contrast = theme === 'noon' ? ['wcag2aaa'] : [];
  const { violations } = await new AxeBuilder({ page })
    // The other mode opens a second page for frames of other origins; there are none here.
    .setLegacyMode(true)
    .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'best-practice', ...contrast])
    .analyze();
  return violations.map(
    ({ id, nodes }) => `${id}: ${nodes.map(({ target }) => target.join(' ')).join(' | ')}`,
  );
}

for (const theme of THEMES) {
  test(`${theme}: the list, the empty job and its dialogs`, async ({ page }) => {
    await wear(page, theme);
    await page.goto('/');
    await expect(page.getByRole('button', { name: 'Open the demo job' })).toBeVisible();
    expect(await faults(page, theme)).toEqual([]);
    await startJob(page, 'Ridge Road 12');
    expect(await faults(page, theme)).toEqual([]);
    await page.getByRole('button', { name: 'Add the first circuit' }).click();
    await expect(page.getByLabel('Output on the nameplate')).toBeFocused();
    expect(await faults(page, theme)).toEqual([]);
  });

  test(`${theme}: the stage, its menu, and the sheet`, async ({ page }) => {
    await wear(page, theme);
    await openDemo(page);
    expect(await faults(page, theme)).toEqual([]);
    await page.getByRole('button', { name: /^EV outlet, garage/ }).click();
    await figureKey(page, 'Raceway').click();
    expect(await faults(page, theme), 'raceway').toEqual([]);
    await page.getByRole('button', { name: 'More' }).click();
    await expect(page.getByRole('menuitem', { name: 'All jobs' })).toBeVisible();
    expect(await faults(page, theme), 'menu').toEqual([]);
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'Circuit sheet' }).click();
    await expect(page.getByRole('article')).toBeVisible();
    expect(await faults(page, theme), 'sheet').toEqual([]);
  });
}

for (const theme of THEMES) {
  test(`${theme}: the survey and its dialogs`, async ({ page }) => {
    await wear(page, theme);
    await openDemo(page);
    await page.getByRole('button', { name: /Survey/ }).click();
    await expect(page.getByRole('heading', { name: 'Appliances by their plates' })).toBeVisible();
    expect(await faults(page, theme), 'survey').toEqual([]);
    await page.getByRole('button', { name: /Local amendments/ }).click();
    await expect(page.getByText('Another local amendment')).toBeVisible();
    expect(await faults(page, theme), 'local amendments').toEqual([]);
  });
}

for (const theme of THEMES) {
  test(`${theme}: panels in the survey, service, panel`, async ({ page }) => {
    await wear(page, theme);
    await openDemo(page);
    await page.getByRole('button', { name: /Survey/ }).click();
    await page.getByRole('button', { name: 'Panels 1' }).click();
    await expect(page.getByRole('heading', { name: 'Panels as they are' })).toBeVisible();
    expect(await faults(page, theme), 'panels').toEqual([]);
    await page.keyboard.press('2');
    await page.getByRole('button', { name: 'Ask the recorder (simulated)' }).click();
    await expect(page.getByRole('img', { name: /The week of the peak/ })).toBeVisible();
    expect(await faults(page, theme), 'service').toEqual([]);
    await page.keyboard.press('4');
    await page.getByRole('button', { name: /11 breakers for two/ }).click();
    await page.getByRole('button', { name: /^Space 1, 3, 60 A/ }).click();
    expect(await faults(page, theme), 'panel').toEqual([]);
  });
}

for (const dialog of ['Change the edition', 'Shop practices', 'May this plug go there?']) {
  test(`the dialog ${dialog.toLowerCase()}`, async ({ page }) => {
    await openDemo(page);
    await page.getByRole('button', { name: 'More' }).click();
    await page.getByRole('menuitem', { name: dialog }).click();
    await expect(page.getByRole('dialog')).toBeVisible();
    expect(await faults(page, 'paper')).toEqual([]);
  });
}

test('the wiring and the ways of a circuit', async ({ page }) => {
  await openDemo(page);
  await page.getByRole('button', { name: /^Hot tub, deck/ }).click();
  await page.getByRole('button', { name: 'Terminations' }).click();
  await expect(page.getByRole('img', { name: 'Terminations, Panel' })).toBeVisible();
  expect(await faults(page, 'paper'), 'wiring').toEqual([]);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Compare options' }).click();
  await expect(page.getByRole('region', { name: 'Options that hold' })).toBeVisible();
  expect(await faults(page, 'paper'), 'ways').toEqual([]);
});

for (const name of FIGURES) {
  test(`the working of ${name.toLowerCase()}`, async ({ page }) => {
    await openDemo(page);
    await page.getByRole('button', { name: /^EV outlet, garage/ }).click();
    await figureKey(page, name).click();
    if (name === 'Voltage drop') await expect(page.getByRole('img', { name: /Drop at/ })).toBeVisible();
    expect(await faults(page, 'paper')).toEqual([]);
  });
}

for (const theme of THEMES) {
  test(`${theme}: the route of a circuit, side by side, and the strip of its supports`, async ({ page }) => {
    await wear(page, theme);
    await openDemo(page);
    await page.getByRole('button', { name: /^Kiln, studio/ }).click();
    await page.getByRole('button', { name: 'Route', exact: true }).click();
    await page.getByRole('button', { name: /65 A, 60 A required; fill 30/ }).click();
    for (const side of ['Inside and around', 'Cut list', 'Fittings', 'Bend marks', 'Share, copy']) {
      await page.getByRole('button', { name: side, exact: true }).click();
      expect(await faults(page, theme), side).toEqual([]);
      if (theme !== 'paper') break;
    }
    await page.goto('/jobs/demo-orchard-lane/kiln/strip?segment=0');
    await expect(page.getByRole('article')).toBeVisible();
    expect(await faults(page, theme), 'strip').toEqual([]);
  });
}
