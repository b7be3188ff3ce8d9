import type { KeyboardEvent } from 'react';
import type { FaceBreaker, PanelFace as Face, Side } from '../../core/panel/panelFace';
import { spaceLabel, slotsOf } from '../../core/panel/spaces';
import classes from './PanelFace.module.css';

/** Where things stand across the face: with room for names beside it, or as narrow as a phone. */
interface Layout {
  readonly width: number;
  readonly box: { readonly left: number; readonly right: number };
  readonly breaker: number;
  readonly bus: { readonly A: number; readonly B: number };
  /** Width of a handle, and the middle of the rating from the outer edge. */
  readonly handle: number;
  readonly amps: number;
  /** Half of the main's width. */
  readonly main: number;
  /** Letters of a name that fit beside it. */
  readonly letters: number;
}

const WIDE: Layout = {
  width: 720,
  box: { left: 226, right: 494 },
  breaker: 88,
  bus: { A: 352, B: 369 },
  handle: 26,
  amps: 45,
  main: 58,
  letters: 34,
};
const NARROW: Layout = {
  width: 430,
  box: { left: 108, right: 322 },
  breaker: 74,
  bus: { A: 206, B: 224 },
  handle: 15,
  amps: 41,
  main: 44,
  letters: 16,
};

const TOP = 92;
const FOOT = 14;
/** Rows as tall as the face of a common panel leaves them, and as low as they can still be read. */
const FACE_HEIGHT = 560;
const rowHeight = ({ rows, breakers }: Face): number => {
  const min = breakers.some(({ height }) => height < 1) ? 28 : 26;
  return Math.max(min, Math.min(36, FACE_HEIGHT / rows));
};

