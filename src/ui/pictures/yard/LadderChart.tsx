import type { Rung } from '../../../core/water/field/fieldWork';
import { rungName, voltsWords } from '../../../core/wording/fieldWords';
import '../pictures.css';

interface LadderChartProps {
  readonly rungs: readonly Rung[];
  /** The rung that the bonds as they are stand on; undefined where they stand on none. */
  readonly now: number | undefined;
  readonly widthPx: number;
}

const HEIGHT_PX = 310;
const [LEFT_PX, TOP_PX, BOTTOM_PX] = [34, 12, 262] as const;
const [LOW_V, HIGH_V] = [0.05, 100] as const;
const TICKS_V = [0.1, 1, 10, 100] as const;
/** What is taught about volts at the edge of the water. */
const LINES = [
  { volts: 0.5, says: 'usual below 0.5' },
  { volts: 2, says: 'act at 2' },
  { volts: 5, says: 'close the pool at 5' },
  { volts: 15, says: 'contact limit 15' },
] as const;

/** Above it a figure is red. */
const LIMIT_V = 15;

const yOf = (volts: number): number => {
  const held = Math.min(HIGH_V, Math.max(LOW_V, volts));
  const share = Math.log(held / LOW_V) / Math.log(HIGH_V / LOW_V);
  return BOTTOM_PX - share * (BOTTOM_PX - TOP_PX);
};

/** The scale with what is taught about it. */
function Lines({ widthPx }: Pick<LadderChartProps, 'widthPx'>) {
  return (
    <>
      {TICKS_V.map((volts) => (
        <g key={volts}>
          <path d={`M${LEFT_PX} ${yOf(volts)}H${widthPx}`} stroke="var(--rule)" />
          <text className="small quiet figures" x={LEFT_PX - 6} y={yOf(volts) + 4} textAnchor="end">
            {volts}
          </text>
        </g>
      ))}
      {LINES.map(({ volts, says }) => (
        <g key={volts}>
          <path d={`M${LEFT_PX} ${yOf(volts)}H${widthPx}`} stroke="var(--ink)" strokeDasharray="3 4" />
          <text className="small halo" x={widthPx} y={yOf(volts) - 4} textAnchor="end">
            {says}
          </text>
        </g>
      ))}
    </>
  );
}

/** One rung: its band, its figure, and what was added. */
function RungMark({ rung, x, isNow }: { readonly rung: Rung; readonly x: number; readonly isNow: boolean }) {
  const { added, volts, lowV, highV } = rung;
  const over = volts > LIMIT_V;
  return (
    <g>
      {isNow && (
        <rect
          x={x - 14}
          y={TOP_PX - 6}
          width="28"
          height={BOTTOM_PX - TOP_PX + 10}
          fill="none"
          stroke="var(--copper)"
          strokeWidth="2"
        />
      )}
      <rect
        x={x - 6}
        y={yOf(highV)}
        width="12"
        height={Math.max(2, yOf(lowV) - yOf(highV))}
        fill={over ? 'var(--stop-wash)' : 'var(--pasture-wash)'}
        stroke="var(--ink2)"
      />
      <path
        d={`M${x - 11} ${yOf(volts)}h22`}
        stroke={over ? 'var(--stop)' : 'var(--ink)'}
        strokeWidth="3.5"
      />
      <text
        className={over ? 'strong figures stop' : 'strong figures'}
        x={x}
        y={BOTTOM_PX + 18}
        textAnchor="middle"
      >
        {voltsWords(volts)}
      </text>
      <text className="small" x={x} y={BOTTOM_PX + 32} textAnchor="middle">
        {added === null ? 'no' : 'and'}
      </text>
      <text className="small" x={x} y={BOTTOM_PX + 45} textAnchor="middle">
        {added === null ? 'bonds' : rungName[added]}
      </text>
    </g>
  );
}

/** What each bond makes of the volts that a person bridges: bands for what soil and leak may be, on a log scale. */
export function LadderChart({ rungs, now, widthPx }: LadderChartProps) {
  const step = (widthPx - LEFT_PX) / Math.max(1, rungs.length);
  const xOf = (at: number): number => LEFT_PX + (at + 0.5) * step;
  const words = rungs.map(
    ({ added, volts }) => `${added === null ? 'no bonds' : `and ${rungName[added]}`} ${voltsWords(volts)} V`,
  );
  return (
    <svg
      className="picture"
      role="img"
      aria-label={`Volts bridged: ${words.join(', ')}`}
      width={widthPx}
      height={HEIGHT_PX}
      viewBox={`0 0 ${widthPx} ${HEIGHT_PX}`}
    >
      <Lines widthPx={widthPx} />
      <path
        d={rungs.map(({ volts }, at) => `${at === 0 ? 'M' : 'L'}${xOf(at)} ${yOf(volts)}`).join('')}
        fill="none"
        stroke="var(--copper)"
        strokeWidth="1.3"
      />
      {rungs.map((rung, at) => (
        <RungMark key={at} rung={rung} x={xOf(at)} isNow={at === now} />
      ))}
    </svg>
  );
}
