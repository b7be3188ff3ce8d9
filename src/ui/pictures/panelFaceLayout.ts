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
/** A row that a thumb hits. */
const THUMB_ROW = 47;
export const rowHeight = ({ rows, breakers }: Face, layout: Layout): number => {
  if (layout === NARROW) return THUMB_ROW;
  const min = breakers.some(({ height }) => height < 1) ? 28 : 26;
  return Math.max(min, Math.min(36, FACE_HEIGHT / rows));
};

export const breakerX = (side: Side, { box, breaker }: Layout): number =>
  side === 'left' ? box.left + 14 : box.right - 14 - breaker;

/** A name that fits beside the face, and whether it was cut. */
export const fitted = (name: string, { letters }: Layout): string =>
  name.length > letters ? `${name.slice(0, letters - 1).trimEnd()}…` : name;
export const outward = (side: Side): -1 | 1 => (side === 'left' ? -1 : 1);
