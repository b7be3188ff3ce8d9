import { closeDialog, expect, figureKey, saved, openEmpty, test, working } from '../support/app';

test('a hot tub by pointer: typed, surveyed, protected, wired, run another way, under another edition', async ({
  page,
}) => {
  await openEmpty(page, 'Ridge Road 12');
  await page.getByRole('button', { name: /Survey/ }).click();
  await expect(page.getByRole('heading', { name: 'Appliances by their plates' })).toBeVisible();
  await page.getByPlaceholder('hot tub 50').fill('hot tub 50 46 ft pvc outdoors');
  await expect(page.getByText(/Hot tub, 40 A, 50 A circuit, 46 ft, PVC Sch 40, outdoor/)).toBeVisible();
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('list', { name: 'Still to find out' })).toContainText(
    'Where is the disconnect?',
  );
  await page.getByLabel('Disconnect from the appliance').fill('12 ft');
  await page.getByLabel('To the water').fill('4');
  await page.getByRole('button', { name: 'Hot tub, 40 A' }).click();

  await expect(figureKey(page, 'Disconnect')).toContainText('Stop');
  await figureKey(page, 'Disconnect').click();
  await expect(working(page)).toContainText('The disconnect is 4 ft from the water; 5 ft is the least.');
  await working(page).getByLabel('To the water').fill('7 ft');
  await expect(figureKey(page, 'Disconnect')).toContainText('OK');

  await figureKey(page, 'Protection').click();
  await expect(working(page)).toContainText('GFCI protection is required: the outlet of a tub.');
  await working(page).getByLabel('Form of GFCI protection').selectOption('none');
  await expect(figureKey(page, 'Protection')).toContainText('Stop');
  await working(page)
    .getByRole('button', { name: /GFCI protection as required/ })
    .first()
    .click();
  await expect(figureKey(page, 'Protection')).toContainText('OK');

  await page.getByRole('button', { name: 'Terminations' }).click();
  await expect(page.getByRole('group', { name: 'Terminations, Spa panel' })).toBeVisible();
  await page.getByRole('button', { name: /^1: green 10 AWG: G, 35 lb-in/ }).press('Enter');
  await page.getByLabel('Torque applied').fill('35');
  await page.getByLabel('Torque applied').press('Enter');
  await expect(page.getByText(/Torque recorded at 1 of 17 screws/)).toBeVisible();
  await expect(page.getByRole('button', { name: /^2: / })).toHaveAttribute('aria-pressed', 'true');
  await closeDialog(page);

  await page.getByRole('button', { name: 'Compare options' }).click();
  const routes = page.getByRole('region', { name: 'Options that pass' });
  await routes.getByRole('button', { name: '6 AWG copper in 3/4 EMT' }).click();
  await page.getByRole('button', { name: 'Use this instead' }).click();
  await expect(figureKey(page, 'Raceway')).toContainText('3/4EMT');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(figureKey(page, 'Raceway')).toContainText('PVC 40');
  await saved(page);
});

test('a mini split by keyboard alone: typed, wired to its breaker by shop practice, and a plug looked up', async ({
  page,
}) => {
  const { keyboard } = page;
  await openEmpty(page, 'Mill Lane');
  await keyboard.press('n');
  await expect(page.getByLabel('Output on the nameplate')).toBeFocused();
  for (let presses = 0; presses < 6; presses += 1) {
    await keyboard.press('Shift+Tab');
    const there = await page
      .getByRole('dialog')
      .getByPlaceholder('hot tub 50')
      .evaluate((each) => each === document.activeElement);
    if (there) break;
  }
  await keyboard.type('mini split 19/30 38 ft');
  await keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Mini split, 19/30 A' })).toBeVisible();
  await expect(figureKey(page, 'Conductor')).toContainText('12AWG');
  await keyboard.press('Control+k');
  await expect(page.getByPlaceholder(/Find a circuit/)).toBeFocused();
  await keyboard.type('practices');
  await keyboard.press('Enter');
  const split = page.getByRole('listitem').filter({ hasText: 'Mini split and heat pump' });
  await expect(split).toContainText('in 1 circuit');
  await split.getByRole('button', { name: 'Take the other' }).focus();
  await keyboard.press('Enter');
  await closeDialog(page);
  await expect(figureKey(page, 'Conductor')).toContainText('10AWG');
  await keyboard.press('Control+z');
  await expect(figureKey(page, 'Conductor')).toContainText('12AWG');
});

