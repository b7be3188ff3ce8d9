import { tally } from '../../units/tally';
import { isConcrete } from '../bonding';
import { apart, boundsOf, type Point } from '../point';
import { alongSegment, closedLine, lengthOf, piecesOf } from '../segments';
import type { WaterReport } from '../waterReport';
import type { Yard } from '../yardSchema';
import { fieldParts, STATED_SOIL, type FieldPart, type FieldValues } from './fieldParts';
import { soilSheet, type Sheet } from './sheet';
import {
  joinedField,
  soilResponse,
  type Contact,
  type FieldLink,
  type FieldSolution,
  type SoilResponse,
  type Source,
} from './solveField';

/** Cells along each side of the field. */
const FIELD_CELLS = 256;

/** Where the cells of a field lie in the yard. */
export interface FieldGrid {
  readonly n: number;
  readonly stepFt: number;
  /** Lower left corner, feet. */
  readonly origin: Point;
}

/** Where a field lies, and the parts in it. */
export interface FieldFrame {
  readonly grid: FieldGrid;
  readonly parts: readonly FieldPart[];
}

/** A water and its surroundings as the field sees them. */
export interface FieldModel extends FieldFrame {
  /** Cells of each part with the share of its contact that each has. */
  readonly cells: readonly (readonly (readonly [cell: number, share: number])[])[];
  /** Whether a cell is soil. */
  readonly soil: Uint8Array;
}

/** Room around the outermost of what is looked at, feet. */
const ROOM_FT = 14;
/** Ohms of a square of the sheet in soil of 100 ohm-m, and its reach: they follow the field of a buried ring. */
const SQUARE_OHM = 134.45;
const REACH_FT = 8;
/** Ring to soil along a foot of it, ohms in soil of 100 ohm-m. */
const RING_OHM_FT = 202;
/** Concrete to soil on a square foot, ohms in soil of 100 ohm-m: little, since its steel lies in it. */
const SHELL_OHM_FT2 = 100;
/** What the soil around a contact has of its resistance to earth, ohms in soil of 100 ohm-m. */
const SPREAD_OHM = { equipment: 45, metal: 45, fence: 10 } as const;
/** Water to earth through a liner or wall, ohms. */
const LINER_OHM = 20000;
/** Half of what a contact covers, feet. */
const CONTACT_FT = 1;

function gridAround(points: readonly Point[], n: number): FieldGrid {
  const { left, right, low, high } = boundsOf(points);
  const side = Math.max(right - left, high - low) + 2 * ROOM_FT;
  return { n, stepFt: side / n, origin: [(left + right - side) / 2, (low + high - side) / 2] };
}

/** The cell at a place; undefined outside of the field. */
export function cellAt({ n, stepFt, origin }: FieldGrid, [x, y]: Point): number | undefined {
  const [column, row] = [Math.floor((x - origin[0]) / stepFt), Math.floor((y - origin[1]) / stepFt)];
  return column < 0 || row < 0 || column >= n || row >= n ? undefined : row * n + column;
}

const centerOf = ({ n, stepFt, origin }: FieldGrid, cell: number): Point => [
  origin[0] + ((cell % n) + 0.5) * stepFt,
  origin[1] + (Math.floor(cell / n) + 0.5) * stepFt,
];

/** Shares of cells that sum to one. */
function shared(weights: ReadonlyMap<number, number>): readonly (readonly [number, number])[] {
  const all = [...weights.values()].reduce((sum, each) => sum + each, 0);
  return [...weights].map(([cell, weight]) => [cell, weight / all] as const);
}

/** The soil cells under a line, each by how much of it lies there. */
function underLine(lines: readonly (readonly Point[])[], grid: FieldGrid, soil: Uint8Array) {
  const weights = new Map<number, number>();
  for (const piece of lines.flatMap(piecesOf)) {
    const steps = Math.max(1, Math.ceil((2 * apart(...piece)) / grid.stepFt));
    for (let step = 0; step < steps; step += 1) {
      const cell = cellAt(grid, alongSegment(piece, (step + 0.5) / steps));
      if (cell !== undefined && soil[cell] === 1) tally(weights, cell, apart(...piece) / steps);
    }
  }
  return shared(weights);
}

