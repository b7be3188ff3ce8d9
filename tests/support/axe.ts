import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type axeCore from 'axe-core';
import type { Page } from '@playwright/test';

const SOURCE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');
const TAGS = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'best-practice'];

/** Least contrast in the other themes, of words and of large words: in full sun that of AAA. */
const CONTRAST = { attic: [4.5, 3], noon: [7, 4.5] } as const;

/** One text of every color, ground and size that is on a page. */
interface Look {
  readonly words: string;
  /** Relative luminance of the words, and of what they stand on. */
  readonly inks: readonly [number, number];
  readonly isLarge: boolean;
}

/** In the page: marks one text of every look that is in a part of it. */
function markLooks(part: string): void {
  const seen = new Set<string>();
  const groundOf = (element: Element | null): string => {
    if (element === null) return '';
    const { backgroundColor, backgroundImage } = getComputedStyle(element);
    const isOpen = backgroundColor === 'rgba(0, 0, 0, 0)' && backgroundImage === 'none';
    return isOpen ? groundOf(element.parentElement) : `${backgroundColor} ${backgroundImage}`;
  };
  for (const element of document.querySelectorAll('[data-sample]')) element.removeAttribute('data-sample');
  for (const element of document.querySelectorAll(`${part} *`)) {
    const hasText = [...element.childNodes].some(
      ({ nodeType, textContent }) => nodeType === Node.TEXT_NODE && textContent?.trim() !== '',
    );
    if (!hasText && !(element instanceof HTMLInputElement)) continue;
    if (element.getBoundingClientRect().width < 2) continue;
    const { color, fill, fontSize, fontWeight, opacity } = getComputedStyle(element);
    const ink = element.tagName === 'text' ? fill : color;
    const look = [ink, groundOf(element), fontSize, fontWeight, opacity].join();
    if (!seen.has(look)) element.setAttribute('data-sample', '');
    seen.add(look);
  }
}

/** In the page: what axe finds wrong with a part of it, the contrast look by look. */
async function violations({ part, tags }: { readonly part: string; readonly tags: readonly string[] }) {
  const { axe } = window as unknown as { readonly axe: typeof axeCore };
  axe.configure({ rules: [{ id: 'color-contrast', selector: '[data-sample]' }] });
  const found = await axe.run(part, {
    runOnly: { type: 'tag', values: [...tags] },
    resultTypes: ['violations'],
    preload: false,
  });
  return found.violations.map(
    ({ id, nodes }) => `paper, ${id}: ${nodes.map(({ target }) => target.join(' ')).join(' | ')}`,
  );
}

/** In the page: the marked words with their inks, as the theme has them; a picture has its own grounds and is left out. */
function looks(): readonly Look[] {
  const canvas = document.createElement('canvas');
  canvas.width = 1;
  canvas.height = 1;
  const surface = canvas.getContext('2d', { willReadFrequently: true });
  if (surface === null) return [];
  const laid = (colors: readonly string[]): number => {
    surface.clearRect(0, 0, 1, 1);
    for (const color of colors) {
      surface.fillStyle = color;
      surface.fillRect(0, 0, 1, 1);
    }
    const [red = 0, green = 0, blue = 0] = [...surface.getImageData(0, 0, 1, 1).data].map((byte) => {
      const share = byte / 255;
      return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
    });
    return 0.2126 * red + 0.7152 * green + 0.0722 * blue;
  };
  const groundsOf = (element: Element | null): readonly string[] => {
    if (element === null) return ['white'];
    return [...groundsOf(element.parentElement), getComputedStyle(element).backgroundColor];
  };
  return [...document.querySelectorAll('[data-sample]')].flatMap((element): Look[] => {
    const isOff = element.closest(':disabled, [aria-disabled="true"], [data-disabled]') !== null;
    if (isOff || element instanceof SVGElement) return [];
    const { color, fontSize, fontWeight } = getComputedStyle(element);
    const size = parseFloat(fontSize);
    const grounds = groundsOf(element);
    return [
      {
        words: element.textContent.slice(0, 40),
        inks: [laid([...grounds, color]), laid(grounds)],
        isLarge: size >= 24 || (size >= 18.66 && Number(fontWeight) >= 700),
      },
    ];
  });
}

const ratioOf = ([a, b]: Look['inks']): number => (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);

const wear = (page: Page, theme: string) =>
  page.evaluate((name) => {
    document.documentElement.dataset['theme'] = name;
  }, theme);

/** Words that stand out too little in a theme; what differs there is color alone. */
async function faintIn(page: Page, theme: keyof typeof CONTRAST): Promise<string[]> {
  await wear(page, theme);
  const [least, leastLarge] = CONTRAST[theme];
  return (await page.evaluate(looks)).flatMap((look) => {
    const ratio = ratioOf(look.inks);
    const isFaint = ratio < (look.isLarge ? leastLarge : least) - 0.005;
    return isFaint ? [`${theme}: "${look.words}" at ${ratio.toFixed(2)}`] : [];
  });
}

/** What is wrong with a page, or a part of it, in the theme of the field book. */
export async function faultsOnPaper(page: Page, part = 'body'): Promise<string[]> {
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(SOURCE);
  // What is still fading in stands out less than it will.
  await page.evaluate(() => {
    const ending = document
      .getAnimations()
      .filter(({ effect }) => Number.isFinite(effect?.getComputedTiming().endTime));
    return Promise.allSettled(ending.map(({ finished }) => finished));
  });
  await page.evaluate(markLooks, part);
  return page.evaluate(violations, { part, tags: TAGS });
}

/** What is wrong with a page in any theme: all of it in that of the field book, in the others its contrast, look by look. */
export async function faults(page: Page): Promise<string[]> {
  const all = await faultsOnPaper(page);
  for (const theme of ['attic', 'noon'] as const) all.push(...(await faintIn(page, theme)));
  await wear(page, 'paper');
  return all;
}
