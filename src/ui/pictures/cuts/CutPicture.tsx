import { cutRows, type CutRow, type DrawnBar, type DrawnLine, type DrawnPiece } from './cutRows';
import '../pictures.css';

interface CutPictureProps {
  readonly lines: readonly DrawnLine[];
  readonly widthPx: number;
  readonly label: string;
}

const NAME_PX = 164;
const NARROW_PX = 520;
const ROW_PX = 34;
const BAR_PX = 20;
const TOP_PX = 30;
/** The scale holds so many feet at least; longer coils make it smaller. */
const LEAST_FT = 125;
const RULE_STEPS_FT = [25, 50, 100, 250] as const;
/** Figures on the rule stand so far apart at least. */
const RULE_APART_PX = 52;
const LETTER_PX = 6.2;

/** As much of some words as a width holds. */
const within = (words: string, widthPx: number): string => (words.length * LETTER_PX <= widthPx ? words : '');

interface PieceProps {
  readonly piece: DrawnPiece;
  readonly x: number;
  readonly y: number;
  readonly pxPerFt: number;
}

/** A piece with its make-up hatched at both ends. */
function Piece({ piece, x, y, pxPerFt }: PieceProps) {
  const { name, ft, endsFt, lit } = piece;
  const w = ft * pxPerFt;
  const [first, last] = endsFt;
  const figure = `${Math.round(ft * 10) / 10}`;
  const [from, to] = [x + first * pxPerFt + 4, x + w - last * pxPerFt - 4];
  const named = within(`${name} ${figure}`, to - from) === '' ? '' : name;
  const shown = named === '' ? within(figure, w - 2) : figure;
  return (
    <g>
      <rect
        x={x}
        y={y}
        width={w}
        height={BAR_PX}
        fill={lit ? 'var(--copper)' : 'var(--sheet)'}
        stroke="var(--ink)"
        strokeWidth="1"
      />
      {[
        [x, first],
        [x + w - last * pxPerFt, last],
      ].map(([at, ends]) =>
        ends === undefined || ends <= 0 ? null : (
          <rect key={at} x={at} y={y} width={ends * pxPerFt} height={BAR_PX} fill="url(#cut-ends)" />
        ),
      )}
      <text className="small" x={from} y={y + 14} style={{ fill: lit ? 'var(--ground)' : 'var(--ink)' }}>
        {named}
      </text>
      <text
        className="small strong figures"
        x={named === '' ? x + w / 2 : to}
        y={y + 14}
        textAnchor={named === '' ? 'middle' : 'end'}
        style={{ fill: lit ? 'var(--ground)' : 'var(--ink)' }}
      >
        {shown}
      </text>
    </g>
  );
}

/** One bar: its pieces in the order of cutting, and what is left of it. */
function Bar({ bar, x, y, pxPerFt }: { readonly bar: DrawnBar } & Omit<PieceProps, 'piece'>) {
  const used = bar.pieces.reduce((sum, { ft }) => sum + ft, 0);
  const left = bar.leftFt * pxPerFt;
  const starts = bar.pieces.map((_, at) => bar.pieces.slice(0, at).reduce((sum, { ft }) => sum + ft, 0));
  return (
    <g>
      {left > 0.5 && (
        <>
          <rect
            x={x + used * pxPerFt}
            y={y}
            width={left}
            height={BAR_PX}
            fill="none"
            stroke="var(--ink2)"
            strokeDasharray="4 3"
          />
          <text className="small" x={x + used * pxPerFt + 5} y={y + 14}>
            {within(`${Math.round(bar.leftFt * 10) / 10} left`, left - 6)}
          </text>
        </>
      )}
      {bar.pieces.map((piece, at) => (
        <Piece key={piece.id} piece={piece} x={x + (starts[at] ?? 0) * pxPerFt} y={y} pxPerFt={pxPerFt} />
      ))}
      <rect
        x={x}
        y={y}
        width={bar.ft * pxPerFt}
        height={BAR_PX}
        fill="none"
        stroke={bar.onTruck ? 'var(--ink)' : 'var(--pasture)'}
        strokeWidth="2"
      />
      {bar.onTruck && <rect x={x - 5} y={y - 1} width="5" height={BAR_PX + 2} fill="var(--ink)" />}
    </g>
  );
}

