import type { ScenePoint } from '../../../core/drawing/wiringScene';
import type { Letters } from '../../../core/wiring/conductors';
import classes from './wiring.module.css';

const pathOf = (points: readonly ScenePoint[]): string =>
  points.map(({ x, y }, at) => `${at === 0 ? 'M' : 'L'}${x} ${y}`).join('');

/** The insulation of each conductor, drawn: an edge where it would be lost on the ground, then its color. */
const strokeClass: Readonly<Record<Letters, string | undefined>> = {
  BK: classes['bk'],
  RD: classes['rd'],
  BU: classes['bu'],
  WH: classes['wh'],
  GN: classes['gn'],
  BARE: classes['bare'],
};

interface WireStrokeProps {
  readonly letters: Letters;
  readonly points: readonly ScenePoint[];
  readonly highlighted?: boolean;
}

/** A conductor in the color of its insulation. */
export function WireStroke({ letters, points, highlighted = false }: WireStrokeProps) {
  const d = pathOf(points);
  return (
    <>
      {highlighted && <path className={classes['glow']} d={d} />}
      {(letters === 'WH' || letters === 'BK') && (
        <path className={letters === 'WH' ? classes['whEdge'] : classes['bkEdge']} d={d} />
      )}
      <path className={strokeClass[letters]} d={d} />
    </>
  );
}

interface WireLettersProps {
  readonly letters: Letters;
  readonly size: string;
  readonly marked: Letters | null;
  readonly at: ScenePoint;
  /** The side at which the band of tape stands beside the letters: away from the screw. */
  readonly away: -1 | 1;
}

const GLYPH = 6.9;

/** The letters of a conductor on its stroke, with the band of tape where it is re-identified. */
export function WireLetters({ letters, size, marked, at: { x, y }, away }: WireLettersProps) {
  const half = ((letters.length + 1 + size.length) * GLYPH) / 2 + 2;
  return (
    <g>
      <rect className={classes['gap']} x={x - half} y={y - 8} width={2 * half} height={16} />
      {marked !== null && (
        <rect
          className={classes[marked === 'RD' ? 'bandRd' : 'bandBk']}
          x={x + away * (half + 5) - 4}
          y={y - 6}
          width={8}
          height={12}
        />
      )}
      <text className={classes['letters']} x={x} y={y + 4} textAnchor="middle">
        {letters} {size}
      </text>
    </g>
  );
}
