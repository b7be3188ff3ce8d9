import type { PanelFace as Face, FaceBreaker } from '../../core/panel/panelFace';
import { Breaker, pressed } from './FaceBreaker';
import { breakerX, FOOT, NARROW, rowHeight, TOP, WIDE, type Layout } from './panelFaceLayout';
import classes from './PanelFace.module.css';

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

/** The cabinet with its main breaker, and the lugs above it. */
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
        Main
      </text>
      <text className={classes['note']} x={middle - main - 7} y={50} textAnchor="end">
        {mainA === null ? 'not recorded' : `${mainA} A`}
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
  const row = rowHeight(face, layout);
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
