/** A place in a document: names of fields, and what items of lists are known by. */
export type MergePath = readonly string[];

/** What two people changed of one thing. */
export interface MergeConflict {
  readonly path: MergePath;
  /** What each made of it; undefined: it was removed. */
  readonly mine: unknown;
  readonly theirs: unknown;
}

type Fields = Readonly<Record<string, unknown>>;

/** A place as one word, for what is taken from the other copy. */
export const pathKey = (path: MergePath): string => JSON.stringify(path);

const isFields = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Whether two values are the same, whatever the order of their fields. */
export function same(a: unknown, b: unknown): boolean {
  if (a === b) return true;
  if (Array.isArray(a) && Array.isArray(b))
    return a.length === b.length && a.every((each, at) => same(each, b[at]));
  if (!isFields(a) || !isFields(b)) return false;
  const keys = [...new Set([...Object.keys(a), ...Object.keys(b)])];
  return keys.every((key) => same(a[key], b[key]));
}

/** What an item of a list is known by; undefined where it has no name of its own. */
function keyOf(item: unknown): string | undefined {
  if (typeof item === 'string') return item;
  if (!isFields(item)) return undefined;
  const { id, terminal, segment, at, pair, on } = item;
  if (typeof id === 'string') return id;
  if (typeof terminal === 'string') return terminal;
  if (typeof segment === 'string') return segment;
  return typeof at === 'string' && typeof pair === 'string' ? `${at} ${pair} ${String(on)}` : undefined;
}

/** Items of a list by what they are known by; undefined where one has no name, or two have the same. */
function byKey(
  list: readonly unknown[],
  own: typeof keyOf = keyOf,
): ReadonlyMap<string, unknown> | undefined {
  const all = new Map<string, unknown>();
  for (const item of list) {
    const key = own(item);
    if (key === undefined || all.has(key)) return undefined;
    all.set(key, item);
  }
  return all;
}

/** From so deep on what only the other one changed is one thing. */
const TOLD_FROM = 2;

/** How two copies are merged. */
interface Merging {
  /** Places whose conflicts are settled for the other copy, as `pathKey` says them. */
  readonly takes: ReadonlySet<string>;
  /** What the entries of the list at a place are known by, where that is not an id of their own. */
  readonly keyAt?: (path: MergePath) => ((entry: unknown) => string | undefined) | undefined;
  /** Whether what stands at a place is one thing, of which nobody takes a part. */
  readonly isWhole?: (path: MergePath) => boolean;
  /** What two that differ come to without being asked about; undefined: they are asked about. */
  readonly settled?: (mine: unknown, theirs: unknown, path: MergePath) => unknown;
}

/** Merges two copies of a value, the one that both come from beside them. */
export class Merger {
  readonly taken: MergePath[] = [];
  readonly conflicts: MergeConflict[] = [];
  readonly #merging: Merging;

  constructor(merging: Merging) {
    this.#merging = merging;
  }

  merge(base: unknown, mine: unknown, theirs: unknown, path: MergePath): unknown {
    if (same(mine, theirs)) return mine;
    if (same(base, theirs)) return mine;
    const unchanged = same(base, mine);
    // The job and its lists are looked into all the same, so that what is taken is told circuit by circuit.
    if (unchanged && path.length >= TOLD_FROM) return this.#take(theirs, path);
    if (this.#merging.isWhole?.(path) === true) return this.#whole(unchanged, mine, theirs, path);
    // Two that differ in kind have no fields in common.
    if (isFields(mine) && isFields(theirs) && mine['kind'] === theirs['kind'])
      return this.#fields(isFields(base) ? base : {}, mine, theirs, path);
    if (Array.isArray(mine) && Array.isArray(theirs)) {
      const known = this.#merging.keyAt?.(path);
      const [was, own, other] = [Array.isArray(base) ? base : [], mine, theirs].map((list) =>
        byKey(list, known),
      );
      if (was !== undefined && own !== undefined && other !== undefined)
        return this.#lists(was, own, other, path);
    }
    return this.#whole(unchanged, mine, theirs, path);
  }

  #whole(unchanged: boolean, mine: unknown, theirs: unknown, path: MergePath): unknown {
    if (unchanged) return this.#take(theirs, path);
    const settled = this.#merging.settled?.(mine, theirs, path);
    if (settled === undefined) return this.#conflict(mine, theirs, path);
    return settled === theirs ? this.#take(theirs, path) : settled;
  }

  #take(theirs: unknown, path: MergePath): unknown {
    this.taken.push(path);
    return theirs;
  }

  #conflict(mine: unknown, theirs: unknown, path: MergePath): unknown {
    this.conflicts.push({ path, mine, theirs });
    return this.#merging.takes.has(pathKey(path)) ? theirs : mine;
  }

  #fields(base: Fields, mine: Fields, theirs: Fields, path: MergePath): Fields {
    const keys = [...new Set([...Object.keys(mine), ...Object.keys(theirs)])];
    return Object.fromEntries(
      keys.flatMap((key): readonly (readonly [string, unknown])[] => {
        const merged = this.merge(base[key], mine[key], theirs[key], [...path, key]);
        return merged === undefined ? [] : [[key, merged]];
      }),
    );
  }

  #lists(
    base: ReadonlyMap<string, unknown>,
    mine: ReadonlyMap<string, unknown>,
    theirs: ReadonlyMap<string, unknown>,
    path: MergePath,
  ): readonly unknown[] {
    // What is known by what it is about stands nowhere in particular.
    const isOrdered = this.#merging.keyAt?.(path) === undefined;
    const order = isOrdered
      ? this.#order([...base.keys()], [...mine.keys()], [...theirs.keys()], path)
      : [...new Set([...mine.keys(), ...theirs.keys()])];
    return order.flatMap((key) => {
      const merged = this.merge(base.get(key), mine.get(key), theirs.get(key), [...path, key]);
      return merged === undefined ? [] : [merged];
    });
  }

  /** The order of a list: the one that was changed; what only the other one added stands at its end. */
  #order(
    base: readonly string[],
    mine: readonly string[],
    theirs: readonly string[],
    path: MergePath,
  ): readonly string[] {
    const common = (list: readonly string[]): readonly string[] =>
      list.filter((key) => base.includes(key) && mine.includes(key) && theirs.includes(key));
    const [was, own, other] = [common(base), common(mine), common(theirs)];
    const movedByMe = !same(was, own);
    const movedByThem = !same(was, other);
    const place = [...path, 'order'];
    const first =
      movedByThem && !movedByMe
        ? theirs
        : movedByThem && !same(own, other) && this.#conflict(own, other, place) === other
          ? theirs
          : mine;
    if (movedByThem && !movedByMe) this.taken.push(place);
    return [...new Set([...first, ...mine, ...theirs])];
  }
}
