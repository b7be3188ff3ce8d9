import { strToU8, zipSync } from 'fflate';
import { freshCheck } from '../../src/core/checks/checksDocument';
import { demoJob } from '../../src/core/job/demo/demoJob';
import { writeJobFile } from '../../src/core/job/jobFile';
import type { Job } from '../../src/core/job/jobSchema';
import { faults, faultsOnPaper } from '../support/axe';
import {
  closeDialog,
  expect,
  figureKey,
  goTo,
  importFile,
  openDemo,
  openFullHouse,
  openOneCharger,
  startJob,
  test,
} from '../support/app';

// An analysis of a whole page takes seconds on a small machine, and these tests hold several.
test.describe.configure({ timeout: 90_000 });

test('the list, the empty job and its dialogs', async ({ page }) => {
  await goTo(page, '/');
  await expect(page.getByRole('button', { name: 'Open the demo job' })).toBeVisible();
  expect(await faults(page)).toEqual([]);
  await startJob(page, 'Ridge Road 12');
  expect(await faults(page)).toEqual([]);
  await page.getByRole('button', { name: 'Add the first circuit' }).click();
  await expect(page.getByLabel('Output on the nameplate')).toBeFocused();
  expect(await faults(page)).toEqual([]);
});

test('the stage, its menu, and the sheet', async ({ page }) => {
  await openDemo(page);
  expect(await faults(page)).toEqual([]);
  await page.getByRole('button', { name: /^EV outlet, garage/ }).click();
  await figureKey(page, 'Raceway').click();
  expect(await faults(page), 'raceway').toEqual([]);
  await page.getByRole('button', { name: 'More' }).click();
  await expect(page.getByRole('menuitem', { name: 'All jobs' })).toBeVisible();
  expect(await faults(page), 'menu').toEqual([]);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Circuit sheet' }).click();
  await expect(page.getByRole('article')).toBeVisible();
  expect(await faults(page), 'sheet').toEqual([]);
  await page.getByRole('button', { name: 'Back to the circuit' }).click();
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'Print the whole job' }).click();
  await expect(page.getByRole('article')).toHaveCount(12);
  // What follows is the same for every circuit.
  expect(await faultsOnPaper(page, 'article:nth-of-type(-n+4)'), 'the whole job').toEqual([]);
});

test('the survey and its dialogs', async ({ page }) => {
  await openDemo(page, 'survey');
  await expect(page.getByRole('heading', { name: 'Appliances by their plates' })).toBeVisible();
  expect(await faults(page), 'survey').toEqual([]);
  await page.getByRole('button', { name: /Local amendments/ }).click();
  await expect(page.getByText('Another local amendment')).toBeVisible();
  expect(await faults(page), 'local amendments').toEqual([]);
});

test('the water: plan, picked, touch voltage, walk and sheet', async ({ page }) => {
  await openDemo(page, 'water');
  await page
    .getByRole('navigation', { name: 'In the yard' })
    .getByRole('button', { name: /^Ladder/ })
    .click();
  expect(await faults(page), 'plan').toEqual([]);
  await page.getByRole('button', { name: 'Touch voltage' }).click();
  await expect(page.getByRole('img', { name: /^Volts bridged/ })).toBeVisible();
  await page.getByRole('checkbox', { name: 'Bond of Ring' }).uncheck();
  expect(await faults(page), 'field').toEqual([]);
  await page.getByRole('button', { name: 'Plan', exact: true }).click();
  await page.getByRole('link', { name: 'Bond walk' }).click();
  await expect(page.getByRole('heading', { name: 'Bond walk' }).first()).toBeVisible();
  expect(await faults(page), 'walk').toEqual([]);
  await page.getByRole('link', { name: 'Back to the plan' }).click();
  await page.getByRole('link', { name: 'Plan sheet' }).click();
  await expect(page.getByRole('heading', { name: /water and bonding/ })).toBeVisible();
  expect(await faultsOnPaper(page), 'sheet').toEqual([]);
});

test('the materials in both groupings', async ({ page }) => {
  await openOneCharger(page, 'materials');
  await expect(page.getByRole('group', { name: /^How \d+ kind/ })).toBeVisible();
  expect(await faults(page), 'as bought').toEqual([]);
  await page.getByRole('button', { name: 'Where it is used' }).click();
  expect(await faults(page), 'as used').toEqual([]);
});

