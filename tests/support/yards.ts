import type { Job } from '../../src/core/job/jobSchema';
import type { Edition } from '../../src/core/code/edition';
import { nearestWater } from '../../src/core/water/nearestWater';
import { waterReport, type WaterReport } from '../../src/core/water/waterReport';
import { EMPTY_YARD } from '../../src/core/water/yardDocument';
import type { Thing, Water, Yard, YardArea, YardLine } from '../../src/core/water/yardSchema';
import { jobOf } from './jobs';

/** A concrete pool of 16 by 32 ft in a lawn, its corner toward the house at (16, 8). */
export const POOL: Water = {
  id: 'pool',
  name: 'Pool',
  shape: { rectangle: { lengthFt: 32, widthFt: 16 } },
  at: [0, 0],
  turnDeg: 0,
  kind: 'in-ground',
  shell: 'concrete-steel',
  perimeter: 'unpaved',
  depthIn: 96,
  rimIn: 0,
  uprights: null,
  ringOffIn: 21,
  ringDeepIn: 5,
  seen: [],
  photos: [],
};

/** A listed tub of 7-1/2 ft that stands free, its rim 36 in high. */
export const TUB: Water = {
  ...POOL,
  id: 'tub',
  name: 'Tub',
  shape: { rectangle: { lengthFt: 7.5, widthFt: 7.5 } },
  kind: 'spa-outdoor',
  shell: 'self-contained',
  depthIn: 36,
  rimIn: 36,
};

export const thing = (
  kind: Thing['kind'],
  at: readonly [number, number],
  part: Partial<Thing> = {},
): Thing => ({
  id: kind,
  name: `The ${kind}`,
  kind,
  at: [...at],
  ...part,
});

/** A straight wall that keeps cords and hands on its side. */
export const wall = (id: string, points: readonly (readonly [number, number])[], heightFt = 8): YardLine => ({
  id,
  name: `Wall ${id}`,
  kind: 'wall',
  heightFt,
  points: points.map(([x, y]) => [x, y]),
});

export const area = (points: readonly (readonly [number, number])[], topIn: number): YardArea => ({
  id: 'deck',
  name: 'Deck',
  kind: 'deck',
  topIn,
  steel: null,
  points: points.map(([x, y]) => [x, y]),
});

/** A receptacle where a pool of 16 by 32 ft requires one. */
export const CONVENIENCE = thing('receptacle', [0, 16], {
  id: 'convenience',
  name: 'Receptacle',
  gfci: true,
});

/** A yard with a receptacle as required, so that only what is added is found. */
export const yardOf = (part: Partial<Yard>): Yard => ({
  ...EMPTY_YARD,
  waters: [POOL],
  ...part,
  things: [CONVENIENCE, ...(part.things ?? [])],
});

/** A job of a yard. */
export const yardJob = (part: Partial<Yard>, job: Partial<Job> = {}): Job =>
  jobOf([], { yard: yardOf(part), ...job });

/** The report of one of the waters of a yard. */
export const reportIn = (yard: Yard, waterId: string, code: Edition, ringAround = false): WaterReport => {
  const water = yard.waters.find(({ id }) => id === waterId);
  if (water === undefined) throw new Error(`No water ${waterId}.`);
  const nearest = nearestWater(yard).get(waterId) ?? new Set<string>();
  return waterReport({ water, yard, nearest, practices: { bondTaps: 'ask', ringAround }, code });
};
