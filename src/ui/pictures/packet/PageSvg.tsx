import {
  PAPERS,
  type Face,
  type Ink,
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

/** Inks on paper: the same in every theme, as they print. */
const COLOR: Readonly<Record<Ink, string>> = {
  ink: '#18211d',
  quiet: '#4d554c',
  rule: '#b9b29a',
  stop: '#8b1a1a',
  copper: '#7a3208',
  wash: '#f6dfc2',
};
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
          fill={COLOR[item.ink]}
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
          stroke={COLOR[item.ink]}
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
          fill={item.fill === null ? 'none' : COLOR[item.fill]}
          stroke={item.edge === null ? 'none' : COLOR[item.edge]}
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
