import {
  addCircuit,
  expect,
  figureKey,
  goTo,
  openDemo,
  openOneCharger,
  startJob,
  test,
  working,
} from '../support/app';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

test('on a phone: add a charger, see it stopped, apply a remedy', async ({ page }) => {
  await startJob(page, 'Ridge Road 12');
  await addCircuit(page, '62 ft');
  await expect(page.getByRole('list', { name: 'The segments of the run' })).toContainText(
    '62 ft of NM-B 4/3',
  );
  await figureKey(page, 'Conductor').tap();
  await working(page).getByLabel('Size').selectOption('6');
  await expect(figureKey(page, 'Conductor')).toContainText('Stop');
  await working(page)
    .getByRole('button', { name: /Set the charger to 44 A/ })
    .tap();
  await expect(figureKey(page, 'Conductor')).toContainText('OK');
});

test('on a phone nothing is wider than the screen, and what is tapped is tall enough for a thumb', async ({
  page,
}) => {
  await openOneCharger(page);
  await expect(figureKey(page, 'Conductor')).toBeVisible();
  const overflow = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
  expect(overflow).toBeLessThanOrEqual(0);
  const low = await page.evaluate(() =>
    [...document.querySelectorAll<HTMLElement>('[data-link], input, select, .mantine-Button-root')]
      .filter((each) => each.offsetParent !== null && each.getBoundingClientRect().height < 48)
      .map((each) => each.outerHTML.slice(0, 80)),
  );
  expect(low).toEqual([]);
});

test('on a phone the packet: reader, what is missing, pages one across, the seal at hand, its PDF', async ({
  page,
}) => {
  await openDemo(page, 'packet');
  const page1 = page.getByRole('button', { name: 'Page 1: Split-level, Orchard Lane' });
  await expect(page1).toBeVisible();
  const wide = (await page1.locator('svg').first().boundingBox())?.width ?? 0;
  expect(wide).toBeGreaterThan(330);
  const top = async (name: RegExp | string): Promise<number> =>
    (await page.getByRole('region', { name }).boundingBox())?.y ?? 0;
  expect(await top('For whom')).toBeLessThan(await top('Before it can be sealed'));
  expect(await top('Before it can be sealed')).toBeLessThan(await top('Reading order'));
  expect(await top('Reading order')).toBeLessThan(await top('What goes in'));
  await expect(page.getByRole('button', { name: /^Seal for the inspector/ })).toBeInViewport();
  expect(
    await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth),
  ).toBeLessThanOrEqual(0);
  await page.getByRole('button', { name: /^Owner/ }).tap();
  await expect(page.getByRole('heading', { name: 'Packet, for the owner' })).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'PDF', exact: true }).tap();
  expect((await download).suggestedFilename()).toBe('split-level-orchard-lane.owner.pdf');
});

test('on a phone the circuits are a sheet from below', async ({ page }) => {
  await goTo(page, '/');
  await page.getByRole('button', { name: 'Open the demo job' }).tap();
  await page.getByRole('button', { name: 'Circuits', exact: true }).tap();
  await page
    .getByRole('dialog', { name: 'Circuits' })
    .getByRole('button', { name: /^Kiln, studio/ })
    .tap();
  await expect(page.getByRole('heading', { name: 'Kiln, studio' })).toBeVisible();
});

test('on a phone the survey goes from appliance to appliance, and comes back to the one that was left', async ({
  page,
}) => {
  await openDemo(page, 'survey');
  await expect(page.getByText('1 of 10 · nameplate first, then the manual')).toBeVisible();
  await expect(page.getByRole('button', { name: 'EV charger, carport' })).toBeVisible();
  await page.getByRole('button', { name: 'Next: Range, kitchen' }).tap();
  await page.getByRole('button', { name: 'Next: Mini split, north wall' }).tap();
  await expect(page.getByText('3 of 10')).toBeVisible();
  await expect(page.getByLabel('MCA', { exact: true })).toHaveValue('19 A');
  await page.getByRole('button', { name: 'Back to Range, kitchen' }).tap();
  await expect(page.getByText('2 of 10')).toBeVisible();
  await page.getByRole('button', { name: /Circuits/ }).tap();
  await expect(page.getByRole('heading', { name: 'Range, kitchen' })).toBeVisible();
  await page.getByRole('button', { name: /Survey/ }).tap();
  await expect(page.getByText('2 of 10')).toBeVisible();
  await page.getByPlaceholder('hot tub 50').fill('dryer 5.4');
  await page.getByRole('button', { name: 'Add', exact: true }).tap();
  await expect(page.getByText('11 of 11')).toBeVisible();
});
