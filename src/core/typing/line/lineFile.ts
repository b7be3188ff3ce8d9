import { wholePlate } from '../../appliances/typedPlate';
import { edition, type EditionYear } from '../../code/edition';
import { circuitFigures } from '../../worksheet/circuitItem';
import { circuitItemSchema } from '../../worksheet/itemSchemas';
import { applianceOf, assumedIn, pinsOf, runOf, saidRun } from './lineCircuit';
import { kindOf, unreadOf, type LineKind } from './lineKind';
import { readLine, type OtherReading, type Reading } from './readLine';
import type { Unread } from './said';

/** A circuit as a line says it, for a file. */
interface CircuitOfLine {
  readonly family: string;
  readonly nameplate: Readonly<Record<string, unknown>>;
  readonly method: string | null;
  readonly material: 'cu' | 'al';
  readonly segments: readonly {
    readonly method: string | null;
    readonly lengthFt: number | null;
    readonly location: string;
  }[];
  readonly breakerA: number | null;
  readonly size: string | null;
  readonly receptacle: string | null;
  readonly wires: number | null;
  readonly gfci: boolean | null;
}

/** What is said of a line, for a file. */
export interface LineAnswer {
  readonly kind: LineKind | null;
  readonly circuit: CircuitOfLine | null;
  readonly assumed: readonly string[];
  readonly unread: readonly Unread[];
  readonly others: readonly { readonly say: string; readonly circuit: CircuitOfLine }[];
  readonly answer: Readonly<Record<string, unknown>> | null;
}

function circuitOf(reading: Reading): CircuitOfLine {
  const { family, plate, material, breakerA, size, receptacle, wires, gfci } = reading;
  const run = saidRun(reading);
  return {
    family,
    nameplate: wholePlate(plate),
    method: run[0]?.method ?? null,
    material: material ?? 'cu',
    segments: run.map(({ method, lengthFt, place }) => ({ method, lengthFt, location: place ?? 'indoor' })),
    breakerA,
    size,
    receptacle,
    wires,
    gfci,
  };
}

/** The figures of a reading as a worksheet has them; null where its plate cannot be. */
function figuresOf(reading: Reading, year: EditionYear): LineAnswer['answer'] {
  const appliance = applianceOf(reading);
  if (appliance === undefined) return null;
  const given = {
    id: 'line',
    kind: 'circuit',
    family: appliance.family,
    nameplate: appliance.nameplate,
    segments: runOf(reading).map(({ method, lengthFt, place }) => ({ method, lengthFt, location: place })),
    material: reading.material ?? 'cu',
    pinned: pinsOf(reading),
  };
  const item = circuitItemSchema.safeParse(given);
  if (!item.success) return null;
  const answer = circuitFigures(item.data, edition(year));
  return 'path' in answer ? null : answer;
}

/** Another reading with the breaker that it then takes; nothing where that is the same. */
function otherOf({ breakerA }: Reading, { value, unit, reading }: OtherReading, year: EditionYear) {
  const breaker = figuresOf(reading, year)?.['ocpdA'];
  if (breaker === breakerA) return [];
  const what = reading.family === 'ev' ? 'output' : 'on the nameplate';
  const takes = typeof breaker === 'number' ? `${breaker} A breaker` : 'no breaker fits';
  return [{ say: `${value} ${unit} ${what}: ${takes}`, circuit: circuitOf(reading) }];
}

const NOTHING: LineAnswer = { kind: null, circuit: null, assumed: [], unread: [], others: [], answer: null };

/**
 * Reads a line and answers it.
 *
 * @param where - Where it is typed; on the start line its kind is read off it.
 */
export function answerLine(
  line: string,
  where: 'start' | 'yard' | 'panel' | 'route' = 'start',
  year: EditionYear = 2023,
): LineAnswer {
  const kind = where === 'start' ? kindOf(line) : where === 'yard' ? 'water' : where;
  if (kind !== undefined && kind !== 'circuit') return { ...NOTHING, kind, unread: unreadOf(line, kind) };
  const reading = readLine(line);
  if (reading.family === null) return { ...NOTHING, unread: reading.unread };
  return {
    kind: 'circuit',
    circuit: circuitOf(reading),
    assumed: assumedIn(reading),
    unread: reading.unread,
    others: reading.others.flatMap((other) => otherOf(reading, other, year)),
    answer: figuresOf(reading, year),
  };
}
