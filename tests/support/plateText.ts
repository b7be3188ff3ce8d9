import type { ReadWord } from '../../src/core/plates/readWord';

const LETTER = { width: 18, height: 30 } as const;
const LINE_PX = 60;

/** Words as a recognizer gives them of lines of text: letters of one width, two blanks where columns part. */
export const wordsOfText = (lines: readonly string[], score = 95): readonly ReadWord[] =>
  lines.flatMap((line, row) =>
    [...line.matchAll(/\S+/g)].map(({ 0: text, index }) => ({
      text,
      score,
      box: {
        x: index * LETTER.width,
        y: row * LINE_PX,
        width: text.length * LETTER.width,
        height: LETTER.height,
      },
    })),
  );
