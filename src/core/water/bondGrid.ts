import { nth } from '../units/nth';
import { isBehindWall } from './bondRing';
import type { PlacedWater } from './placedWater';
import { apart, type Point } from './point';
import type { Barrier } from './reach';
import { alongSegment, type Segment } from './segments';

/** A copper grid in the surface around a pool, in place of the ring. */
export interface BondGrid {
  /** Its wires in plan, one piece from crossing to crossing. */
  readonly pieces: readonly Segment[];
  readonly wireFt: number;
  /** Where wires cross: each crossing is a connection. */
  readonly crossings: number;
}

/** The surface that is bonded reaches this far from the inside wall, feet (680.26(B)(2)). */
const BAND_FT = 3;
const ON_EDGE_FT = 1e-6;

/** The corners of the squares, counted from the lower left of the box around the water. */
class Lattice {
  readonly columns: number;
  readonly rows: number;
  readonly #placed: PlacedWater;
  readonly #away: Float64Array;
  readonly #wet: Uint8Array;

  constructor(placed: PlacedWater) {
    const { box, edge } = placed;
    const { left, right, low, high } = box;
    this.#placed = placed;
    this.columns = Math.ceil(right - left - ON_EDGE_FT) + 2 * BAND_FT + 1;
    this.rows = Math.ceil(high - low - ON_EDGE_FT) + 2 * BAND_FT + 1;
    this.#away = new Float64Array(this.columns * this.rows);
    this.#wet = new Uint8Array(this.columns * this.rows);
    for (let row = 0; row < this.rows; row += 1)
      for (let column = 0; column < this.columns; column += 1) {
        const at = row * this.columns + column;
        const place = this.at(column, row);
        const near = edge.nearest(place);
        const away = near === undefined ? 0 : apart(near, place);
        const inside = edge.holds(place) && away > ON_EDGE_FT;
        this.#wet[at] = inside ? 1 : 0;
        this.#away[at] = inside ? 0 : away;
      }
  }

  at(column: number, row: number): Point {
    const { box, toYard } = this.#placed;
    return toYard([box.left - BAND_FT + column, box.low - BAND_FT + row]);
  }

  isDry(column: number, row: number): boolean {
    return this.#wet[row * this.columns + column] === 0;
  }

  /** Whether a square lies in the band, in part at least. */
  isBonded(column: number, row: number): boolean {
    if (column < 0 || row < 0 || column >= this.columns - 1 || row >= this.rows - 1) return false;
    const corners = [0, 1, this.columns, this.columns + 1].map((step) => row * this.columns + column + step);
    const near = corners.some((corner) => nth(this.#away, corner) < BAND_FT - ON_EDGE_FT);
    // Corners in the water or at its edge: nothing of the square is surface.
    const surface = corners.some((corner) => nth(this.#away, corner) > ON_EDGE_FT);
    return near && surface;
  }
}

/** The sides of all squares in the band, each once. */
function sidesOf(lattice: Lattice): readonly Segment[] {
  const sides: Segment[] = [];
  for (let row = 0; row < lattice.rows; row += 1)
    for (let column = 0; column < lattice.columns; column += 1) {
      const here = lattice.isBonded(column, row);
      if (here || lattice.isBonded(column, row - 1))
        sides.push([lattice.at(column, row), lattice.at(column + 1, row)]);
      if (here || lattice.isBonded(column - 1, row))
        sides.push([lattice.at(column, row), lattice.at(column, row + 1)]);
    }
  return sides;
}

/** Halvings of a side: to a millionth of a foot. */
const HALVINGS = 20;

/** What of a side lies outside of the water: whole, none of it, or up to the inside wall. */
function dryPart([from, to]: Segment, { edge }: PlacedWater): readonly Segment[] {
  const isWet = (place: Point): boolean => {
    const near = edge.holds(place) ? edge.nearest(place) : place;
    return near === undefined || apart(near, place) > ON_EDGE_FT;
  };
  const [start, end] = [isWet(from), isWet(to)];
  if (start === end) return start || isWet(alongSegment([from, to], 0.5)) ? [] : [[from, to]];
  const outward: Segment = start ? [from, to] : [to, from];
  let [wet, dry] = [0, 1];
  for (let halving = 0; halving < HALVINGS; halving += 1) {
    const middle = (wet + dry) / 2;
    if (isWet(alongSegment(outward, middle))) wet = middle;
    else dry = middle;
  }
  return [[alongSegment(outward, dry), outward[1]]];
}

/**
 * The copper grid that bonds the surface around a pool: 8 AWG solid, 12 in by 12 in, over the full 3 ft, joined at each
 * crossing (680.26(B)(2), 2020 on). Squares that lie in the band in part are laid whole, which takes the more copper.
 *
 * @param walls Walls at which the surface ends.
 */
export function bondGrid(placed: PlacedWater, walls: readonly Barrier[]): BondGrid {
  const lattice = new Lattice(placed);
  const isHere = (place: Point): boolean => !isBehindWall(place, placed, walls);
  const pieces = sidesOf(lattice)
    .flatMap((side) => dryPart(side, placed))
    .filter((piece) => isHere(alongSegment(piece, 0.5)));
  let crossings = 0;
  for (let row = 0; row < lattice.rows; row += 1)
    for (let column = 0; column < lattice.columns; column += 1) {
      const laid = [0, -1].some((up) => [0, -1].some((over) => lattice.isBonded(column + over, row + up)));
      if (laid && lattice.isDry(column, row) && isHere(lattice.at(column, row))) crossings += 1;
    }
  return { pieces, wireFt: pieces.reduce((sum, piece) => sum + apart(...piece), 0), crossings };
}
