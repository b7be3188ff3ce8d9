import { readFile } from 'node:fs/promises';
import DxfParser from 'dxf-parser';
import type { Page } from '@playwright/test';
import { expect, openFullHouse, saved, test } from '../support/app';

const openRoute = async (page: Page, circuit: RegExp): Promise<void> => {
  await openFullHouse(page);
  await page.getByRole('button', { name: circuit }).click();
  await page.getByRole('button', { name: 'Route', exact: true }).click();
  await expect(page.getByRole('combobox', { name: 'The route, typed' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Cut list' })).toBeVisible();
};

const typed = (page: Page) => page.getByRole('combobox', { name: 'The route, typed' });
const side = (page: Page, name: string) => page.getByRole('button', { name, exact: true }).click();
const findings = (page: Page) => page.getByRole('list', { name: 'Findings about the route' });
const choose = (page: Page, holds: RegExp) => page.getByRole('button', { name: holds }).click();

async function download(page: Page, name: string): Promise<string> {
  const coming = page.waitForEvent('download');
  await page.getByRole('button', { name, exact: true }).click();
  return readFile(await (await coming).path(), 'utf8');
}

test('by pointer: a station is dragged, a trench deepened, a raceway shared, and all of it survives a reload', async ({
  page,
}) => {
  await openRoute(page, /^Kiln, studio/);
  const station = page.getByRole('button', { name: /^Station B on the section/ });
  const from = await station.boundingBox();
  if (from === null) throw new Error('Station B is not drawn.');
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(from.x + from.width / 2 + 110, from.y + from.height / 2, { steps: 8 });
  await page.mouse.up();
  await expect(typed(page)).toHaveValue(/^mc (39|40|41)/);

  await choose(page, /65 A, 60 A required; fill 30/);
  await page.getByLabel('Buried under').selectOption('street');
  await expect(findings(page)).toContainText('a street requires 24 in');
  await page.getByRole('button', { name: 'Bury it at 24 in' }).click();
  await expect(
    page.getByRole('img', {
      name: /^Trench 9 in wide and 28 in deep with Kiln, studio, EV charger, visitors/,
    }),
  ).toBeVisible();

  await side(page, 'Share, copy');
  await expect(page.getByRole('table', { name: 'What it does to both' })).toContainText('1 PVC Sch 80');
  await page.getByRole('button', { name: 'Share it' }).click();
  await side(page, 'Fill and cover');
  await expect(
    page.getByRole('img', { name: 'Raceway seen end on with BK, RD, BK, RD, WH, GN' }),
  ).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(typed(page)).toHaveValue(/trench 24 street/);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText(/shared with EV outlet, garage/)).toBeHidden();
});

test('by keyboard: from the figures to the route, the way typed, a station moved, undone', async ({
  page,
}) => {
  await openFullHouse(page);
  await page.keyboard.press('r');
  await expect(typed(page)).toHaveValue('nm 62 joists at 8 to 4');
  await typed(page).focus();
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.type('nm 38 joists, box, emt 12 down wall, pvc 45 trench 18, lfnc 4');
  await page.keyboard.press('Tab');
  await expect(
    page.getByRole('table', { name: 'The segments of the run' }).getByRole('columnheader'),
  ).toHaveCount(4, { timeout: 10_000 });
  await page.getByRole('button', { name: /^Station C on the section/ }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByLabel('Length, B to C')).toHaveValue('13 ft');
  await page.getByRole('button', { name: /^Height of C to D/ }).focus();
  await page.keyboard.press('ArrowDown');
  await expect(typed(page)).toHaveValue(/trench 24 /);
  await page.keyboard.press('ControlOrMeta+z');
  await page.keyboard.press('ControlOrMeta+z');
  await page.keyboard.press('ControlOrMeta+z');
  await expect(typed(page)).toHaveValue('nm 62 joists at 8 to 4');
  await page.getByRole('button', { name: 'Figures', exact: true }).focus();
  await page.keyboard.press('r');
  await expect(page.getByRole('region', { name: 'The working' })).toBeVisible();
});

test('the section as SVG and as DXF reads back, whole or looked at closer', async ({ page }) => {
  await openRoute(page, /^Kiln, studio/);
  const svg = await download(page, 'SVG');
  expect(svg).toContain('3/4 PVC Sch 80');
  expect(svg).not.toMatch(/var\(--|url\(http/);
  const shown = await page.evaluate((text) => {
    const read = new DOMParser().parseFromString(text, 'image/svg+xml');
    return { bad: read.querySelector('parsererror') !== null, texts: read.querySelectorAll('text').length };
  }, svg);
  expect(shown.bad).toBe(false);
  expect(shown.texts).toBeGreaterThan(10);
  const drawing = new DxfParser().parseSync(await download(page, 'DXF'));
  const layers = new Set(drawing?.entities.map(({ layer }) => layer));
  expect([...layers]).toEqual(
    expect.arrayContaining(['GRADE', 'MC', 'PVC-SCH-80', 'LFNC', 'STATIONS', 'SUPPORTS', 'DIMENSIONS']),
  );

  await choose(page, /65 A, 60 A required; fill 23/);
  const wide = await page.getByRole('button', { name: /^Station D on the section/ }).boundingBox();
  await page.getByRole('button', { name: 'Closer' }).click();
  const near = await page.getByRole('button', { name: /^Station C on the section/ }).boundingBox();
  expect((wide?.x ?? 0) - (near?.x ?? 0)).toBeGreaterThan(300);
  await page.getByRole('button', { name: 'Whole run' }).click();
});

test('a short piece, a box too small and a fitting left out are found, and the foot leads to them', async ({
  page,
}) => {
  await openRoute(page, /^Dust collector, workshop/);
  await page.getByLabel('Piece on hand').fill('40');
  await expect(findings(page)).toContainText('The piece on hand is 40 ft');
  await expect(page.getByRole('button', { name: '2 Stops' })).toBeVisible();
  await page
    .getByRole('region', { name: 'Circuits of the job' })
    .getByRole('button', { name: /^EV charger, carport/ })
    .click();
  await page.getByRole('button', { name: 'Figures', exact: true }).click();
  await page.getByRole('button', { name: '2 Stops' }).click();
  await page
    .getByRole('list', { name: /^Fixes: / })
    .first()
    .getByRole('button')
    .first()
    .click();
  await page.getByRole('button', { name: '1 Stop', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Dust collector, workshop' })).toBeVisible();
  await page.getByRole('button', { name: 'Cut a new piece, 49 ft or more' }).click();
  await expect(findings(page)).toBeHidden();
});

test('the marks of the supports are printed at true scale, and the sheet has the way', async ({ page }) => {
  await openRoute(page, /^Kiln, studio/);
  await page.getByRole('link', { name: 'Full-size marks' }).click();
  await expect(page.getByText('11 supports, the first 12 in from A, then every 34-13/16 in')).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  const strip = await page.getByRole('img', { name: /^Strip from 0 to 7 in/ }).boundingBox();
  expect(strip?.width).toBeCloseTo(7 * 96, 0);
  await page.emulateMedia({ media: 'screen' });
  await page.getByRole('button', { name: 'Back to the circuit' }).click();
  await expect(typed(page)).toBeVisible();
  await page.getByRole('button', { name: 'Circuit sheet' }).click();
  await expect(page.getByRole('heading', { name: 'Cut list' })).toBeVisible();
  await expect(page.getByRole('row', { name: /B, box needs 22.5 in³/ })).toBeVisible();
});
