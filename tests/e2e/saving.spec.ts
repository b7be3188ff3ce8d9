import { JOB_VERSION } from '../../src/core/job/jobVersion';
import { readFile } from 'node:fs/promises';
import {
  addCircuit,
  expect,
  exportJob,
  figureKey,
  goTo,
  importFile,
  openDemo,
  saved,
  startJob,
  test,
  working,
} from '../support/app';

test.describe('two tabs on one job', () => {
  test('the second reads along, follows, and can take over; nothing is overwritten', async ({
    page,
    context,
  }) => {
    await openDemo(page);
    const second = await context.newPage();
    await second.goto(page.url());
    await expect(second.getByText('Another tab is writing this job.')).toBeVisible();
    await expect(second.getByLabel('Length, A to B')).toBeDisabled();

    await page.getByLabel('Length, A to B').fill('70');
    await expect(figureKey(second, 'Voltage drop')).toContainText('over 70 ft');

    await second.getByRole('button', { name: 'Take over here' }).click();
    await expect(second.getByLabel('Length, A to B')).toBeEnabled();
    await expect(page.getByText('Another tab is writing this job.')).toBeVisible();
    await expect(page.getByLabel('Length, A to B')).toBeDisabled();

    await second.getByLabel('Length, A to B').fill('75');
    await expect(figureKey(page, 'Voltage drop')).toContainText('over 75 ft');
    await saved(second);
    await second.getByRole('button', { name: 'Undo' }).click();
    await expect(figureKey(second, 'Voltage drop')).toContainText('over 70 ft');
  });

  test('a tab that was killed lets go, and what it had done is there', async ({ page, context }) => {
    await openDemo(page);
    await page.getByLabel('Length, A to B').fill('71');
    await expect(figureKey(page, 'Voltage drop')).toContainText('over 71 ft');
    await saved(page);
    const url = page.url();
    const next = await context.newPage();
    await page.close({ runBeforeUnload: false });
    await next.goto(url);
    await expect(figureKey(next, 'Voltage drop')).toContainText('over 71 ft');
    await expect(next.getByLabel('Length, A to B')).toBeEnabled();
    await next.getByRole('button', { name: 'Undo' }).click();
    await expect(figureKey(next, 'Voltage drop')).toContainText('over 62 ft');
  });
});

test('full storage: it says so, loses nothing, and saves when there is room', async ({ page }) => {
  await openDemo(page);
  await page.evaluate(() => {
    const put = Object.getOwnPropertyDescriptor(IDBObjectStore.prototype, 'put');
    Object.assign(window, {
      makeRoom: () => {
        if (put) Object.defineProperty(IDBObjectStore.prototype, 'put', put);
      },
    });
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('No room', 'QuotaExceededError');
    };
  });
  await page.getByLabel('Length, A to B').fill('72');
  await expect(page.getByRole('alert')).toContainText(
    "This browser's storage is full: 1 edit not saved yet.",
  );
  await expect(figureKey(page, 'Voltage drop')).toContainText('over 72 ft');
  await page.getByLabel('Length, A to B').fill('73');
  await expect(page.getByRole('alert')).toContainText('2 edits not saved yet');
  expect((await exportJob(page)).text).toContain('"lengthFt": 73');

  await page.evaluate(() => {
    (window as unknown as { makeRoom: () => void }).makeRoom();
  });
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByRole('alert')).toBeHidden();
  await saved(page);
  await page.reload();
  await expect(figureKey(page, 'Voltage drop')).toContainText('over 73 ft');
});