/** The rule over the bars, feet. */
function Rule({
  left,
  pxPerFt,
  mostFt,
}: {
  readonly left: number;
  readonly pxPerFt: number;
  readonly mostFt: number;
}) {
  const step = RULE_STEPS_FT.find((ft) => ft * pxPerFt >= RULE_APART_PX) ?? 500;
  const marks = Array.from({ length: Math.floor(mostFt / step) + 1 }, (_, at) => at * step);
  return (
    <g stroke="var(--ink)" fill="none">
      <path
        d={`M${left} ${TOP_PX - 8}h${mostFt * pxPerFt}${marks.map((ft) => `M${left + ft * pxPerFt} ${TOP_PX - 12}v8`).join('')}`}
      />
      {marks.map((ft) => (
        <text
          key={ft}
          className="small figures"
          x={left + ft * pxPerFt}
          y={TOP_PX - 16}
          textAnchor="middle"
          stroke="none"
        >
          {ft === marks.at(-1) ? `${ft} ft` : ft}
        </text>
      ))}
    </g>
  );
}

function Row({
  row,
  y,
  left,
  pxPerFt,
  widthPx,
}: {
  readonly row: CutRow;
  readonly y: number;
  readonly left: number;
  readonly pxPerFt: number;
  readonly widthPx: number;
}) {
  const { line, first, bars } = row;
  return (
    <g>
      {line.chosen && (
        <>
          <rect x="0" y={y - 7} width={widthPx} height={ROW_PX} fill="var(--copper-wash)" />
          <rect x="0" y={y - 7} width="4" height={ROW_PX} fill="var(--copper)" />
        </>
      )}
      {first && left > 20 && (
        <>
          <text className="small strong" x="16" y={y + 6}>
            {within(line.name, NAME_PX - 20) === '' ? `${line.name.slice(0, 19)}…` : line.name}
          </text>
          <text className="small" x="16" y={y + 19}>
            {within(line.sold, NAME_PX - 20) === '' ? `${line.sold.slice(0, 19)}…` : line.sold}
          </text>
        </>
      )}
      {bars.map(({ bar, atFt }) => (
        <Bar key={bar.key} bar={bar} x={left + atFt * pxPerFt} y={y} pxPerFt={pxPerFt} />
      ))}
    </g>
  );
}

/** How wire, cable and raceway are bought and cut: one bar for each coil, stick or cut, to one scale. */
export function CutPicture({ lines, widthPx, label }: CutPictureProps) {
  const left = widthPx < NARROW_PX ? 12 : NAME_PX;
  const longest = Math.max(LEAST_FT, ...lines.flatMap(({ bars }) => bars.map(({ ft }) => ft)));
  const pxPerFt = (widthPx - left - 24) / longest;
  const rows = cutRows(lines, longest);
  const heightPx = TOP_PX + rows.length * ROW_PX + 8;
  return (
    <svg
      className="picture"
      role="img"
      aria-label={label}
      width={widthPx}
      height={heightPx}
      viewBox={`0 0 ${widthPx} ${heightPx}`}
    >
      <defs>
        <pattern
          id="cut-ends"
          width="4"
          height="4"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <path d="M0 0V4" stroke="var(--ink2)" strokeWidth="2" />
        </pattern>
      </defs>
      <Rule left={left} pxPerFt={pxPerFt} mostFt={longest} />
      {rows.map((row, at) => (
        <Row
          key={`${row.line.key} ${at}`}
          row={row}
          y={TOP_PX + 7 + at * ROW_PX}
          left={left}
          pxPerFt={pxPerFt}
          widthPx={widthPx}
        />
      ))}
    </svg>
  );
}
