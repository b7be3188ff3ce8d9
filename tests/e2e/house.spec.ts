import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { believableYear, yearAsXml } from '../../src/core/demand/believableYear';
import { writeJobFile } from '../../src/core/job/jobFile';
import { expect, goTo, importFile, openEmpty, openFullHouse, saved, test } from '../support/app';
import { fullHouse } from '../support/fullHouse/job';

const stage = (page: Page, name: string) => page.getByRole('button', { name: new RegExp(`^\\d.*${name}$`) });
const routes = (page: Page) => page.getByRole('list', { name: 'Options to make room' });
const findings = (page: Page) => page.getByRole('list', { name: 'Findings' });

test('the service of the demo house is too small; the recorder is asked, and load management makes it fit', async ({
  page,
}) => {
  await openFullHouse(page, 'service');
  await expect(page.getByRole('heading', { name: '35.8 A too much' })).toBeVisible();
  await page.getByRole('button', { name: 'Ask the recorder (simulated)' }).click();
  await expect(
    page.getByRole('img', { name: /The week of the peak: 42.4 A at 2025-01-17 17:45/ }),
  ).toBeVisible();
  await page.getByRole('button', { name: /^Measured: .* A over/ }).click();
  await expect(page.getByRole('heading', { name: /Measured method, line by line/ })).toBeVisible();
  await page.getByRole('button', { name: /^Existing dwelling:/ }).click();
  await page.getByRole('button', { name: /Load management that keeps the service to 120 A/ }).click();
  await expect(page.getByRole('heading', { name: '0 A left' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('heading', { name: '35.8 A too much' })).toBeVisible();
});

test('a recorder that is wrong or silent is told, and nothing is lost', async ({
  page,
  quietConsole: _quiet,
}) => {
  await openFullHouse(page, 'service');
  const behavior = page.getByLabel('How the simulated recorder behaves');
  await behavior.selectOption('hourly');
  await page.getByRole('button', { name: 'Ask the recorder (simulated)' }).click();
  await expect(page.getByText(/Intervals longer than 15 minutes: raised by 1.3/)).toBeVisible();
  await page.getByLabel('Demand record, CSV or XML').setInputFiles({
    name: 'page.xml',
    mimeType: 'text/xml',
    buffer: Buffer.from('<!DOCTYPE x [<!ENTITY a "b">]><x>&a;</x>'),
  });
  await expect(page.getByRole('alert')).toContainText('The XML has a document type');
  await page.getByLabel('Demand record, CSV or XML').setInputFiles({
    name: 'year.xml',
    mimeType: 'text/xml',
    buffer: Buffer.from(yearAsXml(believableYear(7, Date.UTC(2025, 0, 1)))),
  });
  await expect(page.getByText('35040 readings.')).toBeVisible();
});

test('room is made in a full panel: the fewest moves, undone, made again, and printed', async ({ page }) => {
  await openFullHouse(page, 'panel');
  await expect(findings(page)).toContainText('19 spaces wanted, 8 free');
  await routes(page)
    .getByRole('button', { name: /11 breakers for two, 11 moves/ })
    .click();
  await expect(page.getByRole('heading', { name: 'Every circuit has a space' })).toBeVisible();
  await expect(
    page.getByRole('button', { name: /Space 1, 3, 60 A, two poles, EV charger, carport/ }),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: /Space 21b, 20 A, Dishwasher, from 13/ })).toBeVisible();
  await expect(findings(page)).not.toContainText('Stop');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(findings(page)).toContainText('19 spaces wanted');
  await page.getByRole('button', { name: 'Redo' }).click();
  await saved(page);
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Every circuit has a space' })).toBeVisible();

  await page.getByRole('button', { name: /Space 37b, 15 A, Plugs/ }).click();
  await page.getByLabel('What it feeds, as the directory will say').fill('Hall outlets');
  await page.getByRole('link', { name: 'Directory, before and after' }).click();
  await expect(page.getByRole('row', { name: '37b 15 A Hall outlets' })).toBeVisible();
  const coming = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Panel, utility room as CSV' }).click();
  const schedule = await readFile(await (await coming).path(), 'utf8');
  expect(schedule).toContain('"1,3",2p60,plain,"EV charger, carport"');
  expect(schedule).toContain('37b,15,plain,Hall outlets,,A,moved');
});

