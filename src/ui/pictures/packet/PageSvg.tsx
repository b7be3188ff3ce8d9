import { INK_COLOR, PAPERS } from '../../../core/paper/pageScene';
import type { Face, PacketPage, PageItem, Paper } from '../../../core/paper/pageSchema';

interface PageSvgProps {
  readonly page: PacketPage;
  readonly paper: Paper;
  readonly widthPx: number;
  /** Pictures as data URLs by their ids. */
  readonly photos: Readonly<Record<string, string>>;
  /** What it is; null where what stands beside it says that. */
  readonly label: string | null;
}

const FACE: Readonly<Record<Face, { readonly fontFamily: string; readonly fontWeight: number }>> = {
  words: { fontFamily: 'Words, sans-serif', fontWeight: 400 },
  strong: { fontFamily: 'Words, sans-serif', fontWeight: 650 },
  figures: { fontFamily: 'Figures, monospace', fontWeight: 450 },
};

const ANCHOR = { left: 'start', middle: 'middle', right: 'end' } as const;

interface PhotoProps {
  readonly box: Extract<PageItem, { kind: 'photo' }>;
  readonly picture: string | undefined;
}

/** A photograph as large as it fits; an empty frame where it is not there. */
function Photo({ box: { x, y, wide, high }, picture }: PhotoProps) {
  const place = { x, y, width: wide, height: high };
  return picture === undefined ? (
    <rect {...place} fill="none" stroke={INK_COLOR.rule} />
  ) : (
    <image {...place} href={picture} preserveAspectRatio="xMinYMin" />
  );
}

interface ItemProps {
  readonly item: PageItem;
  readonly photos: Readonly<Record<string, string>>;
}

function Item({ item, photos }: ItemProps) {
  switch (item.kind) {
    case 'text':
      return (
        <text
          x={item.x}
          y={item.y}
          fontSize={item.size}
          fill={INK_COLOR[item.ink]}
          textAnchor={ANCHOR[item.align]}
          style={FACE[item.face]}
          xmlSpace="preserve"
        >
          {item.text}
        </text>
      );
    case 'line':
      return (
        <polyline
          points={item.points.map((point) => point.join(',')).join(' ')}
          fill="none"
          stroke={INK_COLOR[item.ink]}
          strokeWidth={item.width}
          strokeLinejoin="round"
        />
      );
    case 'box':
      return (
        <rect
          x={item.x}
          y={item.y}
          width={item.wide}
          height={item.high}
          fill={item.fill === null ? 'none' : INK_COLOR[item.fill]}
          stroke={item.edge === null ? 'none' : INK_COLOR[item.edge]}
        />
      );
    case 'photo':
      return <Photo box={item} picture={photos[item.id]} />;
    case 'link':
      return null;
  }
}

/** A page as it prints: the same scene that is written to the PDF. */
export function PageSvg({ page, paper, widthPx, photos, label }: PageSvgProps) {
  const [wide, high] = PAPERS[paper];
  return (
    <svg
      {...(label === null ? { 'aria-hidden': true } : { role: 'img', 'aria-label': label })}
      width={widthPx}
      height={(widthPx * high) / wide}
      viewBox={`0 0 ${wide} ${high}`}
      style={{ background: INK_COLOR.sheet }}
    >
      {page.items.map((item, at) => (
        <Item key={at} item={item} photos={photos} />
      ))}
    </svg>
  );
}
