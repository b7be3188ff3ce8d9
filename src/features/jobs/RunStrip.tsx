import type { StripRun } from '../../store/jobs/stripTask';
import { AFTER, before, widthBesides } from './stripWidth';
import classes from './RunStrip.module.css';

interface RunStripProps {
  readonly runs: readonly StripRun[];
  readonly pxPerFt: number;
  readonly numbered: boolean;
  /** What is spoken. */
  readonly label: string;
}

const PX_PER_FT_UP = 3.1;
const GROUND = 42;
const HEIGHT = 56;
const BAND = 10;

const lengthOf = ({ stations }: StripRun): number => stations.at(-1)?.xFt ?? 0;

const stripWidth = (runs: readonly StripRun[], pxPerFt: number, numbered: boolean): number =>
  runs.reduce((sum, run) => sum + lengthOf(run) * pxPerFt, widthBesides(runs.length, numbered));

const y = (heightFt: number): number => GROUND - Math.max(-3.5, Math.min(12, heightFt)) * PX_PER_FT_UP;

interface OneProps {
  readonly run: StripRun;
  readonly x: number;
  readonly pxPerFt: number;
  readonly number: number | null;
}

function Run({ run, x, pxPerFt, number }: OneProps) {
  const from = x + before(number !== null);
  const start = run.stations[0];
  const end = run.stations.at(-1);
  return (
    <g data-stop={run.stop || undefined}>
      {number !== null && (
        <text x={from - 9} y={y(start?.heightFt ?? 5) + 4} textAnchor="end" className={classes['number']}>
          {number}
        </text>
      )}
      {run.segments.map((segment, at) => {
        const points = segment.path
          .map(({ xFt, heightFt }) => `${(from + xFt * pxPerFt).toFixed(1)},${y(heightFt).toFixed(1)}`)
          .join(' ');
        return (
          <g key={at} data-method={segment.method}>
            <polyline points={points} className={classes['casing']} />
            <polyline points={points} className={classes['core']} />
          </g>
        );
      })}
      <rect x={from - 7} y={y(start?.heightFt ?? 5) - 6} width={7} height={12} className={classes['panel']} />
      <rect
        x={from + lengthOf(run) * pxPerFt - 3}
        y={y(end?.heightFt ?? 3) - 3}
        width={7}
        height={7}
        className={classes['appliance']}
      />
    </g>
  );
}

/** Runs one after the other at one scale, over the ground that they share. */
export function RunStrip({ runs, pxPerFt, numbered, label }: RunStripProps) {
  const width = stripWidth(runs, pxPerFt, numbered);
  const starts = runs.map((_, at) => stripWidth(runs.slice(0, at), pxPerFt, numbered) - AFTER);
  return (
    <svg className={classes['strip']} width={width} height={HEIGHT} role="img" aria-label={label}>
      <rect x={0} y={GROUND} width={width} height={BAND} className={classes['ground']} />
      <line x1={0} y1={GROUND} x2={width} y2={GROUND} className={classes['grade']} />
      {runs.map((run, at) => (
        <Run key={at} run={run} x={starts[at] ?? 0} pxPerFt={pxPerFt} number={numbered ? at + 1 : null} />
      ))}
    </svg>
  );
}
