import type { Page } from '@playwright/test';
import { withBenchPage } from './benchPage';
import { judge } from './limits';
import { middle } from './median';

const KEYS = 40;

/** In the page: notes how long after a key the ladder of figures was redrawn. */
function watchFigures(): void {
  const times: number[] = [];
  let pressed = 0;
  document.addEventListener(
    'beforeinput',
    () => {
      pressed = performance.now();
    },
    true,
  );
  new MutationObserver(() => {
    if (pressed > 0) times.push(performance.now() - pressed);
    pressed = 0;
  }).observe(document.querySelector('[data-link="drop"]') ?? document.body, {
    subtree: true,
    characterData: true,
    childList: true,
  });
  Object.assign(window, { figureTimes: times });
}

async function openDemoCircuit(page: Page, address: string): Promise<void> {
  await page.goto(address);
  await page.getByRole('link', { name: /Split-level/ }).click();
  await page.getByLabel('Length, A to B').click();
  await page.evaluate(watchFigures);
}

/**
 * Scripting of one keystroke in the length of a run at the size of the demo job: until every figure is
 * redrawn, which is one turn without a pause, and with all that follows (saving, fixes, other methods
 * and editions) by the browser's own account of its script time.
 */
export async function benchKeystroke(executablePath: string): Promise<void> {
  await withBenchPage(executablePath, true, async (page, address) => {
    await openDemoCircuit(page, address);
    const devtools = await page.context().newCDPSession(page);
    await devtools.send('Performance.enable');
    const scripting = async (): Promise<number> => {
      const { metrics } = await devtools.send('Performance.getMetrics');
      return (metrics.find(({ name }) => name === 'ScriptDuration')?.value ?? 0) * 1000;
    };
    const settle = () =>
      page.evaluate(() => new Promise((done) => requestAnimationFrame(() => setTimeout(done, 80))));
    const all: number[] = [];
    for (let at = 0; at < KEYS; at += 1) {
      await page.keyboard.press('Control+A');
      await settle();
      const before = await scripting();
      await page.keyboard.press(String((at % 8) + 2));
      await settle();
      all.push((await scripting()) - before);
    }
    const figures = await page.evaluate(() => (window as unknown as { figureTimes: number[] }).figureTimes);
    judge('figures redrawn after a key, median', middle(figures), 16, 'ms', 1);
    judge('a keystroke with all that follows, median of scripting', middle(all), 16, 'ms', 1);
  });
}
