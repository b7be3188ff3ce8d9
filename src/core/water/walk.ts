import { RING_DEEP_IN, RING_OFF_IN, WETTED_IN2 } from './bondFindings';
import type { Point } from './point';
import type { WaterReport } from './waterReport';
import type { Water } from './yardSchema';

/** Sides of the ring as they are walked, clockwise from the right. */
const RING_SIDES = ['east', 'south', 'west', 'north'] as const;
/** A side of the ring. */
type RingSide = (typeof RING_SIDES)[number];

/** What was measured or seen at one stop of the walk. */
export type Seen = Water['seen'][number];

/** One stop of the walk around a water. */
export type WalkStep = { readonly id: string; readonly at: Point; readonly seen: Seen | undefined } & (
  | { readonly kind: 'ring'; readonly side: RingSide }
  | { readonly kind: 'part'; readonly name: string; readonly distanceFt: number | null }
  | { readonly kind: 'shell' }
  | { readonly kind: 'plate'; readonly name: string; readonly in2: number | null }
);

/** Sides of the ring with what is measured there is kept under. */
export const ringSteps = RING_SIDES.map((side) => ({ id: `ring-${side}`, side }));

type Draft = WalkStep extends infer S ? (S extends WalkStep ? Omit<S, 'seen'> : never) : never;

/** The outermost place of the ring on a side. */
function onSide({ ring }: WaterReport, side: RingSide): Point {
  const points = ring?.pieces.flat() ?? [];
  const far = ([x, y]: Point): number =>
    side === 'east' ? x : side === 'west' ? -x : side === 'north' ? y : -y;
  const most = Math.max(...points.map(far));
  const there = points.filter((point) => far(point) > most - 1e-6);
  const sum = there.reduce<Point>(([x, y], point) => [x + point[0], y + point[1]], [0, 0]);
  return [sum[0] / there.length, sum[1] / there.length];
}

/** How far into the water the number of its shell stands, so that it leaves that of the ring to be read. */
const INSIDE = 0.3;

const insideOf = ([x, y]: Point, [cx, cy]: Point): Point => [x + (cx - x) * INSIDE, y + (cy - y) * INSIDE];

const turnOf = ([cx, cy]: Point, [x, y]: Point): number => -Math.atan2(y - cy, x - cx);

/**
 * The walk around a water: each thing that is bonded and each side of the ring, clockwise from the pump, then the taps
 * to the shell.
 */
export function walkSteps(report: WaterReport): readonly WalkStep[] {
  const { water, parts, plates, ring, copper, ties } = report;
  const bonded = parts.filter(({ verdict }) => verdict.bond !== false);
  const stops: readonly Draft[] = [
    ...bonded.map(({ candidate, verdict }) => ({
      kind: 'part' as const,
      id: candidate.id,
      at: candidate.at,
      name: candidate.name,
      // Equipment is bonded at any distance: there is nothing to measure.
      distanceFt: verdict.reason === 'equipment' ? null : (candidate.item.distanceFt ?? null),
    })),
    ...plates.map(({ thing }) => ({
      kind: 'plate' as const,
      id: thing.id,
      at: thing.at,
      name: thing.name,
      in2: thing.wetIn2 ?? null,
    })),
    ...(ring === null
      ? []
      : ringSteps.map(({ id, side }) => ({ kind: 'ring' as const, id, at: onSide(report, side), side }))),
  ];
  const first = bonded[0];
  const start = first === undefined ? 0 : turnOf(water.at, first.candidate.at);
  const turn = ({ at }: Draft): number => (turnOf(water.at, at) - start + 4 * Math.PI + 1e-9) % (2 * Math.PI);
  const shell: readonly Draft[] =
    copper.taps > 1
      ? [{ kind: 'shell', id: 'shell', at: insideOf(ties.points[3] ?? water.at, water.at) }]
      : [];
  return [...stops.toSorted((a, b) => turn(a) - turn(b)), ...shell].map((step) => ({
    ...step,
    seen: water.seen.find((each) => each.step === step.id),
  }));
}

/** Whether a figure is in a band, both ends included. */
export const isWithin = (
  { min, max }: { readonly min: number; readonly max: number },
  value: number,
): boolean => value >= min && value <= max;

/** Whether what was measured at a stop is not what the code requires (680.26(B)(2), (C)). */
export function isOut(step: WalkStep): boolean {
  if (step.kind === 'plate') return step.in2 !== null && step.in2 < WETTED_IN2;
  if (step.kind !== 'ring' || step.seen === undefined) return false;
  const { offIn, deepIn } = step.seen;
  return (
    (offIn !== null && !isWithin(RING_OFF_IN, offIn)) || (deepIn !== null && !isWithin(RING_DEEP_IN, deepIn))
  );
}

/** How far a thing may be from where it was signed and still be the thing that was signed, feet. */
const SAME_FT = 0.05;

/** Whether a stop is no longer where it was when it was signed. */
const isMoved = (step: WalkStep): boolean =>
  step.kind === 'part' &&
  step.distanceFt !== null &&
  typeof step.seen?.ft === 'number' &&
  Math.abs(step.seen.ft - step.distanceFt) > SAME_FT;

/** How a stop stands. Only `right` is done: what moved since it was signed is looked at `again`. */
export type Look = 'right' | 'wrong' | 'later' | 'again' | 'open';

/** How a stop of the walk stands by what was measured there and who looked at it. */
export function lookAt(step: WalkStep): Look {
  const { seen } = step;
  if (seen?.right === false || isOut(step)) return 'wrong';
  if (seen?.later !== undefined) return 'later';
  if (seen?.right !== true || lacksMeasure(step)) return 'open';
  return isMoved(step) ? 'again' : 'right';
}

/** Whether a stop is done: looked at, and right. One that was only measured, or is not right, is open. */
export const isWalked = (step: WalkStep): boolean => lookAt(step) === 'right';

/** Stops around a water that nobody has seen and found right yet. */
export const openStops = (report: WaterReport): readonly WalkStep[] =>
  walkSteps(report).filter((step) => !isWalked(step));

/** Whether a stop has a figure that has to be measured before anybody can sign it. */
export function lacksMeasure(step: WalkStep): boolean {
  if (step.kind === 'plate') return step.in2 === null;
  return step.kind === 'ring' && (step.seen?.offIn == null || step.seen.deepIn == null);
}

/** What was measured at a stop, without what anybody said of it. */
export const measuredAt = ({ id, seen }: WalkStep): Seen => ({
  step: id,
  offIn: seen?.offIn ?? null,
  deepIn: seen?.deepIn ?? null,
});

/** A stop as it is signed: looked at and right, where it stands now. */
export const signedAt = (step: WalkStep): Seen => ({
  ...measuredAt(step),
  right: true,
  ...(step.kind === 'part' && step.distanceFt !== null && { ft: step.distanceFt }),
});

/** A water with what was seen at a stop. */
export const withSeen = (water: Water, seen: Seen): Water => ({
  ...water,
  seen: [...water.seen.filter(({ step }) => step !== seen.step), seen],
});
