import { readTyped } from '../typing/readTyped';
import { readCsv, type CsvRow } from '../files/csvTable';
import { fromDotted } from './dottedFields';

/** Length that is taken where a row has none, feet. */
const USUAL_LENGTH_FT = 40;

/** A builder's row as an item; what was typed and not understood stays in it, so that its error names it. */
function typedItem({ cells, line }: CsvRow): Record<string, unknown> {
  const { appliance = '', name, ...fields } = cells;
  const typed = readTyped(appliance);
  const id = name === undefined || name === '' ? `row-${line}` : name;
  if ('problem' in typed) {
    return {
      id,
      kind: 'circuit',
      family: appliance,
      nameplate: {},
      method: 'nm-b',
      lengthFt: USUAL_LENGTH_FT,
    };
  }
  const said = fromDotted(fields);
  return {
    id,
    kind: 'circuit',
    family: typed.appliance.family,
    nameplate: typed.appliance.nameplate,
    method: typed.method ?? 'nm-b',
    lengthFt: typed.lengthFt ?? USUAL_LENGTH_FT,
    ...(typed.place === undefined ? {} : { location: typed.place }),
    ...said,
  };
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
