import type { Look } from '../../../core/water/walk';

const NARROW = { fill: 'var(--sheet)', stroke: 'var(--ink)' } as const;

interface LookMarkProps {
  readonly look: Look;
  readonly at: readonly [x: number, y: number];
  /** Pixels. */
  readonly radius: number;
  /** What stands in it; nothing in a legend. */
  readonly number?: number;
  /** Whether one stands there: copper, whatever was seen. */
  readonly lit?: boolean;
}

/** How a stop of the walk stands, told apart by shape: a disc, a square, a dashed ring, a ring. */
export function LookMark({ look, at: [x, y], radius, number, lit = false }: LookMarkProps) {
  const isFull = lit || look === 'right' || look === 'wrong';
  const color = lit ? 'var(--copper)' : look === 'wrong' ? 'var(--stop)' : 'var(--ink)';
  const paint = isFull ? { fill: color, stroke: color } : NARROW;
  return (
    <g>
      {look === 'wrong' ? (
        <rect
          x={x - radius}
          y={y - radius}
          width={2 * radius}
          height={2 * radius}
          {...paint}
          strokeWidth="1.2"
        />
      ) : (
        <circle
          cx={x}
          cy={y}
          r={radius}
          {...paint}
          strokeWidth={look === 'again' ? 2.4 : 1.2}
          strokeDasharray={!lit && look === 'later' ? '3 3' : undefined}
        />
      )}
      {number !== undefined && (
        <text
          className="strong"
          x={x}
          y={y + 4}
          textAnchor="middle"
          style={isFull ? { fill: 'var(--ground)' } : undefined}
        >
          {number}
        </text>
      )}
    </g>
  );
}
