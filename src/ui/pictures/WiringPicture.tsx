import type { End, Landing } from '../../core/wiring/terminations';
import { landingWords, terminalName } from '../../core/wording/terminals';
import classes from './WiringPicture.module.css';

const ROW = 32;
const TOP = 4;
const WIDTH = 420;
const BLOCK_X = 188;
const LETTERS_X = 84;
/** Where the wire goes on past its letters. */
const PAST_LETTERS = 62;

/** The stroke of one conductor from the raceway to its terminal, with the band that re-marks it. */
function Wire({ landing, at, from }: { readonly landing: Landing; readonly at: number; readonly from: number }) {
  const y = TOP + at * ROW + ROW / 2;
  const path = `M28 ${from} C 60 ${from}, 60 ${y}, ${LETTERS_X - 4} ${y}`;
  const capped = landing.terminal === 'capped';
  return (
    <g>
      <path className={classes['wire']} d={path} />
      <path className={classes['wire']} d={`M${LETTERS_X + PAST_LETTERS} ${y} H ${capped ? BLOCK_X - 34 : BLOCK_X}`} />
      {landing.marked !== null && (
        <g>
          <rect className={classes['mark']} x={LETTERS_X + PAST_LETTERS + 10} y={y - 7} width={14} height={14} />
          <text className={classes['markText']} x={LETTERS_X + PAST_LETTERS + 17} y={y - 9} textAnchor="middle">
            {landing.marked}
          </text>
        </g>
      )}
      <text className={classes['letters']} x={LETTERS_X} y={y + 4}>
        {landing.role === 'pigtail' ? `${landing.letters} tail` : `${landing.letters} ${landing.size}`}
      </text>
      <circle className={classes['order']} cx={14} cy={y} r={9} />
      <text className={classes['orderText']} x={14} y={y + 4} textAnchor="middle">
        {landing.order}
      </text>
      {capped ? (
        <path className={classes['cap']} d={`M${BLOCK_X - 34} ${y - 7} v14 l12 -7 z`} />
      ) : (
        <>
          <rect className={classes['terminal']} x={BLOCK_X} y={y - 11} width={WIDTH - BLOCK_X - 4} height={22} />
          <circle className={classes['screw']} cx={BLOCK_X + 11} cy={y} r={6} />
          <path className={classes['screw']} d={`M${BLOCK_X + 7} ${y + 3} l8 -6`} />
        </>
      )}
      <text className={classes['name']} x={capped ? BLOCK_X - 14 : BLOCK_X + 24} y={y + 4}>
        {capped ? 'capped' : terminalName[landing.terminal]}
      </text>
      {!capped && (
        <text className={classes['torque']} x={WIDTH - 12} y={y + 4} textAnchor="end">
          {landing.torqueLbIn} lb-in
        </text>
      )}
    </g>
  );
} // prettier-ignore

interface WiringPictureProps {
  readonly end: End;
  readonly name: string;
  readonly label: string;
}

/** One end of a circuit: every conductor by its letters to its terminal, numbered in the order of landing, with its torque. */
export function WiringPicture({ end, name, label }: WiringPictureProps) {
  const height = TOP + end.landings.length * ROW + 8;
  const from = TOP + (end.landings.length * ROW) / 2;
  return (
    <figure className={classes['end']}>
      <figcaption>
        <b>{name}</b> <span className="second">{label}</span>
      </figcaption>
      <svg viewBox={`0 0 ${WIDTH} ${height}`} role="img" aria-label={`Wiring, ${name}`}>
        {end.landings.map((landing, at) => (
          <Wire key={`${landing.role} ${landing.letters}`} landing={landing} at={at} from={from} />
        ))}
      </svg>
      <ol className="visually-hidden">
        {end.landings.map((landing) => (
          <li key={`${landing.role} ${landing.letters}`}>{landingWords(landing)}</li>
        ))}
      </ol>
    </figure>
  );
} // prettier-ignore
