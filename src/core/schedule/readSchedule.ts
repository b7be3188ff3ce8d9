import type { Circuit } from '../circuit/circuitSchema';
import type { DesignTemperatures } from '../circuit/designTemperatures';
import { designAmbient, USUAL_DESIGN } from '../circuit/jobDefaults';
import { LIMITS } from '../code/limits';
import { readCsv } from '../files/csvTable';
import { firstProblem } from '../job/zodProblem';
import { circuitFromItem } from '../worksheet/circuitItem';
import { circuitItemSchema, worksheetSchema, type CircuitItem } from '../worksheet/itemSchemas';
import { fromDotted } from './dottedFields';
import { typedRow, type BadRow } from './typedRow';

type Fields = Readonly<Record<string, unknown>>;

/** A row of a schedule that became a circuit. */
export interface ReadRow {
  readonly line: number;
  readonly circuit: Circuit;
}

/** A schedule read row by row, or why the file is none. */
export type Schedule =
  | { readonly rows: readonly ReadRow[]; readonly bad: readonly BadRow[] }
  | { readonly problem: string };

/** A circuit of an item under the job: what the item does not say is as in any new circuit of that job. */
function underJob(circuit: Circuit, item: CircuitItem, said: Fields, design: DesignTemperatures): Circuit {
  const run = circuit.run.map((segment, at) =>
    item.segments?.[at]?.ambientC === undefined && said['ambientC'] === undefined
      ? { ...segment, ambientC: designAmbient(design, segment.place) }
      : segment,
  );
  const unmarked = { panel: 'unmarked', load: 'unmarked' } as const;
  return { ...circuit, run, terminals: said['terminalC'] === undefined ? unmarked : circuit.terminals };
}

function itemRow(
  line: number,
  { name, ...fields }: Fields,
  newId: () => string,
  design: DesignTemperatures,
): ReadRow | BadRow {
  const item = circuitItemSchema.safeParse({ id: `row-${line}`, kind: 'circuit', ...fields });
  const bad = ({ path, message }: { readonly path: string; readonly message: string }): BadRow => ({
    line,
    column: path,
    message,
  });
  if (!item.success) return bad(firstProblem(item.error));
  const made = circuitFromItem(item.data);
  if ('path' in made) return bad(made);
  const circuit = underJob(made, item.data, fields, design);
  const run = circuit.run.map((segment) => ({ ...segment, id: newId() }));
  const called = typeof name === 'string' ? name.slice(0, LIMITS.nameLength) : circuit.name;
  return { line, circuit: { ...circuit, id: newId(), run, name: called } };
}

const isRecord = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** The circuits of a worksheet; its other items are not circuits and are told as such. */
function readWorksheet(text: string, newId: () => string, design: DesignTemperatures): Schedule {
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
        ? itemRow(index + 1, { ...name, ...item }, newId, design)
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
  if (text.trimStart().startsWith('{')) return readWorksheet(text, newId, design);
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
    const typed = byFamily ? { fields: fromDotted(row.cells) } : typedRow(row);
    if ('bad' in typed) {
      bad.push(...typed.bad);
      continue;
    }
    const read = itemRow(row.line, typed.fields, newId, design);
    if ('circuit' in read) rows.push(read);
    else bad.push(read);
  }
  return { rows, bad };
}
