import { readCsv, type CsvRow } from '../files/csvTable';
import { fromDotted } from './dottedFields';
import { isBadRow, rowName, typedRow } from './typedRow';

/** Names of an item for the columns of a builder's row. */
const FIELD: Readonly<Record<string, string>> = {
  appliance: 'family',
  cable: 'method',
  wiring: 'method',
  place: 'location',
};

const LENGTHS = ['length', 'feet', 'ft'];

/** A builder's row as an item; what was not understood stays in it as it was written, so that its error names it. */
function typedItem(row: CsvRow): Record<string, unknown> {
  const read = typedRow(row);
  const name = rowName(row);
  const common = { id: name === '' ? `row-${row.line}` : name, kind: 'circuit' };
  if (!isBadRow(read)) {
    const { name: _name, ...fields } = read;
    return { ...common, ...fields };
  }
  const field = FIELD[read.column] ?? (LENGTHS.includes(read.column) ? 'lengthFt' : read.column);
  const usual = { family: 'load', nameplate: {}, method: 'nm-b', lengthFt: 1 };
  return { ...common, ...usual, [field]: row.cells[read.column] ?? '' };
}

/**
 * A CSV schedule as a worksheet: rows with dotted headers become items as they stand, a builder's rows are
 * read as they are typed. Rows are checked when the worksheet is answered.
 */
export function worksheetOfCsv(text: string): Record<string, unknown> | { readonly problem: string } {
  const table = readCsv(text);
  if ('problem' in table) return table;
  const typed = !table.headers.includes('family') && table.headers.includes('appliance');
  const items = table.rows.map((row) => {
    if (typed) return typedItem(row);
    const { name: _name, ...fields } = fromDotted(row.cells);
    return { id: `row-${row.line}`, kind: 'circuit', ...fields };
  });
  return { worksheet: 1, items };
}
