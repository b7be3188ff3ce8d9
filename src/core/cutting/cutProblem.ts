import { tally } from '../units/tally';
import { nth } from '../units/nth';
import { common } from '../units/common';

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

/** A piece in parts is never shorter than it is, and a pack never longer. */
const ofPiece = (ft: number): number => Math.ceil(ft * PARTS - 1e-6);
const ofPack = (ft: number): number => Math.floor(ft * PARTS + 1e-6);

/** The longest pack is told apart by so many units at most: finer lengths are rounded. */
const MAX_UNITS = 20_000;

/** How lengths become units: pieces may be made longer and packs shorter, or the reverse, never both at once. */
interface Units {
  readonly unit: number;
  /** Whether every piece is whole in them. */
  readonly exact: boolean;
}

/** The largest unit in which every piece is whole, thousandths of a foot; a coarser one where that would be too fine. */
export function unitsOf(pieces: readonly Piece[], stock: readonly CutStock[]): Units {
  const whole = Math.max(
    1,
    pieces.reduce((unit, { ft }) => common(unit, ofPiece(ft)), 0),
  );
  const longest = Math.max(0, ...stock.map(({ ft }) => ofPack(ft)));
  const coarse = Math.ceil(longest / MAX_UNITS);
  return whole >= coarse ? { unit: whole, exact: true } : { unit: coarse, exact: false };
}

/** The length of a piece in units: never shorter than it is. */
export const lengthIn = ({ ft }: Piece, { unit }: Units): number => Math.ceil(ofPiece(ft) / unit);

/**
 * Pieces and stock in whole units; what no piece is a part of is no use of a pack and left out of it.
 *
 * @param loose For a bound: pieces are rounded down and packs up, so that it holds for what was rounded too.
 */
export function cutProblem(
  pieces: readonly Piece[],
  stock: readonly CutStock[],
  units: Units,
  loose = false,
): CutProblem {
  const { unit } = units;
  const counted = new Map<number, number>();
  for (const piece of pieces) {
    const length = loose ? Math.max(1, Math.floor(ofPiece(piece.ft) / unit)) : lengthIn(piece, units);
    tally(counted, length);
  }
  const rows = [...counted].toSorted(([a], [b]) => b - a);
  const size = (ft: number): number => (loose ? Math.ceil(ofPack(ft) / unit) : Math.floor(ofPack(ft) / unit));
  return {
    lengths: rows.map(([length]) => length),
    demand: rows.map(([, count]) => count),
    packs: stock.map(({ ft, cents, count = Infinity }) => ({ size: size(ft), cents, count })),
  };
}

/** The units of length that a pattern uses. */
export const usedBy = ({ take }: Pick<Pattern, 'take'>, { lengths }: CutProblem): number =>
  take.reduce((sum, count, row) => sum + count * nth(lengths, row), 0);

/** What patterns cost. */
export const costOf = (patterns: readonly Pattern[], { packs }: CutProblem): number =>
  patterns.reduce((sum, { pack }) => sum + nth(packs, pack).cents, 0);
