import { isByLength, itemKey, type Item } from './item';
import { sourceKey, type Need, type NeededPiece, type Source } from './need';

/** One line of the list: an item with everything that it is needed for. */
export interface TakeoffLine {
  readonly key: string;
  readonly item: Item;
  readonly needs: readonly Need[];
  /** Pieces, or feet. */
  readonly count: number;
  /** The pieces that are cut from it, the longest first; none of what is only counted. */
  readonly pieces: readonly NeededPiece[];
}

/** What of the job a part of the list is for. */
export interface TakeoffPart {
  readonly key: string;
  readonly source: Source;
  readonly needs: readonly Need[];
}

/** Everything that a job takes, item by item and part by part: the same needs either way. */
export interface Takeoff {
  readonly lines: readonly TakeoffLine[];
  readonly parts: readonly TakeoffPart[];
}

function grouped<T>(all: readonly T[], keyOf: (each: T) => string): ReadonlyMap<string, readonly T[]> {
  const groups = new Map<string, T[]>();
  for (const each of all) {
    const key = keyOf(each);
    const group = groups.get(key);
    if (group === undefined) groups.set(key, [each]);
    else group.push(each);
  }
  return groups;
}

const lineOf = (key: string, needs: readonly Need[]): readonly TakeoffLine[] => {
  const [first] = needs;
  if (first === undefined) return [];
  const pieces = needs.flatMap(({ piece }) => piece ?? []).toSorted((a, b) => b.cutFt - a.cutFt);
  const count = needs.reduce((sum, need) => sum + need.count, 0);
  return [{ key, item: first.item, needs, count, pieces }];
};

/** Length first, then what is counted; each in the order in which it is first needed. */
export function takeoffOf(needs: readonly Need[]): Takeoff {
  const lines = [...grouped(needs, ({ item }) => itemKey(item))].flatMap(([key, some]) => lineOf(key, some));
  return {
    lines: [
      ...lines.filter(({ item }) => isByLength(item)),
      ...lines.filter(({ item }) => !isByLength(item)),
    ],
    parts: [...grouped(needs, ({ source }) => sourceKey(source))].flatMap(([key, some]) => {
      const source = some[0]?.source;
      return source === undefined ? [] : [{ key, source, needs: some }];
    }),
  };
}
