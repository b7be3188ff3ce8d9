import { componentsOf, darkLimit, type Component } from './picture/components';
import { cropped, type Gray } from './picture/gray';
import type { ReadWord } from './readWord';

const median = (values: readonly number[]): number =>
  values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)] ?? NaN;

/** Digits, each as one: what stands over another is part of it. */
function digitsOf(all: readonly Component[], high: number): readonly Component[] {
  const tall = all.filter(({ height }) => height >= 0.6 * high).toSorted((a, b) => a.x - b.x);
  return tall.filter((each, at) => {
    const before = tall[at - 1];
    return before === undefined || each.x + each.width / 2 > before.x + before.width;
  });
}

/** Shares of the height of a digit between which a point is high and wide, and how near it is to their feet. */
const POINT = { least: 0.07, most: 0.34, offFeet: 0.16 } as const;

/**
 * After how many letters of a word a decimal point stands in the picture. Recognizers lose points more often than anything
 * else of a plate, and are sure of what is left: 22.4 becomes 224. A point is a small group of dark pixels between two digits, at
 * their feet. Nothing is found where the digits cannot be told apart.
 */
export function pointsSeen(picture: Gray, { text, box }: ReadWord): readonly number[] {
  const letters = text.replaceAll(/[.,\s]/g, '');
  if (!/\d/.test(letters)) return [];
  const edge = Math.round(box.height * 0.25);
  const part = cropped(picture, {
    x: box.x - edge,
    y: box.y - edge,
    width: box.width + 2 * edge,
    height: box.height + 2 * edge,
  });
  const all = componentsOf(part, darkLimit(part)).filter(({ count }) => count > 2);
  const highest = Math.max(...all.map(({ height }) => (height < 1.4 * box.height ? height : 0)), 0);
  const near = all.filter(({ height }) => height < 1.4 * box.height && height >= 0.6 * highest);
  const high = median(near.map(({ height }) => height));
  const feet = median(near.map(({ y, height }) => y + height));
  const digits = digitsOf(near, high);
  const points = all.filter(
    ({ x, y, width, height }) =>
      Math.max(height, width) <= POINT.most * high &&
      Math.min(height, width) >= POINT.least * high &&
      Math.abs(y + height - feet) <= POINT.offFeet * high &&
      digits.some((digit) => digit.x + digit.width / 2 < x) &&
      digits.some((digit) => digit.x + digit.width / 2 > x + width),
  );
  if (digits.length !== letters.length) return [];
  return [...new Set(points.map(({ x }) => digits.filter((digit) => digit.x + digit.width / 2 < x).length))];
}

/** A word with the points that its picture shows. */
export function withPoints(picture: Gray, word: ReadWord): ReadWord {
  const seen = pointsSeen(picture, word);
  if (seen.length === 0) return word;
  const letters = word.text.replaceAll(/[.,\s]/g, '').split('');
  const text = letters
    .map((letter, at) => {
      const isPoint = seen.includes(at) && /\d/.test(letters[at - 1] ?? '') && /\d/.test(letter);
      return isPoint ? `.${letter}` : letter;
    })
    .join('');
  return { ...word, text };
}
