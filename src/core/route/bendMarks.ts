import type { TradeSize } from '../units/tradeSize';

/** Degrees at which offsets are usually bent. */
export const OFFSET_ANGLES = [10, 15, 22.5, 30, 45, 60] as const;

const radians = (degrees: number): number => (degrees * Math.PI) / 180;

/** An offset: two bends of one angle, one way and back. */
export interface Offset {
  /** Distance between the marks for each inch of offset. */
  readonly multiplier: number;
  readonly spacingIn: number;
  /** What the raceway loses in length. */
  readonly shrinkIn: number;
}

/** Two bends of an angle that carry a raceway sideways by a distance: 1/sin of the angle, and tan of half of it. */
export function offsetBend(angleDeg: number, riseIn: number): Offset {
  const multiplier = 1 / Math.sin(radians(angleDeg));
  return { multiplier, spacingIn: riseIn * multiplier, shrinkIn: riseIn * Math.tan(radians(angleDeg) / 2) };
}

/** A mark on the raceway, inches from its end, and what is bent there. */
export interface BendMark {
  readonly atIn: number;
  readonly degrees: number;
  readonly what: 'first' | 'second' | 'center' | 'outer' | 'stub' | 'back' | 'kick' | 'third' | 'fourth';
}

/** A raceway with the marks to make on it. */
export interface MarkedBend {
  readonly marks: readonly BendMark[];
  readonly shrinkIn: number;
  /** All bends added up, for the sum between pull points. */
  readonly degrees: number;
}

/** What is bent. Distances are in inches, from the end of the raceway that the marks are measured from. */
export type BendTask =
  | { readonly kind: 'offset'; readonly angleDeg: number; readonly riseIn: number; readonly toIn: number }
  | { readonly kind: 'kick'; readonly riseIn: number; readonly travelIn: number; readonly toIn: number }
  | { readonly kind: 'saddle-3'; readonly riseIn: number; readonly toIn: number }
  | {
      readonly kind: 'saddle-4';
      readonly angleDeg: number;
      readonly riseIn: number;
      readonly widthIn: number;
      readonly toIn: number;
    }
  | { readonly kind: 'stub'; readonly riseIn: number; readonly takeUpIn: number }
  | { readonly kind: 'back-to-back'; readonly betweenIn: number };

/** Take-up of usual hand benders for thin-wall tubing, inches; a bender's own mark goes before it. */
export const TAKE_UP_IN: Partial<Record<TradeSize, number>> = { '1/2': 5, '3/4': 6, '1': 8, '1-1/4': 11 };

/** A three-bend saddle of 45° and twice 22.5°: how far the center moves and the outer marks stand, for each inch. */
const SADDLE_SHRINK = 3 / 16;
const SADDLE_SPREAD = 2.5;

/** An offset whose far mark meets the obstacle: it stands later by what the bends shorten. */
function offsetMarks(
  angleDeg: number,
  riseIn: number,
  toIn: number,
): { readonly near: number; readonly far: number; readonly shrinkIn: number } {
  const { spacingIn, shrinkIn } = offsetBend(angleDeg, riseIn);
  const far = toIn + shrinkIn;
  return { near: far - spacingIn, far, shrinkIn };
}

/** Two offsets back to back over something wide: the second shrinks the raceway again. */
function fourPointSaddle({
  angleDeg,
  riseIn,
  widthIn,
  toIn,
}: Extract<BendTask, { kind: 'saddle-4' }>): MarkedBend {
  const up = offsetMarks(angleDeg, riseIn, toIn);
  const over = up.far + widthIn;
  const down = over + offsetBend(angleDeg, riseIn).spacingIn;
  return {
    marks: [
      { atIn: up.near, degrees: angleDeg, what: 'first' },
      { atIn: up.far, degrees: angleDeg, what: 'second' },
      { atIn: over, degrees: angleDeg, what: 'third' },
      { atIn: down, degrees: angleDeg, what: 'fourth' },
    ],
    shrinkIn: 2 * up.shrinkIn,
    degrees: 4 * angleDeg,
  };
}

/**
 * The marks to make for a bend by hand, in inches from the end of the raceway: offset, kick, saddles, stub and
 * back to back. A mark before the end of the raceway means that the obstacle is too near for this angle.
 */
export function bendMarks(task: BendTask): MarkedBend {
  switch (task.kind) {
    case 'offset': {
      const { near, far, shrinkIn } = offsetMarks(task.angleDeg, task.riseIn, task.toIn);
      const mark = (atIn: number, what: BendMark['what']): BendMark => ({
        atIn,
        degrees: task.angleDeg,
        what,
      });
      return { marks: [mark(near, 'first'), mark(far, 'second')], shrinkIn, degrees: 2 * task.angleDeg };
    }
    case 'kick': {
      const degrees = (Math.asin(Math.min(1, task.riseIn / task.travelIn)) * 180) / Math.PI;
      const level = Math.sqrt(Math.max(0, task.travelIn ** 2 - task.riseIn ** 2));
      return {
        marks: [{ atIn: task.toIn, degrees, what: 'kick' }],
        shrinkIn: task.travelIn - level,
        degrees,
      };
    }
    case 'saddle-3': {
      const shrinkIn = task.riseIn * SADDLE_SHRINK;
      const center = task.toIn + shrinkIn;
      const spread = task.riseIn * SADDLE_SPREAD;
      return {
        marks: [
          { atIn: center - spread, degrees: 22.5, what: 'outer' },
          { atIn: center, degrees: 45, what: 'center' },
          { atIn: center + spread, degrees: 22.5, what: 'outer' },
        ],
        shrinkIn,
        degrees: 90,
      };
    }
    case 'saddle-4':
      return fourPointSaddle(task);
    case 'stub':
      return {
        marks: [{ atIn: task.riseIn - task.takeUpIn, degrees: 90, what: 'stub' }],
        shrinkIn: 0,
        degrees: 90,
      };
    case 'back-to-back':
      return { marks: [{ atIn: task.betweenIn, degrees: 90, what: 'back' }], shrinkIn: 0, degrees: 90 };
  }
}