test('the quote with its terms, the page for the owner, the count at noon', async ({ page }) => {
  await openOneCharger(page, 'materials/quote');
  await expect(page.getByRole('region', { name: 'Charger at 32 A' })).toBeVisible();
  for (const more of ['What slows the work', /^Past hours/, 'Rate, margin, fees'])
    await page.getByText(more).click();
  expect(await faults(page), 'quote').toEqual([]);
  await page.getByRole('link', { name: "Owner's page" }).click();
  await expect(page.getByText('Whole job')).toBeVisible();
  expect(await faultsOnPaper(page), 'page for the owner').toEqual([]);
  await page.getByRole('button', { name: 'Back to the quote' }).click();
  await expect(page.getByRole('region', { name: 'Charger at 32 A' })).toBeVisible();
  await goTo(page, '/jobs/one/materials/count');
  await expect(page.getByRole('heading', { name: 'Noon count' })).toBeVisible();
  await page.getByRole('button', { name: /^1 EV charger/ }).click();
  await expect(page.getByRole('heading', { name: 'Nothing to fetch. Eat here.' })).toBeVisible({
    timeout: 30_000,
  });
  expect(await faults(page), 'count').toEqual([]);
});

test('the checks: readings, diagnosis, proof and torque', async ({ page }) => {
  await openDemo(page, 'checks');
  await expect(page.getByRole('region', { name: 'Diagnosis' })).toBeVisible();
  expect(await faults(page), 'checks').toEqual([]);
});

test('the bench: a hidden fault, a drill, a lesson, the record', async ({ page }) => {
  await goTo(page, '/bench/faults/pump-dead');
  await page.getByRole('button', { name: 'Terminal C1' }).click();
  await page.getByRole('button', { name: 'Terminal CN' }).click();
  await expect(page.getByRole('region', { name: 'Readings' })).toContainText('tester not proved');
  expect(await faults(page), 'hidden fault').toEqual([]);
  await goTo(page, '/bench/drills/motor');
  await page.getByRole('textbox', { name: /^Table current/ }).fill('999');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('status', { name: 'Why' })).toBeVisible();
  expect(await faults(page), 'drill').toEqual([]);
  await goTo(page, '/bench/lessons');
  await page.getByRole('button', { name: 'Half of it' }).click();
  expect(await faults(page), 'lesson').toEqual([]);
  await goTo(page, '/bench/record');
  await expect(page.getByRole('row', { name: /Motor, five figures: current/ })).toBeVisible();
  expect(await faults(page), 'record').toEqual([]);
});

test('the packet: readers, pages, PDF', async ({ page }) => {
  await openDemo(page, 'packet');
  await expect(page.getByRole('img', { name: /^Page 1, / })).toBeVisible();
  expect(await faults(page), 'packet').toEqual([]);
  const left = (each: Job['checks'][number]) => ({ ...each, left: 'locked' as const });
  const checks = demoJob.circuits.map(({ id }) =>
    left(demoJob.checks.find((each) => each.id === id) ?? freshCheck(id)),
  );
  await importFile(page, 'left.pasture.json', writeJobFile({ ...demoJob, id: 'left', checks }));
  await page.getByRole('button', { name: /Packet$/ }).click();
  await page.getByRole('button', { name: /^Next trade/ }).click();
  await page.getByRole('button', { name: 'Seal as left off and locked' }).click();
  await expect(page.getByRole('region', { name: 'Since it was sealed' })).toBeVisible();
  expect(await faults(page), 'sealed packet').toEqual([]);
});

test('the tutorial, and a copy that asks what is done with its jobs', async ({ page }) => {
  await goTo(page, '/');
  await page.getByRole('button', { name: /^Five minutes/ }).click();
  const strip = page.getByRole('region', { name: 'Five minutes on the demo job' });
  await figureKey(page, 'Breaker').click();
  await expect(strip.getByRole('button', { name: 'Next' })).toBeVisible();
  expect(await faults(page), 'tutorial').toEqual([]);
  await strip.getByRole('button', { name: 'End' }).click();
  await goTo(page, '/');
  const other = writeJobFile({ ...demoJob, authority: 'Another' });
  await page.getByLabel('Job file').setInputFiles({
    name: 'all.zip',
    mimeType: 'application/zip',
    buffer: Buffer.from(zipSync({ 'a.pasture.json': strToU8(other) })),
  });
  await expect(page.getByRole('region', { name: 'Copy of all jobs' })).toBeVisible();
  expect(await faults(page), 'copy').toEqual([]);
});

