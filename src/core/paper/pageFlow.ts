import type { Chapter } from './packetReaders';
import { continuedTitle, PAPERS, printable, wrapped } from './pageScene';
import type { Face, Ink, PacketPage, PageFact, PageItem, Paper } from './pageSchema';

const MARGIN = 48;
const FOOT = 40;
const SIZE = { title: 19, head: 12, body: 10.5, small: 9 } as const;
/** From line to line, of the size. */
const LEADING = 1.36;

/** Points between the margins of a page. */
export const contentWidth = (paper: Paper): number => PAPERS[paper][0] - 2 * MARGIN;

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

/** How a row of a table stands, and what it says. */
interface Row {
  readonly ink?: Ink;
  /** What it says to who compares it; null: nothing. Left out: its first cell names it, the others are what it says. */
  readonly fact?: PageFact | null;
}

/** The place of a picture on its page. */
export interface PictureBox {
  readonly x: number;
  readonly y: number;
  readonly wide: number;
  readonly high: number;
}

/** Fills pages from top to bottom; what does not fit goes on on the next one, under the same title. */
export class PageFlow {
  readonly #paper: Paper;
  readonly #pages: PacketPage[] = [];
  #items: PageItem[] = [];
  #facts: PageFact[] = [];
  #title = '';
  /** The title without "continued". */
  #base = '';
  #chapter: Chapter = 'cover';
  #subject = '';
  #y = 0;

  constructor(paper: Paper) {
    this.#paper = paper;
  }

  get #wide(): number {
    return contentWidth(this.#paper);
  }

  get #bottom(): number {
    return PAPERS[this.#paper][1] - MARGIN - FOOT;
  }

  #close(): void {
    if (this.#items.length > 0)
      this.#pages.push({
        title: this.#title,
        chapter: this.#chapter,
        subject: this.#subject,
        items: this.#items,
        facts: this.#facts,
      });
    this.#items = [];
    this.#facts = [];
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
    const title = continuedTitle(this.#base);
    this.#open(title);
    this.#title = title;
  }

  /** A new page with its title; `subject` is the id of what it is about. */
  page(chapter: Chapter, title: string, subject = ''): void {
    this.#close();
    this.#chapter = chapter;
    this.#subject = subject;
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
  row(columns: readonly Column[], cells: readonly string[], { ink = 'ink', fact }: Row = {}): void {
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
    const [name = '', ...others] = cells;
    if (fact !== null) this.#facts.push(fact ?? { name, value: others.filter(Boolean).join(', ') });
  }

  /** A line of the contents that leads to a page. */
  entry(text: string, to: number): void {
    this.#need(SIZE.small * LEADING);
    this.#text(printable(text), MARGIN, { size: 'small' });
    this.#text(String(to), MARGIN + this.#wide, { face: 'figures', size: 'small' }, 'right');
    const high = SIZE.small * LEADING;
    this.#items.push({ kind: 'link', x: MARGIN, y: this.#y - SIZE.small, wide: this.#wide, high, to });
    this.#y += high;
  }

  /** A picture of its own drawing, so many points high: what it draws is given the place. */
  picture(high: number, draw: (box: PictureBox) => readonly PageItem[]): void {
    this.#need(high + 8);
    this.#items.push(...draw({ x: MARGIN, y: this.#y, wide: this.#wide, high }));
    this.#y += high + 14;
  }

  /** The pages, their feet still empty. */
  pages(): readonly PacketPage[] {
    this.#close();
    return this.#pages;
  }
}

/** Pages numbered through, each with its foot: what it is of, and which of how many it is. */
export function numbered(pages: readonly PacketPage[], paper: Paper, foot: string): readonly PacketPage[] {
  const [wide, high] = PAPERS[paper];
  const at = { kind: 'text', y: high - MARGIN, size: SIZE.small, ink: 'quiet' } as const;
  return pages.map((page, index) => ({
    ...page,
    items: [
      ...page.items,
      { ...at, x: MARGIN, text: printable(foot), face: 'words', align: 'left' },
      {
        ...at,
        x: wide - MARGIN,
        text: `page ${index + 1} of ${pages.length}`,
        face: 'figures',
        align: 'right',
      },
    ],
  }));
}
