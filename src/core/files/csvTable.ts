import Papa from 'papaparse';

/** A row of a CSV file with the line it stands in, counted from 1 with the header as line 1. */
export interface CsvRow {
  readonly line: number;
  readonly cells: Readonly<Record<string, string>>;
  /** Whether it has more cells than the header. */
  readonly tooLong: boolean;
}

/** A CSV file read: its headers and rows, or why it is none. */
export type CsvTable =
  | { readonly headers: readonly string[]; readonly rows: readonly CsvRow[] }
  | { readonly problem: string };

/** The largest file that is read, characters: far more than a schedule. */
const MAX_CHARACTERS = 5_000_000;
/** The most rows. */
const MAX_ROWS = 5000;

/** What the reader calls the cells past the last header. */
const PAST_HEADER = '__parsed_extra';

function rowOf({ [PAST_HEADER]: extra, ...cells }: Readonly<Record<string, string>>, line: number): CsvRow {
  return { line, cells, tooLong: extra !== undefined };
}

/** A cell without the mark that kept it from being a formula: what was written is read back. */
const unescaped = (cell: string): string => (/^'[=+\-@\t\r]/.test(cell) ? cell.slice(1) : cell);

/** Reads a CSV file with a header; commas, semicolons or tabs, with or without quotes. */
export function readCsv(text: string): CsvTable {
  if (text.length > MAX_CHARACTERS)
    return { problem: 'The file is larger than a schedule: 5 MB is the most.' };
  const read = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (header) => header.trim(),
    transform: (value) => unescaped(value.trim()),
  });
  const headers = read.meta.fields ?? [];
  if (headers.length === 0 || read.data.length === 0)
    return { problem: 'The file has no rows under its header.' };
  if (read.data.length > MAX_ROWS)
    return { problem: `The file has ${read.data.length} rows; ${MAX_ROWS} is the most.` };
  return { headers, rows: read.data.map((cells, at) => rowOf(cells, at + 2)) };
}

/** Writes rows under the headers that any of them has, in the order in which they first stand. */
export function writeCsv(rows: readonly Readonly<Record<string, string | number | boolean>>[]): string {
  const headers = [...new Set(rows.flatMap((row) => Object.keys(row)))];
  return Papa.unparse(
    { fields: headers, data: rows.map((row) => headers.map((header) => row[header] ?? '')) },
    { escapeFormulae: true },
  );
}
