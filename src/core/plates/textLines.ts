import { boxAround, type ReadWord } from './readWord';
import type { Box } from './picture/gray';

/** Words that stand on one line, from left to right. */
export interface TextLine {
  readonly words: readonly ReadWord[];
  readonly text: string;
  readonly box: Box;
  /** Where each word begins in the text. */
  readonly starts: readonly number[];
}

/** Neighbors may touch by as much, pixels; and stand higher or lower by this share of a letter. */
const OVERLAP_PX = 6;
const REACH = 0.5;

/** What recognizers take a zero with a stroke or a dot in it for, behind a digit. */
const LIKE_ZERO = /(?<=\d)[@©®ØO](?![A-Z])/g;

const middle = ({ box }: ReadWord): number => box.y + box.height / 2;

/** A line of words, whatever order they come in. */
function lineOf(words: readonly ReadWord[]): TextLine {
  const inOrder = words.toSorted((a, b) => a.box.x - b.box.x);
  let text = '';
  const starts = inOrder.map((word) => {
    if (text !== '') text += ' ';
    const start = text.length;
    text += word.text.toUpperCase().replaceAll(LIKE_ZERO, '0');
    return start;
  });
  return { words: inOrder, text, starts, box: boxAround(inOrder.map(({ box }) => box)) };
}

const gap = (a: Box, b: Box): number => Math.max(a.x - b.x - b.width, b.x - a.x - a.width);

/** Whether a word stands on a line: as high as what is nearest to it there, over nothing of it. */
function standsOn(line: readonly ReadWord[], word: ReadWord): boolean {
  const [nearest] = line.toSorted((a, b) => gap(a.box, word.box) - gap(b.box, word.box));
  if (nearest === undefined || gap(nearest.box, word.box) < -OVERLAP_PX) return false;
  const reach = Math.max(nearest.box.height, word.box.height) * REACH;
  return Math.abs(middle(nearest) - middle(word)) < reach;
}

/**
 * Words as lines from top to bottom. A recognizer takes columns for paragraphs; on a plate a label and its value stand on one
 * line however far apart.
 */
export function textLines(words: readonly ReadWord[]): readonly TextLine[] {
  const open: ReadWord[][] = [];
  const readable = words.filter(({ text }) => /[A-Z0-9]/i.test(text));
  for (const word of readable.toSorted((a, b) => middle(a) - middle(b))) {
    const line = open.findLast((each) => standsOn(each, word));
    if (line === undefined) open.push([word]);
    else line.push(word);
  }
  return open.map(lineOf).toSorted((a, b) => a.box.y - b.box.y);
}

/** The words of a line that a stretch of its text covers. */
export const wordsWithin = (line: TextLine, from: number, to: number): readonly ReadWord[] =>
  line.words.filter((word, at) => {
    const start = line.starts[at] ?? NaN;
    return start < to && start + word.text.length > from;
  });
