import type { BenchDesk } from './benchDesk';
import type { Measurement } from './measurement';

/** The fewest readings that leave no more than all readings together would; proved by trying every shorter set. */
export interface Fewest {
  readonly readings: readonly Measurement[];
  readonly proved: boolean;
}

interface Rules {
  readonly measurement: Measurement;
  readonly out: ReadonlySet<number>;
}

/** Sets tried before a search is given up. */
const MOST_TRIED = 200_000;

/** Measurements by what they rule out; one that rules out no more than another is left out. */
function useful(desk: BenchDesk): readonly Rules[] {
  const all = desk.measurements
    .map((measurement): Rules => ({ measurement, out: new Set(desk.ruledOut(measurement)) }))
    .filter(({ out }) => out.size > 0)
    .toSorted((a, b) => b.out.size - a.out.size);
  const kept: Rules[] = [];
  for (const each of all)
    if (!kept.some(({ out }) => [...each.out].every((at) => out.has(at)))) kept.push(each);
  return kept;
}

/** Readings one after the other, each the one that rules out most of what is left. */
function greedy(rules: readonly Rules[], all: ReadonlySet<number>): readonly Rules[] {
  const left = new Set(all);
  const taken: Rules[] = [];
  while (left.size > 0) {
    const [best] = rules
      .map((each) => ({ each, worth: [...each.out].filter((at) => left.has(at)).length }))
      .toSorted((a, b) => b.worth - a.worth);
    if (best === undefined || best.worth === 0) break;
    taken.push(best.each);
    for (const at of best.each.out) left.delete(at);
  }
  return taken;
}

/** Tries every set of so many readings: what fewest readings rule out is settled first. */
class Search {
  readonly #rules: readonly Rules[];
  tried = 0;

  constructor(rules: readonly Rules[]) {
    this.#rules = rules;
  }

  /** A set of at most so many that rules out what is left; undefined where there is none. */
  within(count: number, left: ReadonlySet<number>): readonly Rules[] | undefined {
    if (left.size === 0) return [];
    if (count === 0 || this.tried > MOST_TRIED) return undefined;
    const largest = Math.max(0, ...this.#rules.map(({ out }) => out.size));
    if (largest * count < left.size) return undefined;
    let rarest: readonly Rules[] | undefined;
    for (const at of left) {
      const by = this.#rules.filter(({ out }) => out.has(at));
      if (rarest === undefined || by.length < rarest.length) rarest = by;
    }
    for (const each of rarest ?? []) {
      this.tried += 1;
      const rest = this.within(count - 1, new Set([...left].filter((at) => !each.out.has(at))));
      if (rest !== undefined) return [each, ...rest];
    }
    return undefined;
  }
}

/** The fewest readings of a bench that leave what cannot be told apart by any. */
export function fewestReadings(desk: BenchDesk): Fewest {
  const rules = useful(desk);
  const all = new Set(rules.flatMap(({ out }) => [...out]));
  const first = greedy(rules, all);
  const search = new Search(rules);
  for (let count = 1; count < first.length; count += 1) {
    const found = search.within(count, all);
    if (found !== undefined)
      return { readings: found.map(({ measurement }) => measurement), proved: search.tried <= MOST_TRIED };
    if (search.tried > MOST_TRIED)
      return { readings: first.map(({ measurement }) => measurement), proved: false };
  }
  return { readings: first.map(({ measurement }) => measurement), proved: true };
}

/**
 * A plan without foresight: each reading is the one that leaves fewest in the mean, whatever is wrong; it ends where no
 * reading rules out any more. Nobody who does not guess needs fewer than `fewestReadings`.
 */
export function goodPlan(desk: BenchDesk): readonly Measurement[] {
  const plan: Measurement[] = [];
  let left = [...desk.faults.keys()];
  while (left.length > 1) {
    let best: { readonly measurement: Measurement; readonly leaves: number } | null = null;
    for (const measurement of desk.measurements) {
      const leaves = desk.expectedLeft(measurement, left);
      if (leaves < (best?.leaves ?? left.length)) best = { measurement, leaves };
    }
    if (best === null) break;
    plan.push(best.measurement);
    const out = new Set(desk.ruledOut(best.measurement));
    left = left.filter((at) => !out.has(at));
  }
  return plan;
}