/** The soil cells within a contact's reach of a place: the nearest ones, where a place stands in the wall. */
function underPlace(at: Point, grid: FieldGrid, soil: Uint8Array) {
  const weights = new Map<number, number>();
  for (let reach = CONTACT_FT; weights.size === 0 && reach < 64; reach *= 2) {
    const cells = Math.ceil(reach / grid.stepFt);
    for (let dy = -cells; dy <= cells; dy += 1)
      for (let dx = -cells; dx <= cells; dx += 1) {
        const cell = cellAt(grid, [at[0] + dx * grid.stepFt, at[1] + dy * grid.stepFt]);
        if (cell !== undefined && soil[cell] === 1 && apart(centerOf(grid, cell), at) <= reach)
          weights.set(cell, 1);
      }
  }
  return shared(weights);
}

/** The wires in the ground that bond the surface: the ring, or the grid in its place. */
const wiresOf = ({ ring, grid }: WaterReport): readonly (readonly Point[])[] =>
  ring?.pieces ?? grid?.pieces ?? [];

/** The cells that a part touches. */
function cellsOf(
  part: FieldPart,
  report: WaterReport,
  { lines }: Pick<Yard, 'lines'>,
  grid: FieldGrid,
  soil: Uint8Array,
) {
  switch (part.kind) {
    case 'ring':
    case 'grid':
      return underLine(wiresOf(report), grid, soil);
    case 'fence':
      return underLine(
        lines.filter(({ id }) => id === part.id).map(({ points }) => points),
        grid,
        soil,
      );
    case 'shell': {
      const inside = Array.from({ length: grid.n ** 2 }, (_, cell) => cell).filter((cell) =>
        report.placed.edge.holds(centerOf(grid, cell)),
      );
      return shared(new Map(inside.map((cell) => [cell, 1])));
    }
    case 'water':
      return underLine([closedLine(report.placed.outline)], grid, soil);
    case 'equipment':
    case 'metal':
      return underPlace(part.at, grid, soil);
  }
}

/** A water and its surroundings laid onto cells. A liner below grade keeps the soil out. */
export function fieldModel(report: WaterReport, yard: Pick<Yard, 'lines'>, n = FIELD_CELLS): FieldModel {
  const parts = fieldParts(report, yard);
  const { placed, water } = report;
  const near = parts.filter(({ kind }) => kind !== 'fence').map(({ at }) => at);
  const grid = gridAround([...placed.outline, ...near], n);
  const lined = water.kind === 'in-ground' && !isConcrete(water.shell);
  const soil = Uint8Array.from({ length: n * n }, (_, cell) =>
    lined && placed.edge.holds(centerOf(grid, cell)) ? 0 : 1,
  );
  return { grid, parts, soil, cells: parts.map((part) => cellsOf(part, report, yard, grid, soil)) };
}

/** Conductance of a part to the soil as a whole, siemens. */
function toSoil(
  { kind, earthOhm }: FieldPart,
  report: WaterReport,
  { grid, cells }: FieldModel,
  index: number,
  soilOhmM: number,
) {
  const scale = STATED_SOIL / soilOhmM;
  if (kind === 'ring' || kind === 'grid')
    return (scale * wiresOf(report).reduce((sum, piece) => sum + lengthOf(piece), 0)) / RING_OHM_FT;
  if (kind === 'shell') return (scale * (cells[index]?.length ?? 0) * grid.stepFt ** 2) / SHELL_OHM_FT2;
  // Behind a liner the water has a little to earth; in concrete it stands with the steel.
  if (kind === 'water') return isConcrete(report.water.shell) ? 0 : 1 / LINER_OHM;
  return earthOhm === null ? 0 : scale / (earthOhm - SPREAD_OHM[kind]);
}

