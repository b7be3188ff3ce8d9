import { SIGNS_OF, WIDTHS } from './fontWidths';
import type { Face, Ink, PacketPage, Paper } from './pageSchema';

/** Inks on paper: the same in every theme, as they print. */
export const INK_COLOR: Readonly<Record<Ink, string>> = {
  ink: '#18211d',
  quiet: '#4d554c',
  rule: '#b9b29a',
  stop: '#8b1a1a',
  copper: '#7a3208',
  wash: '#f6dfc2',
  sheet: '#fffef9',
  pasture: '#1d5229',
  water: '#0f475f',
};

/** Ends the title of a page that goes on with the one before it. */
const CONTINUED = ', continued';

/** The title of the page that goes on with one. */
export const continuedTitle = (title: string): string => `${title}${CONTINUED}`;
/** The title of a page without its being continued. */
export const plainTitle = (title: string): string =>
  title.endsWith(CONTINUED) ? title.slice(0, -CONTINUED.length) : title;
/** Whether a page goes on with the one before it. */
export const isContinued = ({ title }: Pick<PacketPage, 'title'>): boolean => title.endsWith(CONTINUED);

/** Sizes of paper, points. */
export const PAPERS: Readonly<Record<Paper, readonly [wide: number, high: number]>> = {
  letter: [612, 792],
  a4: [595, 842],
};

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
