import { cutPlan, type CutPlan } from '../cutting/cutPlan';
import type { CutStock } from '../cutting/cutProblem';
import type { NeededPiece } from './need';
import type { Offer } from './offer';

/** What a piece is cut from: a piece on the truck, a coil, roll or stick, or a length cut at the counter. */
export interface Pack extends CutStock {
  readonly kind: 'truck' | 'roll' | 'counter';
}

/** The pieces of one line with the bars that they are cut from. */
export interface LineCuts {
  readonly packs: readonly Pack[];
  readonly plan: CutPlan;
}

/** What is asked of a line: its pieces, and what they may be cut from. */
export interface LineAsked {
  readonly key: string;
  readonly pieces: readonly NeededPiece[];
  readonly offer: Offer;
}

/** Everything that a line may be cut from: what lies on the truck costs nothing more. */
function packsOf({ pieces, offer }: LineAsked): readonly Pack[] {
  const { each, packs, packsOnly, truck } = offer;
  const onTruck = truck.flatMap(({ ft, count }, at): readonly Pack[] =>
    ft === null ? [] : [{ id: `truck ${at + 1}`, kind: 'truck', ft, cents: 0, count }],
  );
  const rolls = packs.map(({ ft, cents }): Pack => ({ id: `roll ${ft}`, kind: 'roll', ft, cents }));
  if (each === undefined || packsOnly) return [...onTruck, ...rolls];
  const lengths = [...new Set(pieces.map(({ cutFt }) => Math.ceil(cutFt - 1e-9)))];
  const counter = lengths.map((ft): Pack => {
    return { id: `cut ${ft}`, kind: 'counter', ft, cents: Math.round(ft * each) };
  });
  return [...onTruck, ...rolls, ...counter];
}

/**
 * How the pieces of a line are bought and cut at the least cost; undefined where nothing of it is cut, where it has no
 * price, or where a piece is longer than anything that it is sold as.
 */
export function lineCuts(asked: LineAsked): LineCuts | undefined {
  if (asked.pieces.length === 0) return undefined;
  const packs = packsOf(asked);
  const plan = cutPlan(
    asked.pieces.map(({ id, cutFt }) => ({ id, ft: cutFt })),
    packs,
  );
  return plan && { packs, plan };
}
