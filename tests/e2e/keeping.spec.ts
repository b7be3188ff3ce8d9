import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import {
  addCircuit,
  expect,
  exportJob,
  figureKey,
  goTo,
  openDemo,
  saved,
  startJob,
  test,
} from '../support/app';

const length = (page: Page) => page.getByLabel('Length, A to B');
const over = (page: Page, ft: number) =>
  expect(figureKey(page, 'Voltage drop')).toContainText(`over ${ft} ft`);
/** From the open job to the list, without loading the page anew. */
async function toJobs(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'All jobs' }).click();
}
const resetDemo = (page: Page) => page.getByRole('button', { name: 'Reset and open the demo job' });

test.describe('the tab that writes', () => {
  test('when it is closed the reader writes by itself, and is told', async ({ page, context }) => {
    await openDemo(page);
    const reader = await context.newPage();
    await reader.goto(page.url());
    await expect(length(reader)).toBeDisabled();
    await length(page).fill('66');
    await over(reader, 66);
    await page.close();
    await expect(reader.getByText('The other tab was closed: this one writes the job now.')).toBeVisible();
    await length(reader).fill('67');
    await saved(reader);
    await reader.reload();
    await over(reader, 67);
  });

  test('leaving and coming back at once is not locked out, and finds the last edit', async ({ page }) => {
    await openDemo(page);
    for (const ft of [64, 65, 66]) {
      await length(page).fill(String(ft));
      await toJobs(page);
      await page.getByRole('link', { name: /Split-level/ }).click();
      await over(page, ft);
      await expect(length(page)).toBeEnabled();
    }
  });

  test('a job deleted elsewhere is told; put back there, one tab goes on writing', async ({
    page,
    context,
  }) => {
    await openDemo(page);
    await saved(page);
    const list = await context.newPage();
    await list.goto('/');
    await list.getByRole('button', { name: /^Delete Split-level/ }).click();
    await expect(page.getByText('This job was deleted in another tab.')).toBeVisible();
    expect((await exportJob(page)).text).toContain('"lengthFt": 62');
    await list.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByText('This job was deleted in another tab.')).toBeHidden();
    await length(page).fill('68');
    await saved(page);
    await page.reload();
    await over(page, 68);
  });
});

test.describe('the demo job', () => {
  test('is not reset under a tab that writes it', async ({ page, context }) => {
    await openDemo(page);
    const list = await context.newPage();
    await list.goto('/');
    await resetDemo(list).click();
    await expect(list.getByRole('alert')).toContainText('open in another tab');
    await length(page).fill('69');
    await saved(page);
    await page.reload();
    await over(page, 69);
  });

  test('is as before once its reset is undone', async ({ page }) => {
    await openDemo(page);
    await length(page).fill('90');
    await over(page, 90);
    await toJobs(page);
    await resetDemo(page).click();
    await over(page, 62);
    await page.getByRole('button', { name: 'Undo' }).click();
    await over(page, 90);
    await page.getByRole('button', { name: 'Redo' }).click();
    await over(page, 62);
  });
});

/** In the page: types a length and reloads so many milliseconds later. */
function typeAndReload([ft, afterMs]: readonly [number, number]): void {
  const field = [...document.querySelectorAll('input')].find(
    (input) =>
      input.labels?.[0]?.textContent.includes('Length, A to B') === true ||
      input.ariaLabel === 'Length, A to B',
  );
  if (field === undefined) throw new Error('The length is not on the page.');
  Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set?.call(field, String(ft));
  field.dispatchEvent(new Event('input', { bubbles: true }));
  const reload = (): void => {
    window.location.reload();
  };
  if (afterMs === 0) reload();
  else setTimeout(reload, afterMs);
}

test('a reload right after an edit loses nothing, whenever it comes', async ({ page }) => {
  await openDemo(page);
  await expect(length(page)).toBeEnabled();
  for (const [at, afterMs] of [0, 20, 50, 100, 260].entries()) {
    const reloaded = page.waitForEvent('load');
    await page.evaluate(typeAndReload, [100 + at, afterMs] as const);
    await reloaded;
    await over(page, 100 + at);
    await expect(length(page)).toBeEnabled();
  }
  const undo = page.getByRole('button', { name: 'Undo' });
  await undo.click();
  await over(page, 103);
});

test('without storage it says so on the first page, works, and hands out the file', async ({ page }) => {
  await page.addInitScript(() => {
    IDBFactory.prototype.open = () => {
      throw new DOMException('Storage is blocked.', 'SecurityError');
    };
    Storage.prototype.setItem = () => {
      throw new DOMException('Storage is blocked.', 'SecurityError');
    };
  });
  await page.goto('/');
  await expect(page.getByText('This browser keeps nothing')).toBeVisible();
  await startJob(page, 'Nowhere Lane');
  await page.getByRole('button', { name: /^Add (a|the first) circuit/ }).click();
  await page.getByRole('button', { name: 'Add the circuit' }).click();
  await length(page).fill('33');
  await over(page, 33);
  expect((await exportJob(page)).text).toContain('"lengthFt": 33');
  await page.close();
});

test('edits that could not be saved are asked about before the job is left', async ({ page }) => {
  await openDemo(page);
  await page.evaluate(() => {
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('No room', 'QuotaExceededError');
    };
  });
  await length(page).fill('72');
  await expect(page.getByRole('alert')).toContainText('1 edit not saved yet');
  await toJobs(page);
  await expect(page.getByText('1 edit could not be saved. Leave this job all the same?')).toBeVisible();
  await page.getByRole('button', { name: 'Stay and try again' }).click();
  await over(page, 72);
  await toJobs(page);
  await page.getByRole('button', { name: 'Leave and lose them' }).click();
  await expect(page.getByRole('heading', { name: 'Jobs in this browser' })).toBeVisible();
  await page.close();
});

