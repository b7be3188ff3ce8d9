import { tally } from '../units/tally';
import type { OnTruck } from './materialsDocument';
import type { PricedLine, PricedTakeoff } from './pricedTakeoff';

/** Shorter than this nobody keeps a piece, feet. */
const KEPT_FT = 3;

/** What a line leaves on the truck: tails that were not cut, and what is left over of what was. */
function leftOf({ line, offer, cuts, fromTruck }: PricedLine): readonly OnTruck[] {
  const item = line.key;
  if (line.pieces.length === 0) {
    const had = offer.truck.reduce((sum, { ft, count }) => sum + (ft ?? 1) * count, 0);
    const count = had - fromTruck;
    return count > 0 ? [{ item, ft: null, count }] : [];
  }
  if (cuts === undefined) return offer.truck;
  const used = new Map<string, number>();
  for (const { stock } of cuts.plan.bars) tally(used, stock);
  const uncut = cuts.packs
    .filter(({ kind }) => kind === 'truck')
    .map(({ id, ft, count = 0 }) => ({ item, ft, count: count - (used.get(id) ?? 0) }))
    .filter(({ count }) => count > 0);
  const rests = cuts.plan.bars
    .filter(({ leftFt }) => leftFt >= KEPT_FT)
    .map(({ leftFt }) => ({ item, ft: Math.floor(leftFt * 10 + 1e-6) / 10, count: 1 }));
  return [...uncut, ...rests];
}

/** Tails of one length together, the longest first. */
function gathered(tails: readonly OnTruck[]): readonly OnTruck[] {
  const all = new Map<string, OnTruck>();
  for (const tail of tails) {
    const key = `${tail.item} ${tail.ft ?? ''}`;
    all.set(key, { ...tail, count: tail.count + (all.get(key)?.count ?? 0) });
  }
  return [...all.values()].toSorted((a, b) => a.item.localeCompare(b.item) || (b.ft ?? 0) - (a.ft ?? 0));
}

/** What lies on the truck once a job is done as it is planned: what it took is gone, what it leaves over is there. */
export function truckAfter({ lines }: PricedTakeoff, before: readonly OnTruck[]): readonly OnTruck[] {
  const listed = new Set(lines.map(({ line }) => line.key));
  return gathered([...before.filter(({ item }) => !listed.has(item)), ...lines.flatMap(leftOf)]);
}
