import { METHOD_IDS, ENVIRONMENTS, type MethodId, type Environment } from '../code/methods';
import type { CsvRow } from '../files/csvTable';
import { readTyped } from '../typing/readTyped';
import { parseLength } from '../units/length';
import { isRefused } from '../units/refused';
import { fromDotted } from './dottedFields';

/** A row that did not: where, and what is accepted. */
export interface BadRow {
  readonly line: number;
  readonly column: string;
  readonly message: string;
}

/** Whether a row was refused. */
export const isBadRow = (row: Readonly<Record<string, unknown>> | BadRow): row is BadRow =>
  'line' in row && 'message' in row;

/** Length that is taken where a schedule has none, feet. */
const USUAL_LENGTH_FT = 40;

const inOrder = <T extends string>(word: string, known: readonly T[]): T | undefined =>
  known.find((each) => each === word.toLowerCase());

const METHOD_COLUMNS = ['method', 'cable', 'wiring'];
const PLACE_COLUMNS = ['place', 'location'];
const LENGTH_COLUMNS = ['length', 'lengthFt', 'feet', 'ft'];
const NAME_COLUMNS = ['name', 'room', 'label'];

/** Columns that say something of a builder's row; any other is a field of a circuit item. */
const READ_COLUMNS: ReadonlySet<string> = new Set([
  'appliance',
  ...METHOD_COLUMNS,
  ...PLACE_COLUMNS,
  ...LENGTH_COLUMNS,
  ...NAME_COLUMNS,
]);

/** The field of a circuit item that a column of a builder's row says. */
export function fieldOfColumn(column: string): string {
  if (column === 'appliance') return 'family';
  if (METHOD_COLUMNS.includes(column)) return 'method';
  if (PLACE_COLUMNS.includes(column)) return 'location';
  return LENGTH_COLUMNS.includes(column) ? 'lengthFt' : column;
}

const cellOf = (
  { cells }: CsvRow,
  columns: readonly string[],
): { readonly column: string; readonly cell: string } => {
  const column = columns.find((each) => (cells[each] ?? '') !== '') ?? columns[0] ?? '';
  return { column, cell: cells[column] ?? '' };
};

interface Said {
  readonly method: MethodId;
  readonly place: Environment;
  readonly lengthFt: number;
}

/** Length, method and place of a row: of its own columns, or as typed with the appliance. */
function saidOf(row: CsvRow, typed: { readonly [K in keyof Said]: Said[K] | undefined }): Said | BadRow {
  const [length, method, place] = [
    cellOf(row, LENGTH_COLUMNS),
    cellOf(row, METHOD_COLUMNS),
    cellOf(row, PLACE_COLUMNS),
  ];
  const bad = (column: string, message: string): BadRow => ({ line: row.line, column, message });
  const feet = length.cell === '' ? undefined : parseLength(length.cell);
  if (feet !== undefined && isRefused(feet))
    return bad(length.column, `"${length.cell}" is not a length; give ${feet.accepts}.`);
  const known = method.cell === '' ? undefined : inOrder(method.cell, METHOD_IDS);
  if (method.cell !== '' && known === undefined)
    return bad(method.column, `"${method.cell}" is no wiring method; use one of ${METHOD_IDS.join(', ')}.`);
  const where = place.cell === '' ? undefined : inOrder(place.cell, ENVIRONMENTS);
  if (place.cell !== '' && where === undefined)
    return bad(place.column, `"${place.cell}" is no place; use one of ${ENVIRONMENTS.join(', ')}.`);
  return {
    method: known ?? typed.method ?? 'nm-b',
    place: where ?? typed.place ?? 'indoor',
    lengthFt: feet ?? typed.lengthFt ?? USUAL_LENGTH_FT,
  };
}

/** What a row calls its circuit; empty where it says nothing. */
export const rowName = (row: CsvRow): string => cellOf(row, NAME_COLUMNS).cell;

/** A builder's row, its appliance written as it is typed, as a circuit item of a worksheet. */
export function typedRow(row: CsvRow): Readonly<Record<string, unknown>> | BadRow {
  const typed = readTyped(row.cells['appliance'] ?? '');
  if ('problem' in typed) return { line: row.line, column: 'appliance', message: typed.problem };
  const said = saidOf(row, typed);
  if ('message' in said) return said;
  const name = rowName(row);
  const others = Object.entries(row.cells).filter(([column]) => !READ_COLUMNS.has(column));
  return {
    ...(name !== '' && { name }),
    family: typed.appliance.family,
    nameplate: typed.appliance.nameplate,
    method: said.method,
    lengthFt: said.lengthFt,
    location: said.place,
    ...fromDotted(Object.fromEntries(others)),
  };
}
