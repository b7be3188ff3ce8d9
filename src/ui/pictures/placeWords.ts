/** A box of the picture, pixels. */
export interface Box {
  readonly left: number;
  readonly top: number;
  readonly right: number;
  readonly bottom: number;
}

/** One line of words, and how it is written. */
export interface WordLine {
  readonly text: string;
  readonly style: 'strong' | 'plain' | 'small' | 'stop' | 'dimension' | 'quiet';
  /** A mark of severity before it. */
  readonly mark?: 'stop' | 'check';
}

/** Where words may stand: the base of their first line, and what of it is there. */
export interface Spot {
  readonly x: number;
  readonly y: number;
  readonly anchor: 'start' | 'middle' | 'end';
}

/** Words that want to be written, at the first of their spots that is free. */
export interface WordsWanted {
  readonly key: string;
  readonly lines: readonly WordLine[];
  readonly spots: readonly Spot[];
}

/** Words that have found their place. */
export interface PlacedWords {
  readonly key: string;
  readonly lines: readonly WordLine[];
  readonly spot: Spot;
  readonly box: Box;
}

/** Height of a line, and how far a line reaches above its base. */
export const LINE_PX = 15;
const ABOVE_PX = 11;
const BELOW_PX = 4;
/** Room of a mark before its line. */
export const MARK_PX = 17;

/** Width of a letter by style, pixels: a little more than the fonts take on average. */
const GLYPH_PX: Readonly<Record<WordLine['style'], number>> = {
  strong: 6.9,
  stop: 6.9,
  plain: 6.4,
  small: 6,
  quiet: 6,
  dimension: 7.4,
};

/** How wide a line is, pixels. */
export const lineWidth = ({ text, style, mark }: WordLine): number =>
  text.length * GLYPH_PX[style] + (mark === undefined ? 0 : MARK_PX);

function boxAt({ x, y, anchor }: Spot, lines: readonly WordLine[]): Box {
  const width = Math.max(...lines.map(lineWidth));
  const left = anchor === 'start' ? x : anchor === 'end' ? x - width : x - width / 2;
  return {
    left,
    top: y - ABOVE_PX,
    right: left + width,
    bottom: y + (lines.length - 1) * LINE_PX + BELOW_PX,
  };
}

/** Whether two boxes cover a common spot. */
const overlap = (a: Box, b: Box): boolean =>
  a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom;

const inside = (box: Box, room: Box): boolean =>
  box.left >= room.left && box.right <= room.right && box.top >= room.top && box.bottom <= room.bottom;

/**
 * Gives words their places, the first wanted first: none covers another, none what is drawn, none leaves the room.
 * Words that find no place are left out; the tape below the picture has them.
 */
export function placeWords(
  wanted: readonly WordsWanted[],
  room: Box,
  drawn: readonly Box[],
): readonly PlacedWords[] {
  const taken: Box[] = [...drawn];
  return wanted.flatMap(({ key, lines, spots }) => {
    for (const spot of spots) {
      const box = boxAt(spot, lines);
      if (!inside(box, room) || taken.some((each) => overlap(each, box))) continue;
      taken.push(box);
      return [{ key, lines, spot, box }];
    }
    return [];
  });
}
