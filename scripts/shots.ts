import { mkdirSync } from 'node:fs';
import { chromium, type Browser, type Page } from '@playwright/test';
import { buildServer } from '../server/app';
import { browserPath } from './browserPath';

const FOLDER = 'docs/screenshots';
const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

interface Shot {
  readonly name: string;
  /** Address after the demo job's, or another one from the root. */
  readonly at: string;
  readonly size?: { readonly width: number; readonly height: number };
  readonly theme?: 'attic' | 'noon';
  readonly print?: boolean;
  /** What is done before the picture is taken. */
  readonly act?: (page: Page) => Promise<void>;
}

const routeSide =
  (name: string) =>
  async (page: Page): Promise<void> => {
    await page
      .getByRole('button', { name: /60 A required; fill/ })
      .first()
      .click();
    await page.getByRole('button', { name, exact: true }).click();
  };

const SHOTS: readonly Shot[] = [
  {
    name: 'jobs',
    at: '/',
    act: async (page) => {
      await page.getByLabel('First circuit of a new job').fill('48 A charger 35 ft nm indoors');
      await page.getByText('Read as:').waitFor();
    },
  },
  { name: 'circuits', at: '/jobs/demo-orchard-lane/carport-charger' },
  { name: 'route', at: '/jobs/demo-orchard-lane/kiln?part=route', act: routeSide('Fill and cover') },
  {
    name: 'survey',
    at: '/jobs/demo-orchard-lane/survey',
    act: async (page) => {
      await page.getByLabel('Name of the job').waitFor();
      await page.getByRole('region', { name: /^To verify, Mini split/ }).waitFor();
      await page.getByText('Mini split, north wall').evaluate((heading) => {
        heading.scrollIntoView();
      });
    },
  },
  {
    name: 'wiring',
    at: '/jobs/demo-orchard-lane/deck-tub',
    act: async (page) => {
      await page.getByRole('button', { name: 'Terminations' }).click();
      await page.getByRole('dialog').getByRole('img').first().waitFor();
    },
  },
  { name: 'water', at: '/jobs/demo-orchard-lane/water' },
  {
    name: 'water-field',
    at: '/jobs/demo-orchard-lane/water',
    theme: 'attic',
    act: async (page) => {
      await page.getByRole('button', { name: /^Pool/ }).first().click();
      await page.getByLabel('Built of').selectOption('vinyl');
      await page.getByRole('button', { name: 'Touch voltage' }).click();
      await page.getByRole('img', { name: /^Volts bridged/ }).waitFor();
      for (const bond of ['Ring', 'Fence'])
        await page.getByRole('checkbox', { name: `Bond of ${bond}` }).uncheck();
    },
  },
  {
    name: 'water-walk',
    at: '/jobs/demo-orchard-lane/water/walk',
    size: PHONE,
    theme: 'noon',
    act: async (page) => {
      await page.getByLabel('Who signs here').fill('lead');
      await page.getByLabel('Who signs here').press('Enter');
      await page.getByRole('button', { name: /Ring, south side/ }).click();
      await page.getByLabel('From the inside wall').fill('29');
      await page.getByLabel('Below subgrade').fill('5');
    },
  },
  {
    name: 'service',
    at: '/jobs/demo-orchard-lane/service',
    act: async (page) => {
      await page.getByRole('button', { name: 'Ask the recorder (simulated)' }).click();
      await page.getByRole('img', { name: /The week of the peak/ }).waitFor();
    },
  },
  { name: 'panel', at: '/jobs/demo-orchard-lane/panel' },
  {
    name: 'materials',
    at: '/jobs/demo-orchard-lane/materials',
    act: async (page) => {
      await page.getByRole('button', { name: /Kiln/ }).click();
      await page.getByRole('button', { name: '6 AWG THWN-2, black' }).click();
    },
  },
  {
    name: 'quote',
    at: '/jobs/demo-orchard-lane/materials/quote',
    act: (page) => page.getByRole('button', { name: /Charger at 44 A/ }).click(),
  },
  {
    name: 'days',
    at: '/jobs/demo-orchard-lane/days',
    act: (page) => page.getByRole('button', { name: /Backfill, ribbon: Hot tub/ }).click(),
  },
  { name: 'checks', at: '/jobs/demo-orchard-lane/checks' },
  {
    name: 'packet',
    at: '/jobs/demo-orchard-lane/packet',
    act: (page) => page.getByRole('button', { name: 'Page 7: Hot tub, deck' }).click(),
  },
  {
    name: 'bench',
    at: '/bench/faults/pump-dead',
    act: async (page) => {
      for (const key of ['p', 'r', 'c', '1', 'b', 'c', '2', 'c', 'n']) await page.keyboard.press(key);
    },
  },
  {
    name: 'questions',
    at: '/jobs/demo-orchard-lane/questions',
    act: (page) => page.getByRole('region', { name: 'To verify' }).waitFor(),
  },
  { name: 'phone', at: '/jobs/demo-orchard-lane/carport-charger', size: PHONE },
  {
    name: 'sheet',
    at: '/jobs/demo-orchard-lane/carport-charger/sheet',
    size: { width: 720, height: 960 },
    print: true,
  },
];

