import type { SectionGeometry, SectionPoint } from '../../core/route/sectionGeometry';

/** How feet of the section become pixels of the picture. */
export interface SectionScale {
  readonly widthPx: number;
  readonly heightPx: number;
  readonly leftPx: number;
  readonly rightPx: number;
  readonly pxPerFtAlong: number;
  readonly pxPerFtUp: number;
  readonly topFt: number;
  readonly bottomFt: number;
  /** Heights are drawn so many times larger than lengths. */
  readonly exaggeration: number;
  x(ft: number): number;
  y(ft: number): number;
}

/** A part of the run that fills the picture. */
export interface SectionWindow {
  readonly fromFt: number;
  readonly toFt: number;
}

/** The part of a run that shows one segment with a little of its neighbors. */
export function segmentWindow({ segments, widthFt }: SectionGeometry, index: number): SectionWindow {
  const path = segments[index]?.path ?? [];
  const [from, to] = [path[0]?.xFt ?? 0, path.at(-1)?.xFt ?? widthFt];
  const margin = Math.max(1, (to - from) * 0.12);
  return { fromFt: Math.max(0, from - margin), toFt: Math.min(widthFt, to + margin) };
}

export interface SectionRoom {
  readonly widthPx: number;
  readonly heightPx: number;
  readonly leftPx: number;
  readonly rightPx: number;
}

/** Below this width only the run itself is drawn: its words are on the tape. */
const NARROW_PX = 640;

/** Whether a picture is too narrow for words. */
export const isNarrow = (widthPx: number): boolean => widthPx < NARROW_PX;

/** A picture of a size with the margins that its words need. */
export const sectionRoom = (widthPx: number, heightPx: number): SectionRoom => ({
  widthPx,
  heightPx,
  leftPx: isNarrow(widthPx) ? 58 : 100,
  rightPx: isNarrow(widthPx) ? 48 : 120,
});

/** Fits a section into a picture: its whole length across, and a room's height and some earth up and down. */
export function sectionScale(
  geometry: SectionGeometry,
  room: SectionRoom,
  { fromFt, toFt }: SectionWindow = { fromFt: 0, toFt: geometry.widthFt },
): SectionScale {
  const { widthPx, heightPx, leftPx, rightPx } = room;
  const topFt = Math.max(9.6, geometry.topFt + 1.8);
  const bottomFt = Math.min(-2.2, geometry.bottomFt - 1.7);
  const pxPerFtAlong = Math.max(1, widthPx - leftPx - rightPx) / (toFt - fromFt);
  const pxPerFtUp = heightPx / (topFt - bottomFt);
  return {
    ...room,
    pxPerFtAlong,
    pxPerFtUp,
    topFt,
    bottomFt,
    exaggeration: pxPerFtUp / pxPerFtAlong,
    x: (ft) => leftPx + (ft - fromFt) * pxPerFtAlong,
    y: (ft) => (topFt - ft) * pxPerFtUp,
  };
}

/** A path through points as SVG, corners rounded by at most `radius`. */
export function roundedPath(points: readonly SectionPoint[], scale: SectionScale, radius: number): string {
  const at = points.map(({ xFt, heightFt }) => ({ x: scale.x(xFt), y: scale.y(heightFt) }));
  const parts: string[] = [];
  for (const [index, point] of at.entries()) {
    const before = at[index - 1];
    const after = at[index + 1];
    if (before === undefined) {
      parts.push(`M${point.x.toFixed(1)} ${point.y.toFixed(1)}`);
    } else if (after === undefined) {
      parts.push(`L${point.x.toFixed(1)} ${point.y.toFixed(1)}`);
    } else {
      const start = towards(point, before, radius);
      const end = towards(point, after, radius);
      parts.push(
        `L${start.x.toFixed(1)} ${start.y.toFixed(1)}Q${point.x.toFixed(1)} ${point.y.toFixed(1)} ${end.x.toFixed(1)} ${end.y.toFixed(1)}`,
      );
    }
  }
  return parts.join('');
}

interface Pixel {
  readonly x: number;
  readonly y: number;
}

const towards = (from: Pixel, to: Pixel, radius: number): Pixel => {
  const distance = Math.hypot(to.x - from.x, to.y - from.y);
  const share = distance === 0 ? 0 : Math.min(radius, distance / 2) / distance;
  return { x: from.x + (to.x - from.x) * share, y: from.y + (to.y - from.y) * share };
};
