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

/** What is measured at a side of the ring is kept under this. */
const ringStepId = (side: RingSide): string => `ring-${side}`;

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
      : RING_SIDES.map((side) => ({
          kind: 'ring' as const,
          id: ringStepId(side),
          at: onSide(report, side),
          side,
        }))),
  ];
  const first = bonded[0];
  const start = first === undefined ? 0 : turnOf(water.at, first.candidate.at);
  const turn = ({ at }: Draft): number => (turnOf(water.at, at) - start + 4 * Math.PI + 1e-9) % (2 * Math.PI);
  const shell: readonly Draft[] =
    copper.taps > 1 ? [{ kind: 'shell', id: 'shell', at: ties.points[3] ?? water.at }] : [];
  return [...stops.toSorted((a, b) => turn(a) - turn(b)), ...shell].map((step) => ({
    ...step,
    seen: water.seen.find((each) => each.step === step.id),
  }));
}

/** A water with what was seen at a stop. */
export const withSeen = (water: Water, seen: Seen): Water => ({
  ...water,
  seen: [...water.seen.filter(({ step }) => step !== seen.step), seen],
});
