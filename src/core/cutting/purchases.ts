import { common } from '../units/common';
import { usedBy, type CutProblem, type Pack } from './cutProblem';

/** How many of each pack are bought. */
export type Purchase = readonly number[];

/** Costs are told apart by so many steps at most; a table of more would cost more than it tells. */
const MAX_STEPS = 1_000_000;
/** No packs come to this cost. */
const NEVER = -1e9;

/** The most length for exactly each cost, once a pack may be bought too. */
function withPack(before: Int32Array, { size, count }: Pack, price: number): Int32Array {
  const most = new Int32Array(before);
  const steps = most.length - 1;
  if (count === Infinity) {
    for (let at = price; at <= steps; at += 1)
      most[at] = Math.max(most[at] ?? 0, (most[at - price] ?? 0) + size);
    return most;
  }
  let left = count;
  for (let some = 1; left > 0; some *= 2) {
    const lot = Math.min(some, left);
    for (let at = steps; at >= lot * price; at -= 1)
      most[at] = Math.max(most[at] ?? 0, (most[at - lot * price] ?? 0) + lot * size);
    left -= lot;
  }
  return most;
}

/**
 * What packs come to: a plan cannot cost what no packs add up to. Packs that cost nothing are taken whole.
 */
export class Purchases {
  readonly #packs: readonly Pack[];
  readonly #step: number;
  /** The most length for exactly each cost with the first packs only: none, one, two, .. */
  readonly #most: readonly Int32Array[];
  readonly #need: number;
  readonly #free: Purchase;
  /** Whether every cost up to the last is in the table. */
  readonly isWhole: boolean;

  /** @param toCents Costs are looked at up to here. */
  constructor(problem: CutProblem, toCents: number) {
    const { packs, demand } = problem;
    this.#packs = packs;
    this.#step = packs.reduce((unit, { cents }) => common(unit, cents), toCents) || 1;
    const pieces = demand.reduce((sum, count) => sum + count, 0);
    this.#free = packs.map(({ cents, count }) => (cents === 0 ? Math.min(count, pieces) : 0));
    const free = packs.reduce((sum, { size }, pack) => sum + size * (this.#free[pack] ?? 0), 0);
    this.#need = usedBy({ take: demand }, problem) - free;
    const all = Math.floor(toCents / this.#step);
    const steps = Math.min(MAX_STEPS, all);
    this.isWhole = all <= MAX_STEPS;
    const none = new Int32Array(steps + 1).fill(NEVER);
    none[0] = 0;
    const most: Int32Array[] = [none];
    for (const pack of packs) {
      const before = most.at(-1) ?? none;
      most.push(pack.cents === 0 ? before : withPack(before, pack, pack.cents / this.#step));
    }
    this.#most = most;
  }

  /** The least cost from one on at which whole packs hold all that is wanted; undefined where none up to the last does. */
  atLeast(cents: number): number | undefined {
    const most = this.#most.at(-1);
    if (most === undefined) return undefined;
    for (let at = Math.max(0, Math.ceil((cents - 1e-6) / this.#step)); at < most.length; at += 1)
      if ((most[at] ?? NEVER) >= this.#need) return at * this.#step;
    return undefined;
  }

  /** Every purchase of exactly a cost that holds all that is wanted. */
  *of(cents: number): Generator<Purchase> {
    yield* this.#from(this.#packs.length, Math.round(cents / this.#step), this.#need, this.#free);
  }

  *#from(packs: number, steps: number, need: number, taken: Purchase): Generator<Purchase> {
    const pack = this.#packs[packs - 1];
    if (pack === undefined) {
      if (steps === 0 && need <= 0) yield taken;
      return;
    }
    const price = pack.cents / this.#step;
    const before = this.#most[packs - 1];
    const most = price === 0 ? 0 : Math.min(pack.count, Math.floor(steps / price));
    for (let count = most; count >= 0; count -= 1) {
      const [left, still] = [steps - count * price, need - count * pack.size];
      if ((before?.[left] ?? NEVER) < still) continue;
      const next = count === 0 ? taken : taken.with(packs - 1, count);
      yield* this.#from(packs - 1, left, still, next);
    }
  }
}