test('forty appliances of a schedule come in at once, and go out as the same schedule', async ({ page }) => {
  await openEmpty(page, 'Plat 7');
  await page.getByRole('button', { name: /Survey/ }).click();
  await expect(page.getByRole('heading', { name: 'Appliances by their plates' })).toBeVisible();
  await page.getByRole('button', { name: 'Read a schedule' }).click();
  const rows = Array.from(
    { length: 40 },
    (_, at) =>
      `Unit ${at + 1},${['range 12 kW', 'dryer 5.4', 'ev 48', 'water heater 4.5'][at % 4] ?? ''},${30 + at}`,
  );
  await page.getByLabel('File of a schedule').setInputFiles({
    name: 'plat.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(['name,appliance,length', ...rows, 'Bad,sofa,3'].join('\n')),
  });
  await expect(page.getByText(/"sofa" names no appliance/)).toBeVisible();
  await page.getByRole('button', { name: 'Add 40 circuits' }).click();
  await expect(page.getByLabel(/Paste it here/)).toHaveValue('name,appliance,length\nBad,sofa,3');
  await expect(page.getByLabel(/Paste it here/)).toBeFocused();
  await closeDialog(page);
  await expect(page.getByRole('button', { name: 'Unit 40' })).toBeAttached();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('Nothing surveyed yet.')).toBeVisible();
});

test('a search of options can be stopped and started again', async ({ page }) => {
  await openEmpty(page, 'Ridge Road 12');
  await page.getByRole('button', { name: 'Add the first circuit' }).click();
  await page.getByRole('button', { name: 'Add the circuit' }).click();
  await page.getByRole('button', { name: 'Compare options' }).click();
  await expect(page.getByRole('region', { name: 'Options that pass' })).toBeVisible();
  await expect(page.getByText(/Limited by:/)).toBeVisible();
  await page.getByLabel('Sort by', { exact: true }).selectOption('pull');
  await page.getByText(/options that do not hold, and why/).click();
  await expect(page.getByText(/not in Pasture's tables/).first()).toBeVisible();
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

  test('a range is surveyed with one hand: typed, its sink measured, its protection seen', async ({
    page,
  }) => {
    await openEmpty(page, 'Ridge Road 12');
    await page.getByRole('button', { name: /Survey/ }).tap();
    await expect(page.getByRole('heading', { name: 'Appliances by their plates' })).toBeVisible();
    await page.getByPlaceholder('hot tub 50').fill('range 12 kW');
    await page.getByRole('button', { name: 'Add', exact: true }).tap();
    const power = page.getByLabel('KW');
    await expect(power).toHaveAttribute('inputmode', 'decimal');
    await power.fill('16.6');
    await page.getByLabel('Cord path to the nearest sink').fill('5');
    const overflow = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
    expect(overflow).toBeLessThanOrEqual(0);
    const low = await page.evaluate(() =>
      [...document.querySelectorAll<HTMLElement>('input:not([hidden]), select, .mantine-Button-root')]
        .filter((each) => each.offsetParent !== null && each.getBoundingClientRect().height < 48)
        .map((each) => each.outerHTML.slice(0, 80)),
    );
    expect(low).toEqual([]);
    await page.getByRole('button', { name: 'Range, 16.6 kW' }).tap();
    await expect(figureKey(page, 'Breaker')).toContainText('50');
    await figureKey(page, 'Protection').tap();
    await expect(working(page)).toContainText('receptacle within reach of a sink');
  });
});
