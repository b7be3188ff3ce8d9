import type { Edition } from '../code/edition';
import type { MethodId } from '../code/methods';
import type { CableTable, CableType } from '../code/tables/shapes';
import { sizeRank, type Metal, type WireSize } from '../units/wireSize';

const TABLED: Partial<Record<MethodId, CableType>> = { 'nm-b': 'NM-B', 'uf-b': 'UF-B', ser: 'SER' };

/** Metal-clad cable is made in every size up to this one, with a ground as the table asks. */
const LARGEST_MC: WireSize = '4/0';
const SMALLEST_AL: WireSize = '8';

/** A cable as manufacturers build it. */
export interface CableConstruction {
  /** As it is asked for at the counter: "NM-B 6/2", "SER 2-2-2-4". */
  readonly name: string;
  /** The ground that is built in; null where it is made as the table asks. */
  readonly egc: WireSize | null;
  /** Insulated conductors in it; one more than needed is capped at both ends. */
  readonly wires: number;
  readonly widthIn: number | null;
  readonly heightIn: number | null;
}

/** "6/2" is of size 6, "1/0-1/0-1/0-2" of size 1/0. */
const firstSize = (name: string): string => name.split(name.includes('-') ? '-' : '/')[0] ?? '';

const tabled = (
  table: CableTable,
  type: CableType,
  size: WireSize,
  wires: number,
): CableConstruction | undefined => {
  const made = Object.entries(table.types[type])
    .filter(([name]) => firstSize(name) === size)
    .map(([name, row]) => ({
      name: `${type} ${name}`,
      egc: row.egc,
      wires: type === 'SER' ? 3 : Number(name.split('/')[1]),
      widthIn: row.widthIn,
      heightIn: row.heightIn,
    }));
  return made.find((each) => each.wires >= wires);
};

const memo = new WeakMap<CableTable, Map<string, CableConstruction | undefined>>();

/**
 * The cable of a method, size and number of insulated conductors, as manufacturers build it; undefined where
 * none is made. A cable with one conductor more than needed is taken when no other is made.
 */
export function cableMade(
  code: Edition,
  method: MethodId,
  size: WireSize,
  wires: number,
  metal: Metal,
): CableConstruction | undefined {
  const type = TABLED[method];
  if (type === undefined) return metalClad(size, wires, metal);
  if ((type === 'SER') !== (metal === 'al')) return undefined;
  const table = code.tables.cables;
  const known = memo.get(table) ?? new Map<string, CableConstruction | undefined>();
  memo.set(table, known);
  const key = `${type} ${size} ${wires}`;
  if (!known.has(key)) known.set(key, tabled(table, type, size, wires));
  return known.get(key);
}

const metalClad = (size: WireSize, wires: number, metal: Metal): CableConstruction | undefined =>
  sizeRank(size) > sizeRank(LARGEST_MC) || (metal === 'al' && sizeRank(size) < sizeRank(SMALLEST_AL))
    ? undefined
    : { name: `MC ${size}/${wires}`, egc: null, wires, widthIn: null, heightIn: null };
