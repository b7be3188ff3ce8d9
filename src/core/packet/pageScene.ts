import { SIGNS_OF, WIDTHS } from './fontWidths';

/** Faces of a page: words, words that stand out, figures of one width. */
export type Face = 'words' | 'strong' | 'figures';
/** Inks of a page, by what they say. */
export type Ink = 'ink' | 'quiet' | 'rule' | 'stop' | 'copper' | 'wash';

/** Inks on paper: the same in every theme, as they print. */
export const INK_COLOR: Readonly<Record<Ink, string>> = {
  ink: '#18211d',
  quiet: '#4d554c',
  rule: '#b9b29a',
  stop: '#8b1a1a',
  copper: '#7a3208',
  wash: '#f6dfc2',
};

/** What is on a page, in points from its upper left corner. */
export type PageItem =
  | {
      readonly kind: 'text';
      readonly x: number;
      /** The line that it stands on. */
      readonly y: number;
      readonly text: string;
      readonly face: Face;
      readonly size: number;
      readonly ink: Ink;
      readonly align: 'left' | 'right';
    }
  | {
      readonly kind: 'line';
      readonly points: readonly (readonly [x: number, y: number])[];
      readonly ink: Ink;
      readonly width: number;
    }
  | {
      readonly kind: 'box';
      readonly x: number;
      readonly y: number;
      readonly wide: number;
      readonly high: number;
      readonly fill: Ink | null;
      readonly edge: Ink | null;
    }
  /** A place that leads to another page, by its number from 1. */
  | {
      readonly kind: 'link';
      readonly x: number;
      readonly y: number;
      readonly wide: number;
      readonly high: number;
      readonly to: number;
    };

/** A page as it is printed. */
export interface PacketPage {
  readonly title: string;
  /** The chapter that it belongs to. */
  readonly chapter: string;
  readonly items: readonly PageItem[];
}

/** Sizes of paper, points. */
export const PAPERS = { letter: [612, 792], a4: [595, 842] } as const;
/** A size of paper. */
export type Paper = keyof typeof PAPERS;

const EM = 1000;
const LATIN = new Map(Array.from(SIGNS_OF.latin, (sign, at) => [sign, at]));
const SIGNS = new Map(Array.from(SIGNS_OF.signs, (sign, at) => [sign, at]));
/** What stands where no face has a sign. */
const UNKNOWN = '?';

/** A text with only what the faces have; what they lack is a question mark, never nothing. */
export const printable = (text: string): string =>
  Array.from(text.normalize('NFC'), (sign) =>
    LATIN.has(sign) || SIGNS.has(sign) ? sign : /\s/.test(sign) ? ' ' : UNKNOWN,
  ).join('');

/** A run of a text in one font: the face's own, or the one that has the signs. */
export interface TextRun {
  readonly font: Face | 'signs';
  readonly text: string;
  readonly wide: number;
}

/** A text as runs of the fonts that have its signs, each with its width in points. */
export function textRuns(text: string, face: Face, size: number): readonly TextRun[] {
  const runs: { font: Face | 'signs'; text: string; wide: number }[] = [];
  for (const sign of text) {
    const [latin, other] = [LATIN.get(sign), SIGNS.get(sign)];
    const font = latin === undefined && other !== undefined ? 'signs' : face;
    const wide =
      ((font === 'signs' ? WIDTHS.signs[other ?? 0] : WIDTHS[face][latin ?? 0]) ?? 0) * (size / EM);
    const last = runs.at(-1);
    if (last?.font === font) {
      last.text += sign;
      last.wide += wide;
    } else runs.push({ font, text: sign, wide });
  }
  return runs;
}

/** Points that a text takes. */
export const textWidth = (text: string, face: Face, size: number): number =>
  textRuns(text, face, size).reduce((sum, { wide }) => sum + wide, 0);

/** A text in lines no wider than so many points; a word that is wider stands alone. */
export function wrapped(text: string, face: Face, size: number, wide: number): readonly string[] {
  const lines: string[] = [];
  let line = '';
  for (const word of printable(text).split(' ').filter(Boolean)) {
    const longer = line === '' ? word : `${line} ${word}`;
    if (line !== '' && textWidth(longer, face, size) > wide) {
      lines.push(line);
      line = word;
    } else line = longer;
  }
  return line === '' ? lines : [...lines, line];
}
