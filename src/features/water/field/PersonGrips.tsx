import type { KeyboardEvent } from 'react';
import type { FieldPart } from '../../../core/water/field/fieldParts';
import type { Person } from '../../../core/water/field/touch';
import { apart, type Point } from '../../../core/water/point';
import type { YardScale } from '../../../ui/pictures/yard/yardScale';
import { useDrag } from '../../../ui/shell/useDrag';
import classes from '../water.module.css';

interface PersonGripsProps {
  readonly person: Person;
  readonly parts: readonly FieldPart[];
  readonly hand: Point;
  readonly other: Point;
  readonly scale: YardScale;
  readonly onMove: (person: Person) => void;
}

/** A hand that comes this near to a part takes hold of it, feet. */
const HOLD_FT = 2;
const ARROWS: Readonly<Record<string, Point>> = {
  ArrowLeft: [-0.5, 0],
  ArrowRight: [0.5, 0],
  ArrowUp: [0, 0.5],
  ArrowDown: [0, -0.5],
};

/** A hand where it is let go: on the part that is near, else in the water. */
function held(at: Point, parts: readonly FieldPart[]): Person['hand'] {
  const near = parts
    .filter(({ kind }) => kind !== 'ring' && kind !== 'shell' && kind !== 'water')
    .toSorted((a, b) => apart(a.at, at) - apart(b.at, at))[0];
  return { partId: near !== undefined && apart(near.at, at) <= HOLD_FT ? near.id : 'water' };
}

function Grip({
  label,
  at,
  scale,
  onTo,
}: {
  readonly label: string;
  readonly at: Point;
  readonly scale: YardScale;
  readonly onTo: (to: Point) => void;
}) {
  const drag = useDrag(
    () => at,
    (start, dx, dy) => {
      onTo([start[0] + dx / scale.pxPerFt, start[1] - dy / scale.pxPerFt]);
    },
  );
  const onKeyDown = (event: KeyboardEvent): void => {
    const by = ARROWS[event.key];
    if (by === undefined) return;
    event.preventDefault();
    onTo([at[0] + by[0], at[1] + by[1]]);
  };
  return (
    <button
      type="button"
      className={classes['grip']}
      style={{ left: scale.x(at[0]), top: scale.y(at[1]) }}
      aria-label={label}
      title={`${label}: drag it, or use the arrow keys`}
      onKeyDown={onKeyDown}
      {...drag}
    />
  );
}

/** The hand and the foot of a person, to be put elsewhere: a hand takes hold of what is near, a foot stands anywhere. */
export function PersonGrips({ person, parts, hand, other, scale, onMove }: PersonGripsProps) {
  const own = { ...person, id: 'own' };
  return (
    <>
      <Grip
        label="Hand"
        at={hand}
        scale={scale}
        onTo={(to) => {
          onMove({ ...own, hand: held(to, parts) });
        }}
      />
      <Grip
        label="Foot"
        at={other}
        scale={scale}
        onTo={(to) => {
          onMove({ ...own, other: { at: to } });
        }}
      />
    </>
  );
}
