import type { ReactNode } from 'react';
import type { DrawnBar, DrawnPiece } from './cutRows';

/** Height of a bar. */
export const BAR_PX = 20;
/** A piece is taken hold of above and below it too. */
const HOLD_PX = 6;
const LETTER_PX = 6.2;

/** As much of some words as a width holds. */
export const within = (words: string, widthPx: number): string =>
  words.length * LETTER_PX <= widthPx ? words : '';

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

interface CutBarProps extends Omit<PieceProps, 'piece'> {
  readonly bar: DrawnBar;
  /** What stands around a piece that may be moved by hand. */
  readonly around: ((piece: DrawnPiece, startPx: number, drawn: ReactNode) => ReactNode) | null;
}

/** One bar: its pieces in the order of cutting, and what is left of it. */
export function CutBar({ bar, x, y, pxPerFt, around }: CutBarProps) {
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
      {bar.held && (
        <path
          d={`M${x + 2} ${y + BAR_PX + 5}v-4h${bar.ft * pxPerFt - 4}v4`}
          stroke="var(--copper)"
          strokeWidth="2"
          fill="none"
        />
      )}
      {bar.pieces.map((piece, at) => {
        const startPx = x + (starts[at] ?? 0) * pxPerFt;
        const drawn = <Piece piece={piece} x={startPx} y={y} pxPerFt={pxPerFt} />;
        const hold = (
          <>
            <rect
              x={startPx}
              y={y - HOLD_PX}
              width={piece.ft * pxPerFt}
              height={BAR_PX + 2 * HOLD_PX}
              fill="transparent"
            />
            {drawn}
          </>
        );
        return <g key={piece.id}>{around === null ? drawn : around(piece, startPx, hold)}</g>;
      })}
    </g>
  );
}
