import { cellOf } from './cellOf';
import { multigrid, type Inverse } from './multigrid';
import type { Sheet } from './sheet';
import { solveLinear } from './solveLinear';

/** Conductance from a part to each cell that it touches, siemens. */
export type Contact = readonly (readonly [cell: number, siemens: number])[];

/** How soil answers to each of the parts that touch it, whatever joins those above it. */
export interface SoilResponse {
  /** Potentials of the cells where one part is at 1 V and all others at 0. */
  readonly cells: readonly Float64Array[];
  /** Current out of each part into the soil for 1 V at each, siemens. */
  readonly siemens: readonly (readonly number[])[];
  readonly sheet: Sheet;
  /** Rounds that the slowest of them took. */
  readonly rounds: number;
}

const MAX_ROUNDS = 120;
/** What may be missing of the current: a share. */
const LOST = 1e-7;

/**
 * Cells as one vector between two rows of nothing, which spare the question whether a cell has neighbors: current out
 * of each at given potentials.
 */
class SoilSystem {
  readonly size: number;
  readonly from: number;
  readonly to: number;
  readonly #n: number;
  readonly #right: Float64Array;
  readonly #up: Float64Array;
  readonly #diagonal: Float64Array;

  constructor({ n, right, up, leak }: Sheet, joined: Float64Array) {
    this.#n = n;
    this.from = n;
    this.to = n + leak.length;
    this.size = this.to + n;
    this.#right = new Float64Array(this.size);
    this.#up = new Float64Array(this.size);
    this.#diagonal = new Float64Array(this.size);
    this.#right.set(right, n);
    this.#up.set(up, n);
    for (let cell = 0; cell < leak.length; cell += 1) {
      const at = n + cell;
      const r = cellOf(right, cell);
      const u = cellOf(up, cell);
      this.#join(at, cellOf(leak, cell) + cellOf(joined, cell) + r + u);
      this.#join(at + 1, r);
      this.#join(at + n, u);
    }
  }

  #join(at: number, siemens: number): void {
    this.#diagonal[at] = cellOf(this.#diagonal, at) + siemens;
  }

  apply(of: Float64Array, into: Float64Array): void {
    const n = this.#n;
    const right = this.#right;
    const up = this.#up;
    const diagonal = this.#diagonal;
    for (let at = this.from; at < this.to; at += 1)
      into[at] =
        cellOf(diagonal, at) * cellOf(of, at) -
        cellOf(right, at) * cellOf(of, at + 1) -
        cellOf(right, at - 1) * cellOf(of, at - 1) -
        cellOf(up, at) * cellOf(of, at + n) -
        cellOf(up, at - n) * cellOf(of, at - n);
  }
}

const dot = (a: Float64Array, b: Float64Array): number => {
  let sum = 0;
  for (let at = 0; at < a.length; at += 1) sum += cellOf(a, at) * cellOf(b, at);
  return sum;
};

const total = (of: Float64Array): number => {
  let sum = 0;
  for (let at = 0; at < of.length; at += 1) sum += Math.abs(cellOf(of, at));
  return sum;
};

/** a + share * b, into a. */
const add = (a: Float64Array, share: number, b: Float64Array): void => {
  for (let at = 0; at < a.length; at += 1) a[at] = cellOf(a, at) + share * cellOf(b, at);
};

/** The potentials of the cells for currents pushed into them: conjugate gradients, sped up by a multigrid cycle. */
function solveCells(system: SoilSystem, inverse: Inverse, leak: Float64Array, pushed: Float64Array) {
  const { from, to, size } = system;
  const blank = (): Float64Array => new Float64Array(size);
  const [answer, better, way, flow] = [blank(), blank(), blank(), blank()];
  if (total(pushed) === 0) return { cells: new Float64Array(to - from), rounds: 0 };
  const rest = Float64Array.from(pushed);
  // Of what is pushed into a cell most may come straight back: what counts is what goes into the soil.
  const intoSoil = (): number => dot(leak, answer.subarray(from, to));
  const improve = (): void => {
    inverse.apply(rest.subarray(from, to), better.subarray(from, to));
  };
  improve();
  way.set(better);
  let toward = dot(rest, better);
  let rounds = 0;
  while (rounds < MAX_ROUNDS && (rounds === 0 || total(rest) > LOST * intoSoil())) {
    system.apply(way, flow);
    const share = toward / dot(way, flow);
    add(answer, share, way);
    add(rest, -share, flow);
    improve();
    const next = dot(rest, better);
    const keep = next / toward;
    for (let at = 0; at < size; at += 1) way[at] = cellOf(better, at) + keep * cellOf(way, at);
    toward = next;
    rounds += 1;
  }
  return { cells: answer.slice(from, to), rounds };
}

