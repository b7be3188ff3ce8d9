import { readCsv, type CsvRow } from '../files/csvTable';
import { fromDotted } from './dottedFields';
import { fieldOfColumn, rowName, typedRow } from './typedRow';

/** A builder's row as an item; what was not understood stays in it as it was written, so that its error names it. */
function typedItem(row: CsvRow): Record<string, unknown> {
  const read = typedRow(row);
  const name = rowName(row);
  const common = { id: name === '' ? `row-${row.line}` : name, kind: 'circuit' };
  if ('fields' in read) {
    const { name: _name, ...fields } = read.fields;
    return { ...common, ...fields };
  }
  const usual = { family: 'load', nameplate: {}, method: 'nm-b', lengthFt: 1 };
  const asWritten = read.bad.map(({ column }) => [fieldOfColumn(column), row.cells[column] ?? ''] as const);
  return { ...common, ...usual, ...Object.fromEntries<string>(asWritten) };
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
