import { componentsOf, type Component } from './components';
import { scaled, type Box, type Gray } from './gray';

const DARK = 178;
const WHITE = 255;
/** Small enough to be quick, large enough for letters, pixels of the wider side. */
const LOOKED_AT_PX = 900;
/** Between which heights letters are then, and how wide at most: letters that touch are one. */
const LETTER = { least: 5, most: 34, wide: 5 } as const;

const isLetter = ({ width, height, count }: Component): boolean =>
  height >= LETTER.least &&
  height <= LETTER.most &&
  width <= LETTER.wide * LETTER.most &&
  count >= 8 &&
  count > 0.12 * width * height;

/** Whether a group has another beside it as letters of one word have. */
const isBeside = (a: Component, b: Component): boolean =>
  Math.abs(a.y + a.height / 2 - b.y - b.height / 2) < 0.6 * Math.max(a.height, b.height) &&
  Math.max(a.x - b.x - b.width, b.x - a.x - a.width) < 1.2 * Math.max(a.height, b.height) &&
  a.height < 2.2 * b.height &&
  b.height < 2.2 * a.height;

/** The letters of a picture: small groups that stand beside others. */
export function lettersOf(gray: Gray): readonly Component[] {
  const letters = componentsOf(gray, DARK)
    .filter(isLetter)
    .toSorted((a, b) => a.x - b.x);
  const isWithOther = new Set<Component>();
  for (const [at, letter] of letters.entries())
    for (let next = at + 1; next < letters.length; next += 1) {
      const other = letters[next];
      if (other === undefined || other.x - letter.x - letter.width > 1.2 * LETTER.most) break;
      if (!isBeside(letter, other)) continue;
      isWithOther.add(letter);
      isWithOther.add(other);
    }
  return [...isWithOther];
}

/** A picture small enough to be looked at as a whole. */
export const lookedAt = (gray: Gray): { readonly small: Gray; readonly by: number } => {
  const by = Math.min(1, LOOKED_AT_PX / Math.max(gray.width, gray.height));
  return { small: scaled(gray, by), by };
};

/** Where the text of a picture stands, and how high its letters are, pixels. */
export interface TextBlock {
  readonly box: Box;
  readonly letterPx: number;
}

const share = (values: readonly number[], at: number): number =>
  values.toSorted((a, b) => a - b)[Math.round((values.length - 1) * at)] ?? NaN;

/** The block of text of a leveled, straight picture; undefined where there is none. */
export function textBlock(gray: Gray): TextBlock | undefined {
  const { small, by } = lookedAt(gray);
  const letters = lettersOf(small);
  if (letters.length < 6) return undefined;
  const letterPx = share(
    letters.map(({ height }) => height),
    0.5,
  );
  const margin = 2 * letterPx;
  const left = share(
    letters.map(({ x }) => x),
    0.01,
  );
  const top = share(
    letters.map(({ y }) => y),
    0.01,
  );
  const right = share(
    letters.map(({ x, width }) => x + width),
    0.99,
  );
  const bottom = share(
    letters.map(({ y, height }) => y + height),
    0.99,
  );
  const box = {
    x: Math.max(0, (left - margin) / by),
    y: Math.max(0, (top - margin) / by),
    width: (right - left + 2 * margin) / by,
    height: (bottom - top + 2 * margin) / by,
  };
  return { box, letterPx: letterPx / by };
}

/** How many letters high a run of dark pixels is that no letter has. */
const LINE_LETTERS = 2.5;

/** A picture without the lines of frames and tables: long dark runs, level or upright. Letters that touch them stay. */
export function withoutLines(gray: Gray, letterPx: number): Gray {
  const { width, height } = gray;
  const least = LINE_LETTERS * letterPx;
  const pixels = Uint8Array.from(gray.pixels);
  const lane = (length: number, place: (at: number) => number): void => {
    let start = 0;
    for (let at = 0; at <= length; at += 1) {
      if (at < length && Number(gray.pixels[place(at)]) < DARK) continue;
      if (at - start >= least) for (let each = start; each < at; each += 1) pixels[place(each)] = WHITE;
      start = at + 1;
    }
  };
  for (let y = 0; y < height; y += 1) lane(width, (x) => y * width + x);
  for (let x = 0; x < width; x += 1) lane(height, (y) => y * width + x);
  return { width, height, pixels };
}
