import type { Page } from '@playwright/test';
import { familyList, freshAppliance } from '../../src/core/appliances/registry';
import { newCircuit } from '../../src/core/circuit/newCircuit';
import { demoJob } from '../../src/core/job/demo/demoJob';
import { writeJobFile } from '../../src/core/job/jobFile';
import type { Job } from '../../src/core/job/jobSchema';
import { withBenchPage } from './benchPage';
import { judge } from './limits';
import { middle } from './median';

const KEYS = 15;

const segment = {
  method: 'emt',
  lengthFt: 40,
  place: 'indoor',
  ambientC: 30,
  currentCarrying: null,
  bendsDeg: 0,
  heightFt: 8,
  endHeightFt: 4,
} as const;

/** A job of a large building: circuits of every family in turn. */
const jobOfMany = (count: number): Job => ({
  ...demoJob,
  id: `many-${count}`,
  name: `A job of ${count}`,
  panels: [],
  answers: [],
  circuits: Array.from({ length: count }, (_, at) => {
    const family = familyList[at % familyList.length]?.id ?? 'ev';
    return {
      ...newCircuit(`circuit-${at}`, freshAppliance(family), [{ ...segment, id: `segment-${at}` }]),
      name: `Circuit ${at + 1}`,
    };
  }),
});

/** In the page: notes how long after a key it was drawn again. */
function watchKeys(): void {
  const times: number[] = [];
  document.addEventListener(
    'beforeinput',
    () => {
      const pressed = performance.now();
      requestAnimationFrame(() => {
        setTimeout(() => times.push(performance.now() - pressed));
      });
    },
    true,
  );
  Object.assign(window, { keyTimes: times });
}

/** From asking for a page until what is looked for is on it, milliseconds by the page's own clock. */
async function opens(page: Page, address: string, found: string): Promise<number> {
  await page.goto(address);
  const at = await page.waitForFunction(
    (selector) => document.querySelector(selector) !== null && performance.now(),
    found,
    { polling: 'raf' },
  );
  return Number(await at.jsonValue());
}

/** From a key in a field until the page is drawn again, milliseconds: the median. */
async function keystroke(page: Page, label: string): Promise<number> {
  await page.getByLabel(label).first().click();
  await page.evaluate(watchKeys);
  for (let at = 0; at < KEYS; at += 1) {
    await page.keyboard.press('Control+A');
    await page.keyboard.press(String((at % 8) + 2));
    await page.evaluate(() => new Promise((done) => requestAnimationFrame(() => setTimeout(done, 60))));
  }
  return middle(await page.evaluate(() => (window as unknown as { keyTimes: number[] }).keyTimes));
}

async function put(page: Page, address: string, job: Job): Promise<void> {
  await page.goto(address);
  await page.getByLabel('Job file').setInputFiles({
    name: 'many.json',
    mimeType: 'application/json',
    buffer: Buffer.from(writeJobFile(job)),
  });
  await page.waitForURL(`**/jobs/${job.id}**`);
}

const ROWS = 1000;

/** A schedule of a thousand rows chosen as a file: until all of it is sized and can be added, and whether it was told on the way. */
async function schedule(page: Page): Promise<{ readonly ms: number; readonly told: boolean }> {
  const rows = Array.from(
    { length: ROWS },
    (_, at) => `Room ${at},dryer ${4 + (at % 9) / 10},${20 + (at % 90)}`,
  );
  const text = ['name,appliance,length', ...rows].join('\n');
  await page.getByRole('button', { name: 'Read a schedule' }).click();
  const chooser = page.getByLabel('File of a schedule');
  await chooser.waitFor({ state: 'attached' });
  await page.evaluate(() => {
    new MutationObserver(() => {
      if (document.querySelector('[role="status"]')?.textContent.includes('sized') === true)
        Object.assign(window, { told: true });
    }).observe(document.body, { subtree: true, childList: true, characterData: true });
  });
  const start = performance.now();
  await chooser.setInputFiles({ name: 'rows.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  await page.getByRole('button', { name: `Add ${ROWS} circuits` }).waitFor();
  const ms = performance.now() - start;
  return { ms, told: await page.evaluate(() => 'told' in window) };
}

/** The screens of jobs that are far larger than a house: opening, and a keystroke. */
export async function benchLargeJobs(executablePath: string): Promise<void> {
  await withBenchPage(executablePath, false, async (page, address) => {
    await put(page, address, jobOfMany(200));
    const survey = await opens(page, `${address}/jobs/many-200/survey`, '[aria-label="Appliances"] li');
    const plate = await keystroke(page, 'Future loads');
    judge('200 circuits, Survey: opens', survey, 1500, 'ms');
    judge('200 circuits, Survey: a keystroke', plate, 50, 'ms', 1);
    const { ms, told } = await schedule(page);
    judge(
      `200 circuits, a schedule of ${ROWS} rows, ${told ? 'told on its way' : 'nothing told'}`,
      ms,
      3000,
      'ms',
    );
    await put(page, address, jobOfMany(500));
    const list = await opens(page, `${address}/jobs/many-500`, '[aria-label="Circuits of the job"] li');
    const length = await keystroke(page, 'Length, A to B');
    judge('500 circuits, Circuits: opens', list, 2000, 'ms');
    judge('500 circuits, Circuits: a keystroke', length, 50, 'ms', 1);
  });
}