/** A bond of copper. */
const BOND_S = 100;
/** Water to a bonded plate of 9 in² or to a ladder in it, and to what wets it all around, ohms. */
const PLATE_OHM = 29;
const WETTED_OHM = 5;
/** Water to the pump through plastic pipe, ohms. */
const PIPE_OHM = 20000;
const LINE_V = 120;
const NEUTRAL_OHM = 1;

/** Where current comes in: at what leaks, or over the ground wire of the equipment; undefined where nothing is electrical. */
export function sourceOf(
  { parts }: Pick<FieldFrame, 'parts'>,
  { source, leaksAt }: Pick<FieldValues, 'source' | 'leaksAt'>,
): FieldPart | undefined {
  const stated = parts.find(({ id, leaks }) => leaks && id === leaksAt);
  if (source === 'leak' && stated !== undefined) return stated;
  return parts.find(({ kind }) => kind === 'equipment') ?? parts.find(({ leaks }) => leaks);
}

/** What joins the parts: the bonds that are not lifted, and what wets or feeds them anyway. */
function linksOf({ parts }: FieldFrame, lifted: ReadonlySet<string>): readonly FieldLink[] {
  const bus = parts.length;
  const index = (id: string): number => parts.findIndex((part) => part.id === id);
  const [water, shell, unit] = [index('water'), index('shell'), index('unit')];
  const source = parts.findIndex(({ kind }) => kind === 'equipment');
  const join = (from: number, to: number, siemens: number): readonly FieldLink[] =>
    from < 0 || to < 0 ? [] : [{ from, to, siemens }];
  return [
    ...parts.flatMap(({ id, kind, bonds }, from) =>
      bonds && !lifted.has(id) ? join(from, bus, kind === 'water' ? 1 / PLATE_OHM : BOND_S) : [],
    ),
    ...parts.flatMap(({ wet }, from) => (wet ? join(from, water, 1 / PLATE_OHM) : [])),
    ...join(water, shell, 1 / WETTED_OHM),
    ...join(water, unit, 1 / WETTED_OHM),
    ...join(unit, bus, BOND_S),
    ...(unit < 0 ? join(source, water, 1 / PIPE_OHM) : []),
  ];
}

/** The sheet of a model in soil of a resistivity. */
const sheetOf = ({ grid, soil }: FieldModel, soilOhmM: number): Sheet =>
  soilSheet(
    grid.n,
    grid.stepFt,
    { squareOhm: (SQUARE_OHM * soilOhmM) / STATED_SOIL, reachFt: REACH_FT },
    (column, row) => soil[row * grid.n + column] === 1,
  );

/** How the soil of a model answers to its parts; the longest work, with how far it is. */
export function* modelResponse(
  model: FieldModel,
  report: WaterReport,
  soilOhmM: number,
): Generator<number, SoilResponse> {
  const contacts = model.parts.map((part, index): Contact => {
    const whole = toSoil(part, report, model, index, soilOhmM);
    const cells = whole === 0 ? [] : (model.cells[index] ?? []);
    return cells.map(([cell, share]) => [cell, share * whole] as const);
  });
  return yield* soilResponse(sheetOf(model, soilOhmM), contacts);
}

/** Where current comes in, and behind what; undefined where nothing is electrical. */
function sourceIn(model: FieldFrame, values: FieldValues): Source | undefined {
  const { source, leakOhm, neutralV } = values;
  const from = sourceOf(model, values);
  if (from === undefined) return undefined;
  const part = model.parts.indexOf(from);
  return source === 'leak'
    ? { part, siemens: 1 / leakOhm, volts: LINE_V }
    : { part, siemens: 1 / NEUTRAL_OHM, volts: neutralV };
}

/**
 * The field with some bonds lifted; undefined where nothing is electrical.
 *
 * @param lifted Parts whose bond is lifted.
 */
export function fieldWith(
  model: FieldFrame,
  soil: SoilResponse,
  lifted: ReadonlySet<string>,
  values: FieldValues,
): FieldSolution | undefined {
  const source = sourceIn(model, values);
  return source && joinedField(soil, linksOf(model, lifted), source);
}
