import type { BrowserContext, Page } from '@playwright/test';
import { expect, figureKey, goTo, openDemo, saved, test } from '../support/app';

test.use({ serviceWorkers: 'allow' });
// Everything is fetched once, then the browser is started anew.
test.describe.configure({ timeout: 240_000 });

/** The first visit: the demo job is opened, and everything that works without a network is kept. */
async function visited(page: Page): Promise<void> {
  await openDemo(page);
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
  });
  await page.waitForFunction(async () => {
    const names = await caches.keys();
    const kept = await Promise.all(
      names.map(async (name) => (await (await caches.open(name)).keys()).length),
    );
    return kept.reduce((sum, each) => sum + each, 0) > 10;
  });
}

/** A page that is opened without a network, as after the browser was started anew. */
async function coldStart(page: Page, context: BrowserContext): Promise<Page> {
  await page.close();
  await context.setOffline(true);
  const cold = await context.newPage();
  await cold.goto('/');
  return cold;
}

test('from a cold start without a network every stage opens and works, and what is edited stays', async ({
  page,
  context,
}) => {
  await visited(page);
  const cold = await coldStart(page, context);
  await cold.getByRole('link', { name: /Split-level/ }).click();
  await expect(figureKey(cold, 'Conductor')).toContainText('Stop');
  await cold.getByLabel('Length, A to B').fill('80');
  await expect(figureKey(cold, 'Voltage drop')).toContainText('over 80 ft');
  await saved(cold);
  // Digits are stages while no field has the focus.
  await cold.getByText(/^lengths to scale/).click();
  const headings = [
    'Appliances by their plates',
    'What the service carries',
    'EV charger, carport',
    'Yard and water',
    'Panel, utility room',
    'Cut plan',
    'Days',
    'Hot tub, deck',
    'Packet, for the inspector',
  ];
  for (const [at, name] of headings.entries()) {
    await cold.keyboard.press(String(at + 1));
    await expect(cold.getByRole('heading', { name }).first()).toBeVisible();
  }
  const download = cold.waitForEvent('download');
  await cold.getByRole('button', { name: 'PDF', exact: true }).click();
  expect((await download).suggestedFilename()).toBe('split-level-orchard-lane.inspector.pdf');
  await cold.reload();
  await expect(cold.getByRole('heading', { name: 'Packet, for the inspector' })).toBeVisible();
  await cold.getByRole('button', { name: /Circuits$/ }).click();
  await expect(figureKey(cold, 'Voltage drop')).toContainText('over 80 ft');
  // Simulated devices answer from within the browser.
  await goTo(cold, '/jobs/demo-orchard-lane/service');
  await cold.getByRole('button', { name: 'Ask the recorder (simulated)' }).click();
  await expect(cold.getByRole('img', { name: /The week of the peak/ })).toBeVisible();
  await goTo(cold, '/jobs/demo-orchard-lane/materials');
  await cold.getByRole('button', { name: 'Ask the supplier (simulated)' }).click();
  await expect(cold.getByText(/Supplier \(simulated\): \d+ prices read/)).toBeVisible();
  await goTo(cold, '/jobs/demo-orchard-lane/checks');
  await cold.getByRole('button', { name: 'Take it from the driver (simulated)' }).click();
  await expect(
    cold.getByRole('region', { name: 'Torque driver (simulated)' }).getByRole('status'),
  ).toContainText(/lb-in by/);
});
