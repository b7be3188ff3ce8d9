/** A roll, coil, stick or tail from which pieces are cut. */
export interface CutStock {
  readonly id: string;
  readonly ft: number;
  readonly cents: number;
  /** How many there are; left out: as many as wanted. */
  readonly count?: number | undefined;
}

/** A piece that has to be cut in one length. */
export interface Piece {
  readonly id: string;
  readonly ft: number;
}

/** Stock as the solver reckons with it: whole units of length. */
export interface Pack {
  readonly size: number;
  readonly cents: number;
  /** Infinity where there are as many as wanted. */
  readonly count: number;
}

/** Pieces and stock in whole units: equal lengths are one row, the longest first. */
export interface CutProblem {
  readonly lengths: readonly number[];
  readonly demand: readonly number[];
  readonly packs: readonly Pack[];
}

/** What is cut from one pack: how many of each length. */
export interface Pattern {
  readonly pack: number;
  readonly take: readonly number[];
}

/** Parts of a foot that lengths are told apart by: thousandths. */
const PARTS = 1000;

const toParts = (ft: number): number => Math.round(ft * PARTS);

const common = (a: number, b: number): number => (b === 0 ? a : common(b, a % b));

/** A length in whole units is the same for all pieces alike. */
export const unitsOf = (ft: number, unit: number): number => Math.round(toParts(ft) / unit);

/** The largest unit in which every piece is whole, thousandths of a foot. */
export const unitOf = (pieces: readonly Piece[]): number =>
  Math.max(
    1,
    pieces.reduce((unit, { ft }) => common(unit, toParts(ft)), 0),
  );

/** Pieces and stock as the solver reckons with them. What no piece is a part of is no use of a pack: it is cut down. */
export function cutProblem(pieces: readonly Piece[], stock: readonly CutStock[]): CutProblem {
  const unit = unitOf(pieces);
  const counted = new Map<number, number>();
  for (const { ft } of pieces) {
    const length = unitsOf(ft, unit);
    counted.set(length, (counted.get(length) ?? 0) + 1);
  }
  const rows = [...counted].toSorted(([a], [b]) => b - a);
  return {
    lengths: rows.map(([length]) => length),
    demand: rows.map(([, count]) => count),
    packs: stock.map(({ ft, cents, count = Infinity }) => ({
      size: Math.floor(toParts(ft) / unit + 1e-9),
      cents,
      count,
    })),
  };
}

/** The units of length that a pattern uses. */
export const usedBy = ({ take }: Pick<Pattern, 'take'>, { lengths }: CutProblem): number =>
  take.reduce((sum, count, row) => sum + count * (lengths[row] ?? 0), 0);

/** What patterns cost. */
export const costOf = (patterns: readonly Pattern[], { packs }: CutProblem): number =>
  patterns.reduce((sum, { pack }) => sum + (packs[pack]?.cents ?? 0), 0);
