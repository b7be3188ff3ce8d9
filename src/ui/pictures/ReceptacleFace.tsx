import { RECEPTACLE_FACES, type Opening } from '../../core/protection/receptacleFaces';
import classes from './ReceptacleFace.module.css';

const BLADE = 6;

/** The outline of a blade, a tee or an ell from its upper left corner. */
function outline(shape: Opening['shape'], x: number, y: number, long: number): string {
  const arm = long * 0.5;
  switch (shape) {
    case 'tee':
      return `M${x} ${y} h${BLADE} v${long / 2 - BLADE / 2} h${arm} v${BLADE} h${-arm} v${long / 2 - BLADE / 2} h${-BLADE} z`;
    case 'ell':
      return `M${x} ${y} h${BLADE} v${long - BLADE} h${arm} v${BLADE} h${-arm - BLADE} z`;
    default:
      return `M${x} ${y} h${BLADE} v${long} h${-BLADE} z`;
  }
}

function Shape({ shape, x, y, long, turn, role }: Opening) {
  const half = long / 2;
  const rotate = `rotate(${turn} ${x} ${y})`;
  const fill =
    role === 'ground' ? classes['ground'] : role === 'neutral' ? classes['neutral'] : classes['hot'];
  if (shape === 'round') return <circle className={fill} cx={x} cy={y} r={half} />;
  return <path className={fill} transform={rotate} d={outline(shape, x - BLADE / 2, y - half, long)} />;
}

const LETTER = { hot: 'H', neutral: 'N', ground: 'G' } as const;

/** Beside which side of an opening its letter stands, so that it touches no other. */
const letterAt = ({ x, y, role, long, turn }: Opening): readonly [number, number] =>
  role === 'ground'
    ? [x + 14, y + 4]
    : x < 45
      ? [x - 13, y - long / 2]
      : x > 55
        ? [x + 13, y - long / 2]
        : [x + (turn === 90 ? long / 2 + 8 : 13), y - 2];

/** The face of a receptacle from the front, with the letters of its openings. */
export function ReceptacleFace({ config, size = 84 }: { readonly config: string; readonly size?: number }) {
  const openings = RECEPTACLE_FACES[config];
  if (openings === undefined) return null;
  return (
    <svg
      className={classes['face']}
      viewBox="0 0 100 100"
      width={size}
      height={size}
      role="img"
      aria-label={`Face of a ${config} receptacle`}
    >
      <circle className={classes['body']} cx="50" cy="50" r="48" />
      {openings.map((opening) => (
        <g key={`${opening.x} ${opening.y}`}>
          <Shape {...opening} />
          <text
            className={classes['letter']}
            x={letterAt(opening)[0]}
            y={letterAt(opening)[1] + 4}
            textAnchor="middle"
          >
            {LETTER[opening.role]}
          </text>
        </g>
      ))}
    </svg>
  );
}
