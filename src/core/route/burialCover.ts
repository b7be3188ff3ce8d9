import type { BurialPlace } from '../code/burialPlaces';
import type { Edition } from '../code/edition';
import type { MethodId } from '../code/methods';

const ROW: Readonly<Record<BurialPlace, string>> = {
  yard: 'anywhere-else',
  'under-slab': 'under-4in-slab',
  'under-concrete': 'under-2in-concrete',
  driveway: 'dwelling-driveway',
  street: 'street',
  'under-building': 'under-building',
};

type Column = 'direct-burial' | 'rigid-metal' | 'nonmetallic' | 'gfci-120v-20a' | 'low-voltage';

/** What is buried, and how it is protected. */
export interface Buried {
  readonly method: MethodId;
  readonly place: BurialPlace;
  readonly volts: number;
  readonly ocpdA: number;
  readonly gfci: boolean;
  /** Whether a cable is in a raceway of its own. */
  readonly sleeved?: boolean;
}

/** Cover in inches, with the column of the table that gave it; null where the method may not be buried. */
export interface Cover {
  readonly coverIn: number;
  readonly column: Column;
}

const LOW_VOLTAGE_V = 30;

const columnOf = (method: MethodId): Column | null => {
  if (method === 'uf-b' || method === 'mc') return 'direct-burial';
  if (method === 'rmc' || method === 'imc') return 'rigid-metal';
  return method === 'pvc40' ||
    method === 'pvc80' ||
    method === 'lfnc' ||
    method === 'lfmc' ||
    method === 'emt'
    ? 'nonmetallic'
    : null;
};

/** UF-B under a building is in a raceway; only metal-clad and mineral cable listed for burial need none (300.5(C)). */
export const isBareUnderBuilding = (method: MethodId, place: BurialPlace, sleeved: boolean): boolean =>
  place === 'under-building' && method === 'uf-b' && !sleeved;

/**
 * The smallest cover of a buried method (Table 300.5): by its own column, less for a 120 V circuit of up
 * to 20 A behind GFCI protection, and for low voltage. Null where the method may not be buried.
 */
export function burialCover(
  { method, place, volts, ocpdA, gfci, sleeved = false }: Buried,
  code: Edition,
): Cover | null {
  const own = columnOf(method);
  if (own === null || isBareUnderBuilding(method, place, sleeved)) return null;
  const columns: readonly string[] = code.tables.burialCover.columns;
  const row = code.tables.burialCover.rows.find((each) => each.place === ROW[place]);
  const of = (column: Column): Cover => ({ column, coverIn: row?.coverIn[columns.indexOf(column)] ?? 24 });
  const allowed: Cover[] = [of(own)];
  if (gfci && volts <= 125 && ocpdA <= 20) allowed.push(of('gfci-120v-20a'));
  if (volts <= LOW_VOLTAGE_V) allowed.push(of('low-voltage'));
  return allowed.reduce((min, each) => (each.coverIn < min.coverIn ? each : min));
}
