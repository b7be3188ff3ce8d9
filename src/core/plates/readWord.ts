import type { Box, Gray } from './picture/gray';

/** A word as a recognizer reads it, with how sure it is (0 to 100) and where it stands in the picture that was put right. */
export interface ReadWord {
  readonly text: string;
  readonly score: number;
  readonly box: Box;
}

/** A recognizer of text: of a whole picture, of words wherever they stand in it, or of one line. */
export type Recognize = (picture: Gray, what: 'page' | 'words' | 'line') => Promise<readonly ReadWord[]>;

/** The box around boxes. */
export function boxAround(boxes: readonly Box[]): Box {
  const left = Math.min(...boxes.map(({ x }) => x));
  const top = Math.min(...boxes.map(({ y }) => y));
  const right = Math.max(...boxes.map(({ x, width }) => x + width));
  const bottom = Math.max(...boxes.map(({ y, height }) => y + height));
  return { x: left, y: top, width: right - left, height: bottom - top };
}

/** Pictures of more pixels are not read. */
export const MOST_PIXELS = 30_000_000;

/** What a recognizer answers: blocks of paragraphs of lines of words, each with its corners. */
interface Recognized {
  readonly blocks:
    | readonly {
        readonly paragraphs: readonly {
          readonly lines: readonly { readonly words: readonly RecognizedWord[] }[];
        }[];
      }[]
    | null;
}

interface RecognizedWord {
  readonly text: string;
  readonly confidence: number;
  readonly bbox: { readonly x0: number; readonly y0: number; readonly x1: number; readonly y1: number };
}

const wordOf = ({ text, confidence, bbox: { x0, y0, x1, y1 } }: RecognizedWord): ReadWord => ({
  text,
  score: confidence,
  box: { x: x0, y: y0, width: x1 - x0, height: y1 - y0 },
});

/** The words of a recognizer's answer. */
export const recognizedWords = ({ blocks }: Recognized): readonly ReadWord[] =>
  (blocks ?? [])
    .flatMap(({ paragraphs }) => paragraphs)
    .flatMap(({ lines }) => lines)
    .flatMap(({ words }) => words.map(wordOf));
