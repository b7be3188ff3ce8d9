import type { KeyboardEvent } from 'react';
import type { FaceBreaker, PanelFace as Face, Side } from '../../core/panel/panelFace';
import { placeLabel, slotsOf } from '../../core/panel/spaces';
import classes from './PanelFace.module.css';

const WIDTH = 720;
const BOX = { left: 226, right: 494 };
const BREAKER = 88;
const TOP = 92;
const FOOT = 14;
const BUS = { A: 352, B: 369 };
/** Rows as tall as the face of a common panel leaves them, and as low as they can still be read. */
const FACE_HEIGHT = 560;
const rowHeight = ({ rows, breakers }: Face): number => {
  const least = breakers.some(({ height }) => height < 1) ? 31 : 26;
  return Math.max(least, Math.min(36, FACE_HEIGHT / rows));
};

interface PanelFaceProps {
  readonly face: Face;
  readonly mainA: number | null;
  readonly name: string;
  /** Id of what is picked up. */
  readonly picked?: string | null;
  /** Words under a name, by id. */
  readonly notes: ReadonlyMap<string, string>;
  /** Absent where the face is only looked at. */
  readonly onBreaker?: (id: string) => void;
  readonly onSpace?: (slot: number) => void;
}

const breakerX = (side: Side): number => (side === 'left' ? BOX.left + 16 : BOX.right - 16 - BREAKER);
const outward = (side: Side): -1 | 1 => (side === 'left' ? -1 : 1);

/** What makes a part of the face a button, or nothing where it is only looked at. */
const pressed = (act: (() => void) | undefined, label: string) =>
  act === undefined
    ? { role: 'img', 'aria-label': label }
    : {
        role: 'button',
        tabIndex: 0,
        'aria-label': label,
        onClick: act,
        onKeyDown: (event: KeyboardEvent): void => {
          if (event.key !== 'Enter' && event.key !== ' ') return;
          event.preventDefault();
          act();
        },
      };

/** Handles of a breaker: one a pole, tied where there are two. */
function Handles({ x, y, height, poles }: { readonly x: number; readonly y: number; readonly height: number; readonly poles: number }) {
  if (poles === 1) return <rect className={classes['handle']} x={x} y={y + height / 2 - Math.min(5, height / 4)} width={26} height={Math.min(10, height / 2)} />;
  const [upper, lower] = [y + height / 4, y + (3 * height) / 4];
  return (
    <>
      <rect className={classes['handle']} x={x} y={upper - 6} width={26} height={12} />
      <rect className={classes['handle']} x={x} y={lower - 6} width={26} height={12} />
      <rect className={classes['handle']} x={x + 9} y={upper} width={8} height={lower - upper} />
    </>
  );
} // prettier-ignore

interface BreakerProps {
  readonly breaker: FaceBreaker;
  readonly row: number;
  readonly picked: boolean;
  readonly note: string | undefined;
  readonly onPress: (() => void) | undefined;
}

function Breaker({ breaker, row, picked, note, onPress }: BreakerProps) {
  const { standing, side, top, height } = breaker;
  const [x, y, tall] = [breakerX(side), TOP + top * row, height * row - 3];
  const slots = slotsOf(standing);
  const small = height < 1;
  const label = slots.length === 2 ? slots.join(', ') : placeLabel(standing.place);
  const edge = side === 'left' ? x + 7 : x + BREAKER - 7;
  const anchor = side === 'left' ? 'start' : 'end';
  const textX = side === 'left' ? BOX.left - 8 : BOX.right + 8;
  const outer = outward(side);
  const middle = y + tall / 2;
  const twoLines = note !== undefined && height >= 1;
  return (
    <g
      className={classes['breaker']}
      data-fate={standing.fate}
      data-picked={picked || undefined}
      data-small={small || undefined}
      {...pressed(onPress, `Space ${label}, ${standing.amps} A${standing.poles === 2 ? ', two poles' : ''}, ${standing.name === '' ? 'no name' : standing.name}${note === undefined ? '' : `, ${note}`}`)}
      {...(onPress !== undefined && { 'aria-pressed': picked })}
    >
      <rect className={classes['body']} x={x} y={y} width={BREAKER} height={tall} />
      {slots.map((slot, at) => (
        <text key={slot} className={classes['slot']} x={edge} y={y + (slots.length === 2 ? (at + 0.5) * (tall / 2) : tall / 2) + 4} textAnchor={anchor}>
          {slots.length === 2 ? slot : placeLabel(standing.place)}
        </text>
      ))}
      <text className={classes['amps']} x={side === 'left' ? x + 45 : x + BREAKER - 45} y={middle + 5} textAnchor="middle">
        {standing.amps}
      </text>
      <Handles x={side === 'left' ? x + BREAKER - 30 : x + 4} y={y} height={tall} poles={standing.poles} />
      <text className={classes['name']} x={textX} y={middle + (twoLines ? -1 : 4)} textAnchor={outer < 0 ? 'end' : 'start'}>
        {standing.name === '' ? 'no name' : standing.name}
        {note !== undefined && !twoLines && <tspan className={classes['note']}>{`, ${note}`}</tspan>}
      </text>
      {twoLines && (
        <text className={classes['note']} x={textX} y={middle + 13} textAnchor={outer < 0 ? 'end' : 'start'}>
          {note}
        </text>
      )}
    </g>
  );
} // prettier-ignore

