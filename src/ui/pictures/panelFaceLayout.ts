import type { PanelFace as Face, Side } from '../../core/panel/panelFace';

/** Where things stand across the face: with room for names beside it, or as narrow as a phone. */
export interface Layout {
  readonly width: number;
  readonly box: { readonly left: number; readonly right: number };
  readonly breaker: number;
  readonly bus: { readonly A: number; readonly B: number };
  /** Width of a handle, and the middle of the rating from the outer edge. */
  readonly handle: number;
  readonly amps: number;
  /** Half of the main's width. */
  readonly main: number;
  /** Letters of a name that fit beside it. */
  readonly letters: number;
}

export const WIDE: Layout = {
  width: 720,
  box: { left: 226, right: 494 },
  breaker: 88,
  bus: { A: 352, B: 369 },
  handle: 26,
  amps: 45,
  main: 58,
  letters: 34,
};
export const NARROW: Layout = {
  width: 358,
  box: { left: 82, right: 276 },
  breaker: 68,
  bus: { A: 172, B: 187 },
  handle: 11,
  amps: 41,
  main: 34,
  letters: 11,
};

export const TOP = 92;
export const FOOT = 14;
/** Rows as tall as the face of a common panel leaves them, and as low as they can still be read. */
const FACE_HEIGHT = 560;
const ROW = { min: 26, max: 36 };
/** A row that a thumb hits; and half of one that two breakers share, each hit by itself. */
const THUMB_ROW = 47;
const HALF = { wide: 25, narrow: 46 };

/** Where rows begin, in pixels from the top of the picture, whole or in part: 3.5 is the lower half of the fourth. */
export type Rows = (at: number) => number;

/** Lays out the rows of a face: one that two breakers share is taller, so that each of them can be hit. */
export function rowsOf({ rows, breakers }: Face, layout: Layout): Rows {
  const narrow = layout === NARROW;
  const shared = new Set(breakers.flatMap(({ top, height }) => (height < 1 ? [Math.floor(top)] : [])));
  const tall = 2 * (narrow ? HALF.narrow : HALF.wide);
  const left = (FACE_HEIGHT - shared.size * tall) / Math.max(1, rows - shared.size);
  const usual = narrow ? THUMB_ROW : Math.max(ROW.min, Math.min(ROW.max, left));
  const tops = [TOP];
  for (let row = 0; row < rows; row += 1) tops.push((tops[row] ?? TOP) + (shared.has(row) ? tall : usual));
  return (at) => {
    const row = Math.floor(at);
    const top = tops[row] ?? TOP;
    return top + (at - row) * ((tops[row + 1] ?? top) - top);
  };
}

export const breakerX = (side: Side, { box, breaker }: Layout): number =>
  side === 'left' ? box.left + 14 : box.right - 14 - breaker;

/** A name that fits beside the face, and whether it was cut. */
export const fitted = (name: string, { letters }: Layout): string =>
  name.length > letters ? `${name.slice(0, letters - 1).trimEnd()}…` : name;
export const outward = (side: Side): -1 | 1 => (side === 'left' ? -1 : 1);
