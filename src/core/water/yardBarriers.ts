import type { Barrier } from './reach';
import { piecesOf } from './segments';
import type { Yard, YardLine } from './yardSchema';

/** From this height on a solid wall or fence keeps a cord and a hand on its side; the text names none. */
const BARRIER_FT = 5;
/** From this height on it hides what stands behind it. */
const OPAQUE_FT = 3;

const isSolid = (line: YardLine): line is Extract<YardLine, { kind: 'wall' | 'fence' }> =>
  line.kind === 'wall' || (line.kind === 'fence' && line.solid);

const solidFrom = (lines: Yard['lines'], leastFt: number): readonly Barrier[] =>
  lines.flatMap((line) => (isSolid(line) && line.heightFt >= leastFt ? piecesOf(line.points) : []));

/**
 * The walls and fences that a cord or a hand goes around. A doorway or window in a wall is none (680.22(A)(5)); a hedge
 * or a lattice is taken as no barrier, which makes the way shorter.
 */
export const barriersOf = (lines: Yard['lines']): readonly Barrier[] => solidFrom(lines, BARRIER_FT);

/** A piece of a wall or fence that a cord or a hand passes over. */
export interface LowWall {
  readonly barrier: Barrier;
  /** Its top above grade, feet. */
  readonly heightFt: number;
}

/** The solid walls and fences that are lower than a barrier. */
export const lowWallsOf = (lines: Yard['lines']): readonly LowWall[] =>
  lines.flatMap((line) =>
    isSolid(line) && line.heightFt > 0 && line.heightFt < BARRIER_FT
      ? piecesOf(line.points).map((barrier) => ({ barrier, heightFt: line.heightFt }))
      : [],
  );

/** The walls and fences that hide what stands behind them. */
export const opaqueOf = (lines: Yard['lines']): readonly Barrier[] => solidFrom(lines, OPAQUE_FT);

/** The walls at which the surface around the water ends: permanent ones of 5 ft and more. */
export const wallsOf = (lines: Yard['lines']): readonly Barrier[] =>
  barriersOf(lines.filter(({ kind }) => kind === 'wall'));
