import type { Shell, WaterKind, YardThing } from '../code/waterFacts';
import type { Point } from './point';
import type { Thing, Water, YardArea, YardLine } from './yardSchema';

/** A kidney in a square of one by one, its hollow side up. */
const KIDNEY: readonly Point[] = [
  [0.5, 0],
  [0.38, 0.42],
  [0.14, 0.36],
  [0, 0.2],
  [-0.14, 0.36],
  [-0.38, 0.42],
  [-0.5, 0],
  [-0.36, -0.42],
  [0, -0.5],
  [0.36, -0.42],
];

/** An L in a square of one by one. */
const ELL: readonly Point[] = [
  [0.5, -0.5],
  [0.5, 0],
  [0, 0],
  [0, 0.5],
  [-0.5, 0.5],
  [-0.5, -0.5],
];

/** Shapes that an outline is begun with. */
export const SHAPE_KINDS = ['rectangle', 'circle', 'oval', 'stadium', 'ell', 'kidney'] as const;
/** A shape that an outline is begun with. */
export type ShapeKind = (typeof SHAPE_KINDS)[number];

const scaled = (points: readonly Point[], lengthFt: number, widthFt: number): [number, number][] =>
  points.map(([x, y]) => [Math.round(x * lengthFt * 100) / 100, Math.round(y * widthFt * 100) / 100]);

/** An outline of a shape in its length and width, feet; a circle takes the length. */
export function shapeOf(kind: ShapeKind, lengthFt: number, widthFt: number): Water['shape'] {
  const sides = { lengthFt: Math.max(lengthFt, widthFt), widthFt: Math.min(lengthFt, widthFt) };
  switch (kind) {
    case 'circle':
      return { circle: { diameterFt: lengthFt } };
    case 'rectangle':
      return { rectangle: sides };
    case 'oval':
      return { oval: sides };
    case 'stadium':
      return { stadium: sides };
    case 'ell':
      return { polygon: scaled(ELL, lengthFt, widthFt) };
    case 'kidney':
      return { curve: scaled(KIDNEY, lengthFt, widthFt) };
  }
}

const USUAL_SHELL: Readonly<Record<WaterKind, Shell>> = {
  'in-ground': 'concrete-steel',
  'above-ground': 'metal-wall',
  storable: 'metal-wall',
  'spa-outdoor': 'self-contained',
  'spa-indoor': 'self-contained',
};

/** What a kind of water is usually built of. */
export const usualShell = (kind: WaterKind): Shell => USUAL_SHELL[kind];

const isSunk = (kind: WaterKind): boolean => kind === 'in-ground';

/** A pool or tub of which only kind and shape are known. */
export const freshWater = (id: string, name: string, kind: WaterKind, shape: Water['shape']): Water => ({
  id,
  name,
  shape,
  at: [0, 0],
  turnDeg: 0,
  kind,
  shell: usualShell(kind),
  perimeter: 'unpaved',
  depthIn: null,
  rimIn: isSunk(kind) ? 0 : null,
  uprights: null,
  ringOffIn: 21,
  ringDeepIn: 5,
  seen: [],
  photos: [],
});

/** Heights at which things usually are, feet above grade; what is left out is not asked about. */
const USUAL_HEIGHT_FT: Readonly<Partial<Record<YardThing, number>>> = {
  receptacle: 2,
  'pump-receptacle': 2,
  switch: 4,
  timer: 5,
  disconnect: 4,
  panel: 5,
  'junction-box': 1.5,
};

/** Something that was just put there: new, so that its GFCI protection is planned. */
export function freshThing(id: string, name: string, kind: YardThing, at: Point): Thing {
  const heightFt = USUAL_HEIGHT_FT[kind];
  return { id, name, kind, at: [at[0], at[1]], ...(heightFt !== undefined && { heightFt }) };
}

/** Kinds of lines that a yard holds. */
export const LINE_KINDS = ['wall', 'fence', 'overhead', 'pipe', 'wiring'] as const;
/** A kind of line. */
export type LineKind = (typeof LINE_KINDS)[number];

/** A line of which only its kind and points are known. */
export function freshLine(id: string, name: string, kind: LineKind, points: readonly Point[]): YardLine {
  const base = { id, name, points: points.map(([x, y]): [number, number] => [x, y]) };
  switch (kind) {
    case 'wall':
      return { ...base, kind, heightFt: 10 };
    case 'fence':
      return { ...base, kind, heightFt: 4, metal: null, solid: false };
    case 'overhead':
      return { ...base, kind, conductors: 'triplex', fromFt: 24, toFt: 20, sagFt: 2 };
    case 'pipe':
      return { ...base, kind, holds: 'gas', metal: null, heightFt: 0 };
    case 'wiring':
      return { ...base, kind, method: 'pvc40', feedsWater: true };
  }
}

/** A deck or slab of which only its corners are known. */
export const freshArea = (
  id: string,
  name: string,
  kind: YardArea['kind'],
  points: readonly Point[],
): YardArea => ({
  id,
  name,
  kind,
  topIn: kind === 'deck' ? 12 : 4,
  steel: null,
  points: points.map(([x, y]): [number, number] => [x, y]),
});
