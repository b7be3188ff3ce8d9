import type { Point } from './point';
import { nearestOf } from './segments';
import type { Tail } from './tails';
import type { BondedPart, WaterReport } from './waterReport';
import type { Thing } from './yardSchema';

/** One thing that is bonded, or may have to be, numbered on plan and list alike. */
export type BondRow = { readonly number: number; readonly at: Point } & (
  | { readonly kind: 'shell' }
  | { readonly kind: 'surface' }
  | { readonly kind: 'part'; readonly part: BondedPart }
  | { readonly kind: 'plate'; readonly thing: Thing; readonly tail: Tail }
  | { readonly kind: 'water' }
);

type Unnumbered = BondRow extends infer R ? (R extends BondRow ? Omit<R, 'number'> : never) : never;

/** A place on the ring for its number: where a walk around it is three eighths done. */
function onRing({ ring, placed }: WaterReport): Point {
  const piece = ring?.pieces[0] ?? placed.outline;
  return piece[Math.floor(piece.length * 0.375)] ?? [0, 0];
}

const hasShell = ({ water, plan }: WaterReport): boolean =>
  water.kind !== 'storable' &&
  water.shell !== 'vinyl' &&
  water.shell !== 'fiberglass' &&
  plan.perimeter.method !== 'none';

/** What is bonded around a water, and what is asked about: shell and surface first, then as one walks around it. */
export function bondRows(report: WaterReport): readonly BondRow[] {
  const { placed, plan, parts, plates, ties, ring, water } = report;
  if (water.kind === 'storable') return [];
  const needsWater = plan.water.bond !== false && plates.length === 0;
  const rows: readonly Unnumbered[] = [
    ...(hasShell(report) ? [{ kind: 'shell', at: ties.points[3] ?? [0, 0] } as const] : []),
    ...(plan.perimeter.method === 'none' ? [] : [{ kind: 'surface', at: onRing(report) } as const]),
    ...parts
      .filter(({ verdict }) => verdict.bond !== false)
      .map((part) => ({ kind: 'part', at: part.candidate.at, part }) as const),
    ...plates.map((plate) => ({ kind: 'plate', at: plate.thing.at, ...plate }) as const),
    ...(needsWater
      ? [
          {
            kind: 'water',
            at: nearestOf(placed.outline, ring?.pieces[0]?.[0] ?? water.at) ?? water.at,
          } as const,
        ]
      : []),
  ];
  return rows.map((row, at) => ({ ...row, number: at + 1 }));
}

/** What need not be bonded, with why. */
export const notBonded = ({ parts }: WaterReport): readonly BondedPart[] =>
  parts.filter(({ verdict }) => verdict.bond === false);