test.describe('files', () => {
  test('a file that is no job is refused in plain words, and the jobs stay', async ({ page }) => {
    await openDemo(page);
    for (const [name, text, words] of [
      ['cut.pasture.json', '{"pasture":"job","version":1,"job":{"id"', 'is damaged or cut short'],
      ['recipe.json', '{"recipe":"soup"}', 'is not a Pasture job'],
      [
        'new.pasture.json',
        `{"pasture":"job","version":${JOB_VERSION + 1},"job":{}}`,
        `was saved by a later Pasture (version ${JOB_VERSION + 1}`,
      ],
      [
        'odd.pasture.json',
        '{"pasture":"job","version":1,"job":{"id":"x"}}',
        'is not a valid job. Name: a text is needed.',
      ],
    ] as const) {
      await importFile(page, name, text);
      await expect(page.getByRole('alert')).toContainText(words);
      await expect(page.getByRole('link', { name: /Split-level/ })).toBeVisible();
    }
  });

  test('a file of an older version is carried forward', async ({ page }) => {
    await importFile(page, 'old.pasture.json', await readFile('tests/fixtures/job-v0.pasture.json', 'utf8'));
    await expect(page.getByRole('heading', { name: 'EV charger' })).toBeVisible();
    await expect(figureKey(page, 'Conductor')).toContainText('6AWG');
    await expect(page.getByLabel('Length, A to B')).toHaveValue('85 ft');
  });

  test('a file of a job that is here already becomes a copy beside it', async ({ page }) => {
    await openDemo(page);
    const { name, text } = await exportJob(page);
    await importFile(page, name, text);
    await expect(page.getByText('opened as a copy')).toBeVisible();
    await expect(page.getByRole('link', { name: /Split-level/ })).toHaveCount(2);
  });

  test('a copy that somebody else went on with is merged: what both changed is chosen, undone by one step', async ({
    page,
  }) => {
    await openDemo(page);
    const { name, text } = await exportJob(page);
    // Mine goes on by one edit, theirs by two: one of the same field.
    await page.getByLabel('Length, A to B').fill('71');
    await saved(page);
    const file = JSON.parse(text) as {
      job: { authority: string; circuits: { run: { lengthFt: number }[] }[] };
    };
    file.job.authority = 'Fallow City (made up)';
    const [segment] = file.job.circuits[0]?.run ?? [];
    if (segment !== undefined) segment.lengthFt = 99;
    await importFile(page, name, JSON.stringify(file));
    await page.getByRole('button', { name: 'Merge the two' }).click();
    await expect(page.getByRole('heading', { name: /^Merge two copies of Split-level/ })).toBeVisible();
    await expect(page.getByRole('list', { name: 'Taken from the other copy' })).toHaveText('Authority');
    await page.getByRole('button', { name: /length, ft: theirs, 99$/ }).click();
    await page.getByRole('button', { name: 'Merge them' }).click();
    await expect(page.getByLabel('Length, A to B')).toHaveValue('99 ft');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByLabel('Length, A to B')).toHaveValue('71 ft');
    await goTo(page, '/');
    await expect(page.getByRole('link', { name: /Split-level/ })).toHaveCount(1);
  });

  test('a job damaged in storage says so, and the others open', async ({ page }) => {
    await openDemo(page);
    await saved(page);
    await page.goto('/');
    await page.evaluate(
      () =>
        new Promise<void>((resolve) => {
          indexedDB.open('pasture').onsuccess = (opened) => {
            const db = (opened.target as IDBOpenDBRequest).result;
            const store = db.transaction('jobs', 'readwrite').objectStore('jobs');
            store.put({
              id: 'bad',
              name: 'Bad job',
              circuits: 1,
              updatedAt: 1,
              version: 1,
              document: { id: 'bad' },
              cursor: 0,
              writer: null,
            });
            store.transaction.oncomplete = () => {
              db.close();
              resolve();
            };
          };
        }),
    );
    await page.goto('/jobs/bad');
    await expect(page.getByRole('heading', { name: 'Bad job cannot be opened' })).toBeVisible();
    await page.getByRole('link', { name: 'Back to the jobs' }).click();
    await page.getByRole('link', { name: /Split-level/ }).click();
    await expect(page.getByRole('heading', { name: 'EV charger, carport' })).toBeVisible();
  });
});

test('deleting a job can be undone, and a job that is not here says so', async ({ page }) => {
  await startJob(page, 'Short Street');
  await page.goto('/');
  await page.getByRole('button', { name: 'Delete Short Street' }).click();
  await expect(page.getByRole('link', { name: /Short Street/ })).toBeHidden();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name: /Short Street/ })).toBeVisible();
  await goTo(page, '/jobs/nowhere');
  await expect(page.getByRole('heading', { name: 'This job is not in this browser' })).toBeVisible();
});

test('undo is unlimited, survives a reload, and one visit to a field is one edit', async ({ page }) => {
  await startJob(page, 'Long Street');
  await addCircuit(page, '40');
  await page.getByLabel('Length, A to B').pressSequentially('55');
  await figureKey(page, 'Load').click();
  await working(page).getByLabel('Output on the nameplate').fill('32');
  await saved(page);
  await page.reload();
  const undo = page.getByRole('button', { name: 'Undo' });
  await undo.click();
  await expect(figureKey(page, 'Load')).toContainText('48');
  await undo.click();
  await expect(page.getByLabel('Length, A to B')).toHaveValue('40 ft');
  await undo.click();
  await expect(page.getByRole('heading', { name: 'No circuit yet' })).toBeVisible();
  await expect(undo).toBeDisabled();
});
