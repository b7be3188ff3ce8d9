/** A column of a linear program: the rows that it adds to, what it adds to each of them, and what it costs. */
export interface Column {
  readonly rows: Int32Array;
  readonly adds: Float64Array;
  readonly cost: number;
}

/** What a column comes to at a worth of each row. */
export function worthOf({ rows, adds }: Column, each: Float64Array): number {
  let sum = 0;
  for (let at = 0; at < rows.length; at += 1) sum += (adds[at] ?? 0) * (each[rows[at] ?? 0] ?? 0);
  return sum;
}

const EPS = 1e-9;
/** Pivots for each row after which a program that turns in a circle is given up. */
const MAX_PIVOTS = 20;

/**
 * A linear program that is solved while columns are still being found: least cost, each row equal to its right side, all
 * amounts at least nothing. It starts from columns that each fill one row.
 */
export class Simplex<C extends Column> {
  readonly #basis: C[];
  readonly #amounts: Float64Array;
  readonly #inverse: Float64Array[];
  #pivots = 0;

  /**
   * @param start For each row a column that adds to it and to nothing else.
   * @param right What each row comes to; at least nothing.
   */
  constructor(start: readonly C[], right: readonly number[]) {
    const first = start.map(({ adds }) => adds[0] ?? 1);
    this.#basis = [...start];
    this.#amounts = Float64Array.from(right, (amount, row) => amount / (first[row] ?? 1));
    this.#inverse = first.map((by, row) => {
      const line = new Float64Array(start.length);
      line[row] = 1 / by;
      return line;
    });
  }

  /** Whether it may go on: pivots are bounded, so that a degenerate program ends. */
  get mayGoOn(): boolean {
    return this.#pivots < MAX_PIVOTS * (10 + this.#basis.length);
  }

  /** What one more of each row would cost. */
  duals(): Float64Array {
    const duals = new Float64Array(this.#basis.length);
    for (const [at, { cost }] of this.#basis.entries()) {
      const line = this.#inverse[at];
      if (cost === 0 || line === undefined) continue;
      for (let row = 0; row < duals.length; row += 1)
        duals[row] = (duals[row] ?? 0) + cost * (line[row] ?? 0);
    }
    return duals;
  }

  /** Takes a column into the basis; false where nothing holds it back. */
  enter(column: C): boolean {
    const size = this.#basis.length;
    const step = new Float64Array(size);
    for (const [at, line] of this.#inverse.entries()) step[at] = worthOf(column, line);
    let leaves = -1;
    let least = Infinity;
    for (let at = 0; at < size; at += 1) {
      const by = step[at] ?? 0;
      if (by <= EPS) continue;
      const ratio = (this.#amounts[at] ?? 0) / by;
      if (ratio < least) {
        least = ratio;
        leaves = at;
      }
    }
    if (leaves < 0) return false;
    this.#pivot(leaves, step, column);
    return true;
  }

  #pivot(leaves: number, step: Float64Array, column: C): void {
    const size = this.#basis.length;
    const pivot = step[leaves] ?? 1;
    const line = this.#inverse[leaves] ?? new Float64Array(size);
    for (let row = 0; row < size; row += 1) line[row] = (line[row] ?? 0) / pivot;
    const amount = (this.#amounts[leaves] ?? 0) / pivot;
    for (let at = 0; at < size; at += 1) {
      const by = step[at] ?? 0;
      const other = this.#inverse[at];
      if (at === leaves || by === 0 || other === undefined) continue;
      for (let row = 0; row < size; row += 1) other[row] = (other[row] ?? 0) - by * (line[row] ?? 0);
      this.#amounts[at] = Math.max(0, (this.#amounts[at] ?? 0) - by * amount);
    }
    this.#amounts[leaves] = amount;
    this.#basis[leaves] = column;
    this.#pivots += 1;
  }

  /** The columns that are taken, each with how much of it. */
  solution(): readonly (readonly [column: C, amount: number])[] {
    return this.#basis.map((column, at) => [column, this.#amounts[at] ?? 0] as const);
  }
}
