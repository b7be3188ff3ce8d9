interface NumberMarkProps {
  readonly at: readonly [x: number, y: number];
  readonly number: number;
  /** Whether it is the one that is picked or that one stands at. */
  readonly lit: boolean;
  /** Pixels. */
  readonly radius: number;
  /** How its figure is set. */
  readonly className: string;
}

/** A number in a circle, the same as in the list beside the picture. */
export function NumberMark({ at: [x, y], number, lit, radius, className }: NumberMarkProps) {
  return (
    <g>
      <circle
        cx={x}
        cy={y}
        r={radius}
        fill={lit ? 'var(--copper)' : 'var(--sheet)'}
        stroke={lit ? 'var(--copper)' : 'var(--ink)'}
        strokeWidth="1.2"
      />
      <text
        className={className}
        x={x}
        y={y + 4}
        textAnchor="middle"
        style={lit ? { fill: 'var(--ground)' } : undefined}
      >
        {number}
      </text>
    </g>
  );
}
