import type { TapeColumn } from '../../core/route/tapeLayout';
import { tapeTicks } from '../../core/route/tapeLayout';
import { stationLetter } from '../../core/circuit/stations';
import { printNumber } from '../../core/units/number';
import './pictures.css';

interface RunTapeProps {
  readonly columns: readonly TapeColumn[];
  readonly leftPx: number;
  readonly widthPx: number;
  readonly highlighted: number | null;
}

const TOP = 2;
const HEIGHT = 15;
/** Half of a flag, and the width of a figure on the tape, pixels: one does not stand on the other. */
const FLAG_PX = 10;
const LABEL_PX = 20;
const TICK: Readonly<Record<'foot' | 'five' | 'ten', number>> = { foot: 4, five: 7.5, ten: HEIGHT };

/** The wire laid straight as a tape, with a flag at each station. A segment drawn wider than to scale is hatched. */
export function RunTape({ columns, leftPx, widthPx, highlighted }: RunTapeProps) {
  const ends = [...columns.map(({ fromPx }) => fromPx), columns.at(-1)?.toPx ?? 0];
  return (
    <svg className="picture" width={widthPx} height={HEIGHT + 5} aria-hidden="true">
      <g transform={`translate(${leftPx} ${TOP})`}>
        {columns.map((column, index) => (
          <g key={index}>
            <rect
              x={column.fromPx}
              width={column.toPx - column.fromPx}
              height={HEIGHT}
              fill={highlighted === index ? 'var(--copper-wash)' : 'var(--sheet)'}
              stroke="var(--ink)"
              strokeWidth="1.4"
            />
            {tapeTicks(column).map(({ px, ft, size }) => (
              <g key={ft}>
                <path
                  d={`M${px} ${HEIGHT}V${HEIGHT - TICK[size]}`}
                  stroke="var(--ink)"
                  strokeWidth={size === 'ten' ? 1.2 : 0.8}
                />
                {size === 'ten' &&
                  column.pxPerFt > 2.6 &&
                  ends.every((end) => px + 3 + LABEL_PX < end - FLAG_PX || px + 3 > end + FLAG_PX) && (
                    <text x={px + 3} y={HEIGHT - 4} className="figures small">
                      {printNumber(ft, 0)}
                    </text>
                  )}
              </g>
            ))}
            {column.widened && (
              <path
                d={`M${column.toPx - 22} ${HEIGHT + 1}l4 -${HEIGHT + 2}m3 0l-4 ${HEIGHT + 2}`}
                stroke="var(--ink)"
                strokeWidth="1.2"
              />
            )}
          </g>
        ))}
        {ends.map((px, index) => (
          <g key={index} transform={`translate(${px} 0)`}>
            <rect x="-8.5" y={-TOP} width="17" height={HEIGHT + 4} fill="var(--ink)" />
            <text y={HEIGHT - 3} textAnchor="middle" className="strong" style={{ fill: 'var(--ground)' }}>
              {stationLetter(index)}
            </text>
          </g>
        ))}
      </g>
    </svg>
  );
}
