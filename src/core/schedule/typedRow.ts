import { METHOD_IDS, METHODS, type MethodId, type Environment } from '../code/methods';
import type { CsvRow } from '../files/csvTable';
import { methodOfWord, placeOfWord } from '../typing/placeAndMethod';
import { typedWords } from '../appliances/registry';
import { AS_NOTE } from '../typing/line/heardFigures';
import { USUAL_LENGTH_FT } from '../circuit/jobDefaults';
import { pinsOf, runOf } from '../typing/line/lineCircuit';
import { readTyped, type Typed } from '../typing/readTyped';
import { parseLength } from '../units/length';
import { isRefused } from '../units/refused';
import { fromDotted } from './dottedFields';

/** A row that did not: where, and what is accepted. */
export interface BadRow {
  readonly line: number;
  readonly column: string;
  readonly message: string;
}

/** A row as the fields of a circuit item, or everything that is wrong in it. */
export type RowRead =
  | { readonly fields: Readonly<Record<string, unknown>> }
  | { readonly bad: readonly BadRow[] };

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

const METHOD_NAMES = METHOD_IDS.map((id) => METHODS[id].name).join(', ');
const USUAL_PLACES = 'indoors, attic, garage, outdoors, underground, damp place, corrosive place';

/** Length, method and place of a row: of its own columns, or as typed with the appliance; or all that is wrong there. */
function saidOf(
  row: CsvRow,
  typed: { readonly [K in keyof Said]?: Said[K] | undefined },
): { readonly said: Said } | { readonly bad: readonly BadRow[] } {
  const [length, method, place] = [
    cellOf(row, LENGTH_COLUMNS),
    cellOf(row, METHOD_COLUMNS),
    cellOf(row, PLACE_COLUMNS),
  ];
  const wrong: BadRow[] = [];
  const bad = (column: string, message: string): void => {
    wrong.push({ line: row.line, column, message });
  };
  const feet = length.cell === '' ? undefined : parseLength(length.cell);
  if (feet !== undefined && isRefused(feet))
    bad(length.column, `"${length.cell}" is not a length; give ${feet.accepts}.`);
  const known = method.cell === '' ? undefined : methodOfWord(method.cell);
  if (method.cell !== '' && known === undefined)
    bad(method.column, `"${method.cell}" is no wiring method; use one of ${METHOD_NAMES}.`);
  const where = place.cell === '' ? undefined : placeOfWord(place.cell);
  if (place.cell !== '' && where === undefined)
    bad(place.column, `"${place.cell}" is no place; use one of ${USUAL_PLACES}.`);
  if (wrong.length > 0) return { bad: wrong };
  const said: Said = {
    method: known ?? typed.method ?? 'nm-b',
    place: where ?? typed.place ?? 'indoor',
    lengthFt: (isRefused(feet) ? undefined : feet) ?? typed.lengthFt ?? USUAL_LENGTH_FT,
  };
  return { said };
}

/** What a row calls its circuit; empty where it says nothing. */
export const rowName = (row: CsvRow): string => cellOf(row, NAME_COLUMNS).cell;

/** The first stretch that was typed with an appliance. */
const firstStretch = ({
  reading: { stretches },
}: Typed): { readonly [K in keyof Said]?: Said[K] | undefined } => {
  const [first] = stretches;
  return {
    method: first?.method ?? undefined,
    place: first?.place ?? undefined,
    lengthFt: first?.lengthFt ?? undefined,
  };
};

/** What is said where an appliance lacks its figure, or a word of it was not understood: a row of a schedule is whole. */
function notWhole({ reading: { family, unread, plate, breakerA } }: Typed): string | undefined {
  const { example } = typedWords(family);
  const isBare = Object.keys(plate.told).length === 0 && breakerA === null && family !== 'mix';
  if (isBare) return `Missing: a figure, as in "${example}".`;
  const strange = unread.find(({ suggestion }) => suggestion !== AS_NOTE);
  return strange && `"${strange.word}" was not understood. Write it as in "${example} 62 ft pvc outdoors".`;
}

/** The run of a row: of its columns, or stretch by stretch as typed with the appliance. */
function runFields(
  row: CsvRow,
  { reading }: Typed,
  { method, lengthFt, place }: Said,
): Record<string, unknown> {
  const hasColumns = [...LENGTH_COLUMNS, ...METHOD_COLUMNS, ...PLACE_COLUMNS].some(
    (column) => (row.cells[column] ?? '') !== '',
  );
  if (hasColumns || reading.stretches.length < 2) return { method, lengthFt, location: place };
  return {
    segments: runOf(reading).map((each) => ({
      method: each.method,
      lengthFt: each.lengthFt,
      location: each.place,
    })),
  };
}

/** A builder's row, its appliance written as it is typed, as a circuit item of a worksheet; or all that is wrong in it. */
export function typedRow(row: CsvRow): RowRead {
  const typed = readTyped(row.cells['appliance'] ?? '');
  const strange = 'problem' in typed ? typed.problem : notWhole(typed);
  const read = saidOf(row, 'problem' in typed ? {} : firstStretch(typed));
  const wrong = 'bad' in read ? read.bad : [];
  if ('problem' in typed || strange !== undefined)
    return { bad: [{ line: row.line, column: 'appliance', message: strange ?? '' }, ...wrong] };
  if ('bad' in read) return { bad: wrong };
  const { method, lengthFt, place } = read.said;
  const name = rowName(row);
  const others = Object.entries(row.cells).filter(([column]) => !READ_COLUMNS.has(column));
  const pinned = pinsOf(typed.reading);
  const { material } = typed.reading;
  return {
    fields: {
      ...(name !== '' && { name }),
      family: typed.appliance.family,
      nameplate: typed.appliance.nameplate,
      ...runFields(row, typed, { method, lengthFt, place }),
      ...(material !== null && { material }),
      ...(Object.keys(pinned).length > 0 && { pinned }),
      ...fromDotted(Object.fromEntries(others)),
    },
  };
}
