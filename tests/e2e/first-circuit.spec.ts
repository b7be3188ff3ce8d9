import { readFile } from 'node:fs/promises';
import {
  addCircuit,
  expect,
  exportJob,
  importFile,
  openDemo,
  figureKey,
  saved,
  startJob,
  test,
  working,
} from '../support/app';

test('from an empty job to a printed and exported circuit, by pointer', async ({ page, browser }) => {
  await startJob(page, 'Ridge Road 12');
  await addCircuit(page, '62 ft');

  await expect(page.getByRole('heading', { name: 'EV charger, 48 A' })).toBeVisible();
  await expect(figureKey(page, 'Breaker')).toContainText('60');
  await expect(figureKey(page, 'Conductor')).toContainText('4AWG');
  await expect(page.getByRole('img', { name: /Section of the run/ })).toBeVisible();

  await figureKey(page, 'Conductor').click();
  await working(page).getByLabel('Size').selectOption('6');
  await expect(figureKey(page, 'Conductor')).toContainText('Stop');
  await expect(working(page).getByRole('heading')).toContainText([
    '6 AWG NM-B carries 55 A in the 60 °C column; 60 A required.',
  ]);
  await expect(working(page).locator('td[aria-current]')).toHaveText('55');

  await working(page)
    .getByRole('button', { name: /NM-B 4\/3 cable, 4 AWG/ })
    .click();
  await expect(figureKey(page, 'Conductor')).toContainText('OK');
  await expect(page.getByText('0 Stops')).toBeVisible();
  await saved(page);

  await page.reload();
  await expect(figureKey(page, 'Conductor')).toContainText('4AWG');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(figureKey(page, 'Conductor')).toContainText('Stop');
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(figureKey(page, 'Conductor')).toContainText('OK');

  const { name, text } = await exportJob(page);
  expect(name).toBe('ridge-road-12.pasture.json');

  await page.getByRole('button', { name: 'Circuit sheet' }).click();
  await expect(page.getByRole('article')).toContainText('60 A 2P × NM-B 4/3');
  await expect(page.getByRole('article')).toContainText('334.80');
  await expect(page.getByRole('article')).toContainText('each conductor to every other, neutral and ground');
  await page.evaluate(() => {
    window.print = () => {
      document.body.dataset['printed'] = 'yes';
    };
  });
  await page.getByRole('button', { name: 'Print' }).click();
  await expect(page.locator('body')).toHaveAttribute('data-printed', 'yes');

  const other = await browser.newContext();
  const there = await other.newPage();
  await importFile(there, name, text);
  await expect(there.getByRole('heading', { name: 'EV charger, 48 A' })).toBeVisible();
  await expect(figureKey(there, 'Conductor')).toContainText('4AWG');
  expect((await exportJob(there)).text).toBe(text);
  await other.close();
});

test('the same by keyboard alone', async ({ page }) => {
  const { keyboard } = page;
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Jobs in this browser' })).toBeVisible();
  const tabTo = async (name: string): Promise<void> => {
    for (let presses = 0; presses < 40; presses += 1) {
      await keyboard.press('Tab');
      const at = await page.evaluate(() => {
        const focused = document.activeElement;
        if (focused === document.body) return '';
        const label = focused?.id ? document.querySelector(`label[for="${focused.id}"]`) : null;
        return `${focused?.getAttribute('aria-label') ?? ''} ${label?.textContent ?? ''} ${focused?.textContent ?? ''}`;
      });
      if (at.includes(name)) return;
    }
    throw new Error(`The keyboard does not reach "${name}".`);
  };
  await tabTo('Empty job');
  await keyboard.type('Mill Lane');
  await keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Add the first circuit' })).toBeFocused();
  await keyboard.press('Enter');
  await expect(page.getByLabel('Output on the nameplate')).toBeFocused();
  await keyboard.type('48');
  await tabTo('Length of the run');
  await keyboard.type('62');
  await keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'EV charger, 48 A' })).toBeVisible();
  await expect(page.getByRole('dialog')).toBeHidden();

  await keyboard.press('3');
  await expect(figureKey(page, 'Conductor')).toBeFocused();
  await keyboard.press('p');
  await expect(figureKey(page, 'Conductor')).toContainText('by hand');
  await keyboard.press('w');
  await tabTo('Size');
  await keyboard.type('6 AWG, pinned');
  await expect(figureKey(page, 'Conductor')).toContainText('Stop');
  await keyboard.press('Shift+Tab');
  await keyboard.press('a');
  await expect(figureKey(page, 'Conductor')).toContainText('OK');
  await keyboard.press('Control+z');
  await expect(figureKey(page, 'Conductor')).toContainText('Stop');
  await keyboard.press('Control+Shift+z');
  await expect(figureKey(page, 'Conductor')).toContainText('OK');

  await keyboard.press('Control+k');
  await expect(page.getByPlaceholder(/Find a circuit/)).toBeFocused();
  await keyboard.type('sheet');
  await keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Print' })).toBeVisible();
});

