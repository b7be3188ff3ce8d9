import { freshCheck, type CircuitCheck } from './checksDocument';

/** What two people read differently of one thing. */
export interface CheckConflict {
  readonly circuitId: string;
  /** What it is filed under: "reading B L1N on", "torque panel hot-1", or the name of a field. */
  readonly key: string;
  readonly mine: unknown;
  readonly theirs: unknown;
}

/** Readings of two people as one, and what they do not agree on. */
export interface MergedCheck {
  readonly check: CircuitCheck;
  readonly conflicts: readonly CheckConflict[];
  /** How many things only the other one had read. */
  readonly taken: number;
}

const FIELDS = [
  'off',
  'dead',
  'insulationMohm',
  'groundOhms',
  'loadA',
  'tripMa',
  'button',
  'tripsOnLoad',
  'trippedV',
  'riseC',
  'traced',
  'left',
  'note',
] as const satisfies readonly (keyof CircuitCheck)[];

/** Items of a list by what they are about. */
const KEY_OF = {
  readings: ({ at, pair, on }: CircuitCheck['readings'][number]): string =>
    `reading ${at} ${pair} ${on ? 'on' : 'off'}`,
  torque: ({ terminal }: CircuitCheck['torque'][number]): string => `torque ${terminal}`,
  built: ({ segment }: CircuitCheck['built'][number]): string => `built ${segment}`,
} as const;

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/** The same torque with and without its second time is no disagreement: the second is taken. */
function furtherTorque(
  mine: CircuitCheck['torque'][number],
  theirs: CircuitCheck['torque'][number],
): CircuitCheck['torque'][number] | undefined {
  if (mine.first !== theirs.first) return undefined;
  if (mine.second === null) return theirs;
  return theirs.second === null ? mine : undefined;
}

interface Sides<T> {
  readonly mine: readonly T[];
  readonly theirs: readonly T[];
  readonly keyOf: (item: T) => string;
  readonly takesTheirs: (key: string) => boolean;
  readonly further?: (mine: T, theirs: T) => T | undefined;
}

/** Two lists as one, item by item; mine where they do not agree, unless the other's is taken. */
function mergedList<T>({ mine, theirs, keyOf, takesTheirs, further }: Sides<T>) {
  const others = new Map(theirs.map((each) => [keyOf(each), each]));
  const own = new Set(mine.map(keyOf));
  const conflicts: { readonly key: string; readonly mine: T; readonly theirs: T }[] = [];
  let taken = 0;
  const items = mine.map((each) => {
    const key = keyOf(each);
    const other = others.get(key);
    if (other === undefined || same(each, other)) return each;
    const both = further?.(each, other);
    if (both !== undefined) {
      if (both === other) taken += 1;
      return both;
    }
    conflicts.push({ key, mine: each, theirs: other });
    return takesTheirs(key) ? other : each;
  });
  const added = theirs.filter((each) => !own.has(keyOf(each)));
  return { items: [...items, ...added], conflicts, taken: taken + added.length };
}

/** Fields of the other side that this one has not set, and those that both have set otherwise. */
function mergedFields(mine: CircuitCheck, theirs: CircuitCheck, takesTheirs: (key: string) => boolean) {
  const fresh = freshCheck(mine.id);
  const take: (typeof FIELDS)[number][] = [];
  const conflicts: { readonly key: string; readonly mine: unknown; readonly theirs: unknown }[] = [];
  let taken = 0;
  for (const key of FIELDS) {
    const [own, other] = [mine[key], theirs[key]];
    if (same(own, other) || same(other, fresh[key])) continue;
    if (same(own, fresh[key])) {
      taken += 1;
      take.push(key);
      continue;
    }
    conflicts.push({ key, mine: own, theirs: other });
    if (takesTheirs(key)) take.push(key);
  }
  const fields: Partial<CircuitCheck> = Object.fromEntries(take.map((key) => [key, theirs[key]]));
  return { fields, conflicts, taken };
}

/**
 * Readings that two people took of one circuit on two phones, as one: what only one has is kept, what both have otherwise
 * stays as mine unless it is among what is taken from the other. Nothing is lost without being listed.
 */
export function mergeCheck(
  mine: CircuitCheck,
  theirs: CircuitCheck,
  takes: ReadonlySet<string> = new Set(),
): MergedCheck {
  const takesTheirs = (key: string): boolean => takes.has(key);
  const fields = mergedFields(mine, theirs, takesTheirs);
  const readings = mergedList({
    mine: mine.readings,
    theirs: theirs.readings,
    keyOf: KEY_OF.readings,
    takesTheirs,
  });
  const torque = mergedList({
    mine: mine.torque,
    theirs: theirs.torque,
    keyOf: KEY_OF.torque,
    takesTheirs,
    further: furtherTorque,
  });
  const built = mergedList({ mine: mine.built, theirs: theirs.built, keyOf: KEY_OF.built, takesTheirs });
  const conflicts = [fields, readings, torque, built].flatMap((each) => each.conflicts);
  return {
    check: {
      ...mine,
      ...fields.fields,
      readings: readings.items,
      torque: torque.items,
      built: built.items,
    },
    conflicts: conflicts.map((each) => ({ circuitId: mine.id, ...each })),
    taken: [fields, readings, torque, built].reduce((sum, each) => sum + each.taken, 0),
  };
}
