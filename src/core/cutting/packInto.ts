import { nth } from '../units/nth';
import type { CutProblem, Pattern } from './cutProblem';
import type { Purchase } from './purchases';

/** Whether pieces go into given packs: how, that they do not, or that the search was given up. */
export type Packed =
  | { readonly kind: 'fits'; readonly plan: readonly Pattern[] }
  | { readonly kind: 'none' }
  | { readonly kind: 'gave-up' };

interface Bin {
  readonly pack: number;
  left: number;
  readonly take: number[];
}

/** A search through every way of laying pieces into packs, the longest first. */
class Search {
  readonly #lengths: readonly number[];
  readonly #rows: readonly number[];
  readonly #bins: readonly Bin[];
  /** The length of all pieces from one on. */
  readonly #after: readonly number[];
  #nodes: number;

  constructor({ lengths, demand, packs }: CutProblem, purchase: Purchase, nodes: number) {
    this.#lengths = lengths;
    this.#rows = demand.flatMap((count, row) => Array.from({ length: count }, () => row));
    this.#bins = purchase
      .flatMap((count, pack) =>
        Array.from({ length: count }, (): Bin => {
          return { pack, left: nth(packs, pack).size, take: lengths.map(() => 0) };
        }),
      )
      .toSorted((a, b) => a.left - b.left);
    let after = 0;
    this.#after = this.#rows
      .toReversed()
      .map((row) => (after += nth(lengths, row)))
      .toReversed();
    this.#nodes = nodes;
  }

  get gaveUp(): boolean {
    return this.#nodes < 0;
  }

  get plan(): readonly Pattern[] {
    return this.#bins
      .filter(({ take }) => take.some((count) => count > 0))
      .map(({ pack, take }) => ({ pack, take }));
  }

  /** Whether what is left of the packs can still hold the pieces from one on: scraps hold none. */
  #mayHold(piece: number): boolean {
    const least = this.#lengths.at(-1) ?? 0;
    let room = 0;
    for (const { left } of this.#bins) if (left >= least) room += left;
    return room >= nth(this.#after, piece);
  }

  /** Lays a piece and all after it; pieces of one length are laid into packs in their order. */
  lay(piece: number, from: number): boolean {
    const row = this.#rows[piece];
    if (row === undefined) return true;
    this.#nodes -= 1;
    if (this.#nodes < 0 || !this.#mayHold(piece)) return false;
    const length = nth(this.#lengths, row);
    const exact = this.#bins.findIndex(({ left }, at) => at >= from && left === length);
    const tried = new Set<number>();
    for (const [at, bin] of this.#bins.entries()) {
      // A pack that a piece fills to the end is the best place for it.
      if (at < from || (exact >= 0 && at !== exact) || bin.left < length || tried.has(bin.left)) continue;
      tried.add(bin.left);
      bin.left -= length;
      bin.take[row] = nth(bin.take, row) + 1;
      if (this.lay(piece + 1, this.#rows[piece + 1] !== row ? 0 : exact >= 0 ? from : at)) return true;
      bin.left += length;
      bin.take[row] = nth(bin.take, row) - 1;
      if (this.gaveUp) return false;
    }
    return false;
  }
}

/**
 * Lays all pieces into packs that are bought already.
 *
 * @param nodes How many places are tried before it is given up.
 */
export function packInto(problem: CutProblem, purchase: Purchase, nodes: number): Packed {
  const search = new Search(problem, purchase, nodes);
  if (search.lay(0, 0)) return { kind: 'fits', plan: search.plan };
  return search.gaveUp ? { kind: 'gave-up' } : { kind: 'none' };
}
