import { nth } from '../units/nth';
import { bestPatterns } from './bestPatterns';
import { cheaperPlan, type Known } from './countTree';
import {
  costOf,
  cutProblem,
  type CutProblem,
  type CutStock,
  type Pattern,
  type Piece,
  lengthIn,
  unitsOf,
  usedBy,
} from './cutProblem';
import { packInto } from './packInto';
import { relaxedPlan } from './patternBound';
import { Purchases } from './purchases';
import { quickPlans, roundedPlan } from './roundedPlan';

/** One roll, coil, stick or tail with the pieces that are cut from it, in the order of cutting. */
export interface Bar {
  /** The stock by its id. */
  readonly stock: string;
  readonly pieces: readonly string[];
  readonly leftFt: number;
}

/** How pieces are cut from stock at the least cost. */
export interface CutPlan {
  readonly bars: readonly Bar[];
  readonly costCents: number;
  /** No plan costs less than this. */
  readonly boundCents: number;
  /** Whether the bound is reached: nothing cheaper exists. */
  readonly proved: boolean;
}

/** Places that are tried of a purchase that may be the cheapest. */
const NODES = 2_000;
const EPS = 1e-6;
/** Purchases that are tried before a bound is sought. */
const FIRST_PURCHASES = 4;

/** More than this is not searched: lists of no house, for which the quick plans and a bound by the foot have to do. */
const MOST_WORK = 80_000;

/** How much a search has to do: each step of it looks at every length with every other, pack by pack. */
const workOf = ({ lengths, packs }: CutProblem): number =>
  (lengths.length + packs.length) ** 2 * packs.length;

/** No plan costs less than what its feet cost where they are cheapest. */
function boundByLength({ lengths, demand, packs }: CutProblem): number {
  const units = lengths.reduce((sum, length, row) => sum + length * nth(demand, row), 0);
  return Math.floor(units * Math.min(...packs.map(({ cents, size }) => cents / size)));
}

interface Found {
  readonly plan: readonly Pattern[];
  readonly boundCents: number;
}

/** What costs add up to from a bound on: no plan costs what no packs come to. */
function lifted(problem: CutProblem, { cents, boundCents }: Known): number {
  if (boundCents >= cents) return cents;
  const purchases = new Purchases(problem, cents);
  return purchases.isWhole ? Math.min(cents, purchases.atLeast(boundCents) ?? cents) : boundCents;
}

/** The pieces of a plan by their ids, and what is left of each bar: the longest bars and pieces first. */
function barsOf(
  plan: readonly Pattern[],
  pieces: readonly Piece[],
  stock: readonly CutStock[],
  lengthOf: (piece: Piece) => number,
  { lengths }: CutProblem,
): readonly Bar[] {
  const waiting = lengths.map((length) => pieces.filter((piece) => lengthOf(piece) === length));
  const ftOf = ({ pack }: Pattern): number => stock[pack]?.ft ?? 0;
  const longestFirst = plan.toSorted((a, b) => ftOf(b) - ftOf(a));
  return longestFirst.map(({ pack, take }): Bar => {
    const own = stock[pack];
    const cut = take.flatMap((count, row) => waiting[row]?.splice(0, count) ?? []);
    const used = cut.reduce((sum, { ft }) => sum + ft, 0);
    return {
      stock: own?.id ?? '',
      pieces: cut.map(({ id }) => id),
      leftFt: Math.max(0, Math.round(((own?.ft ?? 0) - used) * 1e6) / 1e6),
    };
  });
}

/**
 * How pieces are cut from stock at the least cost, each in one length, without a kerf: the relaxed plan gives a bound,
 * rounding it a plan, and a search through the purchases between the two settles which is right.
 *
 * @returns Undefined where a piece is longer than any stock, or there is not enough of it.
 */
