import { useState, type KeyboardEvent } from 'react';
import { apart, type Point } from '../../core/water/point';
import { movedUnderlay, scaledBy, type Underlay } from '../../core/water/underlay';
import { useJobEditor } from '../../store/useJobEditor';
import type { YardScale } from '../../ui/pictures/yard/yardScale';
import { useDrag } from '../../ui/shell/useDrag';
import { DistanceField } from './fields';
import classes from './water.module.css';

interface ScaleGripsProps {
  readonly underlay: Underlay;
  readonly scale: YardScale;
}

const ARROWS: Readonly<Record<string, Point>> = {
  ArrowLeft: [-0.5, 0],
  ArrowRight: [0.5, 0],
  ArrowUp: [0, 0.5],
  ArrowDown: [0, -0.5],
};

interface GripProps {
  readonly label: string;
  readonly at: Point;
  readonly scale: YardScale;
  readonly onTo: (to: Point, key: string) => void;
}

function Grip({ label, at, scale, onTo }: GripProps) {
  const drag = useDrag(
    (when) => ({ at, key: `${label} ${when}` }),
    (start, dx, dy) => {
      onTo([start.at[0] + dx / scale.pxPerFt, start.at[1] - dy / scale.pxPerFt], start.key);
    },
  );
  const onKeyDown = (event: KeyboardEvent): void => {
    const by = ARROWS[event.key];
    if (by === undefined) return;
    event.preventDefault();
    onTo([at[0] + by[0], at[1] + by[1]], `${label} keys`);
  };
  return (
    <button
      type="button"
      className={classes['grip']}
      data-size="point"
      style={{ left: scale.x(at[0]), top: scale.y(at[1]) }}
      aria-label={label}
      title={`${label}: drag it, or use the arrow keys`}
      onKeyDown={onKeyDown}
      {...drag}
    />
  );
}

/** Two points on the site picture, and how far apart they were measured: its scale. A third grip moves the picture. */
export function ScaleGrips({ underlay, scale }: ScaleGripsProps) {
  const { canWrite, edit } = useJobEditor();
  const [first, setFirst] = useState<Point>([-10, 0]);
  const [second, setSecond] = useState<Point>([10, 0]);
  const put = (next: Underlay, label: string, key: string): void => {
    edit({ kind: 'change', part: 'yard', fields: { underlay: next } }, label, key);
  };
  const { at, widthPx, heightPx, ftPerPx } = underlay;
  const middle: Point = [at[0] + (widthPx * ftPerPx) / 2, at[1] + (heightPx * ftPerPx) / 2];
  return (
    <>
      <Grip label="First point of the scale" at={first} scale={scale} onTo={setFirst} />
      <Grip label="Second point of the scale" at={second} scale={scale} onTo={setSecond} />
      {canWrite && (
        <Grip
          label="Site picture"
          at={middle}
          scale={scale}
          onTo={(to, key) => {
            put(
              movedUnderlay(underlay, [to[0] - middle[0], to[1] - middle[1]]),
              'Move the site picture',
              key,
            );
          }}
        />
      )}
      <div className={classes['scaling']}>
        <DistanceField
          label="Put the two points on something measured. Between them:"
          value={apart(first, second)}
          disabled={!canWrite}
          onValue={(ft, key) => {
            const scaled = scaledBy(underlay, [first, second], ft);
            if (scaled === undefined) return;
            put(scaled.underlay, 'Scale the site picture', key);
            setSecond(scaled.second);
          }}
        />
      </div>
    </>
  );
}