interface PanelFaceProps {
  /** As narrow as a phone: names are cut, and told whole when they are chosen. */
  readonly narrow?: boolean;
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

const breakerX = (side: Side, { box, breaker }: Layout): number =>
  side === 'left' ? box.left + 14 : box.right - 14 - breaker;

/** A name that fits beside the face, and whether it was cut. */
const fitted = (name: string, { letters }: Layout): string =>
  name.length > letters ? `${name.slice(0, letters - 1).trimEnd()}…` : name;
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
function Handles({
  x,
  y,
  width,
  height,
  poles,
}: {
  readonly x: number;
  readonly y: number;
  readonly height: number;
  readonly width: number;
  readonly poles: number;
}) {
  if (poles === 1)
    return (
      <rect
        className={classes['handle']}
        x={x}
        y={y + height / 2 - Math.min(5, height / 4)}
        width={width}
        height={Math.min(10, height / 2)}
      />
    );
  const [upper, lower] = [y + height / 4, y + (3 * height) / 4];
  return (
    <>
      <rect className={classes['handle']} x={x} y={upper - 6} width={width} height={12} />
      <rect className={classes['handle']} x={x} y={lower - 6} width={width} height={12} />
      <rect className={classes['handle']} x={x + width / 2 - 4} y={upper} width={8} height={lower - upper} />
    </>
  );
}

interface BreakerProps {
  readonly breaker: FaceBreaker;
  readonly row: number;
  readonly layout: Layout;
  readonly picked: boolean;
  readonly note: string | undefined;
  readonly onPress: (() => void) | undefined;
}

/** The numbers of the spaces that a breaker takes, at its outer edge. */
function SlotNumbers({ breaker, x, y, tall, wide }: SlotNumbersProps) {
  const { installed, side } = breaker;
  const slots = slotsOf(installed);
  return slots.map((slot, at) => (
    <text
      key={slot}
      className={classes['slot']}
      x={side === 'left' ? x + 7 : x + wide - 7}
      y={y + (slots.length === 2 ? (at + 0.5) * (tall / 2) : tall / 2) + 4}
      textAnchor={side === 'left' ? 'start' : 'end'}
    >
      {slots.length === 2 ? slot : spaceLabel(installed.place)}
    </text>
  ));
}

interface SlotNumbersProps {
  readonly breaker: FaceBreaker;
  readonly x: number;
  readonly y: number;
  readonly tall: number;
  readonly wide: number;
}

interface BreakerNameProps extends Pick<BreakerProps, 'breaker' | 'layout' | 'note'> {
  readonly middle: number;
}

/** What a breaker feeds, beside the cabinet, with its note under it where there is room. */
function BreakerName({ breaker, layout, note, middle }: BreakerNameProps) {
  const { installed, side, height } = breaker;
  const textX = side === 'left' ? layout.box.left - 7 : layout.box.right + 7;
  const anchor = outward(side) < 0 ? 'end' : 'start';
  const twoLines = note !== undefined && height >= 1;
  return (
    <>
      <text className={classes['name']} x={textX} y={middle + (twoLines ? -1 : 4)} textAnchor={anchor}>
        {installed.name === '' ? 'no name' : fitted(installed.name, layout)}
        {note !== undefined && !twoLines && layout === WIDE && (
          <tspan className={classes['note']}>{`, ${note}`}</tspan>
        )}
      </text>
      {twoLines && (
        <text className={classes['note']} x={textX} y={middle + 13} textAnchor={anchor}>
          {note}
        </text>
      )}
    </>
  );
}

/** A breaker as it is read out: "Space 5, 7, 30 A, two poles, dryer". */
function spokenBreaker({ installed }: FaceBreaker, note: string | undefined): string {
  const slots = slotsOf(installed);
  const parts = [
    `Space ${slots.length === 2 ? slots.join(', ') : spaceLabel(installed.place)}`,
    `${installed.amps} A`,
    ...(installed.poles === 2 ? ['two poles'] : []),
    installed.name === '' ? 'no name' : installed.name,
    ...(note === undefined ? [] : [note]),
  ];
  return parts.join(', ');
}

function Breaker({ breaker, row, layout, picked, note, onPress }: BreakerProps) {
  const { installed, side, top, height } = breaker;
  const wide = layout.breaker;
  const [x, y, tall] = [breakerX(side, layout), TOP + top * row, height * row - 3];
  const middle = y + tall / 2;
  return (
    <g
      className={classes['breaker']}
      data-fate={installed.fate}
      data-picked={picked || undefined}
      data-small={height < 1 || undefined}
      {...pressed(onPress, spokenBreaker(breaker, note))}
      {...(onPress !== undefined && { 'aria-pressed': picked })}
    >
      <rect
        className={classes['hit']}
        x={side === 'left' ? 0 : x}
        y={y}
        width={side === 'left' ? x + wide : layout.width - x}
        height={tall}
      />
      <rect className={classes['body']} x={x} y={y} width={wide} height={tall} />
      <SlotNumbers breaker={breaker} x={x} y={y} tall={tall} wide={wide} />
      <text
        className={classes['amps']}
        x={side === 'left' ? x + layout.amps : x + wide - layout.amps}
        y={middle + 5}
        textAnchor="middle"
      >
        {installed.amps}
      </text>
      <Handles
        x={side === 'left' ? x + wide - layout.handle - 4 : x + 4}
        y={y}
        width={layout.handle}
        height={tall}
        poles={installed.poles}
      />
      <BreakerName breaker={breaker} layout={layout} note={note} middle={middle} />
    </g>
  );
}

/** Both legs down the middle, and where each breaker meets its own. */
function Legs({ face, row, layout }: { readonly face: Face; readonly row: number; readonly layout: Layout }) {
  const { bus } = layout;
  const bottom = TOP + face.rows * row - 4;
  return (
    <g aria-hidden="true">
      <rect className={classes['legB']} x={bus.B - 3} y={TOP - 24} width={6} height={bottom - TOP + 24} />
      <rect className={classes['legA']} x={bus.A - 3} y={TOP - 24} width={6} height={bottom - TOP + 24} />
      {face.stabs.map(({ row: at, side, leg }) => {
        const y = TOP + at * row + row / 2 - 1;
        const to = side === 'left' ? breakerX('left', layout) + layout.breaker : breakerX('right', layout);
        const from = bus[leg];
        return leg === 'A' ? (
          <line key={`${side}${at}`} className={classes['stabA']} x1={from} x2={to} y1={y} y2={y} />
        ) : (
          <rect
            key={`${side}${at}`}
            className={classes['stabB']}
            x={Math.min(from, to)}
            y={y - 2}
            width={Math.abs(to - from)}
            height={4}
          />
        );
      })}
      <text className={classes['leg']} x={bus.A - 8} y={TOP - 14} textAnchor="end">
        A
      </text>
      <text className={classes['leg']} x={bus.B + 8} y={TOP - 14}>
        B
      </text>
    </g>
  );
}

/** Where the label lets two circuits share a space. */
function Tandems({
  face,
  row,
  layout,
}: {
  readonly face: Face;
  readonly row: number;
  readonly layout: Layout;
}) {
  const { box } = layout;
  return face.tandems.map(({ side, from, to }) => {
    const x = side === 'left' ? box.left + 7 : box.right - 7;
    const [top, bottom] = [TOP + from * row + 2, TOP + (to + 1) * row - 5];
    const tick = side === 'left' ? 5 : -5;
    return (
      <path
        key={`${side}${from}`}
        className={classes['tandem']}
        d={`M${x + tick} ${top} H${x} V${bottom} H${x + tick}`}
      />
    );
  });
}

interface MainProps {
  readonly mainA: number | null;
  readonly height: number;
  readonly layout: Layout;
}

/** The cabinet with its main breaker, or with the lugs of a panel that has none. */
function Main({ mainA, height, layout: { box, main } }: MainProps) {
  const middle = (box.left + box.right) / 2;
  return (
    <g aria-hidden="true">
      <rect
        className={classes['cabinet']}
        x={box.left}
        y={4}
        width={box.right - box.left}
        height={height - 8}
      />
      <rect className={classes['main']} x={middle - main} y={18} width={2 * main} height={42} />
      <rect className={classes['mainFace']} x={middle - 18} y={24} width={36} height={30} />
      <text className={classes['mainA']} x={middle} y={44} textAnchor="middle">
        {mainA ?? '?'}
      </text>
      <text className={classes['name']} x={middle - main - 7} y={36} textAnchor="end">
        {mainA === null ? 'Lugs' : 'Main'}
      </text>
      <text className={classes['note']} x={middle - main - 7} y={50} textAnchor="end">
        {mainA === null ? 'no main read' : `${mainA} A`}
      </text>
      <text className={classes['live']} x={middle + main + 7} y={36}>
        Lugs stay
      </text>
      <text className={classes['live']} x={middle + main + 7} y={50}>
        live
      </text>
    </g>
  );
}

interface EmptySpaceProps {
  readonly slot: number;
  readonly side: FaceBreaker['side'];
  readonly y: number;
  readonly row: number;
  readonly layout: Layout;
  readonly onSpace: PanelFaceProps['onSpace'];
}

/** A space in which nothing stands. */
function EmptySpace({ slot, side, y, row, layout, onSpace }: EmptySpaceProps) {
  const x = breakerX(side, layout);
  return (
    <g
      className={classes['space']}
      {...pressed(
        onSpace &&
          (() => {
            onSpace(slot);
          }),
        `Space ${slot}, empty`,
      )}
    >
      <rect className={classes['empty']} x={x} y={y} width={layout.breaker} height={row - 3} />
      <text
        className={classes['slot']}
        x={side === 'left' ? x + 7 : x + layout.breaker - 7}
        y={y + row / 2 + 3}
        textAnchor={side === 'left' ? 'start' : 'end'}
      >
        {slot}
      </text>
    </g>
  );
}

/** The face of a panel: spaces, legs, ties, what is new and what moved, with the directory beside it. */
export function PanelFace({
  narrow = false,
  face,
  mainA,
  name,
  picked = null,
  notes,
  onBreaker,
  onSpace,
}: PanelFaceProps) {
  const layout = narrow ? NARROW : WIDE;
  const row = rowHeight(face);
  const height = TOP + face.rows * row + FOOT;
  return (
    <svg
      className={classes['face']}
      viewBox={`0 0 ${layout.width} ${height}`}
      role="group"
      aria-label={`Face of ${name}`}
    >
      <Main mainA={mainA} height={height} layout={layout} />
      <Legs face={face} row={row} layout={layout} />
      <Tandems face={face} row={row} layout={layout} />
      {face.spaces.map(({ slot, side, row: at }) => (
        <EmptySpace
          key={slot}
          slot={slot}
          side={side}
          y={TOP + at * row}
          row={row}
          layout={layout}
          onSpace={onSpace}
        />
      ))}
      {face.breakers.map((breaker) => (
        <Breaker
          key={breaker.installed.id}
          breaker={breaker}
          row={row}
          layout={layout}
          picked={breaker.installed.id === picked}
          note={notes.get(breaker.installed.id)}
          onPress={
            onBreaker &&
            (() => {
              onBreaker(breaker.installed.id);
            })
          }
        />
      ))}
    </svg>
  );
}
