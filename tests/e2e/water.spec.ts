import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { expect, goTo, openDemo, openEmpty, test } from '../support/app';

const list = (page: Page) => page.getByRole('navigation', { name: 'In the yard' });
const bonded = (page: Page) => page.getByRole('region', { name: 'What must be bonded' });
const copper = (page: Page) => page.getByRole('region', { name: 'Copper of the bonding' });

/** A job with a pool and what was typed beside it, at the plan. */
async function typedPool(page: Page, line: string): Promise<void> {
  await openEmpty(page, 'Pool on the hill');
  await page.keyboard.press('4');
  await page.getByLabel('Add by typing').fill(line);
  await page.getByLabel('Add by typing').press('Enter');
  await expect(page.getByRole('heading', { name: 'Yard and water' })).toBeVisible();
}

test('a pool is typed with what stands by it: the plan, its ring and what it lacks follow at once', async ({
  page,
}) => {
  await openEmpty(page, 'Pool on the hill');
  await page.keyboard.press('4');
  await expect(page.getByRole('heading', { name: 'No pool or tub in the yard yet' })).toBeVisible();
  const line = page.getByLabel('Add by typing');
  await line.fill('oval pool 16 x 32');
  await expect(page.getByText(/two half circles with straight sides/)).toBeVisible();
  await line.fill('pool 16 x 32 in-ground concrete, pump 11 ft east, metal fence 4 ft south');
  await expect(
    page.getByText('16 × 32 ft, in-ground pool, concrete, bare steel tied; Pump; Fence'),
  ).toBeVisible();
  await line.press('Enter');
  await expect(copper(page).getByRole('row', { name: /Ring at 21 in/ })).toContainText('107 ft');
  await expect(copper(page).getByRole('row', { name: /Mistake/ })).toContainText('98 ft, 9 ft short');
  await expect(bonded(page).getByRole('listitem')).toHaveText([
    /Shell steel/,
    /Surface/,
    /Pump/,
    /Fence.*4 ft off/,
  ]);
  const lacking = page.getByRole('listitem').filter({ hasText: /No 125 V receptacle stands 6 to 20 ft/ });
  await lacking.getByRole('button', { name: /A receptacle with GFCI/ }).click();
  await expect(lacking).toBeHidden();
  await expect(list(page).getByRole('button', { name: /^Receptacle/ })).toContainText('GFCI');
  await page.reload();
  await expect(list(page).getByRole('button', { name: /^Pump/ })).toContainText('11 ft');
});

test('by pointer: a receptacle is dragged to the water, stopped there, moved by its fix, and taken back', async ({
  page,
}) => {
  await typedPool(page, 'pool 16 x 32 in-ground concrete, receptacle 8 ft south');
  const plan = page.getByRole('region', { name: 'The plan' });
  const grip = plan.getByRole('button', { name: 'Receptacle' });
  const box = await grip.boundingBox();
  if (box === null) throw new Error('The receptacle is not on the plan.');
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x, y - 20);
  await page.mouse.move(x, y - 44, { steps: 4 });
  await page.mouse.up();
  const stop = page
    .getByRole('listitem')
    .filter({ hasText: /Receptacle is .* from the water along a cord; 6 ft or more/ });
  await expect(stop).toBeVisible();
  await expect(page.getByRole('region', { name: 'Picked' }).getByRole('heading')).toHaveText('Receptacle');
  await stop.getByRole('button', { name: /Move Receptacle to 6.5 ft/ }).click();
  await expect(stop).toBeHidden();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(stop).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(stop).toBeHidden();
  await expect(list(page).getByRole('button', { name: /^Receptacle/ })).toContainText('8 ft along a cord');
});

test('a pool is dragged: its zones and ring go with the pointer, its distances follow when it rests', async ({
  page,
}) => {
  await typedPool(page, 'pool 16 x 32 in-ground concrete, receptacle 10 ft south');
  const plan = page.getByRole('region', { name: 'The plan' });
  const box = await plan.getByRole('button', { name: 'Pool', exact: true }).boundingBox();
  if (box === null) throw new Error('The pool is not on the plan.');
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  const ring = plan.locator('[data-water]').last();
  const glided = await ring.evaluateHandle((drawn) => {
    const seen: (string | null)[] = [];
    new MutationObserver(() => seen.push(drawn.getAttribute('transform'))).observe(drawn, {
      attributes: true,
    });
    return seen;
  });
  await page.mouse.move(x, y - 30, { steps: 3 });
  await page.mouse.up();
  await expect
    .poll(() => glided.evaluate((seen) => seen.some((each) => each?.startsWith('translate(0 -'))))
    .toBe(true);
  await expect(ring).not.toHaveAttribute('transform', /translate/);
  await expect(list(page).getByRole('button', { name: /^Receptacle/ })).not.toContainText('10 ft along');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(list(page).getByRole('button', { name: /^Receptacle/ })).toContainText('10 ft along a cord');
});

