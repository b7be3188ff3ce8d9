import { applianceTitle } from '../appliances/registry';
import type { Circuit } from '../circuit/circuitSchema';
import { USUAL_DESIGN } from '../circuit/jobDefaults';
import type { DesignTemperatures } from '../circuit/designTemperatures';
import { newCircuit, newSegment } from '../circuit/newCircuit';
import { METHOD_IDS, ENVIRONMENTS, type MethodId, type Environment } from '../code/methods';
import { firstProblem } from '../job/zodProblem';
import { readTyped } from '../typing/readTyped';
import { isRefused } from '../units/refused';
import { parseLength } from '../units/length';
import { circuitFromItem } from '../worksheet/circuitItem';
import { circuitItemSchema, worksheetSchema } from '../worksheet/itemSchemas';
import { fromDotted } from './dottedFields';
import { readCsv, type CsvRow } from '../files/csvTable';

/** A row of a schedule that became a circuit. */
export interface ReadRow {
  readonly line: number;
  readonly circuit: Circuit;
}

/** A row that did not: where, and what is accepted. */
export interface BadRow {
  readonly line: number;
  readonly column: string;
  readonly message: string;
}

/** A schedule read row by row, or why the file is none. */
export type Schedule =
  { readonly rows: readonly ReadRow[]; readonly bad: readonly BadRow[] } | { readonly problem: string };

/** Length that is taken where a schedule has none, feet. */
const USUAL_LENGTH_FT = 40;

const inOrder = <T extends string>(word: string, known: readonly T[]): T | undefined =>
  known.find((each) => each === word.toLowerCase());

const METHOD_COLUMNS = ['method', 'cable', 'wiring'];
const PLACE_COLUMNS = ['place', 'location'];
const LENGTH_COLUMNS = ['length', 'lengthFt', 'feet', 'ft'];
const NAME_COLUMNS = ['name', 'room', 'label'];

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

function typedRow(row: CsvRow, newId: () => string, design: DesignTemperatures): ReadRow | BadRow {
  const typed = readTyped(row.cells['appliance'] ?? '');
  if ('problem' in typed) return { line: row.line, column: 'appliance', message: typed.problem };
  const said = saidOf(row, typed);
  if ('message' in said) return said;
  const { cell: name } = cellOf(row, NAME_COLUMNS);
  const circuit = newCircuit(newId(), typed.appliance, [
    newSegment(newId(), said.method, said.lengthFt, said.place, design),
  ]);
  return {
    line: row.line,
    circuit: { ...circuit, name: (name === '' ? applianceTitle(typed.appliance) : name).slice(0, 80) },
  };
}

function itemRow(
  line: number,
  cells: Readonly<Record<string, unknown>>,
  newId: () => string,
): ReadRow | BadRow {
  const { name, ...fields } = cells;
  const item = circuitItemSchema.safeParse({ id: `row-${line}`, kind: 'circuit', ...fields });
  const bad = (problem: { readonly path: string; readonly message: string }): BadRow => ({
    line: line,
    column: problem.path,
    message: problem.message,
  });
  if (!item.success) return bad(firstProblem(item.error));
  const circuit = circuitFromItem(item.data);
  if ('path' in circuit) return bad(circuit);
  const run = circuit.run.map((segment) => ({ ...segment, id: newId() }));
  return {
    line: line,
    circuit: {
      ...circuit,
      id: newId(),
      run,
      name: typeof name === 'string' ? name.slice(0, 80) : circuit.name,
    },
  };
}

const isRecord = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** The circuits of a worksheet; its other items are not circuits and are told as such. */
function readWorksheet(text: string, newId: () => string): Schedule {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    return { problem: 'The worksheet is damaged or cut short: it is not readable as JSON.' };
  }
  const sheet = worksheetSchema.safeParse(value);
  if (!sheet.success) {
    const { path, message } = firstProblem(sheet.error);
    return { problem: `The worksheet is not valid at ${path}: ${message}` };
  }
  const rows: ReadRow[] = [];
  const bad: BadRow[] = [];
  for (const [index, item] of sheet.data.items.entries()) {
    const { kind, id } = isRecord(item) ? item : {};
    const name = typeof id === 'string' ? { name: id } : {};
    const read: ReadRow | BadRow =
      isRecord(item) && kind === 'circuit'
        ? itemRow(index + 1, { ...name, ...item }, newId)
        : { line: index + 1, column: 'kind', message: 'Only items of kind circuit become circuits.' };
    if ('circuit' in read) rows.push(read);
    else bad.push(read);
  }
  return { rows, bad };
}

/**
 * Reads a schedule of appliances: rows of worksheet circuits with dotted headers ("family", "nameplate.kw"),
 * or a builder's rows with an "appliance" column written as it is typed; or a worksheet, as JSON. A bad row spoils no other.
 */
export function readSchedule(text: string, newId: () => string, design = USUAL_DESIGN): Schedule {
  if (text.trimStart().startsWith('{')) return readWorksheet(text, newId);
  const table = readCsv(text);
  if ('problem' in table) return table;
  const byFamily = table.headers.includes('family');
  if (!byFamily && !table.headers.includes('appliance')) {
    return {
      problem: `The header needs a column "appliance", or "family" with "nameplate." columns; it has ${table.headers.join(', ')}.`,
    };
  }
  const rows: ReadRow[] = [];
  const bad: BadRow[] = [];
  for (const row of table.rows) {
    if (row.tooLong) {
      bad.push({
        line: row.line,
        column: 'the row',
        message: 'has more cells than the header: is a comma missing its quotes?',
      });
      continue;
    }
    const read = byFamily ? itemRow(row.line, fromDotted(row.cells), newId) : typedRow(row, newId, design);
    if ('circuit' in read) rows.push(read);
    else bad.push(read);
  }
  return { rows, bad };
}
