import '../pictures.css';

interface PaceDotsProps {
  /** Hours taken for each hour by the units, the smallest first. */
  readonly ratios: readonly number[];
  readonly low: number;
  readonly likely: number;
  readonly high: number;
  readonly widthPx: number;
  readonly label: string;
}

const HEIGHT_PX = 74;
const LINE_Y = 46;
const SIDE_PX = 12;
const STEP = 0.2;

/** Past jobs on a rule: hours taken for each hour by the units, the band, and the middle one. */
export function PaceDots({ ratios, low, likely, high, widthPx, label }: PaceDotsProps) {
  const from = Math.floor(Math.min(0.8, low, ...ratios) / STEP) * STEP;
  const to = Math.ceil(Math.max(1.4, high, ...ratios) / STEP - 1e-9) * STEP;
  const xOf = (ratio: number): number => SIDE_PX + ((ratio - from) / (to - from)) * (widthPx - 2 * SIDE_PX);
  const every = (to - from) / STEP > 10 ? 2 : 1;
  const marks = Array.from(
    { length: Math.round((to - from) / STEP / every) + 1 },
    (_, at) => from + at * STEP * every,
  );
  return (
    <svg
      className="picture"
      role="img"
      aria-label={label}
      width={widthPx}
      height={HEIGHT_PX}
      viewBox={`0 0 ${widthPx} ${HEIGHT_PX}`}
    >
      <rect
        x={xOf(low)}
        y={LINE_Y - 24}
        width={xOf(high) - xOf(low)}
        height="24"
        fill="var(--pasture-wash)"
        stroke="var(--pasture)"
      />
      <path
        d={`M${SIDE_PX} ${LINE_Y}H${widthPx - SIDE_PX}${marks.map((mark) => `M${xOf(mark)} ${LINE_Y}v5`).join('')}`}
        stroke="var(--ink)"
        fill="none"
      />
      {marks.map((mark) => (
        <text key={mark} className="small figures" x={xOf(mark)} y={LINE_Y + 17} textAnchor="middle">
          {mark.toFixed(1)}
        </text>
      ))}
      {ratios.map((ratio, at) => (
        <circle
          key={at}
          cx={xOf(ratio)}
          cy={LINE_Y - 12}
          r="4"
          fill={ratio === likely ? 'var(--copper)' : 'var(--sheet)'}
          stroke="var(--ink)"
          strokeWidth="1.5"
        />
      ))}
      <path d={`M${xOf(likely)} ${LINE_Y - 28}V${LINE_Y}`} stroke="var(--copper)" strokeWidth="2.5" />
      <text
        className="small strong figures"
        x={xOf(likely)}
        y={LINE_Y - 32}
        textAnchor="middle"
        style={{ fill: 'var(--copper)' }}
      >
        {likely.toFixed(2)}
      </text>
    </svg>
  );
}