test('a field that is not understood keeps what was typed and changes nothing', async ({ page }) => {
  await startJob(page, 'Ridge Road 12');
  await addCircuit(page, '62');
  const length = page.getByLabel('Length, A to B');
  await length.fill('far away');
  await expect(page.getByText(/Type a length such as 62 ft/)).toBeVisible();
  await figureKey(page, 'Voltage drop').click();
  await expect(length).toHaveValue('far away');
  await expect(figureKey(page, 'Voltage drop')).toContainText('over 62 ft');
  await length.fill('80 ft');
  await expect(figureKey(page, 'Voltage drop')).toContainText('over 80 ft');
});

test('one typed line is answered while it is typed, and one Enter makes the job', async ({ page }) => {
  await page.goto('/');
  const line = page.getByLabel('First circuit of a new job');
  await line.fill('48 A charger 35 ft nm indoors');
  const answer = page.getByRole('definition');
  await expect(answer.nth(1)).toContainText('60');
  await expect(answer.nth(2)).toContainText('4 AWG');
  await expect(page.getByText('EV charger, 48 A, 35 ft, NM-B, indoors')).toBeVisible();
  await line.fill('48 A zeppelin');
  await expect(page.getByText(/names no appliance/)).toBeVisible();
  await line.press('Enter');
  await expect(page.getByText(/names no appliance/)).toBeVisible();
  await line.fill('range 12 kW 30 ft');
  await line.press('Enter');
  await expect(page.getByRole('heading', { name: 'Range, 12 kW' })).toBeVisible();
  await page.goto('/');
  await expect(page.getByRole('img', { name: 'Runs of Range, 12 kW' })).toBeVisible();
  const row = page.getByRole('link', { name: /Range, 12 kW/ });
  await expect(row).toContainText('1 circuit, 30 ft');
  await expect(row).toContainText('2023 code');
  await expect(row.getByRole('listitem')).toHaveText([
    /Survey/,
    /Service/,
    /Circuits/,
    /Water/,
    /Panel/,
    /Materials/,
    /Days/,
    /Checks/,
    /Packet/,
  ]);
});

test('the whole job is printed by one command: contents, what is open, service, directory, every circuit', async ({
  page,
}) => {
  await openDemo(page);
  await page.keyboard.press('Control+k');
  await page.getByLabel('Find').fill('print');
  await page.getByText('Print the whole job').click();
  const papers = page.getByRole('article');
  await expect(papers).toHaveCount(12);
  await expect(papers.first()).toContainText('Stop, EV charger, carport. 6 AWG NM-B carries 55 A');
  await expect(papers.nth(1)).toContainText('Panel, utility room: directory, as it will be');
  const coming = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Share' }).click();
  const shared = await coming;
  expect(shared.suggestedFilename()).toBe('Split-level-Orchard-Lane.html');
  const file = await readFile(await shared.path(), 'utf8');
  expect(file.match(/<article/g)).toHaveLength(12);
  expect(file).not.toMatch(/<script|<link|@font-face/);
  await page.emulateMedia({ media: 'print' });
  const breaks = await page.evaluate(() => ({
    sheets: [...document.querySelectorAll('article')]
      .slice(1)
      .map((each) => getComputedStyle(each).breakBefore),
    rows: [
      ...new Set(
        [...document.querySelectorAll('article tr')].map((row) => getComputedStyle(row).breakInside),
      ),
    ],
  }));
  expect(new Set(breaks.sheets)).toEqual(new Set(['page']));
  expect(breaks.rows).toEqual(['avoid']);
});
