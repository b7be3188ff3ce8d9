import type { JobEvaluation } from '../job/evaluateJob';
import type { PricedLine } from '../takeoff/pricedTakeoff';
import type { Source } from '../takeoff/need';
import { tally } from '../units/tally';
import { isByLength, type Item } from '../takeoff/item';
import type { Pack } from '../takeoff/pack';
import type { TakeoffLine } from '../takeoff/takeoff';
import { pricedList, type PriceDesk } from './pricedList';

const CENTS = 100;

/** How a list says what things are called. */
export interface ListNames {
  itemName(this: void, item: Item): string;
  packName(this: void, line: TakeoffLine, pack: Pack): string;
}

/** What of the job a line is for: its circuit, panel or water by its id, and the part of it. */
type UsedBy = { readonly [kind in Source['kind']]?: string } & { readonly part: string };

/** One line of a list, for a file. */
export interface ListLine {
  readonly item: string;
  /** Pieces, or feet with their waste. */
  readonly need: number;
  readonly unit: 'ft' | 'each';
  /** What is bought for it; what lies on the truck is not. */
  readonly buy: readonly { readonly pack: string; readonly count: number }[];
  /** Dollars; null where it has no price, or a piece that nothing is long enough for. */
  readonly price: number | null;
  readonly usedBy: readonly UsedBy[];
}

/** Everything that a job takes, for a file. */
export interface ListFile {
  readonly lines: readonly ListLine[];
  /** Dollars of all lines that have a price. */
  readonly total: number;
}

const usedBy = (source: Source, part: string): UsedBy => ({
  [source.kind]: 'id' in source ? source.id : source.kind,
  part,
});

/** What a line is bought as: packs with how many of each. */
function bought({ cuts, line, fromTruck, offer }: PricedLine, { packName }: ListNames): ListLine['buy'] {
  if (cuts === undefined) {
    const count = line.count - fromTruck;
    return line.pieces.length > 0 || offer.each === undefined || count <= 0 ? [] : [{ pack: 'each', count }];
  }
  const counts = new Map<string, number>();
  for (const { stock } of cuts.plan.bars) tally(counts, stock);
  return cuts.packs.flatMap((pack) => {
    const count = counts.get(pack.id);
    return count === undefined || pack.kind === 'truck' ? [] : [{ pack: packName(line, pack), count }];
  });
}

function listLine(priced: PricedLine, names: ListNames): ListLine {
  const { line, cents, tooLong } = priced;
  const { item, needs, count, pieces } = line;
  const cutFt = pieces.reduce((sum, piece) => sum + piece.cutFt, 0);
  return {
    item: names.itemName(item),
    need: pieces.length > 0 ? cutFt : count,
    unit: isByLength(item) ? 'ft' : 'each',
    buy: bought(priced, names),
    price: cents === undefined || tooLong !== null ? null : cents / CENTS,
    usedBy: needs.map(({ source, where }) => usedBy(source, where)),
  };
}

/** The list of a job, every line with what it is bought as and what it is for, for a file. */
export function listFile(evaluation: JobEvaluation, desk: PriceDesk, names: ListNames): ListFile {
  const lines = pricedList(evaluation, desk).lines.map((line) => listLine(line, names));
  const cents = lines.reduce((sum, { price }) => sum + Math.round((price ?? 0) * CENTS), 0);
  return { lines, total: cents / CENTS };
}
