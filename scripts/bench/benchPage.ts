import { chromium, type Page } from '@playwright/test';
import { buildServer } from '../../server/app';

/** The built application in a browser, for as long as something is measured in it. */
export async function withBenchPage(
  executablePath: string,
  demo: boolean,
  measure: (page: Page, address: string) => Promise<void>,
): Promise<void> {
  const server = await buildServer({ root: 'dist', demo });
  const address = await server.listen({ host: '127.0.0.1', port: 0 });
  const args = ['--no-sandbox', '--disable-gpu', '--disable-background-networking'];
  const browser = await chromium.launch({ executablePath, args });
  const context = await browser.newContext({
    viewport: { width: 1280, height: 800 },
    serviceWorkers: 'block',
  });
  await measure(await context.newPage(), address);
  await browser.close();
  await server.close();
}