test('by keyboard: a circuit is picked, put into a space, refused where another stands, and shared where the label allows', async ({
  page,
}) => {
  await openFullHouse(page, 'panel');
  await expect(page.getByRole('group', { name: /Face of/ })).toBeVisible();
  const kiln = page.getByRole('button', { name: /^Kiln, studio/ });
  await kiln.focus();
  await page.keyboard.press('Enter');
  await expect(kiln).toHaveAttribute('aria-pressed', 'true');
  await page.getByRole('button', { name: 'Space 3, empty' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('Space 5 is taken');
  await page.getByRole('button', { name: 'Space 1, empty' }).focus();
  await page.keyboard.press('Enter');
  await expect(kiln).toContainText('space 1');
  await page.getByRole('button', { name: /^Space 13, 20 A, Dishwasher/ }).focus();
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: /^Space 21, 15 A, Hall lights/ }).focus();
  await page.keyboard.press(' ');
  await expect(page.getByRole('button', { name: 'Space 21b, 20 A, Dishwasher, from 13' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Space 13, empty' })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('button', { name: /^Space 13, 20 A, Dishwasher/ })).toBeVisible();
});

test('a subpanel takes the new circuits, with its feeder as a circuit of the job', async ({ page }) => {
  const circuits = fullHouse.circuits.filter(({ id }) => id === 'deck-tub' || id === 'kitchen-range');
  await importFile(page, 'two-circuits.pasture.json', writeJobFile({ ...fullHouse, circuits }));
  await stage(page, 'Panel').click();
  await routes(page)
    .getByRole('button', { name: /-space subpanel beside it, \d+ A feeder/ })
    .click();
  await page.getByRole('navigation', { name: 'Panels' }).getByRole('button', { name: 'Subpanel 1' }).click();
  await expect(page.getByRole('heading', { name: 'Subpanel 1' })).toBeVisible();
  await expect(page.getByRole('button', { name: /two poles, Hot tub, deck/ })).toBeVisible();
  await stage(page, 'Circuits').click();
  await expect(page.getByRole('button', { name: /^Feeder, subpanel 1 125 A/ })).toBeVisible();
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

  test('a panel is surveyed severity before it: label, circuits, what is left', async ({ page }) => {
    await openEmpty(page, 'Ridge Road 12');
    await stage(page, 'Survey').tap();
    await page.getByRole('button', { name: 'Panels 0' }).tap();
    await page.getByRole('button', { name: 'Add a panel' }).tap();
    const main = page.getByLabel('Main breaker');
    await expect(main).toHaveAttribute('inputmode', 'decimal');
    await main.fill('200');
    await page
      .getByLabel('Circuits that are there')
      .fill('1,3 2p30 dryer; 2 20 kitchen; 4 20/20 bed, hall; 77 20 porch');
    await expect(page.getByRole('alert')).toContainText('Row 4, space “77”');
    await expect(page.getByRole('img', { name: /Space 4b, 20 A, hall/ })).toBeVisible();
    const overflow = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
    expect(overflow).toBeLessThanOrEqual(0);
    const low = await page.evaluate(() =>
      [
        ...document.querySelectorAll<HTMLElement>(
          'input:not([hidden], [type=checkbox]), label:has([type=checkbox]), select, .mantine-Button-root',
        ),
      ]
        .filter((each) => each.offsetParent !== null && each.getBoundingClientRect().height < 48)
        .map((each) => each.outerHTML.slice(0, 80)),
    );
    expect(low).toEqual([]);
    await stage(page, 'Panel').tap();
    await expect(page.getByRole('group', { name: 'Face of Panel' })).toBeVisible();
    await expect(page.getByRole('heading', { name: 'Every circuit has a space' })).toBeVisible();
  });

  test('service and panel fit the screen', async ({ page }) => {
    await goTo(page, '/');
    await page.getByRole('button', { name: 'Open the demo job' }).tap();
    for (const name of ['Service', 'Panel']) {
      await stage(page, name).tap();
      await expect(
        page.getByRole('group', { name: name === 'Panel' ? /Face of/ : /Load of the service/ }),
      ).toBeVisible();
      const overflow = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
      expect(overflow).toBeLessThanOrEqual(0);
    }
  });
});
