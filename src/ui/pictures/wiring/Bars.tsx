import type { DrawnBar, WiringScene } from '../../../core/drawing/wiringScene';
import { BOND_SCREW } from '../../../core/wording/terminals';
import classes from './wiring.module.css';

const PITCH = 22;
const HALF = 10;
const BOND_BELOW = 36;
const PAST_STRAP = 46;

interface BarProps {
  readonly bar: DrawnBar;
  readonly note: string | null;
}

function Bar({ bar, note }: BarProps) {
  const holes = Math.max(2, Math.floor((bar.right - bar.left - 12) / PITCH));
  return (
    <g>
      <rect
        className={classes['body']}
        x={bar.left}
        y={bar.y - HALF}
        width={bar.right - bar.left}
        height={2 * HALF}
      />
      {Array.from({ length: holes }, (_, at) => (
        <circle key={at} className={classes['hole']} cx={bar.left + 12 + at * PITCH} cy={bar.y} r={4} />
      ))}
      <text
        className={classes['note']}
        x={bar.left + (bar.name === 'neutral' ? PAST_STRAP : 0)}
        y={bar.y + HALF + 14}
      >
        {bar.name} bar{note}
      </text>
    </g>
  );
}

/** The neutral bar and the ground bar, with the bonding screw in or out between them. */
export function Bars({ scene }: { readonly scene: WiringScene }) {
  const { bars, enclosure, wires } = scene;
  const [neutral, ground] = [
    bars.find(({ name }) => name === 'neutral'),
    bars.find(({ name }) => name === 'ground'),
  ];
  const isIn = enclosure.bond === 'in' || enclosure.bond === 'mixed';
  const used = wires.some(({ path }) => path.at(-1)?.y === neutral?.y);
  const x = (neutral?.left ?? 0) + 30;
  const y = (neutral?.y ?? 0) + HALF + BOND_BELOW;
  return (
    <>
      {neutral && ground && enclosure.bond !== null && (
        <g>
          <path
            className={isIn ? classes['strap'] : classes['noStrap']}
            d={`M${x} ${neutral.y + HALF}V${ground.y - HALF}`}
          />
          <circle className={classes['bond']} cx={x} cy={y} r={8} />
          {isIn && <path className={classes['cross']} d={`M${x - 5} ${y}h10m-5 -5v10`} />}
          <text className={classes['strong']} x={x + 16} y={y + 4}>
            {BOND_SCREW[enclosure.bond]}
          </text>
        </g>
      )}
      {neutral && <Bar bar={neutral} note={used ? null : ': not used'} />}
      {ground && <Bar bar={ground} note={null} />}
    </>
  );
}
