import { cutPlan, type CutPlan } from '../cutting/cutPlan';
import type { CutStock } from '../cutting/cutProblem';
import type { PriceList } from '../price/defaultPrices';
import { METHODS } from '../code/methods';
import { STICK_FT } from '../route/cutList';
import type { Item } from './item';
import { itemPrice } from './itemPrice';
import type { NeededPiece } from './need';

/** What a piece is cut from: a roll or coil, a stick, or a length cut at the counter. */
export interface Pack extends CutStock {
  readonly kind: 'roll' | 'stick' | 'counter';
}

/** The pieces of one line with the bars that they are cut from. */
export interface LineCuts {
  readonly packs: readonly Pack[];
  readonly plan: CutPlan;
}

const COILED: ReadonlySet<Item['kind']> = new Set(['wire', 'cable', 'bond-wire']);

/** What an item is sold as: rolls or sticks at their price, and any length from the counter by the foot. */
function packsOf(item: Item, pieces: readonly NeededPiece[], prices: PriceList): readonly Pack[] {
  const perFt = itemPrice(item, prices);
  if (perFt === undefined) return [];
  if (item.kind === 'raceway' && METHODS[item.method].raceway !== null && !isCoiled(item.method))
    return [{ id: 'stick', kind: 'stick', ft: STICK_FT, cents: perFt * STICK_FT }];
  const sold =
    item.kind === 'wire' || item.kind === 'cable' || item.kind === 'bond-wire'
      ? prices.packs[item.kind]
      : prices.packs.coiled;
  const rolls = sold.map(({ ft, share }): Pack => {
    return { id: `roll ${ft}`, kind: 'roll', ft, cents: Math.round(ft * perFt * share) };
  });
  const lengths = [...new Set(pieces.map(({ cutFt }) => Math.ceil(cutFt - 1e-9)))];
  const counter = lengths.map((ft): Pack => {
    return { id: `cut ${ft}`, kind: 'counter', ft, cents: Math.round(ft * perFt) };
  });
  return [...rolls, ...counter];
}

const isCoiled = (method: keyof typeof METHODS): boolean =>
  method === 'fmc' || method === 'lfmc' || method === 'lfnc' || method === 'ent';

/** How the pieces of a line are bought and cut at the least cost; undefined where nothing of it is cut, or it has no price. */
export function lineCuts(
  { item, pieces }: { readonly item: Item; readonly pieces: readonly NeededPiece[] },
  prices: PriceList,
): LineCuts | undefined {
  if (pieces.length === 0 || !(COILED.has(item.kind) || item.kind === 'raceway')) return undefined;
  const packs = packsOf(item, pieces, prices);
  const plan = cutPlan(
    pieces.map(({ id, cutFt }) => ({ id, ft: cutFt })),
    packs,
  );
  return plan && { packs, plan };
}
