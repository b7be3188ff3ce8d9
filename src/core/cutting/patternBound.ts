import { nth } from '../units/nth';
import { bestPatterns, type WorthyPattern } from './bestPatterns';
import type { CutProblem, Pattern } from './cutProblem';
import { Simplex, worthOf, type Column } from './simplex';

/** A pattern with how much of it the relaxed plan takes. */
export interface Share {
  readonly pattern: Pattern;
  readonly amount: number;
}

/** The plan in which packs may be taken in part: no whole plan costs less. */
export interface Relaxed {
  readonly cost: number;
  readonly shares: readonly Share[];
  /** Whether pieces are left that no pack takes. */
  readonly short: boolean;
}

interface PatternColumn extends Column {
  readonly pattern: Pattern | null;
}

const EPS = 1e-7;
/** Amounts as small as this come of the nudge that keeps the program from going in circles. */
const NUDGED = 1e-3;

/** A little more of each row, of each another little: no two rows are filled at the same moment. */
const nudge = (row: number): number => 1e-5 * (1 + ((row * 0.618034) % 1));

const plain = (row: number, adds: number, cost: number): PatternColumn => ({
  rows: Int32Array.of(row),
  adds: Float64Array.of(adds),
  cost,
  pattern: null,
});

/** A relaxed plan in the making: a row for each length that is still wanted, then one for each pack of limited number. */
class RelaxedProgram {
  readonly #problem: CutProblem;
  readonly #rowOf: ReadonlyMap<number, number>;
  readonly #rowOfPack: ReadonlyMap<number, number>;
  readonly #missing: number;
  readonly #program: Simplex<PatternColumn>;
  /** What each row comes to. */
  readonly #right: readonly number[];

  constructor(problem: CutProblem) {
    const { demand, packs } = problem;
    const wanted = demand.flatMap((count, row) => (count > 0 ? [row] : []));
    const limited = packs.flatMap(({ count }, pack) => (count === Infinity ? [] : [pack]));
    this.#problem = problem;
    this.#rowOf = new Map(wanted.map((row, at) => [row, at]));
    this.#rowOfPack = new Map(limited.map((pack, at) => [pack, wanted.length + at]));
    const dearest = 1 + packs.reduce((sum, { cents }) => sum + cents, 0);
    this.#missing = dearest * (1 + demand.reduce((sum, count) => sum + count, 0));
    this.#right = [
      ...wanted.map((row) => nth(demand, row)),
      ...limited.map((pack) => packs[pack]?.count ?? 0),
    ];
    this.#program = new Simplex(
      [
        ...wanted.map((row, at) => this.#alone(row) ?? plain(at, 1, this.#missing)),
        ...limited.map((_, at) => plain(wanted.length + at, 1, 0)),
      ],
      [...this.#right.map((count, row) => count + nudge(row))],
    );
  }

  /** A pack of which there are as many as wanted, filled with one length; the one that does it at the least cost. */
  #alone(row: number): PatternColumn | undefined {
    const { lengths, demand, packs } = this.#problem;
    const length = nth(lengths, row);
    const filled = packs.flatMap(({ size, cents, count }, pack) => {
      const some = Math.min(nth(demand, row), Math.floor(size / length));
      return some > 0 && count === Infinity ? [{ pack, some, each: cents / some }] : [];
    });
    const best = filled.toSorted((a, b) => a.each - b.each)[0];
    if (best === undefined) return undefined;
    return this.#columnOf({ pack: best.pack, take: lengths.map((_, at) => (at === row ? best.some : 0)) });
  }

  #columnOf(pattern: Pattern): PatternColumn {
    const rows: number[] = [];
    const adds: number[] = [];
    for (const [row, count] of pattern.take.entries()) {
      const at = count > 0 ? this.#rowOf.get(row) : undefined;
      if (at === undefined) continue;
      rows.push(at);
      adds.push(count);
    }
    const limit = this.#rowOfPack.get(pattern.pack);
    if (limit !== undefined) {
      rows.push(limit);
      adds.push(1);
    }
    return {
      rows: Int32Array.from(rows),
      adds: Float64Array.from(adds),
      cost: nth(this.#problem.packs, pattern.pack).cents,
      pattern,
    };
  }

  /** Pieces may be cut that nobody wants, and packs left alone, where that makes it cheaper. */
  #surplus(duals: Float64Array): PatternColumn | undefined {
    const lengths = this.#rowOf.size;
    for (let row = 0; row < duals.length; row += 1) {
      const dual = nth(duals, row);
      if (row < lengths && dual < -EPS) return plain(row, -1, 0);
      if (row >= lengths && dual > EPS) return plain(row, 1, 0);
    }
    return undefined;
  }

  /** The column that saves most against the prices of its pieces; undefined where none does. */
  #dearest(columns: readonly PatternColumn[], duals: Float64Array): PatternColumn | undefined {
    let most = EPS;
    let best: PatternColumn | undefined;
    for (const column of columns) {
      const saves = worthOf(column, duals) - column.cost;
      if (saves <= most) continue;
      most = saves;
      best = column;
    }
    return best;
  }

  /** What the best pattern of each pack is worth at the prices of its pieces. */
  #made(duals: Float64Array): readonly WorthyPattern[] {
    const worth = new Float64Array(this.#problem.lengths.length);
    for (const [row, at] of this.#rowOf) worth[row] = nth(duals, at);
    return bestPatterns(this.#problem, worth);
  }

  /** No plan costs less, by prices at which no pattern is worth more than its pack. */
  #bound(duals: Float64Array, settled: boolean): number {
    if (settled) return this.#right.reduce((sum, count, row) => sum + count * nth(duals, row), 0);
    // Stopped early: prices are lowered until they hold for every pattern.
    const share = this.#made(duals).reduce((least, { pack, worth }) => {
      const cents = nth(this.#problem.packs, pack).cents;
      return worth > cents ? Math.min(least, cents / worth) : least;
    }, 1);
    const pieces = this.#right.slice(0, this.#rowOf.size);
    return share * pieces.reduce((sum, count, row) => sum + count * Math.max(0, nth(duals, row)), 0);
  }

  /** Solves it: known patterns are tried first, others are made when none of those makes it cheaper. */
  solve(known: readonly Pattern[]): Relaxed {
    const pool = known.map((pattern) => this.#columnOf(pattern));
    let settled = false;
    while (!settled && this.#program.mayGoOn) {
      const duals = this.#program.duals();
      let column = this.#dearest(pool, duals) ?? this.#surplus(duals);
      if (column === undefined) {
        const made = this.#made(duals).map((each) => this.#columnOf(each));
        pool.push(...made);
        column = this.#dearest(made, duals);
      }
      settled = column === undefined || !this.#program.enter(column);
    }
    const taken = this.#program.solution().filter(([, amount]) => amount > NUDGED);
    return {
      cost: this.#bound(this.#program.duals(), settled),
      shares: taken.flatMap(([{ pattern }, amount]) => (pattern === null ? [] : [{ pattern, amount }])),
      short: settled && taken.some(([{ cost }]) => cost === this.#missing),
    };
  }
}

/**
 * The relaxed plan by generated columns: patterns are made when the prices of the pieces call for them, the best of each
 * pack by a table. Its cost is a lower bound of every plan.
 *
 * @param known Patterns to start from.
 */
export const relaxedPlan = (problem: CutProblem, known: readonly Pattern[] = []): Relaxed =>
  new RelaxedProgram(problem).solve(known);
