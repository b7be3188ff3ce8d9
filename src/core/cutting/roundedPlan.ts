import { nth } from '../units/nth';
import { bestPatterns } from './bestPatterns';
import { costOf, usedBy, type CutProblem, type Pattern } from './cutProblem';
import { relaxedPlan, type Share } from './patternBound';

/** A pattern that takes no more than is wanted. */
const trimmed = ({ pack, take }: Pattern, { demand }: CutProblem): Pattern => ({
  pack,
  take: take.map((count, row) => Math.min(count, nth(demand, row))),
});

/** The cheapest pack that holds what a pattern takes. */
function onCheapest(pattern: Pattern, problem: CutProblem): Pattern {
  const used = usedBy(pattern, problem);
  const fits = problem.packs.flatMap(({ size, count }, pack) => (size >= used && count > 0 ? [pack] : []));
  const cheapest = fits.reduce((best, each) => {
    const [a, b] = [problem.packs[each], problem.packs[best]];
    if (a === undefined || b === undefined) return best;
    return a.cents < b.cents || (a.cents === b.cents && a.size < b.size) ? each : best;
  }, pattern.pack);
  return { ...pattern, pack: cheapest };
}

/** What is left of a problem once a pattern was cut. */
const without = (problem: CutProblem, { pack, take }: Pattern): CutProblem => ({
  ...problem,
  demand: problem.demand.map((count, row) => count - nth(take, row)),
  packs: problem.packs.map((each, at) => (at === pack ? { ...each, count: each.count - 1 } : each)),
});

const isDone = ({ demand }: CutProblem): boolean => demand.every((count) => count === 0);

/** Takes patterns one after the other until all is cut; undefined where the packs do not suffice. */
function takenOneByOne(
  problem: CutProblem,
  next: (left: CutProblem) => readonly Pattern[],
): readonly Pattern[] | undefined {
  const plan: Pattern[] = [];
  let left = problem;
  while (!isDone(left)) {
    const before = plan.length;
    for (const wanted of next(left)) {
      const pattern = onCheapest(trimmed(wanted, left), left);
      if (usedBy(pattern, left) === 0 || (left.packs[pattern.pack]?.count ?? 0) <= 0) continue;
      plan.push(pattern);
      left = without(left, pattern);
    }
    if (plan.length === before) return undefined;
  }
  return plan;
}

/** Shares from this on are taken for whole. */
const NEARLY = 0.7;

/** What of a relaxed plan is whole or nearly so; where nothing is, the share that comes nearest to it. */
function rounded(shares: readonly Share[]): readonly Pattern[] {
  const whole = shares.flatMap(({ pattern, amount }) =>
    Array.from({ length: Math.floor(amount + 1 - NEARLY) }, () => pattern),
  );
  return whole.length > 0 ? whole : shareAt(shares, 0);
}

/** The share of so many before which others come nearer to whole; the last one where there are fewer. */
function shareAt(shares: readonly Share[], before: number): readonly Pattern[] {
  const nearest = shares.toSorted((a, b) => b.amount - a.amount);
  const share = nearest[Math.min(before, nearest.length - 1)];
  return share === undefined ? [] : [share.pattern];
}

/** Of patterns that use some of a pack, the one that costs least for it; none where there are none. */
function cheapestPerUse(found: readonly Pattern[], problem: CutProblem): readonly Pattern[] {
  const perUnit = (pattern: Pattern): number => costOf([pattern], problem) / usedBy(pattern, problem);
  const best = found.toSorted((a, b) => perUnit(a) - perUnit(b))[0];
  return best === undefined ? [] : [best];
}

/** The pattern that costs least for what it uses of a pack. */
function densest(problem: CutProblem): readonly Pattern[] {
  const found = bestPatterns(problem, problem.lengths).filter((each) => usedBy(each, problem) > 0);
  return cheapestPerUse(found, problem);
}

/** The longest piece that is left, with whatever fills its pack best. */
function longestFirst(problem: CutProblem): readonly Pattern[] {
  const row = problem.demand.findIndex((count) => count > 0);
  const length = nth(problem.lengths, row);
  const rest = {
    ...problem,
    demand: problem.demand.map((count, at) => (at === row ? count - 1 : count)),
    packs: problem.packs.map((each) => ({
      ...each,
      size: each.size - length,
      count: each.size < length ? 0 : each.count,
    })),
  };
  const found = bestPatterns(rest, problem.lengths)
    .filter(({ pack }) => (rest.packs[pack]?.count ?? 0) > 0)
    .map(({ pack, take }) => ({ pack, take: take.map((count, at) => (at === row ? count + 1 : count)) }));
  return cheapestPerUse(found, problem);
}

/** Plans by taking what is cheapest next, and what fills the pack of the longest piece best. */
export const quickPlans = (problem: CutProblem): readonly (readonly Pattern[])[] =>
  [densest, longestFirst].flatMap((next) => {
    const plan = takenOneByOne(problem, next);
    return plan === undefined ? [] : [plan];
  });

/**
 * A plan by rounding the relaxed one: what is whole of it is taken, and the rest is relaxed anew.
 *
 * @param shares The relaxed plan of the whole problem.
 * @param startAt 0: the first step takes what is whole; from 1 on: the share before which so many come nearer to it.
 * @returns Undefined where the packs do not suffice for what is left after rounding.
 */
export function roundedPlan(
  problem: CutProblem,
  shares: readonly Share[],
  startAt = 0,
): readonly Pattern[] | undefined {
  const known = shares.map(({ pattern }) => pattern);
  let started = false;
  return takenOneByOne(problem, (left) => {
    if (!started) {
      started = true;
      return startAt === 0 ? rounded(shares) : shareAt(shares, startAt);
    }
    const now = relaxedPlan(left, known);
    return now.short ? [] : rounded(now.shares);
  });
}
