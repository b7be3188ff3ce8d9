import { chromium } from '@playwright/test';
import { buildServer } from '../../server/app';
import { demoJob } from '../../src/core/job/demo/demoJob';
import { judge } from './limits';
import { middle } from './median';

const STARTS = 7;

/** A job opened from what the browser keeps, without a network: until its first figures are there. */
export async function benchStart(executablePath: string): Promise<void> {
  const server = await buildServer({ root: 'dist', demo: true });
  const address = await server.listen({ host: '127.0.0.1', port: 0 });
  const args = ['--no-sandbox', '--disable-gpu', '--disable-background-networking'];
  const browser = await chromium.launch({ executablePath, args });
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const first = await context.newPage();
  await first.goto(address);
  await first.getByRole('link', { name: /Split-level/ }).waitFor();
  await first.evaluate(async () => {
    await navigator.serviceWorker.ready;
  });
  await first.waitForLoadState('networkidle');
  await first.close();
  await context.setOffline(true);
  const times: number[] = [];
  for (let at = 0; at < STARTS; at += 1) {
    const page = await context.newPage();
    await page.goto(`${address}/jobs/${demoJob.id}`);
    const found = await page.waitForFunction(
      (selector) => document.querySelector(selector) !== null && performance.now(),
      '[aria-label="Circuits of the job"] li',
      { polling: 'raf' },
    );
    times.push(Number(await found.jsonValue()));
    await page.close();
  }
  judge('a job opened from the cache, without a network', middle(times), 1500, 'ms');
  await browser.close();
  await server.close();
}
