import type { YardThing } from '../code/waterFacts';
import { omitUndefined } from '../units/omitUndefined';
import { placedWater } from './placedWater';
import { apart, type Point } from './point';
import { nearestOf, nearestOn, piecesOf } from './segments';
import { nearestPlace } from './yardParts';
import type { Thing, Water, Yard, YardItem, YardLine, YardList, YardLists } from './yardSchema';

/** Places are kept to the hundredth of a foot: an eighth of an inch. */
const kept = ([x, y]: Point): [number, number] => [Math.round(x * 100) / 100, Math.round(y * 100) / 100];

const STEP_FT = 0.5;
/** Something that is let go this near to where it belongs goes there, feet. */
const SNAP_FT = 1.5;

const IN_THE_WATER_WALL: ReadonlySet<YardThing> = new Set([
  'light',
  'ladder',
  'rail',
  'drain',
  'water-plate',
  'board',
]);
const IN_A_WALL: ReadonlySet<YardThing> = new Set(['door', 'window']);

const near = (places: readonly Point[], at: Point): Point | undefined => {
  const place = nearestOf(places, at);
  return place !== undefined && apart(place, at) <= SNAP_FT ? place : undefined;
};

/** Where a thing goes that is let go at a place: into the wall that it belongs to, else to the half foot. */
export function snapped(kind: YardThing, at: Point, { waters, lines }: Yard): [number, number] {
  const edges = (): readonly Point[] => waters.flatMap((water) => placedWater(water).edge.nearPoints(at));
  const walls = (): readonly Point[] =>
    lines.flatMap((line) =>
      line.kind === 'wall' || line.kind === 'fence'
        ? piecesOf(line.points).map((piece) => nearestOn(piece, at))
        : [],
    );
  const into = IN_THE_WATER_WALL.has(kind)
    ? near(edges(), at)
    : IN_A_WALL.has(kind) || kind === 'gate'
      ? near(walls(), at)
      : undefined;
  return kept(into ?? [Math.round(at[0] / STEP_FT) * STEP_FT, Math.round(at[1] / STEP_FT) * STEP_FT]);
}

const shifted = ([x, y]: Point, [dx, dy]: Point): [number, number] => kept([x + dx, y + dy]);

/** Something in the yard moved as a whole. */
export function movedBy<T extends YardLists[YardList]>(item: T, by: Point): T {
  // What has points moves by all of them; a water and a thing by the place they stand at.
  if ('points' in item) return { ...item, points: item.points.map((point) => shifted(point, by)) };
  return 'at' in item ? { ...item, at: shifted(item.at, by) } : item;
}

/** A thing at a distance from the inside wall, on the line along which it stands now. */
export function atDistance(thing: Thing, water: Water, ft: number): Thing {
  const { edge } = placedWater(water);
  const end = edge.nearest(thing.at);
  const long = end === undefined ? 0 : apart(end, thing.at);
  if (end === undefined || long < 1e-9 || edge.holds(thing.at)) return thing;
  const share = ft / long;
  return {
    ...thing,
    at: kept([end[0] + (thing.at[0] - end[0]) * share, end[1] + (thing.at[1] - end[1]) * share]),
  };
}

/** A line moved as a whole until its nearest place is at a distance from the inside wall. */
export function lineAtDistance<T extends YardLine>(line: T, water: Water, ft: number): T {
  const placed = placedWater(water);
  const near = nearestPlace(line, placed);
  const end = placed.edge.nearest(near);
  const long = end === undefined ? 0 : apart(end, near);
  if (end === undefined || long < 1e-9) return line;
  const share = (ft - long) / long;
  return movedBy(line, [(near[0] - end[0]) * share, (near[1] - end[1]) * share]);
}

/** A line, area or free outline with one of its points elsewhere. */
export const withPoint = (points: readonly Point[], index: number, at: Point): [number, number][] =>
  points.map((point, each) => (each === index ? kept(at) : kept(point)));

/** The corners by which a free outline is shaped, about its own origin; undefined for one that is given by its sides. */
export const freePoints = ({ shape }: Water): readonly Point[] | undefined =>
  'polygon' in shape ? shape.polygon : 'curve' in shape ? shape.curve : undefined;

/** A free outline through other points. */
export const withFreePoints = (water: Water, points: readonly Point[]): Water => {
  const through = points.map(kept);
  if ('polygon' in water.shape) return { ...water, shape: { polygon: through } };
  return 'curve' in water.shape ? { ...water, shape: { curve: through } } : water;
};

/** A thing with some of what is known of it set; undefined takes it back to not looked at. */
export const withKnown = (
  thing: Thing,
  fields: { readonly [K in keyof Thing]?: Thing[K] | undefined },
): Thing => {
  const { id, name, kind, at, ...known } = { ...thing, ...fields };
  return omitUndefined({ ...known, id, name, kind, at });
};

/** Something in the yard by another name. */
export function renamed(what: YardItem, name: string): YardItem {
  switch (what.list) {
    case 'waters':
      return { list: what.list, item: { ...what.item, name } };
    case 'lines':
      return { list: what.list, item: { ...what.item, name } };
    case 'areas':
      return { list: what.list, item: { ...what.item, name } };
    case 'things':
      return { list: what.list, item: { ...what.item, name } };
  }
}
