import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { addCircuit, expect, openDemo, openEmpty, test } from '../support/app';

const parts = (page: Page) => page.getByRole('navigation', { name: 'What it is for' });
const plan = (page: Page) => page.getByRole('region', { name: 'Cut plan and list' });
const working = (page: Page) => page.getByRole('complementary', { name: 'Working' });

test('one list for one trip: by part, by item, with the working of each length', async ({ page }) => {
  await openDemo(page, 'materials');
  await expect(plan(page).getByRole('heading', { name: 'Cut plan' })).toBeVisible();
  await expect(plan(page).getByRole('group', { name: /^How \d+ kinds of wire/ })).toBeVisible();
  await plan(page).getByRole('button', { name: '6 AWG THWN-2, black' }).click();
  await expect(working(page).getByRole('heading', { name: /6 AWG THWN-2, black/ })).toBeVisible();
  await expect(working(page).getByRole('row', { name: /^8 B to D/ })).toContainText('78');
  await expect(working(page).getByText('Proved: nothing cheaper exists at these prices.')).toBeVisible();
  await parts(page).getByRole('button', { name: /Kiln/ }).click();
  await plan(page).getByRole('button', { name: 'Where it is used' }).click();
  const first = plan(page).locator('tbody').first();
  await expect(first.getByRole('rowheader', { name: '8 Kiln, studio' })).toBeVisible();
  await expect(first.getByRole('row', { name: /6 AWG THWN-2, black/ })).toContainText('78 ft');
});

test('by keyboard: a line is chosen and the list leaves as a table and as plain text', async ({ page }) => {
  await openDemo(page, 'materials');
  const line = plan(page).getByRole('button', { name: 'NM-B 8/3' });
  await line.focus();
  await page.keyboard.press('Enter');
  await expect(line).toHaveAttribute('aria-pressed', 'true');
  const saved = page.waitForEvent('download');
  await plan(page).getByRole('button', { name: 'CSV' }).click();
  const csv = await readFile(await (await saved).path(), 'utf8');
  expect(csv.split(/\r?\n/)[0]).toBe('item,need,unit,truck,buy,price');
  expect(csv).toContain('NM-B 8/3,43,ft,,43 ft cut,111.80');
  const text = page.waitForEvent('download');
  await plan(page).getByRole('button', { name: 'Plain text' }).click();
  expect(await readFile(await (await text).path(), 'utf8')).toContain('NM-B 8/3: 43 ft cut');
});

test('what lies on the truck is cut first, and a price that is typed is dated', async ({ page }) => {
  await openDemo(page, 'materials');
  await plan(page).getByRole('button', { name: 'NM-B 8/3' }).click();
  await expect(working(page).getByText(/no quote/)).toBeVisible();
  await working(page).getByLabel('Price of a foot, $').fill('2.75');
  await working(page).getByLabel('Price of a foot, $').press('Enter');
  await expect(working(page).getByText(/^Price of .*, typed\.$/)).toBeVisible();
  const row = plan(page).getByRole('row', { name: /^NM-B 8\/3/ });
  await expect(row).toContainText('$118.25');
  await working(page).getByLabel('On the truck, ft').fill('60 ft coil');
  await expect(working(page).getByText(/lengths in feet apart by commas/)).toBeVisible();
  await working(page).getByLabel('On the truck, ft').fill('60');
  await expect(row).toContainText('nothing');
  await expect(row).toContainText('$0.00');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(row).toContainText('$118.25');
});

test('prices are read from a file: what is refused is told by its line', async ({ page }) => {
  await openDemo(page, 'materials');
  await page.getByLabel('Prices as CSV').setInputFiles({
    name: 'april.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(
      'item,pack_ft,price,date,source\nNM-B 8/3,,$2.75,2026-03-12,Ridgeline\nNM-B 6/2,,-3,,\n',
    ),
  });
  const read = parts(page).getByRole('status');
  await expect(read).toContainText('april.csv: 1 price read, 1 row refused.');
  await expect(read).toContainText('Line 3, price “-3”: dollars');
  await expect(plan(page).getByRole('row', { name: /^NM-B 8\/3/ })).toContainText('$118.25');
});

test('the simulated supplier is asked: its prices are dated today, and an answer that is none leaves what is known', async ({
  page,
}) => {
  await openDemo(page, 'materials');
  const total = parts(page).getByText(/at the list for comparing/);
  await expect(total).toContainText('94 lines');
  await parts(page).getByRole('button', { name: 'Ask the supplier (simulated)' }).click();
  await expect(parts(page).getByRole('status')).toContainText(/Supplier \(simulated\): \d+ prices read/);
  await expect(total).not.toContainText('94 lines');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(total).toContainText('94 lines');
  await page.route('**/standins/prices**', (route) => route.fulfill({ body: 'closed on Sundays' }));
  await parts(page).getByRole('button', { name: 'Ask the supplier (simulated)' }).click();
  await expect(parts(page).getByRole('alert')).toContainText(
    'Supplier (simulated): The file has no rows under its header.',
  );
});

test('an empty job has nothing to cut; one with a circuit has its list', async ({ page }) => {
  await openEmpty(page, 'Nothing yet');
  await page.keyboard.press('6');
  await expect(page.getByRole('heading', { name: 'Nothing to cut yet' })).toBeVisible();
  await page.keyboard.press('3');
  await addCircuit(page, '62 ft');
  await page.keyboard.press('6');
  await expect(parts(page).getByRole('button', { name: /EV charger/ })).toBeVisible();
});

test('a piece is laid on another bar by the keys and by the pointer, refused where it does not fit, and the cheapest comes back', async ({
  page,
}) => {
  await openDemo(page, 'materials');
  await plan(page).getByRole('button', { name: '6 AWG THWN-2, black' }).click();
  const short = plan(page).getByRole('button', { name: /^4 C to D, 16 ft/ });
  const long = plan(page).getByRole('button', { name: /^8 B to D, 78 ft/ });
  await long.focus();
  await page.keyboard.press('Alt+ArrowDown');
  await expect(plan(page).getByRole('alert')).toHaveText('78 ft does not fit in 0 ft left.');
  await working(page).getByLabel('On the truck, ft').fill('100, 70');
  await expect(long).toHaveAccessibleName(/on 100 ft$/);
  const lies = (await short.getAttribute('aria-label')) ?? '';
  const other = lies.endsWith('on 100 ft') ? /^4 B to C, 45 ft, on 70 ft/ : /^8 B to D, 78 ft, on 100 ft/;
  const [from, to] = [
    await short.boundingBox(),
    await plan(page).getByRole('button', { name: other }).boundingBox(),
  ];
  if (from === null || to === null) throw new Error('Not drawn.');
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(to.x + to.width / 2, to.y + to.height / 2, { steps: 4 });
  await page.mouse.up();
  await expect(working(page).getByText('1 bar laid by hand.')).toBeVisible();
  await expect(short).not.toHaveAccessibleName(lies);
  await working(page).getByRole('button', { name: 'Cheapest again' }).click();
  await expect(short).toHaveAccessibleName(lies);
});
