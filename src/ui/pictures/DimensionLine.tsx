interface DimensionLineProps {
  readonly from: readonly [x: number, y: number];
  readonly to: readonly [x: number, y: number];
}

const slash = ([x, y]: readonly [number, number]): string => `M${x - 4} ${y + 4}l8 -8`;

/** A dimension: a line with a slash at either end, as on a drawing. */
export function DimensionLine({ from, to }: DimensionLineProps) {
  return (
    <path
      d={`M${from.join(' ')}L${to.join(' ')}${slash(from)}${slash(to)}`}
      stroke="var(--copper)"
      strokeWidth="1.2"
      fill="none"
    />
  );
}
