import { tally } from '../units/tally';
import { nth } from '../units/nth';
import { exactPlan } from './exactPlan';
import { withoutIdle } from './idleTime';
import { leastFinish } from './leastFinish';
import { boardFor, finishOf, serialPlan, type Board, type Starts } from './serialPlan';
import { timedWork, type TimedStep, type TimedWork } from './timedWork';

/** When each step begins, when the last one ends, and what no order makes shorter. */
export interface TimedPlan {
  readonly starts: Starts;
  readonly finish: number;
  readonly least: number;
  /** Whether no order ends earlier. */
  readonly proved: boolean;
}

/** How long a shorter order is looked for, of few steps: orders, and places that are tried. */
const EFFORT = { orders: 160, nodes: 30_000 } as const;
/** Of the orders so many are tried where the best of many will do. */
const QUICK = 0.25;
/** With this many steps or fewer the whole effort is made; with more of them as much less as each order costs more. */
const FEW_STEPS = { orders: 50, nodes: 14 } as const;

/** The share of an effort that is made for so many steps: an order costs the square of them. */
const effort = (kind: keyof typeof EFFORT, steps: number): number =>
  Math.ceil(EFFORT[kind] * Math.min(1, (FEW_STEPS[kind] / steps) ** 2));

/** Numbers from 0 to 1 that are the same every time. */
function* draws(): Generator<number, never> {
  let seed = 20_260_316;
  for (;;) {
    seed = (Math.imul(seed, 1_664_525) + 1_013_904_223) >>> 0;
    yield seed / 2 ** 32;
  }
}

/** Ranks to begin with: what has most behind it first, what can begin first, what its place is busiest with. */
function firstRanks({ steps, heads, tails, followers }: TimedWork): readonly (readonly number[])[] {
  const busy = new Map<number, number>();
  for (const { place, minutes } of steps) tally(busy, place, minutes);
  return [
    tails.map((tail) => -tail),
    heads.map((head, at) => head - nth(tails, at)),
    steps.map(({ place }, at) => -nth(tails, at) - (busy.get(place) ?? 0) / 2),
    steps.map((_, at) => -(followers[at]?.length ?? 0) * 1000 - nth(tails, at)),
    heads,
  ];
}

/** The work seen from its end: who waits is waited for. */
function reversed({ steps, followers }: TimedWork): TimedWork | undefined {
  return timedWork(
    steps.map((step, at) => ({ ...step, after: followers[at] ?? [], earliest: 0, closed: [] })),
  );
}

/** A plan pushed to its end and back again: gaps close on the way. */
function pushed(work: TimedWork, back: TimedWork, board: Board, starts: Starts): Starts {
  const finish = finishOf(work, starts);
  const late = serialPlan(
    back,
    work.steps.map(({ minutes }, at) => finish - nth(starts, at) - minutes),
    board,
  );
  const end = finishOf(back, late);
  return serialPlan(
    work,
    work.steps.map(({ minutes }, at) => end - nth(late, at) - minutes),
    board,
  );
}

/** The best of many orders: the usual ones, then those with their ranks shaken. */
function bestOrder(work: TimedWork, board: Board, least: number, isQuick: boolean): Starts {
  const ranks = firstRanks(work);
  const back = reversed(work);
  const random = draws();
  let best: Starts | undefined;
  let finish = Infinity;
  const take = (starts: Starts): void => {
    const ends = finishOf(work, starts);
    if (ends >= finish) return;
    best = starts;
    finish = ends;
  };
  const orders = Math.max(ranks.length, effort('orders', work.steps.length) * (isQuick ? QUICK : 1));
  for (let at = 0; at < orders && finish > least; at += 1) {
    const base = ranks[at % ranks.length] ?? [];
    const shaken = at < ranks.length ? 0 : 0.15 + 0.5 * random.next().value;
    const span = Math.max(1, ...base.map(Math.abs));
    const starts = serialPlan(
      work,
      base.map((rank) => rank + shaken * span * (random.next().value - 0.5)),
      board,
    );
    take(starts);
    if (back !== undefined && finish > least) take(pushed(work, back, board, starts));
  }
  return best ?? work.steps.map(() => 0);
}

/**
 * The order of work that ends first: many orders are tried, each step as early as people, place and what it waits for
 * allow; where the best of them is not proved to be the shortest, every order that could be shorter is searched as far as
 * that is possible.
 *
 * @param isQuick The best of many orders will do: not every one is searched.
 * @returns Undefined where steps wait for each other in a circle.
 */
export function shortestPlan(steps: readonly TimedStep[], isQuick = false): TimedPlan | undefined {
  const idle = withoutIdle(steps);
  const plan = shortest(idle.steps, isQuick);
  if (plan === undefined) return undefined;
  const starts = plan.starts.map((start) => idle.back(start));
  const finish = Math.max(0, ...steps.map(({ minutes }, at) => nth(starts, at) + minutes));
  return { ...plan, starts, finish, least: plan.proved ? finish : Math.min(finish, idle.back(plan.least)) };
}

function shortest(steps: readonly TimedStep[], isQuick: boolean): TimedPlan | undefined {
  const work = timedWork(steps);
  if (work === undefined) return undefined;
  const least = leastFinish(work);
  const board = boardFor(work);
  const first = bestOrder(work, board, least, isQuick);
  const ends = finishOf(work, first);
  if (ends <= least) return { starts: first, finish: least, least, proved: true };
  if (isQuick) return { starts: first, finish: ends, least, proved: false };
  const { starts, whole } = exactPlan(work, board, first, least, effort('nodes', steps.length));
  const finish = finishOf(work, starts);
  return { starts, finish, least: whole ? finish : least, proved: whole || finish <= least };
}
