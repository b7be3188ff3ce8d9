import type { PanelFace as Face, FaceBreaker } from '../../core/panel/panelFace';
import { Breaker, pressed } from './FaceBreaker';
import { breakerX, FOOT, NARROW, rowsOf, TOP, WIDE, type Layout, type Rows } from './panelFaceLayout';
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

interface RowedProps {
  readonly face: Face;
  readonly rows: Rows;
  readonly layout: Layout;
}

/** Both legs down the middle, and where each breaker meets its own. */
function Legs({ face, rows, layout }: RowedProps) {
  const { bus } = layout;
  const bottom = rows(face.rows) - 4;
  return (
    <g aria-hidden="true">
      <rect className={classes['legB']} x={bus.B - 3} y={TOP - 24} width={6} height={bottom - TOP + 24} />
      <rect className={classes['legA']} x={bus.A - 3} y={TOP - 24} width={6} height={bottom - TOP + 24} />
      {face.stabs.map(({ row: at, side, leg }) => {
        const y = rows(at + 0.5) - 1;
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
function Tandems({ face, rows, layout }: RowedProps) {
  const { box } = layout;
  return face.tandems.map(({ side, from, to }) => {
    const x = side === 'left' ? box.left + 7 : box.right - 7;
    const [top, bottom] = [rows(from) + 2, rows(to + 1) - 5];
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
  readonly height: number;
  readonly layout: Layout;
  readonly onSpace: PanelFaceProps['onSpace'];
}

/** A space in which nothing stands. */
function EmptySpace({ slot, side, y, height, layout, onSpace }: EmptySpaceProps) {
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
      <rect className={classes['empty']} x={x} y={y} width={layout.breaker} height={height - 3} />
      <text
        className={classes['slot']}
        x={side === 'left' ? x + 7 : x + layout.breaker - 7}
        y={y + height / 2 + 3}
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
  const rows = rowsOf(face, layout);
  const height = rows(face.rows) + FOOT;
  return (
    <svg
      className={classes['face']}
      viewBox={`0 0 ${layout.width} ${height}`}
      role="group"
      aria-label={`Face of ${name}`}
    >
      <Main mainA={mainA} height={height} layout={layout} />
      <Legs face={face} rows={rows} layout={layout} />
      <Tandems face={face} rows={rows} layout={layout} />
      {face.spaces.map(({ slot, side, row: at }) => (
        <EmptySpace
          key={slot}
          slot={slot}
          side={side}
          y={rows(at)}
          height={rows(at + 1) - rows(at)}
          layout={layout}
          onSpace={onSpace}
        />
      ))}
      {face.breakers.map((breaker) => (
        <Breaker
          key={breaker.installed.id}
          breaker={breaker}
          rows={rows}
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
