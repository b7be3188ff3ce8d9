import type { Panel } from '../../core/panel/panelSchema';
import classes from './BarsPicture.module.css';

const WIDTH = 280;
const HEIGHT = 104;
const BAR = { x: 62, width: 188 };
const NEUTRAL_Y = 22;
const GROUND_Y = 64;
const MAX_DRAWN = 14;

interface BarsPictureProps {
  readonly panel: Panel;
  /** Circuits that bring a neutral: each has a terminal of its own. */
  readonly neutrals: number;
  readonly grounds: number;
  /** What is wrong with them, in words; empty where nothing is known to be. */
  readonly wrong: boolean;
}

/** The terminals of one bar, each with one conductor. */
function Bar({ y, count, name }: { readonly y: number; readonly count: number; readonly name: string }) {
  const drawn = Math.min(count, MAX_DRAWN);
  const step = BAR.width / (MAX_DRAWN + 1);
  return (
    <g>
      <text className={classes['name']} x={BAR.x - 8} y={y + 13} textAnchor="end">
        {name}
      </text>
      <rect className={classes['bar']} x={BAR.x} y={y} width={BAR.width} height={18} />
      {Array.from({ length: drawn }, (_, at) => (
        <g key={at}>
          <line
            className={classes['wire']}
            x1={BAR.x + (at + 1) * step}
            x2={BAR.x + (at + 1) * step}
            y1={y - 8}
            y2={y + 9}
          />
          <circle className={classes['screw']} cx={BAR.x + (at + 1) * step} cy={y + 9} r={4} />
        </g>
      ))}
      <text className={classes['count']} x={BAR.x + BAR.width + 4} y={y + 13}>
        {count}
      </text>
    </g>
  );
}

/** How the bond between the bars is told: what is there, and what it is to be. */
function bond({ role, neutrals, bondingScrew }: Panel): {
  readonly is: 'in' | 'out' | 'unknown';
  readonly words: string;
} {
  const is = bondingScrew ?? (neutrals === 'bonded' ? 'in' : neutrals === 'apart' ? 'out' : 'unknown');
  const seen = is === 'unknown' ? 'bond not looked at' : is === 'in' ? 'bonded' : 'no bond';
  return { is, words: `${seen}; ${role === 'service' ? 'the service has it' : 'a subpanel has none'}` };
}

/** Neutral and ground bars of a panel: one neutral a terminal, and the bond that a service has and a subpanel has not. */
export function BarsPicture({ panel, neutrals, grounds, wrong }: BarsPictureProps) {
  const { is, words } = bond(panel);
  const middle = BAR.x + BAR.width / 2;
  return (
    <svg
      className={classes['bars']}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={`Bars: ${neutrals} neutrals, each in its own terminal, ${grounds} grounds; ${words}`}
    >
      <Bar y={NEUTRAL_Y} count={neutrals} name="neutral" />
      <Bar y={GROUND_Y} count={grounds} name="ground" />
      <line
        className={classes['bond']}
        data-is={is}
        data-wrong={wrong || undefined}
        x1={middle}
        x2={middle}
        y1={NEUTRAL_Y + 18}
        y2={GROUND_Y}
      />
      <text className={classes['words']} data-wrong={wrong || undefined} x={BAR.x} y={HEIGHT - 5}>
        {words}
      </text>
    </svg>
  );
}
