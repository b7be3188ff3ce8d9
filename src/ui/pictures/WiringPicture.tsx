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
const PAST_PIGTAIL = 92;

/** The band of tape that re-marks a conductor, with its letters. */
function Mark({ letters, y }: { readonly letters: string; readonly y: number }) {
  const x = LETTERS_X + PAST_LETTERS + 10;
  return (
    <g>
      <rect className={classes['mark']} x={x} y={y - 7} width={14} height={14} />
      <text className={classes['markText']} x={x + 7} y={y - 9} textAnchor="middle">
        {letters}
      </text>
    </g>
  );
}

/** The screw that a conductor lands under with its torque, or the cap on one that lands nowhere. */
function Terminal({ landing, y }: { readonly landing: Landing; readonly y: number }) {
  if (landing.terminal === 'capped')
    return (
      <>
        <path className={classes['cap']} d={`M${BLOCK_X - 34} ${y - 7} v14 l12 -7 z`} />
        <text className={classes['name']} x={BLOCK_X - 14} y={y + 4}>
          capped
        </text>
      </>
    );
  return (
    <>
      <rect className={classes['terminal']} x={BLOCK_X} y={y - 11} width={WIDTH - BLOCK_X - 4} height={22} />
      <circle className={classes['screw']} cx={BLOCK_X + 11} cy={y} r={6} />
      <path className={classes['screw']} d={`M${BLOCK_X + 7} ${y + 3} l8 -6`} />
      <text className={classes['name']} x={BLOCK_X + 24} y={y + 4}>
        {terminalName[landing.terminal]}
      </text>
      <text className={classes['torque']} x={WIDTH - 12} y={y + 4} textAnchor="end">
        {landing.torqueLbIn} lb-in
      </text>
    </>
  );
}

/** The stroke of one conductor from the raceway to its terminal, with the band that re-marks it. */
function Wire({
  landing,
  at,
  from,
}: {
  readonly landing: Landing;
  readonly at: number;
  readonly from: number;
}) {
  const y = TOP + at * ROW + ROW / 2;
  const path = `M28 ${from} C 60 ${from}, 60 ${y}, ${LETTERS_X - 4} ${y}`;
  const capped = landing.terminal === 'capped';
  const past = landing.role === 'pigtail' ? PAST_PIGTAIL : PAST_LETTERS;
  return (
    <g>
      <path className={classes['wire']} d={path} />
      <path
        className={classes['wire']}
        d={`M${LETTERS_X + past} ${y} H ${capped ? BLOCK_X - 34 : BLOCK_X}`}
      />
      {landing.marked !== null && <Mark letters={landing.marked} y={y} />}
      <text className={classes['letters']} x={LETTERS_X} y={y + 4}>
        {landing.role === 'pigtail' ? `${landing.letters} pigtail` : `${landing.letters} ${landing.size}`}
      </text>
      <circle className={classes['order']} cx={14} cy={y} r={9} />
      <text className={classes['orderText']} x={14} y={y + 4} textAnchor="middle">
        {landing.order}
      </text>
      <Terminal landing={landing} y={y} />
    </g>
  );
}

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
      <svg viewBox={`0 0 ${WIDTH} ${height}`} role="img" aria-label={`Terminations, ${name}`}>
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
}
