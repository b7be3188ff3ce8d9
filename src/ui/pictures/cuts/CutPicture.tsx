import type { ReactNode } from 'react';
import { barAt, barBeside, type CutLayout } from './barAt';
import { BAR_PX, CutBar, within } from './CutBar';
import { cutRows, type CutRow, type DrawnBar, type DrawnLine, type DrawnPiece } from './cutRows';
import { HandPiece } from './HandPiece';
import '../pictures.css';

interface CutPictureProps {
  readonly lines: readonly DrawnLine[];
  readonly widthPx: number;
  readonly label: string;
  /** Null where nothing may be moved. */
  readonly hand: CutHand | null;
}

const NAME_PX = 164;
const NARROW_PX = 520;
const ROW_PX = 34;
const TOP_PX = 30;
/** The scale holds so many feet at least; longer coils make it smaller. */
const LEAST_FT = 125;
const RULE_STEPS_FT = [25, 50, 100, 250] as const;
/** Figures on the rule stand so far apart at least. */
const RULE_APART_PX = 52;

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

/** Moving pieces of the chosen line by hand. */
export interface CutHand {
  /** A piece laid onto another bar of its line. */
  readonly onMove: (pieceId: string, bar: DrawnBar) => void;
}

interface RowProps {
  readonly row: CutRow;
  readonly rows: readonly CutRow[];
  readonly y: number;
  readonly layout: CutLayout;
  readonly widthPx: number;
  readonly hand: CutHand | null;
}

/** A piece of the chosen line with the ways to move it. */
function handled({ rows, y, layout }: RowProps, bar: DrawnBar, hand: CutHand) {
  return (piece: DrawnPiece, startPx: number, drawn: ReactNode): ReactNode => (
    <HandPiece
      label={`${piece.name}, ${Math.round(piece.ft * 10) / 10} ft, on ${Math.round(bar.ft * 10) / 10} ft`}
      onDrop={(dx, dy) => {
        const middle = startPx + (piece.ft * layout.pxPerFt) / 2;
        const to = barAt(rows, layout, middle + dx, y + BAR_PX / 2 + dy);
        if (to !== undefined && to.key !== bar.key) hand.onMove(piece.id, to);
      }}
      onStep={(by) => {
        const to = barBeside(rows, bar, by);
        if (to !== undefined) hand.onMove(piece.id, to);
      }}
    >
      {drawn}
    </HandPiece>
  );
}

function Row(props: RowProps) {
  const { row, y, layout, widthPx, hand } = props;
  const { line, first, bars } = row;
  const { leftPx, rowPx, pxPerFt } = layout;
  return (
    <g>
      {line.chosen && (
        <>
          <rect x="0" y={y - 7} width={widthPx} height={rowPx} fill="var(--copper-wash)" />
          <rect x="0" y={y - 7} width="4" height={rowPx} fill="var(--copper)" />
        </>
      )}
      {first && leftPx > 20 && (
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
        <CutBar
          key={bar.key}
          bar={bar}
          x={leftPx + atFt * pxPerFt}
          y={y}
          pxPerFt={pxPerFt}
          around={line.chosen && hand !== null ? handled(props, bar, hand) : null}
        />
      ))}
    </g>
  );
}

/** How wire, cable and raceway are bought and cut: one bar for each coil, stick or cut, to one scale. */
export function CutPicture({ lines, widthPx, label, hand }: CutPictureProps) {
  const leftPx = widthPx < NARROW_PX ? 12 : NAME_PX;
  const longest = Math.max(LEAST_FT, ...lines.flatMap(({ bars }) => bars.map(({ ft }) => ft)));
  const layout: CutLayout = {
    leftPx,
    topPx: TOP_PX,
    rowPx: ROW_PX,
    pxPerFt: (widthPx - leftPx - 24) / longest,
  };
  const rows = cutRows(lines, longest);
  const heightPx = TOP_PX + rows.length * ROW_PX + 8;
  return (
    <svg
      className="picture"
      role={hand === null ? 'img' : 'group'}
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
      <Rule left={leftPx} pxPerFt={layout.pxPerFt} mostFt={longest} />
      {rows.map((row, at) => (
        <Row
          key={`${row.line.key} ${at}`}
          row={row}
          rows={rows}
          y={TOP_PX + 7 + at * ROW_PX}
          layout={layout}
          widthPx={widthPx}
          hand={hand}
        />
      ))}
    </svg>
  );
}
