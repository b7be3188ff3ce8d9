import { Merger, pathKey, type MergePath } from '../files/merger';
import { checksDocument, freshCheck, type CircuitCheck } from './checksDocument';

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

const checkSchema = checksDocument.schema.element;
const torqueSchema = checkSchema.shape.torque.element;

/** Lists by what one of their items is called. */
const ITEM_OF: Readonly<Record<string, string>> = { readings: 'reading', torque: 'torque', built: 'built' };

/** What a place is filed under. */
function keyOf([field = '', item]: MergePath): string {
  const name = ITEM_OF[field];
  if (name === undefined || item === undefined) return field;
  return `${name} ${item.replace(/ true$/, ' on').replace(/ false$/, ' off')}`;
}

/** The place of what is filed under a key. */
function pathOf(key: string): MergePath {
  const [field] = Object.entries(ITEM_OF).find(([, name]) => key.startsWith(`${name} `)) ?? [];
  if (field === undefined) return [key];
  const item = key.slice((ITEM_OF[field] ?? '').length + 1);
  return [field, item.replace(/ on$/, ' true').replace(/ off$/, ' false')];
}

/** The same torque with and without its second time is no disagreement: the second is taken. */
function furtherTorque(mine: unknown, theirs: unknown, [field]: MergePath): unknown {
  if (field !== 'torque') return undefined;
  const [own, other] = [torqueSchema.safeParse(mine), torqueSchema.safeParse(theirs)];
  if (!own.success || !other.success || own.data.first !== other.data.first) return undefined;
  if (own.data.second === null) return theirs;
  return other.data.second === null ? mine : undefined;
}

/**
 * Readings that two people took of one circuit on two phones, as one: what only one has is kept, what both have otherwise
 * stays as mine unless it is among what is taken from the other. Nothing is lost without being listed. Both come from a
 * circuit on which nothing was read.
 */
export function mergeCheck(
  mine: CircuitCheck,
  theirs: CircuitCheck,
  takes: ReadonlySet<string> = new Set(),
): MergedCheck {
  const merger = new Merger({
    takes: new Set([...takes].map((key) => pathKey(pathOf(key)))),
    // A reading is one person's: volts of one and station of another would be nobody's.
    isWhole: (path) => path.length > 1 || (path.length === 1 && ITEM_OF[path[0] ?? ''] === undefined),
    settled: furtherTorque,
  });
  const merged = merger.merge(freshCheck(mine.id), mine, { ...theirs, id: mine.id }, []);
  return {
    check: checkSchema.parse(merged),
    conflicts: merger.conflicts.map((each) => ({
      circuitId: mine.id,
      key: keyOf(each.path),
      mine: each.mine,
      theirs: each.theirs,
    })),
    taken: merger.taken.length,
  };
}
