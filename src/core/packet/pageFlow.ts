import {
  PAPERS,
  printable,
  wrapped,
  type Face,
  type Ink,
  type PacketPage,
  type PageItem,
  type Paper,
} from './pageScene';

const MARGIN = 48;
const FOOT = 40;
const SIZE = { title: 18, head: 11, body: 9.5, small: 8 } as const;
/** From line to line, of the size. */
const LEADING = 1.36;

/** A column of a table: where it begins as a share of the width, and how its text stands. */
export interface Column {
  readonly at: number;
  readonly align?: 'left' | 'right';
  readonly face?: Face;
}

interface Said {
  readonly face?: Face;
  readonly size?: keyof typeof SIZE;
  readonly ink?: Ink;
}

/** Fills pages from top to bottom; what does not fit goes on on the next one, under the same title. */
export class PageFlow {
  readonly #paper: Paper;
  readonly #pages: PacketPage[] = [];
  #items: PageItem[] = [];
  #title = '';
  /** The title without "continued". */
  #base = '';
  #chapter = '';
  #y = 0;

  constructor(paper: Paper) {
    this.#paper = paper;
  }

  get #wide(): number {
    return PAPERS[this.#paper][0] - 2 * MARGIN;
  }

  get #bottom(): number {
    return PAPERS[this.#paper][1] - MARGIN - FOOT;
  }

  #close(): void {
    if (this.#items.length > 0)
      this.#pages.push({ title: this.#title, chapter: this.#chapter, items: this.#items });
    this.#items = [];
  }

  #open(title: string): void {
    this.#close();
    this.#y = MARGIN + SIZE.title;
    this.#text(printable(title), MARGIN, { face: 'strong', size: 'title' });
    this.#y += 8;
    this.#line('ink', 1);
    this.#y += 16;
  }

  #text(
    text: string,
    x: number,
    { face = 'words', size = 'body', ink = 'ink' }: Said,
    align: 'left' | 'right' = 'left',
  ): void {
    this.#items.push({ kind: 'text', x, y: this.#y, text, face, size: SIZE[size], ink, align });
  }

  #line(ink: Ink, width: number): void {
    this.#items.push({
      kind: 'line',
      points: [
        [MARGIN, this.#y],
        [MARGIN + this.#wide, this.#y],
      ],
      ink,
      width,
    });
  }

  /** Room for so much more, on this page or on the next one. */
  #need(high: number): void {
    if (this.#y + high <= this.#bottom) return;
    const whole = this.#base;
    this.#open(`${whole}, continued`);
    this.#title = `${whole}, continued`;
  }

  /** A new page with its title. */
  page(chapter: string, title: string): void {
    this.#close();
    this.#chapter = chapter;
    this.#title = title;
    this.#base = title;
    this.#open(title);
  }

  /** A heading within a page. */
  head(text: string): void {
    this.#need(4 * SIZE.head * LEADING);
    this.#y += 10;
    this.#text(printable(text), MARGIN, { face: 'strong', size: 'head' });
    this.#y += SIZE.head * LEADING;
  }

  /** Words in lines. */
  say(text: string, said: Said = {}): void {
    const { face = 'words', size = 'body' } = said;
    for (const line of wrapped(text, face, SIZE[size], this.#wide)) {
      this.#need(SIZE[size] * LEADING);
      this.#text(line, MARGIN, said);
      this.#y += SIZE[size] * LEADING;
    }
  }

  /** A row of a table under a rule; a cell is wrapped within its column. */
  row(columns: readonly Column[], cells: readonly string[], ink: Ink = 'ink'): void {
    const lines = columns.map(({ at, face = 'words', align = 'left' }, index) => {
      const end = columns[index + 1]?.at ?? 1;
      const wide = (align === 'right' ? at - (columns[index - 1]?.at ?? 0) : end - at) * this.#wide - 8;
      return wrapped(cells[index] ?? '', face, SIZE.body, wide);
    });
    const rows = Math.max(1, ...lines.map(({ length }) => length));
    this.#need(rows * SIZE.body * LEADING + 4);
    const top = this.#y;
    this.#y = top - SIZE.body - 1;
    this.#line('rule', 0.5);
    for (let row = 0; row < rows; row += 1) {
      this.#y = top + row * SIZE.body * LEADING;
      for (const [index, { at, face = 'words', align = 'left' }] of columns.entries()) {
        const text = lines[index]?.[row];
        if (text !== undefined) this.#text(text, MARGIN + at * this.#wide, { face, ink }, align);
      }
    }
    this.#y = top + rows * SIZE.body * LEADING + 4;
  }

  /** A line of the contents that leads to a page. */
  entry(text: string, to: number): void {
    this.#need(SIZE.body * LEADING);
    this.#text(printable(text), MARGIN, {});
    this.#text(String(to), MARGIN + this.#wide, { face: 'figures' }, 'right');
    const high = SIZE.body * LEADING;
    this.#items.push({ kind: 'link', x: MARGIN, y: this.#y - SIZE.body, wide: this.#wide, high, to });
    this.#y += high;
  }

  /** A picture of its own drawing, so many points high: what it draws is given the place. */
  picture(
    high: number,
    draw: (box: {
      readonly x: number;
      readonly y: number;
      readonly wide: number;
      readonly high: number;
    }) => readonly PageItem[],
  ): void {
    this.#need(high + 8);
    this.#items.push(...draw({ x: MARGIN, y: this.#y, wide: this.#wide, high }));
    this.#y += high + 14;
  }

  /** The pages, each with its foot: what it is of, and its number. */
  pages(foot: string): readonly PacketPage[] {
    this.#close();
    const [wide, high] = PAPERS[this.#paper];
    const y = high - MARGIN;
    return this.#pages.map((page, at) => ({
      ...page,
      items: [
        ...page.items,
        {
          kind: 'text',
          x: MARGIN,
          y,
          text: printable(foot),
          face: 'words',
          size: SIZE.small,
          ink: 'quiet',
          align: 'left',
        },
        {
          kind: 'text',
          x: wide - MARGIN,
          y,
          text: `page ${at + 1} of ${this.#pages.length}`,
          face: 'figures',
          size: SIZE.small,
          ink: 'quiet',
          align: 'right',
        },
      ],
    }));
  }
}
