import {
  INK_COLOR,
  PAPERS,
  type Face,
  type PacketPage,
  type PageItem,
  type Paper,
} from '../../../core/packet/pageScene';

interface PageSvgProps {
  readonly page: PacketPage;
  readonly paper: Paper;
  readonly widthPx: number;
  /** What it is; null where what stands beside it says that. */
  readonly label: string | null;
}

const FACE: Readonly<Record<Face, { readonly fontFamily: string; readonly fontWeight: number }>> = {
  words: { fontFamily: 'Words, sans-serif', fontWeight: 400 },
  strong: { fontFamily: 'Words, sans-serif', fontWeight: 650 },
  figures: { fontFamily: 'Figures, monospace', fontWeight: 450 },
};

function Item({ item }: { readonly item: PageItem }) {
  switch (item.kind) {
    case 'text':
      return (
        <text
          x={item.x}
          y={item.y}
          fontSize={item.size}
          fill={INK_COLOR[item.ink]}
          textAnchor={item.align === 'right' ? 'end' : 'start'}
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
    case 'link':
      return null;
  }
}

/** A page as it prints: the same scene that is written to the PDF. */
export function PageSvg({ page, paper, widthPx, label }: PageSvgProps) {
  const [wide, high] = PAPERS[paper];
  return (
    <svg
      {...(label === null ? { 'aria-hidden': true } : { role: 'img', 'aria-label': label })}
      width={widthPx}
      height={(widthPx * high) / wide}
      viewBox={`0 0 ${wide} ${high}`}
      style={{ background: '#fffef9' }}
    >
      {page.items.map((item, at) => (
        <Item key={at} item={item} />
      ))}
    </svg>
  );
}