/** In the page: damages the job as an edit of an older Pasture might have, after edits that were good. */
const damage = () =>
  new Promise<void>((resolve) => {
    indexedDB.open('pasture').onsuccess = (opened) => {
      const db = (opened.target as IDBOpenDBRequest).result;
      const store = db.transaction('jobs', 'readwrite').objectStore('jobs');
      store.openCursor().onsuccess = (found) => {
        const cursor = (found.target as IDBRequest<IDBCursorWithValue | null>).result;
        if (cursor === null) return;
        const record = cursor.value as { document: { circuits: { run: { lengthFt: number }[] }[] } };
        const segment = record.document.circuits[0]?.run[0];
        if (segment !== undefined) segment.lengthFt = -4000;
        cursor.update(record);
      };
      store.transaction.oncomplete = () => {
        db.close();
        resolve();
      };
    };
  });

test('a damaged job names the field, hands out what is stored, and opens as before the damage', async ({
  page,
}) => {
  await openDemo(page);
  await length(page).fill('55');
  await saved(page);
  await figureKey(page, 'Load').click();
  await length(page).fill('77');
  await saved(page);
  const { pathname } = new URL(page.url());
  await page.goto('/');
  await page.evaluate(damage);
  await page.goto(pathname);
  await expect(page.getByRole('heading', { name: /Split-level.* cannot be opened/ })).toBeVisible();
  await expect(page.getByRole('main')).toContainText(/length/i);
  const coming = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export what is stored' }).click();
  expect(await readFile(await (await coming).path(), 'utf8')).toContain('"lengthFt": -4000');
  await page.getByRole('button', { name: /^Undo back to before/ }).click();
  await expect(figureKey(page, 'Voltage drop')).toBeVisible();
  await expect(length(page)).toBeEnabled();
});

/** A picture of one color, as a camera file. */
const picture = async (page: Page, name: string) => ({
  name,
  mimeType: 'image/png',
  buffer: Buffer.from(
    await page.evaluate(async () => {
      const canvas = Object.assign(document.createElement('canvas'), { width: 1600, height: 1200 });
      canvas.getContext('2d')?.fillRect(0, 0, 1600, 1200);
      const blob = await new Promise<Blob | null>((done) => {
        canvas.toBlob(done);
      });
      return [...new Uint8Array((await blob?.arrayBuffer()) ?? new ArrayBuffer(0))];
    }),
  ),
});

test.describe('what takes a while', () => {
  test('two photographs at once are both kept', async ({ page }) => {
    await openDemo(page, 'survey');
    const input = page.getByLabel('Photograph of the plate or the place').first();
    const [first, second] = [await picture(page, 'plate.png'), await picture(page, 'place.png')];
    await input.setInputFiles(first);
    await input.setInputFiles(second);
    await expect(page.getByRole('img', { name: 'Photograph' })).toHaveCount(2);
    await saved(page);
    await page.reload();
    await expect(page.getByRole('img', { name: 'Photograph' })).toHaveCount(2);
  });

  test('a photograph reaches the job it was taken for, though that was left meanwhile', async ({ page }) => {
    await openDemo(page, 'survey');
    const input = page.getByLabel('Photograph of the plate or the place').first();
    const file = await picture(page, 'plate.png');
    await input.setInputFiles(file);
    await startFromJobs(page, 'Other Street');
    await toJobs(page);
    await page.getByRole('link', { name: /Split-level/ }).click();
    await page.getByRole('button', { name: /^\d.*Survey$/ }).click();
    await expect(page.getByRole('img', { name: 'Photograph' })).toHaveCount(1);
  });
});

/** Starts a job without loading the page anew. */
async function startFromJobs(page: Page, name: string): Promise<void> {
  await toJobs(page);
  await page.getByLabel('Empty job').fill(name);
  await page.getByRole('button', { name: 'Start', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'No circuit yet' })).toBeVisible();
}

test('all jobs are saved to one file, and come back from it', async ({ page }) => {
  await startJob(page, 'Ridge Road 12');
  await addCircuit(page, '30');
  await saved(page);
  await goTo(page, '/');
  await expect(page.getByText(/No copy yet of \d+ edits? in 1 job/)).toBeVisible();
  const coming = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save all jobs to one file' }).click();
  const download = await coming;
  expect(download.suggestedFilename()).toMatch(/^pasture-\d{4}-\d{2}-\d{2}\.zip$/);
  await expect(page.getByText(/1 job saved and read back, \d+ KB/)).toBeVisible();
  await page.getByRole('button', { name: 'Delete Ridge Road 12' }).click();
  await expect(page.getByText('Ridge Road 12 was deleted.')).toBeVisible();
  const buffer = await readFile(await download.path());
  await page.getByLabel('Job file').setInputFiles({ name: 'copy.zip', mimeType: 'application/zip', buffer });
  await expect(page.getByText('1 job opened.')).toBeVisible();
  await page.getByRole('link', { name: /Ridge Road 12/ }).click();
  await expect(figureKey(page, 'Conductor')).toBeVisible();
});

test("a builder's schedule is read from the list of jobs into a job of its own", async ({ page }) => {
  await goTo(page, '/');
  await page.getByRole('button', { name: 'Read a schedule' }).click();
  await page
    .getByLabel(/Paste it here/)
    .fill('name,appliance,length\nUnit 1,range 12 kW,30\nUnit 2,dryer 5.4,24');
  await page.getByRole('button', { name: 'Add 2 circuits' }).click();
  await expect(page.getByRole('button', { name: /^Unit 2/ })).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(page.getByRole('button', { name: /^Unit 2/ })).toBeVisible();
  await expect(page.getByRole('dialog')).toBeHidden();
});