export function cutPlan(pieces: readonly Piece[], stock: readonly CutStock[]): CutPlan | undefined {
  const units = unitsOf(pieces, stock);
  const problem = cutProblem(pieces, stock, units);
  const found = cheapest(problem);
  if (found === undefined) return undefined;
  const costCents = costOf(found.plan, problem);
  // What was rounded is bound by itself only: the rest is left unproved unless a looser bound reaches it.
  const boundCents = units.exact
    ? found.boundCents
    : Math.min(costCents, Math.ceil(relaxedPlan(cutProblem(pieces, stock, units, true)).cost - EPS));
  return {
    bars: barsOf(found.plan, pieces, stock, (piece) => lengthIn(piece, units), problem),
    costCents,
    boundCents,
    proved: boundCents >= costCents,
  };
}

/** Packs as large as what fills them best, and no more of them than pieces that fit: the rest is of no use to a plan. */
function tightened(problem: CutProblem): CutProblem {
  const { lengths, demand, packs } = problem;
  const fills = bestPatterns(problem, lengths);
  return {
    ...problem,
    packs: packs.map((pack, at) => {
      const fit = demand.reduce((sum, count, row) => (nth(lengths, row) <= pack.size ? sum + count : sum), 0);
      const fill = fills[at];
      return {
        ...pack,
        size: fill === undefined ? pack.size : usedBy(fill, problem),
        count: Math.min(pack.count, fit),
      };
    }),
  };
}

/** More than any plan costs in which every piece has a pack of its own. */
const costOfSingles = ({ lengths, demand, packs }: CutProblem): number =>
  demand.reduce((sum, count, row) => {
    const fits = packs.filter(({ size }) => size >= nth(lengths, row));
    return sum + count * Math.max(0, ...fits.map(({ cents }) => cents));
  }, 1);

/** The cheapest plan that is found, with a bound: quick plans first, and a rounded one where those leave it open. */
function cheapest(problem: CutProblem): Found | undefined {
  const tight = tightened(problem);
  const quick = quickPlans(problem);
  const known = cheapestOf(quick, problem);
  const least = known && leastPurchase(tight, costOf(known, problem));
  if (least !== undefined) return least;
  if (workOf(problem) > MOST_WORK)
    return known && { plan: known, boundCents: Math.min(boundByLength(problem), costOf(known, problem)) };
  const relaxed = relaxedPlan(problem, quick.flat());
  if (relaxed.short) return undefined;
  const plan = cheapestOf([...ifPlan(known), ...ifPlan(roundedPlan(problem, relaxed.shares))], problem);
  const found = cheaperPlan(
    tight,
    {
      plan,
      cents: plan === undefined ? costOfSingles(problem) : costOf(plan, problem),
      boundCents: Math.ceil(relaxed.cost - EPS),
    },
    [...quick.flat(), ...relaxed.shares.map(({ pattern }) => pattern)],
  );
  return found.plan && { plan: found.plan, boundCents: lifted(tight, found) };
}

/** Of many pieces the cheapest packs that are long enough in all mostly hold them: then nothing else has to be asked. */
function leastPurchase(problem: CutProblem, toCents: number): Found | undefined {
  const purchases = new Purchases(problem, toCents);
  const cents = purchases.isWhole ? purchases.atLeast(0) : undefined;
  if (cents === undefined) return undefined;
  let looked = 0;
  for (const purchase of purchases.of(cents)) {
    const packed = packInto(problem, purchase, NODES);
    if (packed.kind === 'fits') return { plan: packed.plan, boundCents: cents };
    looked += 1;
    if (looked >= FIRST_PURCHASES) break;
  }
  return undefined;
}

const ifPlan = (plan: readonly Pattern[] | undefined): readonly (readonly Pattern[])[] =>
  plan === undefined ? [] : [plan];

const cheapestOf = (plans: readonly (readonly Pattern[])[], problem: CutProblem) =>
  plans.toSorted((a, b) => costOf(a, problem) - costOf(b, problem))[0];
