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
