import type { Measured } from '../../core/service/houseSchema';
import { printNumber as n } from '../../core/units/number';
import classes from './DemandWeek.module.css';

const WIDTH = 640;
const HEIGHT = 168;
const LEFT = 40;
const TOP = 16;
const BOTTOM = 26;
const DAY_MS = 86_400_000;
const DAYS = ['Sun', 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat'];

/** The week of the governing peak, reading by reading, with the peak marked. */
export function DemandWeek({ measured }: { readonly measured: Measured }) {
  const { week, peakA, peakAt, source } = measured;
  const peakMs = Date.parse(`${peakAt.replace(' ', 'T')}Z`);
  const fromMs = Math.floor(peakMs / DAY_MS) * DAY_MS - 3 * DAY_MS;
  const max = Math.max(peakA * 1.15, 1);
  const x = (share: number): number => LEFT + share * (WIDTH - LEFT - 8);
  const y = (amps: number): number => HEIGHT - BOTTOM - (amps / max) * (HEIGHT - BOTTOM - TOP);
  const line = week
    .map((amps, at) => `${at === 0 ? 'M' : 'L'}${x(at / week.length).toFixed(1)} ${y(amps).toFixed(1)}`)
    .join(' ');
  const peakX = x((peakMs - fromMs) / (7 * DAY_MS));
  const step = max > 120 ? 50 : max > 40 ? 20 : 10;
  return (
    <svg
      className={classes['week']}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={`The week of the peak: ${n(peakA, 1)} A at ${peakAt}, from ${source}`}
    >
      {Array.from({ length: Math.floor(max / step) + 1 }, (_, at) => at * step).map((amps) => (
        <g key={amps}>
          <line className={classes['grid']} x1={LEFT} x2={WIDTH - 8} y1={y(amps)} y2={y(amps)} />
          <text className={classes['axis']} x={LEFT - 6} y={y(amps) + 4} textAnchor="end">
            {amps}
          </text>
        </g>
      ))}
      {Array.from({ length: 7 }, (_, day) => (
        <g key={day}>
          <line className={classes['day']} x1={x(day / 7)} x2={x(day / 7)} y1={TOP} y2={HEIGHT - BOTTOM} />
          <text className={classes['axis']} x={x((day + 0.5) / 7)} y={HEIGHT - 8} textAnchor="middle">
            {DAYS[new Date(fromMs + day * DAY_MS).getUTCDay()]} {new Date(fromMs + day * DAY_MS).getUTCDate()}
          </text>
        </g>
      ))}
      <path className={classes['line']} d={line} />
      <circle className={classes['peak']} cx={peakX} cy={y(peakA)} r={5} />
      <text className={classes['peakWords']} x={Math.min(peakX + 9, WIDTH - 130)} y={y(peakA) + 1}>
        {n(peakA, 1)} A, {peakAt.slice(11)}
      </text>
    </svg>
  );
}
