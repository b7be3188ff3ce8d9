import type { KeyboardEvent, RefObject } from 'react';
import type { JobEvaluation } from '../../core/job/evaluateJob';
import { middleOfBounds, type Point } from '../../core/water/point';
import type { WaterReport } from '../../core/water/waterReport';
import { freePoints, movedBy, snapped, withFreePoints, withPoint } from '../../core/water/yardEdits';
import type { YardItem } from '../../core/water/yardSchema';
import { useYardEditor } from '../../store/useYardEditor';
import type { YardScale } from '../../ui/pictures/yard/yardScale';
import { useDrag } from '../../ui/shell/useDrag';
import { useGlide } from './useGlide';
import classes from './water.module.css';

interface YardHandlesProps {
  readonly evaluation: JobEvaluation;
  readonly report: WaterReport;
  readonly scale: YardScale;
  readonly picked: string | null;
  readonly onPick: (id: string | null) => void;
  /** Where the plan is drawn. */
  readonly picture: RefObject<HTMLElement | null>;
}

/** One thing that is dragged on the plan, or moved by arrows. */
interface Handle {
  readonly key: string;
  readonly id: string;
  readonly label: string;
  readonly at: Point;
  readonly size: 'thing' | 'water' | 'point';
  /** What it is once it was moved by so many feet; without snapping where keys move it. */
  readonly moved: (by: Point, snap: boolean) => YardItem;
}

const ARROWS: Readonly<Record<string, Point>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};
const INCH_FT = 1 / 12;
const SNAP_FT = 0.5;

const toHalfFoot = ([x, y]: Point): Point => [
  Math.round(x / SNAP_FT) * SNAP_FT,
  Math.round(y / SNAP_FT) * SNAP_FT,
];

function Grip({ handle, props }: { readonly handle: Handle; readonly props: YardHandlesProps }) {
  const { canWrite, put, take } = useYardEditor();
  const { scale, picked, onPick, picture } = props;
  const { key, id, label, at, size, moved } = handle;
  const move = (item: YardItem, merge: string): void => {
    put(item, `Move ${label}`, merge);
  };
  const glide = useGlide(picture, id);
  const drag = useDrag(
    (when) => ({ moved, merge: `yard ${key} ${when}`, atPx: [scale.x(at[0]), scale.y(at[1])] as const }),
    (start, dx, dy) => {
      // A click that trembles moves nothing.
      if (Math.hypot(dx, dy) < 3) return;
      const by: Point = [dx / scale.pxPerFt, -dy / scale.pxPerFt];
      const item = start.moved(by, true);
      if (size !== 'water') {
        move(item, start.merge);
        return;
      }
      const [x, y] = start.atPx;
      glide.to(x + dx - scale.x(at[0]), y + dy - scale.y(at[1]), () => {
        move(item, start.merge);
      });
    },
    glide.end,
  );
  const onKeyDown = (event: KeyboardEvent): void => {
    const arrow = ARROWS[event.key];
    if (event.key === 'Delete' && size === 'thing' && canWrite) {
      event.preventDefault();
      take('things', id, `Remove ${label}`);
      onPick(null);
      return;
    }
    if (arrow === undefined || !canWrite) return;
    event.preventDefault();
    event.stopPropagation();
    const ft = event.shiftKey ? INCH_FT : 1;
    onPick(id);
    move(moved([arrow[0] * ft, arrow[1] * ft], false), `yard keys ${key}`);
  };
  return (
    <button
      type="button"
      className={classes['grip']}
      data-size={size}
      style={{ left: scale.x(at[0]), top: scale.y(at[1]) }}
      aria-label={label}
      aria-pressed={picked === id}
      title={`${label}: drag it, or use the arrow keys; with Shift by the inch`}
      onClick={() => {
        onPick(id);
      }}
      onKeyDown={onKeyDown}
      {...(canWrite ? drag : {})}
    />
  );
}

/** Handles of things, of the waters, and of the points of what is picked. */
function handlesOf({ evaluation, report, picked }: YardHandlesProps): readonly Handle[] {
  const { yard } = evaluation.job;
  const middle = ({ placed }: WaterReport): Point => middleOfBounds(placed.outline);
  const waters = evaluation.waters.map(({ report: each }): Handle => {
    const { water } = each;
    return {
      key: water.id,
      id: water.id,
      label: water.name,
      at: middle(each),
      size: 'water',
      moved: (by, snap) => ({ list: 'waters', item: movedBy(water, snap ? toHalfFoot(by) : by) }),
    };
  });
  const things = yard.things.map((thing): Handle => ({
    key: thing.id,
    id: thing.id,
    label: thing.name,
    at: thing.at,
    size: 'thing',
    moved: ([dx, dy], snap) => {
      const to: Point = [thing.at[0] + dx, thing.at[1] + dy];
      const item = snap ? { ...thing, at: snapped(thing.kind, to, yard) } : movedBy(thing, [dx, dy]);
      return { list: 'things', item };
    },
  }));
  return [...waters, ...things, ...pointsOf(report, evaluation, picked)];
}

/** The points of a line, an area or a free outline that is picked. */
function pointsOf(
  report: WaterReport,
  { job: { yard } }: JobEvaluation,
  picked: string | null,
): readonly Handle[] {
  const grip = (
    id: string,
    name: string,
    points: readonly Point[],
    origin: Point,
    item: (to: [number, number][]) => YardItem,
  ) =>
    points.map((point, index): Handle => ({
      key: `${id} ${index}`,
      id,
      label: `${name}, point ${index + 1}`,
      at: [point[0] + origin[0], point[1] + origin[1]],
      size: 'point',
      moved: ([dx, dy], snap) => {
        const to: Point = [point[0] + dx, point[1] + dy];
        return item(withPoint(points, index, snap ? toHalfFoot(to) : to));
      },
    }));
  const line = yard.lines.find(({ id }) => id === picked);
  const area = yard.areas.find(({ id }) => id === picked);
  const { water } = report;
  const free = water.id === picked && water.turnDeg === 0 ? freePoints(water) : undefined;
  return [
    ...(line
      ? grip(line.id, line.name, line.points, [0, 0], (points) => ({
          list: 'lines',
          item: { ...line, points },
        }))
      : []),
    ...(area
      ? grip(area.id, area.name, area.points, [0, 0], (points) => ({
          list: 'areas',
          item: { ...area, points },
        }))
      : []),
    ...(free
      ? grip(water.id, water.name, free, water.at, (points) => ({
          list: 'waters',
          item: withFreePoints(water, points),
        }))
      : []),
  ];
}

/** Everything on the plan that is picked, dragged, or moved by keys. */
export function YardHandles(props: YardHandlesProps) {
  return (
    <>
      {handlesOf(props).map((handle) => (
        <Grip key={handle.key} handle={handle} props={props} />
      ))}
    </>
  );
}
