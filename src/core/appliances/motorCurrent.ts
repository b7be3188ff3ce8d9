import type { Edition } from '../code/edition';
import { horsepowerOf } from '../units/horsepower';
import type { Working } from '../working/worked';

/** Nominal system voltages and the column of the motor tables that each reads. */
const COLUMN_1: Readonly<Record<number, '115' | '200' | '208' | '230'>> = {
  115: '115',
  120: '115',
  200: '200',
  208: '208',
  220: '230',
  230: '230',
  240: '230',
};
const COLUMN_3: Readonly<Record<number, '200' | '208' | '230' | '460'>> = {
  200: '200',
  208: '208',
  220: '230',
  230: '230',
  240: '230',
  460: '460',
  480: '460',
};

/** A motor by what the tables are entered with. */
export interface MotorPlate {
  readonly hp: number;
  readonly volts: number;
  readonly phase: 1 | 3;
}

/** Full-load current by table with the row that was read. */
export interface TableCurrent {
  readonly flcA: number;
  readonly row: string;
  readonly column: string;
}

type Rows = readonly (readonly [row: string, hp: number, amps: number])[];

function rowsOf(table: Readonly<Record<string, Readonly<Record<string, unknown>>>>, column: string): Rows {
  return Object.entries(table)
    .map(([row, cells]) => [row, horsepowerOf(row), Number(cells[column] ?? Number.NaN)] as const)
    .filter(([, , amps]) => Number.isFinite(amps) && amps > 0)
    .toSorted((a, b) => a[1] - b[1]);
}

const memo = new WeakMap<object, Map<string, Rows>>();

function rowsFor(
  { volts, phase }: MotorPlate,
  code: Edition,
): { readonly rows: Rows; readonly column: string } | undefined {
  const column = phase === 1 ? COLUMN_1[volts] : COLUMN_3[volts];
  if (column === undefined) return undefined;
  const table = phase === 1 ? code.tables.motorSinglePhase : code.tables.motorThreePhase;
  const known = memo.get(table) ?? new Map<string, Rows>();
  memo.set(table, known);
  const rows = known.get(column) ?? rowsOf(table.rows, column);
  known.set(column, rows);
  return { rows, column };
}

/**
 * Full-load current of a motor from Table 430.248 or 430.250, between two rows by proportion; below the
 * first row that row. Undefined beyond the table or at a voltage that it does not have (430.6(A)(1)).
 */
export function tableCurrent(motor: MotorPlate, code: Edition): TableCurrent | undefined {
  const found = rowsFor(motor, code);
  if (found === undefined) return undefined;
  const { rows, column } = found;
  const at = rows.findIndex(([, hp]) => hp >= motor.hp - 1e-9);
  const above = rows[at];
  if (above === undefined) return undefined;
  const below = rows[at - 1];
  if (below === undefined || Math.abs(above[1] - motor.hp) < 1e-9)
    return { flcA: above[2], row: above[0], column };
  const share = (motor.hp - below[1]) / (above[1] - below[1]);
  return { flcA: below[2] + share * (above[2] - below[2]), row: above[0], column };
}

/** What a nameplate says of its current, and whether it is a listed appliance marked in horsepower and amperes. */
export interface PlateCurrent {
  readonly plateA?: number | undefined;
  /** Left out: nobody looked. */
  readonly listedAppliance?: boolean | undefined;
}

/** Currents of a motor: what its conductor and disconnect carry, and what the ceiling of its breaker is a percentage of. */
export interface MotorAmps {
  readonly carriesA: number;
  readonly deviceA: number;
}

/**
 * The currents of a motor: the table's (430.6(A)(1)); of a listed motor-operated appliance that is marked in horsepower
 * and amperes the nameplate's (Exception No. 3). Until that is answered the larger is carried, and the breaker is limited
 * by the smaller.
 */
export function motorCurrent(
  motor: MotorPlate,
  { plateA, listedAppliance }: PlateCurrent,
  code: Edition,
  work: Working,
): MotorAmps {
  const found = tableCurrent(motor, code);
  if (found === undefined) {
    work.found('stop', 'motor.not-in-table', 'motor.table', { hp: motor.hp, volts: motor.volts });
    return { carriesA: plateA ?? 0, deviceA: plateA ?? 0 };
  }
  const { flcA, row, column } = found;
  work.step(
    'load.motor-table',
    motor.phase === 1 ? 'table.motor-1' : 'table.motor-3',
    { hp: motor.hp, volts: motor.volts },
    flcA,
    {
      read: { table: motor.phase === 1 ? 'motorSinglePhase' : 'motorThreePhase', row, column },
    },
  );
  if (plateA === undefined || plateA === flcA) return { carriesA: flcA, deviceA: flcA };
  if (listedAppliance === true) {
    work.step('load.motor-plate', 'motor.listed', { flcA, plateA }, plateA);
    return { carriesA: plateA, deviceA: plateA };
  }
  if (plateA > flcA) {
    if (listedAppliance === false)
      work.found('check', 'motor.plate-above-table', 'motor.table', { plateA, flcA });
    work.step('load.motor-larger', 'motor.table', { flcA, plateA }, plateA);
  } else work.found('note', 'motor.fla-used-for-flc', 'motor.table', { plateA, flcA });
  if (listedAppliance === undefined)
    work.found('ask', 'motor.listed-appliance', 'motor.listed', { plateA, flcA });
  // Not the appliance of the exception: the table alone decides the breaker.
  const deviceA = listedAppliance === false ? flcA : Math.min(flcA, plateA);
  return { carriesA: Math.max(flcA, plateA), deviceA };
}

/** The largest receptacle that the plug of a motor goes into, amperes; null where it has none. */
export const largestPlugA = (
  connection: 'hardwired' | 'receptacle' | undefined,
  volts: number,
): number | null => (connection === 'receptacle' ? (volts <= 125 ? 20 : 50) : null);

/** How it is asked of a motor whose nameplate bears a current whether the exception for listed appliances holds. */
export const LISTED_APPLIANCE = {
  label: 'Part of a listed appliance marked in HP and amperes?',
  when: ({ nameplateA }: { readonly nameplateA?: number | undefined }) => nameplateA !== undefined,
} as const;