test('by keyboard: picked in the list, moved by arrows and by a typed distance, removed', async ({
  page,
}) => {
  await typedPool(page, 'pool 16 x 32 in-ground concrete, timer 8 ft south');
  const row = list(page).getByRole('button', { name: /^Timer/ });
  await row.focus();
  await page.keyboard.press('Enter');
  const grip = page.getByRole('region', { name: 'The plan' }).getByRole('button', { name: 'Timer' });
  await grip.focus();
  for (let step = 0; step < 4; step += 1) await page.keyboard.press('ArrowUp');
  await expect(row).toContainText('4 ft along');
  await expect(page.getByText(/Timer is 4 ft from the water/)).toBeVisible();
  const field = page.getByLabel('From the inside wall', { exact: true }).first();
  await field.fill(`5'6"`);
  await expect(row).toContainText('5 ft 6 in');
  await expect(page.getByText(/Timer is .* from the water. A hand/)).toBeHidden();
  await field.fill('five');
  await expect(page.getByText(/Type a length such as/)).toBeVisible();
  await expect(row).toContainText('5 ft 6 in');
  await grip.focus();
  await page.keyboard.press('Delete');
  await expect(row).toBeHidden();
});

test('an outline that crosses itself is refused where it does, and what was typed stays', async ({
  page,
}) => {
  await typedPool(page, 'l-shaped pool 24 x 30 fiberglass');
  await list(page).getByRole('button', { name: /^Pool/ }).click();
  const points = page.getByLabel('Points: right, up (ft)');
  await points.fill('0, 0; 10, 10; 10, 0; 0, 10');
  await expect(page.getByText(/the outline crosses itself at x 5 ft, y 5 ft/)).toBeVisible();
  await expect(points).toHaveValue('0, 0; 10, 10; 10, 0; 0, 10');
  await expect(copper(page).getByRole('row', { name: /Ring at/ })).toContainText('118.2 ft');
});

test('the circuit of a pump is made from the plan, and the spa panel keeps its distances', async ({
  page,
}) => {
  await typedPool(page, 'pool 16 x 32 in-ground concrete, pump 11 ft east, house wall 20 ft north');
  await list(page).getByRole('button', { name: /^Pump/ }).click();
  await page.getByRole('button', { name: 'Make its circuit' }).click();
  await page.getByRole('button', { name: 'Open its circuit' }).click();
  await expect(page.getByRole('heading', { name: 'Pump, yard' })).toBeVisible();
});

test('a lifted ring is worse than no bond at all: volts by person, and the ladder of bonds', async ({
  page,
}) => {
  await openDemo(page, 'water');
  await list(page).getByRole('button', { name: /^Pool/ }).click();
  await page.getByLabel('Built of').selectOption('vinyl');
  await page.getByRole('button', { name: 'Touch voltage' }).click();
  const ladder = page.getByRole('img', { name: /^Volts bridged/ });
  await expect(ladder).toBeVisible();
  await expect(page.getByText(/Partly bonded is worse than not bonded/)).toBeVisible();
  const hand = page.getByRole('button', { name: /^Hand on Ladder/ });
  await expect(hand).toContainText(/0\.\d V/);
  await page.getByRole('checkbox', { name: 'Bond of Ring' }).uncheck();
  await page.getByRole('button', { name: 'Bond of Fence, on' }).click();
  await expect(hand).toContainText(/2\d\.\d V/);
  await page.getByRole('button', { name: 'Close the bond of Ring' }).click();
  await expect(hand).toContainText(/0\.\d V/);
  const foot = page.getByRole('button', { name: 'Foot', exact: true });
  await foot.focus();
  await page.keyboard.press('ArrowLeft');
  await expect(page.getByRole('navigation', { name: 'People and bonds' }).getByRole('listitem')).toHaveCount(
    6,
  );
  await expect(page.getByText('Teaching figures, never a pass.')).toBeVisible();
});

