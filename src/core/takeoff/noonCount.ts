import { tally } from '../units/tally';
import type { Item } from './item';
import { isByLength } from './item';
import type { NoonCount } from './materialsDocument';
import { sourceKey } from './need';
import type { PricedLine, PricedTakeoff } from './pricedTakeoff';

/** A line of the count: what the plan says, what was used, and whether what is on hand reaches to the end. */
export interface CountRow {
  readonly key: string;
  readonly item: Item;
  /** Used by the plan in the parts that are up. */
  readonly planned: number;
  /** As it was counted; null until it was. */
  readonly used: number | null;
  /** Still to go up by the plan. */
  readonly toGo: number;
  /** Bought, on the truck and fetched. */
  readonly onHand: number;
  readonly short: number;
  readonly left: number;
  /** What the short comes to, cents; undefined where it has no price. */
  readonly cents: number | undefined;
}

/** Nothing up, nothing counted. */
export const FRESH_COUNT: NoonCount = { up: [], used: [], fetched: [] };

/** What of a line was bought and lies on the truck: whole coils and sticks with what is left over of them. */
function bought({ line, offer, cuts }: PricedLine): number {
  if (line.pieces.length === 0) {
    const truck = offer.truck.reduce((sum, { ft, count }) => sum + (ft ?? 1) * count, 0);
    return Math.max(Math.ceil(line.count - 1e-6), truck);
  }
  if (cuts === undefined) return 0;
  const lengths = new Map(cuts.packs.map(({ id, ft }) => [id, ft]));
  return cuts.plan.bars.reduce((sum, { stock }) => sum + (lengths.get(stock) ?? 0), 0);
}

/** To the tenth of a foot; what is counted is whole. */
const tidy = (amount: number, item: Item): number =>
  isByLength(item) ? Math.round(amount * 10) / 10 : Math.ceil(amount - 1e-6);

function countRow(priced: PricedLine, count: NoonCount): CountRow {
  const { line, offer } = priced;
  const { item, key } = line;
  const up = new Set(count.up);
  const inUp = line.needs
    .filter(({ source }) => up.has(sourceKey(source)))
    .reduce((sum, need) => sum + need.count, 0);
  const planned = tidy(inUp, item);
  const toGo = tidy(line.count - inUp, item);
  const used = count.used.find((each) => each.item === key)?.count ?? null;
  const fetched = count.fetched.find((each) => each.item === key)?.count ?? 0;
  const onHand = tidy(bought(priced) + fetched, item);
  const balance = onHand - (used ?? planned) - toGo;
  const short = tidy(Math.max(0, -balance), item);
  const each =
    offer.each ?? (offer.packs[0] === undefined ? undefined : offer.packs[0].cents / offer.packs[0].ft);
  return {
    key,
    item,
    planned,
    used,
    toGo,
    onHand,
    short,
    left: tidy(Math.max(0, balance), item),
    cents: each === undefined ? undefined : Math.round(each * Math.ceil(short)),
  };
}

/**
 * The count at noon: what is up took what it took, the rest takes what the plan says, and what is short of that is one
 * list for one trip. Lines that nothing of is up stand in it too, for a later need may be short already.
 */
export const countRows = ({ lines }: PricedTakeoff, count: NoonCount): readonly CountRow[] =>
  lines
    .map((line) => countRow(line, count))
    .toSorted(
      (a, b) => Number(b.short > 0) - Number(a.short > 0) || Number(b.planned > 0) - Number(a.planned > 0),
    );

/** The count with so much used of an item; null: not counted. */
export function withUsed(count: NoonCount, item: string, used: number | null): NoonCount {
  const others = count.used.filter((each) => each.item !== item);
  return { ...count, used: used === null ? others : [...others, { item, count: used }] };
}

/** The count with everything fetched that is short. */
export function withFetched(count: NoonCount, rows: readonly CountRow[]): NoonCount {
  const fetched = new Map(count.fetched.map((each) => [each.item, each.count]));
  for (const { key, short } of rows) if (short > 0) tally(fetched, key, Math.ceil(short));
  return { ...count, fetched: [...fetched].map(([item, amount]) => ({ item, count: amount })) };
}