/** What is there once a stage is drawn; elsewhere the section of the run is. */
const STAGE_HEADING: Readonly<Record<string, string>> = {
  '/survey': 'Appliances by their plates',
  '/service': 'What the service carries',
  '/water': 'Yard and water',
  '/water/walk': 'Bond walk',
  '/panel': 'Panel, utility room',
  '/materials': 'Cut plan',
  '/materials/quote': 'Quote',
  '/days': 'Days',
  '/checks': 'Hot tub, deck',
  '/packet': 'Packet, for the inspector',
  '/bench/faults/pump-dead': 'Heater runs, pump is dead',
  '/questions': 'Questions',
};

async function take(browser: Browser, address: string, shot: Shot): Promise<void> {
  const { name, at, size = DESK, theme, print = false, act } = shot;
  const context = await browser.newContext({
    viewport: size,
    serviceWorkers: 'block',
    ...(size === PHONE && { isMobile: true, hasTouch: true }),
  });
  const page = await context.newPage();
  // The demo job is of this day: what is planned lies after it.
  await page.clock.setFixedTime('2026-03-02T09:00:00');
  // What is drawn by lot is the same each time.
  await page.addInitScript(() => {
    crypto.getRandomValues = (into) => into;
  });
  if (theme !== undefined) {
    await page.addInitScript((worn) => {
      localStorage.setItem('pasture-theme', worn);
    }, theme);
  }
  await page.goto(address);
  await page.getByRole('link', { name: /Split-level/ }).waitFor();
  if (at !== '/') {
    await page.goto(address + at);
    const heading = Object.entries(STAGE_HEADING).find(([end]) => at.endsWith(end))?.[1];
    const stage =
      heading === undefined
        ? page.getByRole('img', { name: /Section of the run/ })
        : page.getByRole('heading', { name: heading });
    await stage.waitFor();
  }
  await act?.(page);
  // Fixes and what follows the figures are fetched after them.
  await page.waitForLoadState('networkidle');
  if (print) await page.emulateMedia({ media: 'print' });
  await page.evaluate(() => document.fonts.ready);
  await page.screenshot({ path: `${FOLDER}/${name}.png`, animations: 'disabled', fullPage: print });
  await context.close();
  console.log(`shots: ${FOLDER}/${name}.png`);
}

mkdirSync(FOLDER, { recursive: true });
const server = await buildServer({ root: 'dist', demo: true });
const address = await server.listen({ host: '127.0.0.1', port: 0 });
const browser = await chromium.launch({
  executablePath: browserPath,
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
});
for (const shot of SHOTS) await take(browser, address, shot);
await browser.close();
await server.close();
