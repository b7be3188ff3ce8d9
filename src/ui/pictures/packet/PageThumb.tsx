import { memo } from 'react';
import { INK_COLOR, PAPERS, textWidth } from '../../../core/paper/pageScene';
import type { Ink, PacketPage, PageItem, Paper } from '../../../core/paper/pageSchema';

interface PageThumbProps {
  readonly page: PacketPage;
  readonly paper: Paper;
  readonly widthPx: number;
}

/** Strokes of one ink and one width. */
interface Strokes {
  readonly ink: Ink;
  readonly width: number;
  readonly d: string;
}

/** A text so small is a stroke as long as it is: what it takes of the size of its letters. */
const OF_SIZE = 0.55;

const start = ({ x, align }: Extract<PageItem, { kind: 'text' }>, wide: number): number =>
  x - wide * { left: 0, middle: 0.5, right: 1 }[align];

const rectangle = ({ x, y, wide, high }: Extract<PageItem, { kind: 'box' | 'photo' }>): string =>
  `M${x} ${y}h${wide}v${high}h${-wide}z`;

/** An item as a stroke of one ink. */
function strokeOf(item: PageItem): Strokes | undefined {
  switch (item.kind) {
    case 'text': {
      const wide = textWidth(item.text, item.face, item.size);
      const d = `M${start(item, wide).toFixed(1)} ${(item.y - item.size * 0.3).toFixed(1)}h${wide.toFixed(1)}`;
      return { ink: item.ink, width: item.size * OF_SIZE, d };
    }
    case 'line':
      return { ink: item.ink, width: Math.max(2, item.width), d: `M${item.points.join('L')}` };
    case 'box':
      return { ink: item.edge ?? item.fill ?? 'rule', width: 2, d: rectangle(item) };
    case 'photo':
      return { ink: 'rule', width: 4, d: rectangle(item) };
    case 'link':
      return undefined;
  }
}

/** The strokes of a page, those of one ink and width as one. */
function strokesOf({ items }: PacketPage): readonly Strokes[] {
  const all = new Map<string, Strokes>();
  for (const item of items) {
    const stroke = strokeOf(item);
    if (stroke === undefined) continue;
    const key = `${stroke.ink} ${stroke.width}`;
    const known = all.get(key);
    all.set(key, known === undefined ? stroke : { ...stroke, d: known.d + stroke.d });
  }
  return [...all.values()];
}

/** A page too small to be read, drawn as what it bears: each text a stroke as long as it is. */
export const PageThumb = memo(function PageThumb({ page, paper, widthPx }: PageThumbProps) {
  const [wide, high] = PAPERS[paper];
  return (
    <svg
      aria-hidden="true"
      width={widthPx}
      height={(widthPx * high) / wide}
      viewBox={`0 0 ${wide} ${high}`}
      style={{ background: INK_COLOR.sheet }}
    >
      {strokesOf(page).map(({ ink, width, d }) => (
        <path key={`${ink} ${width}`} d={d} fill="none" stroke={INK_COLOR[ink]} strokeWidth={width} />
      ))}
    </svg>
  );
});