test('the days: a gate, a step, the hours', async ({ page }) => {
  await openDemo(page, 'days');
  await expect(page.getByRole('img', { name: /steps in their days$/ })).toBeVisible();
  await page.getByText('Days and hours, 2 working').click();
  expect(await faults(page), 'gate').toEqual([]);
  await page
    .getByRole('navigation', { name: 'Days' })
    .getByRole('button', { name: /Backfill, ribbon: Hot tub/ })
    .click();
  expect(await faultsOnPaper(page), 'step').toEqual([]);
});

test('what was found on site, and its page', async ({ page }) => {
  await openDemo(page, 'survey');
  await page.getByRole('button', { name: 'Found on site 2' }).click();
  await expect(page.getByRole('heading', { name: 'Found on site' })).toBeVisible();
  expect(await faults(page), 'list').toEqual([]);
  await page.getByRole('link', { name: 'Print this list' }).click();
  await expect(page.getByRole('heading', { name: /found on site/ })).toBeVisible();
  expect(await faults(page), 'page').toEqual([]);
});

test('panels in the survey, service, panel', async ({ page }) => {
  await openFullHouse(page, 'survey');
  await page.getByRole('button', { name: 'Panels 1' }).click();
  await expect(page.getByRole('heading', { name: 'Panels as they are' })).toBeVisible();
  expect(await faults(page), 'panels').toEqual([]);
  await page.keyboard.press('2');
  await page.getByRole('button', { name: 'Ask the recorder (simulated)' }).click();
  await expect(page.getByRole('img', { name: /The week of the peak/ })).toBeVisible();
  expect(await faults(page), 'service').toEqual([]);
  await page.keyboard.press('5');
  await page.getByRole('button', { name: /11 breakers for two/ }).click();
  await page.getByRole('button', { name: /^Space 1, 3, 60 A/ }).click();
  expect(await faults(page), 'panel').toEqual([]);
});

test('the dialogs of a job', async ({ page }) => {
  await openDemo(page);
  for (const [item, title] of [
    ['Change the edition', /^The job is under 20/],
    ['Shop practices', 'Shop practices'],
    ['May this plug go there?', 'May this plug go there?'],
  ] as const) {
    await page.getByRole('button', { name: 'More' }).click();
    await page.getByRole('menuitem', { name: item }).click();
    await expect(page.getByRole('dialog', { name: title })).toBeVisible();
    expect(await faultsOnPaper(page, '[role="dialog"]'), item).toEqual([]);
    await closeDialog(page);
  }
});

test('the wiring and the ways of a circuit', async ({ page }) => {
  await openDemo(page);
  await page.getByRole('button', { name: /^Hot tub, deck/ }).click();
  await page.getByRole('button', { name: 'Terminations' }).click();
  await expect(page.getByRole('group', { name: 'Terminations, Panel' })).toBeVisible();
  expect(await faultsOnPaper(page), 'wiring').toEqual([]);
  await closeDialog(page);
  await page.getByRole('button', { name: 'Compare options' }).click();
  await expect(page.getByRole('region', { name: 'Options that pass' })).toBeVisible();
  expect(await faultsOnPaper(page), 'ways').toEqual([]);
});

test('every kind of working', async ({ page }) => {
  await openDemo(page);
  await page.getByRole('button', { name: /^EV outlet, garage/ }).click();
  for (const name of ['Load', 'Voltage drop', 'Protection']) {
    await figureKey(page, name).click();
    if (name === 'Voltage drop') await expect(page.getByRole('img', { name: /Drop at/ })).toBeVisible();
    expect(await faultsOnPaper(page, '[aria-label="The working"]'), name).toEqual([]);
  }
});

test('the route of a circuit, side by side, and the strip of its supports', async ({ page }) => {
  await openFullHouse(page);
  await page.getByRole('button', { name: /^Kiln, studio/ }).click();
  await page.getByRole('button', { name: 'Route', exact: true }).click();
  await page.getByRole('button', { name: /65 A, 60 A required; fill 30/ }).click();
  expect(await faults(page), 'route').toEqual([]);
  for (const side of ['Fill and cover', 'Cut list', 'Fittings', 'Bend marks', 'Share, copy']) {
    await page.getByRole('button', { name: side, exact: true }).click();
    expect(await faultsOnPaper(page, '[aria-label="The route"]'), side).toEqual([]);
  }
  await goTo(page, '/jobs/demo-orchard-lane/kiln/strip?segment=0');
  await expect(page.getByRole('article')).toBeVisible();
  expect(await faults(page), 'strip').toEqual([]);
});
