import { boundsOf, type Point } from '../../../core/water/point';

/** How the yard is laid onto the picture: right is x, up is y. */
export interface YardScale {
  readonly pxPerFt: number;
  readonly widthPx: number;
  readonly heightPx: number;
  readonly x: (ft: number) => number;
  readonly y: (ft: number) => number;
}

/** The part of the yard that is looked at. */
export interface YardView {
  readonly middle: Point;
  readonly widthFt: number;
  readonly heightFt: number;
}

/** What is looked at around some points, with room on each side. */
export function viewAround(points: readonly Point[], roomFt: number): YardView {
  const { left, right, low, high } = boundsOf(points);
  return {
    middle: [(left + right) / 2, (low + high) / 2],
    widthFt: right - left + 2 * roomFt,
    heightFt: high - low + 2 * roomFt,
  };
}

/** The scale at which a view fits into a picture. */
export function yardScale(
  { middle, widthFt, heightFt }: YardView,
  widthPx: number,
  heightPx: number,
): YardScale {
  const pxPerFt = Math.max(0.5, Math.min(widthPx / widthFt, heightPx / heightFt));
  return {
    pxPerFt,
    widthPx,
    heightPx,
    x: (ft) => widthPx / 2 + (ft - middle[0]) * pxPerFt,
    y: (ft) => heightPx / 2 - (ft - middle[1]) * pxPerFt,
  };
}

const tenth = (px: number): number => Math.round(px * 10) / 10;

/** A line through points, as a path. */
export const pathOf = (points: readonly Point[], { x, y }: YardScale, closed = false): string =>
  points.map(([px, py], at) => `${at === 0 ? 'M' : 'L'}${tenth(x(px))} ${tenth(y(py))}`).join('') +
  (closed ? 'Z' : '');