/**
 * How soil answers to the parts that touch it. It is found once for a place and its soil; bonds that are thrown later
 * only join what is found here.
 */
export function* soilResponse(sheet: Sheet, contacts: readonly Contact[]): Generator<number, SoilResponse> {
  const joined = new Float64Array(sheet.leak.length);
  for (const [cell, siemens] of contacts.flat()) joined[cell] = cellOf(joined, cell) + siemens;
  const system = new SoilSystem(sheet, joined);
  const inverse = multigrid(sheet, joined);
  const cells: Float64Array[] = [];
  let rounds = 0;
  for (const contact of contacts) {
    const pushed = new Float64Array(system.size);
    for (const [cell, siemens] of contact) pushed[system.from + cell] = siemens;
    const solved = solveCells(system, inverse, sheet.leak, pushed);
    rounds = Math.max(rounds, solved.rounds);
    cells.push(solved.cells);
    yield cells.length / contacts.length;
  }
  const siemens = contacts.map((contact, part) =>
    cells.map((response, other) => {
      const own = part === other ? contact.reduce((sum, [, each]) => sum + each, 0) : 0;
      return own - contact.reduce((sum, [cell, each]) => sum + each * cellOf(response, cell), 0);
    }),
  );
  return { cells, siemens, sheet, rounds };
}

/** What holds a part: a conductance to a source, siemens, and its voltage. */
export interface Source {
  readonly part: number;
  readonly siemens: number;
  readonly volts: number;
}

/** A conductance between two parts, siemens. One past the last part is the conductor that joins the bonds. */
export interface FieldLink {
  readonly from: number;
  readonly to: number;
  readonly siemens: number;
}

/** The potentials that were found, volts to remote earth. */
export interface FieldSolution {
  readonly cells: Float64Array;
  readonly parts: readonly number[];
  /** From the source into the ground, amperes. */
  readonly currentA: number;
  /** How much of that current is missing in the sum of what leaks to deep earth: a share. */
  readonly lost: number;
}

/** A part that nothing holds is held to earth by so little that it floats, siemens. */
const FLOATING_S = 1e-9;

/** The field with parts joined and held as they are: a few equations for the parts, then what they make of the soil. */
export function joinedField(soil: SoilResponse, links: readonly FieldLink[], source: Source): FieldSolution {
  const size = soil.siemens.length + 1;
  const matrix = Array.from({ length: size }, (_, row) =>
    Array.from(
      { length: size },
      (_each, column) => (soil.siemens[row]?.[column] ?? 0) + (row === column ? FLOATING_S : 0),
    ),
  );
  const join = (row: number, column: number, siemens: number): void => {
    const line = matrix[row];
    if (line !== undefined) line[column] = cellOf(line, column) + siemens;
  };
  for (const { from, to, siemens } of links) {
    join(from, from, siemens);
    join(to, to, siemens);
    join(from, to, -siemens);
    join(to, from, -siemens);
  }
  join(source.part, source.part, source.siemens);
  const parts = solveLinear(
    matrix,
    matrix.map((_, row) => (row === source.part ? source.siemens * source.volts : 0)),
  );
  const cells = new Float64Array(soil.sheet.leak.length);
  for (const [part, response] of soil.cells.entries()) add(cells, cellOf(parts, part), response);
  const currentA = source.siemens * (source.volts - cellOf(parts, source.part));
  const leaked = dot(soil.sheet.leak, cells) + FLOATING_S * parts.reduce((sum, each) => sum + each, 0);
  return {
    cells,
    parts,
    currentA,
    lost: currentA === 0 ? 0 : Math.abs(currentA - leaked) / Math.abs(currentA),
  };
}
