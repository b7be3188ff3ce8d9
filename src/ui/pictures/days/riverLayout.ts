import { minuteOf, timeOf } from '../../../core/units/civilDay';
import { gateNames, type Lanes, type NamedGate } from './gateNames';
import type { RiverGate, RiverStep, RiverStroke } from './riverParts';

/** A day of the picture. */
export interface RiverDay {
  readonly date: string;
  readonly y: number;
  readonly h: number;
}

/** The picture in pixels. */
export interface RiverLayout {
  readonly days: readonly RiverDay[];
  readonly strokes: readonly RiverStroke[];
  readonly gates: readonly NamedGate[];
  /** Strokes whose words give way to the name of a gate. */
  readonly unnamed: ReadonlySet<RiverStroke>;
  readonly heightPx: number;
  /** The height of a local time. */
  readonly yOf: (time: string) => number;
}

const HOUR_PX = 14;
const NIGHT_PX = 16;
const TOP_PX = 44;
/** Gates that open outside of the days of work stand this far apart before the first of them. */
const BEFORE_PX = 22;
const hourOf = (time: string): number => minuteOf(time) / 60;

/** Steps are moved by half an hour. */
const SNAP_H = 0.5;

/** The time of day at a height of the picture, to the half hour: in a night the end of the day before it. */
export function timeAt(
  { days }: Pick<RiverLayout, 'days'>,
  [opens, closes]: readonly [number, number],
  y: number,
): string | undefined {
  const day = days.filter((each) => each.y <= y).at(-1) ?? days[0];
  if (day === undefined) return undefined;
  const into = Math.min(closes - opens, Math.max(0, (y - day.y) / HOUR_PX));
  const hour = opens + Math.round(into / SNAP_H) * SNAP_H;
  return timeOf(minuteOf(`${day.date}T00:00`) + Math.round(hour * 60));
}

/** Time down the page: days of work one under the other, nights between them as thin as they are idle. */
export function riverLayout(
  steps: readonly RiverStep[],
  gates: readonly RiverGate[],
  lanes: readonly string[],
  [opens, closes]: readonly [number, number],
  lanesPx: Pick<Lanes, 'leftPx' | 'lanePx'>,
): RiverLayout {
  const dates = [
    ...new Set(steps.flatMap(({ parts }) => parts.map(({ start }) => start.slice(0, 10)))),
  ].toSorted();
  const early = gates.filter(({ opens: at }) => at.slice(0, 10) < (dates[0] ?? ''));
  const top = TOP_PX + early.length * BEFORE_PX;
  const dayPx = (closes - opens) * HOUR_PX;
  const days = dates.map((date, at): RiverDay => ({ date, y: top + at * (dayPx + NIGHT_PX), h: dayPx }));
  const yOf = (time: string): number => {
    const day = days.find(({ date }) => date === time.slice(0, 10));
    if (day !== undefined) {
      const into = hourOf(time) - hourOf(`${day.date}T00:00`) - opens;
      return day.y + Math.min(closes - opens, Math.max(0, into)) * HOUR_PX;
    }
    const next = days.find(({ date }) => date > time.slice(0, 10));
    return next === undefined ? (days.at(-1)?.y ?? top) + dayPx + NIGHT_PX / 2 : next.y - NIGHT_PX / 2;
  };
  const placed = gates.map((gate) => {
    const at = early.indexOf(gate);
    return { ...gate, y: at >= 0 ? TOP_PX + at * BEFORE_PX : yOf(gate.opens) };
  });
  const strokes = steps.flatMap(({ id, lane, parts, dead }) =>
    parts.map(({ start, end }, at): RiverStroke => {
      const y = yOf(start);
      return { step: id, lane: Math.max(0, lanes.indexOf(lane)), y, h: yOf(end) - y, first: at === 0, dead };
    }),
  );
  return {
    days,
    yOf,
    strokes,
    ...gateNames(placed, strokes, { ...lanesPx, count: lanes.length }),
    heightPx: top + days.length * (dayPx + NIGHT_PX) + 12,
  };
}