/** Both legs down the middle, and where each breaker meets its own. */
function Legs({ face, row }: { readonly face: Face; readonly row: number }) {
  const bottom = TOP + face.rows * row - 4;
  return (
    <g aria-hidden="true">
      <rect className={classes['legB']} x={BUS.B - 3} y={TOP - 24} width={6} height={bottom - TOP + 24} />
      <rect className={classes['legA']} x={BUS.A - 3} y={TOP - 24} width={6} height={bottom - TOP + 24} />
      {face.stabs.map(({ row: at, side, leg }) => {
        const y = TOP + at * row + row / 2 - 1;
        const to = side === 'left' ? breakerX('left') + BREAKER : breakerX('right');
        const from = BUS[leg];
        return leg === 'A' ? (
          <line key={`${side}${at}`} className={classes['stabA']} x1={from} x2={to} y1={y} y2={y} />
        ) : (
          <rect key={`${side}${at}`} className={classes['stabB']} x={Math.min(from, to)} y={y - 2} width={Math.abs(to - from)} height={4} />
        );
      })}
      <text className={classes['leg']} x={BUS.A - 8} y={TOP - 14} textAnchor="end">A</text>
      <text className={classes['leg']} x={BUS.B + 8} y={TOP - 14}>B</text>
    </g>
  );
} // prettier-ignore

/** Where the label lets two circuits share a space. */
function Tandems({ face, row }: { readonly face: Face; readonly row: number }) {
  return face.tandems.map(({ side, from, to }) => {
    const x = side === 'left' ? BOX.left + 8 : BOX.right - 8;
    const [top, bottom] = [TOP + from * row + 2, TOP + (to + 1) * row - 5];
    const tick = side === 'left' ? 5 : -5;
    return <path key={`${side}${from}`} className={classes['tandem']} d={`M${x + tick} ${top} H${x} V${bottom} H${x + tick}`} />;
  });
} // prettier-ignore

/** The main breaker, or the lugs of a panel that has none. */
function Main({ mainA }: { readonly mainA: number | null }) {
  const middle = (BOX.left + BOX.right) / 2;
  return (
    <g aria-hidden="true">
      <rect className={classes['main']} x={middle - 58} y={18} width={116} height={42} />
      <rect className={classes['mainFace']} x={middle - 18} y={24} width={36} height={30} />
      <text className={classes['mainA']} x={middle} y={44} textAnchor="middle">{mainA ?? '?'}</text>
      <text className={classes['name']} x={middle - 66} y={36} textAnchor="end">{mainA === null ? 'Lugs' : 'Main'}</text>
      <text className={classes['note']} x={middle - 66} y={50} textAnchor="end">{mainA === null ? 'no main read' : `${mainA} A`}</text>
      <text className={classes['live']} x={middle + 66} y={36}>Lugs stay</text>
      <text className={classes['live']} x={middle + 66} y={50}>live</text>
    </g>
  );
} // prettier-ignore

/** The face of a panel: spaces, legs, ties, what is new and what moved, with the directory beside it. */
export function PanelFace({ face, mainA, name, picked = null, notes, onBreaker, onSpace }: PanelFaceProps) {
  const row = rowHeight(face);
  const height = TOP + face.rows * row + FOOT;
  return (
    <svg className={classes['face']} viewBox={`0 0 ${WIDTH} ${height}`} role="group" aria-label={`Face of ${name}`}>
      <rect className={classes['cabinet']} x={BOX.left} y={4} width={BOX.right - BOX.left} height={height - 8} />
      <Main mainA={mainA} />
      <Legs face={face} row={row} />
      <Tandems face={face} row={row} />
      {face.spaces.map(({ slot, side, row: at }) => (
        <g
          key={slot}
          className={classes['space']}
          {...pressed(onSpace && (() => { onSpace(slot); }), `Space ${slot}, empty`)}
        >
          <rect className={classes['empty']} x={breakerX(side)} y={TOP + at * row} width={BREAKER} height={row - 3} />
          <text className={classes['slot']} x={side === 'left' ? breakerX(side) + 7 : breakerX(side) + BREAKER - 7} y={TOP + at * row + row / 2 + 3} textAnchor={side === 'left' ? 'start' : 'end'}>
            {slot}
          </text>
        </g>
      ))}
      {face.breakers.map((breaker) => (
        <Breaker
          key={breaker.standing.id}
          breaker={breaker}
          row={row}
          picked={breaker.standing.id === picked}
          note={notes.get(breaker.standing.id)}
          onPress={onBreaker && (() => { onBreaker(breaker.standing.id); })}
        />
      ))}
    </svg>
  );
} // prettier-ignore
