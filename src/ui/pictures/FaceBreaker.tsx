import type { KeyboardEvent } from 'react';
import type { FaceBreaker } from '../../core/panel/panelFace';
import { spaceLabel, slotsOf } from '../../core/panel/spaces';
import { breakerX, fitted, outward, WIDE, type Layout, type Rows } from './panelFaceLayout';
import classes from './PanelFace.module.css';

/** What makes a part of the face a button, or nothing where it is only looked at. */
export const pressed = (act: (() => void) | undefined, label: string) =>
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
  readonly rows: Rows;
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
          {fitted(note, layout)}
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

export function Breaker({ breaker, rows, layout, picked, note, onPress }: BreakerProps) {
  const { installed, side, top, height } = breaker;
  const wide = layout.breaker;
  const [x, y, tall] = [breakerX(side, layout), rows(top), rows(top + height) - rows(top) - 3];
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
