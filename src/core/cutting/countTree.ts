import { nth } from '../units/nth';
import { costOf, type CutProblem, type Pattern } from './cutProblem';
import { packInto } from './packInto';
import { relaxedPlan, type Relaxed } from './patternBound';
import { roundedPlan } from './roundedPlan';

/** How many of a pack are bought; undefined where that is not settled yet. */
type Settled = readonly (number | undefined)[];

/** The cheapest plan known: none where only its cost bounds the search, and what no plan costs less than. */
export interface Known {
  readonly plan: readonly Pattern[] | undefined;
  readonly cents: number;
  readonly boundCents: number;
}

/** How hard it tries: steps in all, places of pieces in one purchase, ways of rounding one. */
const STEPS = 1.35e9;
const NODES = { first: 2_000, second: 20_000 } as const;
const ROUNDINGS = 8;
/** Patterns that are kept to start the next relaxed plan from. */
const KEPT = 120;
const EPS = 1e-4;

interface Branch {
  readonly count: number;
  readonly settled: Settled;
  readonly relaxed: Relaxed;
  readonly cents: number;
}

/**
 * A search over how many of each pack are bought: settling a count makes the relaxed plan dearer at once, which settling
 * a pattern would not. Where all counts are settled the pieces are laid into what is bought.
 */
class CountTree {
  readonly #problem: CutProblem;
  readonly #patterns: Pattern[];
  #best: Known;
  /** What relaxing costs grows with the fourth power of its rows: more pivots, each of more rows. */
  readonly #stepsOfOne: number;
  #left = STEPS;
  /** The cheapest of what was left open. */
  #open = Infinity;

  constructor(problem: CutProblem, known: Known, patterns: readonly Pattern[]) {
    this.#problem = problem;
    this.#best = known;
    this.#patterns = [...patterns];
    this.#stepsOfOne = (problem.lengths.length + problem.packs.length) ** 4;
  }

  get found(): Known {
    return { ...this.#best, boundCents: Math.min(this.#best.cents, Math.ceil(this.#open - EPS)) };
  }

  /** The problem with what is settled bought and paid already. */
  #bought(settled: Settled): CutProblem {
    const packs = this.#problem.packs.map((pack, at) => {
      const count = settled[at];
      return count === undefined ? pack : { ...pack, cents: 0, count };
    });
    return { ...this.#problem, packs };
  }

  #branch(settled: Settled, count = 0): Branch {
    this.#left -= this.#stepsOfOne;
    const relaxed = relaxedPlan(this.#bought(settled), this.#patterns);
    this.#patterns.push(...relaxed.shares.map(({ pattern }) => pattern));
    this.#patterns.splice(0, this.#patterns.length - KEPT);
    const paid = this.#problem.packs.reduce((sum, { cents }, at) => sum + cents * (settled[at] ?? 0), 0);
    return { count, settled, relaxed, cents: relaxed.short ? Infinity : paid + relaxed.cost };
  }

  #isWorth({ cents }: Branch): boolean {
    return Math.ceil(cents - EPS) < this.#best.cents;
  }

  /** How many of a pack the relaxed plan uses. */
  #usedOf({ relaxed }: Branch, pack: number): number {
    return relaxed.shares.reduce((sum, { pattern, amount }) => sum + (pattern.pack === pack ? amount : 0), 0);
  }

  /** The pack that is settled next: the one of which the relaxed plan uses the least whole number; undefined where all are. */
  #next(branch: Branch): { readonly pack: number; readonly used: number } | undefined {
    return branch.settled
      .flatMap((count, pack) => {
        if (count !== undefined) return [];
        const used = this.#usedOf(branch, pack);
        return [{ pack, used, cents: nth(this.#problem.packs, pack).cents }];
      })
      .toSorted((a, b) => partOf(b.used) - partOf(a.used) || b.cents - a.cents)[0];
  }

  #visit(branch: Branch): void {
    const next = this.#next(branch);
    if (next === undefined) {
      this.#lay(branch);
      return;
    }
    const { pack, used } = next;
    const most = this.#problem.packs[pack]?.count ?? 0;
    const at = (count: number): Branch | undefined => {
      if (count < 0 || count > most) return undefined;
      const made = this.#branch(branch.settled.with(pack, count), count);
      return this.#isWorth(made) ? made : undefined;
    };
    // Cost is convex in the count: it rises to both sides, and a side ends where it is too dear.
    let down = at(Math.min(most, Math.floor(used)));
    let up = at(Math.floor(used) + 1);
    while (down !== undefined || up !== undefined) {
      const isDown = up === undefined || (down !== undefined && down.cents <= up.cents);
      const taken = isDown ? down : up;
      if (taken === undefined || this.#left <= 0) break;
      if (this.#isWorth(taken)) this.#visit(taken);
      if (isDown) down = at(taken.count - 1);
      else up = at(taken.count + 1);
    }
    for (const side of [down, up])
      if (side !== undefined && this.#isWorth(side)) this.#open = Math.min(this.#open, side.cents);
  }

  /** Lays the pieces into what is bought: in order, by rounding, in order once more with patience. */
  #lay({ settled, relaxed, cents }: Branch): void {
    const purchase = settled.map((count) => count ?? 0);
    const first = packInto(this.#problem, purchase, NODES.first);
    if (first.kind === 'none') return;
    const plan = first.kind === 'fits' ? first.plan : this.#roundedInto(this.#bought(settled), relaxed);
    if (plan !== undefined) {
      this.#best = { ...this.#best, plan, cents: costOf(plan, this.#problem) };
      return;
    }
    const second = packInto(this.#problem, purchase, NODES.second);
    if (second.kind === 'fits')
      this.#best = { ...this.#best, plan: second.plan, cents: costOf(second.plan, this.#problem) };
    if (second.kind === 'gave-up') this.#open = Math.min(this.#open, cents);
  }

  #roundedInto(bought: CutProblem, { shares }: Relaxed): readonly Pattern[] | undefined {
    for (let startAt = 0; startAt < Math.min(ROUNDINGS, shares.length) && this.#left > 0; startAt += 1) {
      // What is left to relax shrinks as it is rounded: about three whole ones in all.
      this.#left -= 3 * this.#stepsOfOne;
      const plan = roundedPlan(bought, shares, startAt);
      if (plan !== undefined) return plan;
    }
    return undefined;
  }

  /** Searches; packs that cost nothing are bought whole. */
  search(): Known {
    const root = this.#branch(
      this.#problem.packs.map(({ cents, count }) => (cents === 0 ? count : undefined)),
    );
    if (this.#isWorth(root)) this.#visit(root);
    return this.found;
  }
}

const partOf = (amount: number): number => Math.abs(amount - Math.round(amount));

/**
 * A cheaper plan than what is known, or the proof that there is none.
 *
 * @param problem Packs with finite counts: no more of them than pieces that fit.
 * @param patterns Patterns to start from.
 */
export const cheaperPlan = (problem: CutProblem, known: Known, patterns: readonly Pattern[]): Known =>
  new CountTree(problem, known, patterns).search();
