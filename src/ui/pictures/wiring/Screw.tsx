import type { KeyboardEvent, ReactNode } from 'react';
import type { DrawnWire, ScenePoint } from '../../../core/drawing/wiringScene';
import { landingWords } from '../../../core/wording/terminals';
import classes from './wiring.module.css';

interface ScrewProps {
  readonly wire: DrawnWire;
  /** Torque that was applied, pound-inches; undefined until it is recorded. */
  readonly applied: number | undefined;
  readonly selected: boolean;
  /** The next one to land. */
  readonly next: boolean;
  readonly onSelect: ((wire: DrawnWire) => void) | undefined;
  /** Words at the terminal itself: L1, N, G. */
  readonly name: string | null;
}

/** Where a conductor ends: under a screw, or under a cap. */
function Head({ wire, at: { x, y } }: { readonly wire: DrawnWire; readonly at: ScenePoint }) {
  return wire.capped ? (
    <path className={classes['cap']} d={`M${x - 7} ${y}h14l-4 -14h-6z`} />
  ) : (
    <>
      <circle className={classes['screw']} cx={x} cy={y} r={7} />
      <path className={classes['screw']} d={`M${x - 4} ${y + 4}l8 -8`} />
    </>
  );
}

interface NumberProps {
  readonly at: ScenePoint;
  readonly order: number;
  readonly lit: boolean;
  readonly torque: number;
  readonly recorded: boolean;
}

/** When the screw is landed, and how tight. */
function OrderAndTorque({ at: { x, y }, order, lit, torque, recorded }: NumberProps) {
  return (
    <>
      <circle className={lit ? classes['orderNext'] : classes['order']} cx={x} cy={y} r={10} />
      <text className={classes['orderText']} x={x} y={y + 4} textAnchor="middle">
        {order}
      </text>
      <text className={recorded ? classes['applied'] : classes['torque']} x={x + 14} y={y + 4}>
        {torque}
      </text>
    </>
  );
}

type ButtonProps = Pick<ScrewProps, 'wire' | 'applied' | 'selected' | 'onSelect'> & {
  readonly children: ReactNode;
};

/** A screw that can be chosen by pointer and by key; only drawn where nothing is chosen. */
function ScrewButton({ wire, applied, selected, onSelect, children }: ButtonProps) {
  if (onSelect === undefined) return <g>{children}</g>;
  const { landing } = wire.entered;
  const label = `${landing.order}: ${landingWords(landing)}${applied === undefined ? '' : `; ${applied} lb-in recorded`}`;
  const select = () => {
    onSelect(wire);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key !== 'Enter' && event.key !== ' ') return;
    event.preventDefault();
    select();
  };
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={label}
      aria-pressed={selected}
      className={classes['screwButton']}
      onClick={select}
      onKeyDown={onKeyDown}
    >
      {children}
    </g>
  );
}

const BESIDE = 46;
const ABOVE = { left: -36, right: 3, up: 21 };

/** The end of a conductor with its number and torque: beside a terminal that has a name, above any other. */
export function Screw({ wire, applied, selected, next, onSelect, name }: ScrewProps) {
  const { landing } = wire.entered;
  const at = wire.path.at(-1) ?? { x: 0, y: 0 };
  const { x, y } = at;
  const beside = name !== null;
  const number = beside ? { x: x + BESIDE, y } : { x: x + ABOVE[wire.side], y: y - ABOVE.up };
  const hit = beside
    ? { x: x - 16, y: y - 20, width: 96, height: 40 }
    : { x: Math.min(x, number.x) - 16, y: y - 34, width: 58, height: 48 };
  return (
    <ScrewButton wire={wire} applied={applied} selected={selected} onSelect={onSelect}>
      <rect className={classes['hit']} {...hit} />
      {beside && landing.role === 'ground' && (
        <rect className={classes['stub']} x={x - 13} y={y - 13} width={26} height={26} />
      )}
      <Head wire={wire} at={at} />
      {!wire.capped && (
        <OrderAndTorque
          at={number}
          order={landing.order}
          lit={next || selected}
          torque={applied ?? landing.torqueLbIn}
          recorded={applied !== undefined}
        />
      )}
      {beside && !wire.capped && (
        <text className={classes['strong']} x={x + 16} y={y + 4}>
          {name}
        </text>
      )}
    </ScrewButton>
  );
}
