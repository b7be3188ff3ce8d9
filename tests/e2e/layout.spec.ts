import type { Page } from '@playwright/test';
import { newCircuit, newSegment } from '../../src/core/circuit/newCircuit';
import { familyList, freshAppliance } from '../../src/core/appliances/registry';
import { freshJob } from '../../src/core/job/freshJob';
import { expect, goTo, openDemo, openEmpty, openKept, test } from '../support/app';

// Attic differs from paper in color alone; noon has heavier and larger words, for which the narrow pages are short.
const LOOKS = [
  { width: 1280, height: 800, themes: ['paper', 'noon'] },
  { width: 820, height: 1180, themes: ['noon'] },
  { width: 390, height: 844, themes: ['noon', 'paper'] },
];
/** The look of the least room beside the widest: for what differs in how much there is, not in what. */
const EXTREMES = LOOKS.filter(({ width }) => width !== 820).map((each) => ({ ...each, themes: ['noon'] }));

/** What of a page covers something else, is cut off, or makes the page scroll sideways. */
const faultsOfLayout = (page: Page): Promise<readonly string[]> =>
  page.evaluate(() => {
    const found = new Set<string>();
    const hidden = (element: Element): boolean => {
      const box = element.getBoundingClientRect();
      return box.width < 2 || box.height < 2 || element.closest('.visually-hidden') !== null;
    };
    const own = (element: Element): string =>
      [...element.childNodes]
        .filter((node) => node.nodeType === Node.TEXT_NODE)
        .map((node) => node.textContent?.trim() ?? '')
        .join(' ')
        .trim();
    for (const picture of document.querySelectorAll('svg')) {
      const texts = [...picture.querySelectorAll('text')].filter((text) => !hidden(text));
      const boxes = texts.map((text) => ({ words: text.textContent, box: text.getBoundingClientRect() }));
      for (const [at, a] of boxes.entries())
        for (const b of boxes.slice(at + 1)) {
          const wide = Math.min(a.box.right, b.box.right) - Math.max(a.box.left, b.box.left);
          const high = Math.min(a.box.bottom, b.box.bottom) - Math.max(a.box.top, b.box.top);
          if (wide > 2 && high > 4) found.add(`"${a.words}" covers "${b.words}"`);
        }
    }
    for (const element of document.querySelectorAll('body *')) {
      if (element instanceof SVGElement || hidden(element) || own(element) === '') continue;
      const { overflowX, fontSize, lineHeight } = getComputedStyle(element);
      const line = parseFloat(lineHeight);
      // Several lines that stand closer than their letters are high.
      if (line < parseFloat(fontSize) && element.clientHeight > 1.8 * line)
        found.add(`lines touch: ${own(element)}`);
      if (/hidden|clip/.test(overflowX) && element.scrollWidth > element.clientWidth + 1)
        found.add(`cut: ${own(element)}`);
    }
    const sideways = document.documentElement.scrollWidth - window.innerWidth;
    if (sideways > 0) found.add(`scrolls ${sideways} px sideways`);
    const small = document.documentElement.scrollHeight - window.innerHeight;
    if (small > 0 && small < 40) found.add(`scrolls ${small} px down`);
    return [...found];
  });

/** Waits until nothing of a page changes any more. */
const rested = (page: Page): Promise<void> =>
  page.evaluate(
    () =>
      new Promise<void>((rest) => {
        const QUIET_MS = 250;
        let timer = setTimeout(rest, 4 * QUIET_MS);
        const watch = new MutationObserver(() => {
          clearTimeout(timer);
          timer = setTimeout(() => {
            watch.disconnect();
            rest();
          }, QUIET_MS);
        });
        watch.observe(document.body, { subtree: true, childList: true, characterData: true });
      }),
  );

/** What is wrong once the page has come to rest: what is still being fetched may stand elsewhere for a moment. */
async function settledFaults(page: Page): Promise<readonly string[]> {
  let faults = await faultsOfLayout(page);
  for (let tries = 0; faults.length > 0 && tries < 5; tries += 1) {
    await page.waitForLoadState('networkidle');
    await rested(page);
    faults = await faultsOfLayout(page);
  }
  return faults;
}

/** The stages of a job under its address. */
const STAGES = [
  '',
  '?part=route',
  '/survey',
  '/survey?part=panels',
  '/materials/quote',
  '/materials/count',
  '/service',
  '/water',
  '/panel',
  '/materials',
  '/days',
  '/days/week',
  '/checks',
  '/packet',
];

/** Every stage of the open job. */
const everyStage = (page: Page, looks = LOOKS): Promise<readonly string[]> =>
  everyPage(page, /\/jobs\/[^/]+/.exec(page.url())?.[0] ?? '', STAGES, looks);

/** Pages under an address at three sizes, in the themes that differ in size. */
async function everyPage(
  page: Page,
  under: string,
  stages: readonly string[],
  looks = LOOKS,
): Promise<readonly string[]> {
  const faults: string[] = [];
  for (const stage of stages) {
    await page.setViewportSize({ width: 1280, height: 800 });
    await goTo(page, `${under}${stage}`);
    await rested(page);
    for (const { themes, ...size } of looks) {
      await page.setViewportSize(size);
      for (const theme of themes) {
        await page.evaluate(async (name) => {
          document.documentElement.dataset['theme'] = name;
          await document.fonts.ready;
          await new Promise((drawn) => requestAnimationFrame(() => requestAnimationFrame(drawn)));
        }, theme);
        for (const fault of await settledFaults(page)) {
          faults.push(`${stage || '/circuits'} ${size.width} ${theme}: ${fault}`);
        }
      }
    }
  }
  return faults;
}

test.describe('nothing covers, nothing is cut, nothing scrolls sideways', () => {
  // Every stage is drawn five times.
  test.describe.configure({ timeout: 240_000 });

  test('the demo job', async ({ page }) => {
    await openDemo(page);
    expect(await everyStage(page)).toEqual([]);
  });

  test('the bench', async ({ page }) => {
    const pages = [
      '/faults',
      '/faults/trips-with-pump',
      '/faults/well-lug',
      '/drills/motor',
      '/drills/fill',
      '/lessons',
      '/record',
    ];
    await goTo(page, '/bench/faults');
    expect(await everyPage(page, '/bench', pages)).toEqual([]);
  });

  test('an empty job', async ({ page }) => {
    await openEmpty(page, 'Empty');
    expect(await everyStage(page, EXTREMES)).toEqual([]);
  });

  test('a job of thirty circuits', async ({ page }) => {
    const circuits = Array.from({ length: 30 }, (_, at) => {
      const family = familyList[at % familyList.length]?.id ?? 'ev';
      return newCircuit(`c${at}`, freshAppliance(family), [
        newSegment('a', 'nm-b', 12 + at, 'indoor'),
        newSegment('b', 'pvc40', 30, 'underground'),
      ]);
    });
    await openKept(page, { ...freshJob('thirty', 'Thirty'), circuits }, '');
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    expect(await everyStage(page, EXTREMES)).toEqual([]);
  });
});
