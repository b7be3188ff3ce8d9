import type { Job } from './jobSchema';

/** A place in a job: names of fields, and what items of lists are known by. */
export type MergePath = readonly string[];

/** What two people changed of one thing. */
export interface MergeConflict {
  readonly path: MergePath;
  /** What each made of it; undefined: it was removed. */
  readonly mine: unknown;
  readonly theirs: unknown;
}

/** Two copies of a job as one: its document before it is checked, what was taken, what both changed. */
export interface MergedJob {
  readonly document: unknown;
  /** What only the other one changed. */
  readonly taken: readonly MergePath[];
  readonly conflicts: readonly MergeConflict[];
}

type Fields = Readonly<Record<string, unknown>>;

/** A place as one word, for what is taken from the other copy. */
export const pathKey = (path: MergePath): string => JSON.stringify(path);

const isFields = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Whether two values are the same, whatever the order of their fields. */
function same(a: unknown, b: unknown): boolean {
  if (a === b) return true;
  if (Array.isArray(a) && Array.isArray(b))
    return a.length === b.length && a.every((each, at) => same(each, b[at]));
  if (!isFields(a) || !isFields(b)) return false;
  const keys = [...new Set([...Object.keys(a), ...Object.keys(b)])];
  return keys.every((key) => same(a[key], b[key]));
}

/** What an item of a list is known by; undefined where it has no name of its own. */
function keyOf(item: unknown): string | undefined {
  if (!isFields(item)) return undefined;
  const { id, terminal, segment, at, pair, on } = item;
  if (typeof id === 'string') return id;
  if (typeof terminal === 'string') return terminal;
  if (typeof segment === 'string') return segment;
  return typeof at === 'string' && typeof pair === 'string' ? `${at} ${pair} ${String(on)}` : undefined;
}

/** Items of a list by what they are known by; undefined where one has no name, or two have the same. */
function byKey(list: readonly unknown[]): ReadonlyMap<string, unknown> | undefined {
  const all = new Map<string, unknown>();
  for (const item of list) {
    const key = keyOf(item);
    if (key === undefined || all.has(key)) return undefined;
    all.set(key, item);
  }
  return all;
}

/** From so deep on what only the other one changed is one thing. */
const TOLD_FROM = 2;

/** Merges two copies of a value, the one that both come from beside them. */
class Merger {
  readonly taken: MergePath[] = [];
  readonly conflicts: MergeConflict[] = [];
  readonly #takes: ReadonlySet<string>;

  constructor(takes: ReadonlySet<string>) {
    this.#takes = takes;
  }

  merge(base: unknown, mine: unknown, theirs: unknown, path: MergePath): unknown {
    if (same(mine, theirs)) return mine;
    if (same(base, theirs)) return mine;
    const unchanged = same(base, mine);
    // The job and its lists are looked into all the same, so that what is taken is told circuit by circuit.
    if (unchanged && path.length >= TOLD_FROM) return this.#take(theirs, path);
    if (isFields(mine) && isFields(theirs))
      return this.#fields(isFields(base) ? base : {}, mine, theirs, path);
    if (Array.isArray(mine) && Array.isArray(theirs)) {
      const lists = [Array.isArray(base) ? base : [], mine, theirs].map(byKey);
      const [was, own, other] = lists;
      if (was !== undefined && own !== undefined && other !== undefined)
        return this.#lists(was, own, other, path);
    }
    return unchanged ? this.#take(theirs, path) : this.#conflict(mine, theirs, path);
  }

  #take(theirs: unknown, path: MergePath): unknown {
    this.taken.push(path);
    return theirs;
  }

  #conflict(mine: unknown, theirs: unknown, path: MergePath): unknown {
    this.conflicts.push({ path, mine, theirs });
    return this.#takes.has(pathKey(path)) ? theirs : mine;
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
    const order = this.#order([...base.keys()], [...mine.keys()], [...theirs.keys()], path);
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

/**
 * Two copies of a job as one, by what each changed of the state that both come from. What only one of them changed is
 * kept; what both changed otherwise stays as mine unless its place is among what is taken, and is listed either way.
 */
export function mergeJobs(
  base: Job,
  mine: Job,
  theirs: Job,
  takes: ReadonlySet<string> = new Set(),
): MergedJob {
  const merger = new Merger(takes);
  const document = merger.merge(base, mine, { ...theirs, id: mine.id }, []);
  return { document, taken: merger.taken, conflicts: merger.conflicts };
}

const written = new WeakMap<object, string>();

/** A part of a job as text; parts are shared from state to state, so each is written once. */
function textOf(part: unknown): string {
  if (typeof part !== 'object' || part === null) return String(part);
  const known = written.get(part);
  if (known !== undefined) return known;
  const text = JSON.stringify(part);
  written.set(part, text);
  return text;
}

/** In how many of its parts one state of a job is another than a second: circuits one by one, all else field by field. */
function apart(a: Job, b: Job): number {
  const parts = ({ circuits, ...fields }: Job): ReadonlyMap<string, string> =>
    new Map([
      ...circuits.map((circuit): readonly [string, string] => [`circuit ${circuit.id}`, textOf(circuit)]),
      ...Object.entries(fields).map(([key, value]): readonly [string, string] => [key, textOf(value)]),
    ]);
  const [own, other] = [parts(a), parts(b)];
  const keys = new Set([...own.keys(), ...other.keys()]);
  return [...keys].filter((key) => own.get(key) !== other.get(key)).length;
}

/** Whether two jobs say the same, whatever the order of their fields. */
export const sameJob = (a: Job, b: Job): boolean => apart(a, b) === 0 || same(a, b);

/**
 * Of the states that a job has gone through, latest first, the one that another copy is nearest to: where it was made. Of
 * several the oldest, so that a later edit of the same thing is asked, not taken for what both come from.
 */
export function mergeBase(states: Iterable<Job>, theirs: Job): Job | undefined {
  let best: { readonly job: Job; readonly apart: number } | undefined;
  for (const job of states) {
    const here = apart(job, { ...theirs, id: job.id, name: theirs.name });
    if (best === undefined || here <= best.apart) best = { job, apart: here };
    if (here === 0) break;
  }
  return best?.job;
}