test('a picture of the site lies under the plan, scaled by two points, and goes with the job', async ({
  page,
}) => {
  await typedPool(page, 'pool 16 x 32 in-ground concrete');
  await page.getByLabel('Picture of the site').setInputFiles('docs/screenshots/jobs.png');
  const site = page.locator('svg image');
  await expect(site).toHaveCount(1);
  const width = async () => Number(await site.getAttribute('width'));
  const before = await width();
  await page.getByLabel(/Between them/).fill('40 ft');
  await expect.poll(width).toBeCloseTo(2 * before, 0);
  const grip = page.getByRole('button', { name: 'Second point of the scale' });
  await grip.focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByLabel(/Between them/)).toHaveValue('40 ft 6 in');
  await page.getByRole('button', { name: 'Scale is set' }).click();
  await expect(grip).toBeHidden();
  await page.reload();
  await expect(site).toHaveCount(1);
  await page.getByRole('button', { name: 'Remove it' }).click();
  await expect(site).toHaveCount(0);
});

test('the plan leaves as a drawing, as a picture, and on paper with the stages of the inspector', async ({
  page,
}) => {
  await openDemo(page, 'water');
  const saved = async (name: string): Promise<string> => {
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name, exact: true }).click(),
    ]);
    return readFile(await file.path(), 'utf8');
  };
  const dxf = await saved('DXF');
  for (const layer of ['WATER', 'RING', 'TAILS', 'ZONES', 'QUANTITIES']) expect(dxf).toContain(layer);
  expect(dxf).toContain('Ring at 21 in; 18 to 24 in required: 107 ft');
  expect(await saved('SVG')).toContain('Pool 16');
  await page.getByRole('link', { name: 'Plan sheet' }).click();
  await expect(page.getByText('Before backfill, and before the deck is poured')).toBeVisible();
  await expect(page.getByRole('img', { name: 'Pool, plan' })).toBeVisible();
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('the ring is walked: measured side by side, stopped at 29 in, photographed', async ({ page }) => {
    await openDemo(page);
    await goTo(page, `${/.*\/jobs\/[^/]+/.exec(page.url())?.[0] ?? ''}/water/walk`);
    const walk = page.getByRole('region', { name: 'Walk around Pool' });
    await expect(walk.getByRole('status')).toContainText('0 of 11 seen and right');
    await page.getByLabel('Who signs here').fill('lead');
    await page.getByLabel('Who signs here').press('Enter');
    await walk.getByRole('button', { name: /Ring, south side/ }).tap();
    const right = walk.getByRole('button', { name: /^Seen and right/ });
    await expect(right).toContainText('needs the measure');
    await walk.getByLabel('From the inside wall').fill('29');
    await walk.getByLabel('Below subgrade').fill('5');
    const south = walk.getByRole('button', { name: /Ring, south side/ });
    await expect(south).toContainText('29 in off, 5 in down; 18 to 24 in off is required');
    await expect(right).toContainText('not as required');
    await walk.getByLabel('From the inside wall').fill('22');
    // A figure signs nothing, nor does a photograph; who looked says so.
    await expect(south).toContainText('Not looked at');
    await expect(right).toContainText('needs a photo');
    await walk.getByLabel('Photograph of Ring, south side').setInputFiles('docs/screenshots/jobs.png');
    await expect(walk.getByText('Photo taken; another')).toBeVisible();
    await expect(walk.getByRole('status')).toContainText('0 of 11 seen and right');
    await right.tap();
    await expect(south).toContainText(/22 in off, 5 in down; lead, \S+ \d+, \d{4}/);
    await expect(walk.getByRole('status')).toContainText('1 of 11 seen and right');
    await expect(walk.getByText('10 of 11 are open')).toBeVisible();
    const fence = walk.getByRole('button', { name: /^4 ?Fence/ });
    await expect(fence).toHaveAttribute('aria-expanded', 'true');
    await walk.getByRole('button', { name: 'Not right' }).last().tap();
    await walk.getByLabel('What is not right').fill('Clamp loose');
    await walk.getByLabel('What is not right').press('Enter');
    await expect(fence).toContainText('Clamp loose');
    await walk.getByRole('button', { name: 'Later', exact: true }).tap();
    await walk.getByLabel('Why later').fill('Clamp comes Friday');
    await walk.getByLabel('Why later').press('Enter');
    await expect(fence).toContainText('Clamp comes Friday');
    await expect(walk.getByRole('status')).toContainText('1 of 11 seen and right');
    await page.getByRole('button', { name: 'Undo' }).tap();
    await page.getByRole('button', { name: 'Undo' }).tap();
    await expect(fence).toContainText('Clamp loose');
    await walk.getByLabel('To the inside wall of the water').fill(`5'3"`);
    await expect(walk.getByRole('button', { name: /Fence/ })).toHaveCount(0);
  });
});
