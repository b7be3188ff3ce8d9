import { findMarks } from './findMarks';
import type { Reading } from './mark';
import { cropped, mapped, scaled, type Box, type Gray } from './picture/gray';
import { inverted, isLightOnDark, leveled } from './picture/level';
import {
  boxBefore,
  placeOf,
  quarterTurned,
  tiltOf,
  turnedBack,
  type Quarters,
  type Straightened,
} from './picture/straighten';
import { textBlock, withoutLines } from './picture/textBlock';
import { plateFamily, type PlateFamily } from './plateFamily';
import { withPoints } from './points';
import { readMarks, type ReadMarks } from './readMarks';
import type { ReadWord, Recognize } from './readWord';
import { textLines, type TextLine } from './textLines';
import { withoutTwice } from './together';

/** A plate as it was read. Boxes are in pixels of the picture as it came. */
export interface ReadPlate extends PlateFamily, ReadMarks {
  readonly lines: readonly string[];
}

/** The longer side of a picture when its text is looked for, pixels. */
const LOOKED_AT_PX = 900;
/** How high letters are when they are read, as recognizers were taught; and how wide a part is then at most, pixels. */
const LETTER_PX = 30;
const WIDEST_PX = 2600;
/** The ground of a letter is looked for as far around it: a share of a whole picture, letters where their height is known. */
const GROUNDS_ACROSS = 40;
const GROUND_LETTERS = 1.4;
/** Smaller ones are read first: quickly, and by other pixels. */
const FIRST_PASS = 0.7;
/** Words of letters alone that a picture shows when it is the right way up. */
const UPRIGHT_WORDS = 4;

interface Prepared {
  readonly picture: Gray;
  readonly how: Straightened;
}

/** The text of a picture, straight, equally light, its letters as high as is read best; undefined where it has none. */
function prepared(gray: Gray, quarters: Quarters, isInverted: boolean): Prepared | undefined {
  const turned = quarterTurned(isInverted ? inverted(gray) : gray, quarters);
  const scale = LOOKED_AT_PX / Math.max(gray.width, gray.height);
  const small = leveled(scaled(turned, scale), LOOKED_AT_PX / GROUNDS_ACROSS);
  const deg = tiltOf(small);
  const block = textBlock(turnedBack(small, deg));
  if (block === undefined) return undefined;
  const zoom = Math.min(LETTER_PX / block.letterPx, WIDEST_PX / block.box.width);
  const how = { quarters, scale, deg, part: block.box, zoom, width: gray.width, height: gray.height };
  // Taken from the picture as it came, once: what is scaled twice is blurred twice.
  const from = Math.min(1, scale * zoom);
  const place = placeOf(small, how);
  const picture = mapped(
    from < 1 ? scaled(turned, from) : turned,
    Math.round(block.box.width * zoom),
    Math.round(block.box.height * zoom),
    (x, y) => {
      const [beforeX, beforeY] = place(x, y);
      return [(beforeX / scale) * from, (beforeY / scale) * from];
    },
  );
  return { picture: leveled(picture, GROUND_LETTERS * LETTER_PX), how };
}

const uprightWords = (words: readonly ReadWord[]): number =>
  words.filter(({ text, score }) => score >= 75 && /^[A-Z]{3,}\W?$/i.test(text)).length;

const enlarged = (box: Box, by: number): Box => ({
  x: box.x * by,
  y: box.y * by,
  width: box.width * by,
  height: box.height * by,
});

/** The words of a picture that is read smaller or larger, where they stand in it. */
async function wordsOf(
  picture: Gray,
  by: number,
  what: 'page' | 'words',
  recognize: Recognize,
): Promise<readonly ReadWord[]> {
  const words = await recognize(by === 1 ? picture : scaled(picture, by), what);
  return words.map((word) => ({ ...word, box: enlarged(word.box, 1 / by) }));
}

interface Upright extends Prepared {
  readonly words: readonly ReadWord[];
}

/** The picture the right way up: as it came, on its head, on its sides; then with light and dark exchanged. */
async function upright(gray: Gray, recognize: Recognize): Promise<Upright | undefined> {
  const isLight = isLightOnDark(scaled(gray, Math.min(1, LOOKED_AT_PX / Math.max(gray.width, gray.height))));
  let best: Upright | undefined;
  for (const isInverted of [isLight, !isLight])
    for (const quarters of [0, 2, 1, 3] as const) {
      const each = prepared(gray, quarters, isInverted);
      if (each === undefined) continue;
      const words = await wordsOf(withoutLines(each.picture, LETTER_PX), FIRST_PASS, 'page', recognize);
      if (best === undefined || uprightWords(words) > uprightWords(best.words)) best = { ...each, words };
      if (uprightWords(best.words) >= UPRIGHT_WORDS) return best;
    }
  return best;
}

/** How high a line is when it is read by itself, pixels. */
const LINE_PX = 60;

/** What one line says when it is read by itself, larger. */
async function readAgain(picture: Gray, line: TextLine, recognize: Recognize): Promise<readonly ReadWord[]> {
  const { x, y, width, height } = line.box;
  const edge = Math.round(height * 0.35);
  const part = cropped(picture, {
    x: x - edge,
    y: y - edge,
    width: width + 2 * edge,
    height: height + 2 * edge,
  });
  const by = Math.min(3, Math.max(1, LINE_PX / height));
  const words = await recognize(scaled(part, by), 'line');
  const [left, top] = [Math.max(0, x - edge), Math.max(0, y - edge)];
  return words.map((word) => {
    const box = enlarged(word.box, 1 / by);
    return { ...word, box: { ...box, x: box.x + left, y: box.y + top } };
  });
}

/** The lines that a reading stands on, with its label. */
const holdsReading = (line: TextLine, readings: readonly Reading[]): boolean =>
  readings.some(({ box }) => {
    const middle = box.y + box.height / 2;
    return middle > line.box.y && middle < line.box.y + line.box.height;
  });

/**
 * Reads a plate off its picture: put right, read twice at two sizes, and each line that bears a mark once more by itself.
 * What it gives is text that somebody must confirm; no figure of a job.
 *
 * @param recognize The recognizer of text, which is no part of the core.
 * @param ratings Ratings that overcurrent devices have (240.6(A)).
 */
export async function readPlate(
  gray: Gray,
  recognize: Recognize,
  ratings: readonly number[],
): Promise<ReadPlate> {
  const up = await upright(gray, recognize);
  if (up === undefined) return { family: null, because: null, marks: [], contradictions: [], lines: [] };
  const { picture, how, words } = up;
  const pointed = (all: readonly ReadWord[]): readonly ReadWord[] =>
    all.map((word) => withPoints(picture, word));
  const first = textLines(pointed(words));
  const second = textLines(pointed(await wordsOf(picture, 1, 'words', recognize)));
  const passes = [findMarks(first), findMarks(second)];
  const again: ReadWord[] = [];
  for (const line of second)
    if (holdsReading(line, passes.flat())) again.push(...(await readAgain(picture, line, recognize)));
  const third = findMarks(textLines(pointed(again)));
  const { marks, contradictions } = readMarks(withoutTwice([...passes, third]), ratings);
  return {
    ...plateFamily([...second, ...first]),
    marks: marks.map((mark) => ({ ...mark, box: boxBefore(mark.box, how) })),
    contradictions,
    lines: second.map(({ text }) => text),
  };
}
