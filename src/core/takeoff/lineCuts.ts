import { tally } from '../units/tally';
import { cutPlan, type Bar, type CutPlan } from '../cutting/cutPlan';
import type { CutStock } from '../cutting/cutProblem';
import { heldBars, type HeldBar } from './keptBars';
import type { KeptBar } from './materialsDocument';
import type { NeededPiece } from './need';
import type { Offer } from './offer';
import type { Pack } from './pack';

/** The pieces of one line with the bars that they are cut from. */
export interface LineCuts {
  readonly packs: readonly Pack[];
  readonly plan: CutPlan;
  /** How many bars, the first ones, hold pieces that were put there by hand. */
  readonly held: number;
}

/** What is asked of a line: its pieces, and what they may be cut from. */
export interface LineAsked {
  readonly key: string;
  readonly pieces: readonly NeededPiece[];
  readonly offer: Offer;
  /** Bars whose pieces were put on them by hand; none where it is left out. */
  readonly kept?: readonly KeptBar[];
}

/** Everything that a line may be cut from: what lies on the truck costs nothing more. */
function packsOf({ pieces, offer }: LineAsked): readonly Pack[] {
  const { each, packs, packsOnly, truck } = offer;
  const tails = new Map<number, number>();
  for (const { ft, count } of truck) if (ft !== null) tally(tails, ft, count);
  const onTruck = [...tails].map(([ft, count]): Pack => {
    return { id: `truck ${ft} ft`, kind: 'truck', ft, cents: 0, count };
  });
  const rolls = packs.map(({ ft, cents }): Pack => ({ id: `roll ${ft}`, kind: 'roll', ft, cents }));
  if (each === undefined || packsOnly) return [...onTruck, ...rolls];
  const lengths = [...new Set(pieces.map(({ cutFt }) => Math.ceil(cutFt - 1e-9)))];
  const counter = lengths.map((ft): Pack => {
    return { id: `cut ${ft}`, kind: 'counter', ft, cents: Math.round(ft * each) };
  });
  return [...onTruck, ...rolls, ...counter];
}

/** A kept bar whose stock is told by what it is. Jobs of before told a tail on the truck by its place in the list: "truck 1". */
function byLength(bar: KeptBar, { truck }: Offer): KeptBar {
  const at = /^truck (\d+)$/.exec(bar.stock)?.[1];
  const ft = at === undefined ? undefined : truck[Number(at) - 1]?.ft;
  return ft == null ? bar : { ...bar, stock: `truck ${ft} ft` };
}

/** What is left of the packs once some bars are held, and the rests of those bars, which cost nothing more. */
function stockBeside(packs: readonly Pack[], held: readonly HeldBar[]): readonly CutStock[] {
  const left = packs.flatMap((pack): readonly CutStock[] => {
    if (pack.count === undefined) return [pack];
    const count = pack.count - held.filter((bar) => bar.pack === pack).length;
    return count > 0 ? [{ ...pack, count }] : [];
  });
  const rests = held.flatMap(({ leftFt }, at): readonly CutStock[] =>
    leftFt > 0 ? [{ id: restId(at), ft: leftFt, cents: 0, count: 1 }] : [],
  );
  return [...left, ...rests];
}

const restId = (at: number): string => `rest ${at}`;

/** The plan with the held bars in it, each with what else was laid into its rest. */
function withHeld(plan: CutPlan, held: readonly HeldBar[]): CutPlan {
  const cents = held.reduce((sum, { pack }) => sum + pack.cents, 0);
  const bars = held.map(({ pack, pieces, leftFt }, at): Bar => {
    const rest = plan.bars.find(({ stock }) => stock === restId(at));
    return {
      stock: pack.id,
      pieces: [...pieces.map(({ id }) => id), ...(rest?.pieces ?? [])],
      leftFt: rest?.leftFt ?? leftFt,
    };
  });
  const others = plan.bars.filter(({ stock }) => !held.some((_, at) => stock === restId(at)));
  return {
    ...plan,
    bars: [...bars, ...others],
    costCents: plan.costCents + cents,
    boundCents: plan.boundCents + cents,
  };
}

/**
 * How the pieces of a line are bought and cut at the least cost; undefined where nothing of it is cut, where it has no
 * price, or where a piece is longer than anything that it is sold as. Pieces that were put on a bar by hand stay there,
 * and the bound is then that of plans that keep them.
 */
export function lineCuts(asked: LineAsked): LineCuts | undefined {
  const { pieces, kept = [] } = asked;
  if (pieces.length === 0) return undefined;
  const packs = packsOf(asked);
  const held = heldBars(
    kept.map((bar) => byLength(bar, asked.offer)),
    pieces,
    packs,
  );
  const lying = new Set(held.flatMap((bar) => bar.pieces));
  const open = pieces.filter((piece) => !lying.has(piece)).map(({ id, cutFt }) => ({ id, ft: cutFt }));
  const plan = cutPlan(open, stockBeside(packs, held));
  return plan && { packs, plan: held.length === 0 ? plan : withHeld(plan, held), held: held.length };
}
