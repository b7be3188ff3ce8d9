import { nth } from '../units/nth';
import type { TimedStep, TimedWork } from './timedWork';

/** Work that some steps at least take together, whoever does it: what takes everybody, and half of the rest; what one place holds. */
function together(steps: readonly TimedStep[]): number {
  let alone = 0;
  let single = 0;
  const places = new Map<number, number>();
  for (const step of steps) {
    if (step.alone) alone += step.minutes;
    else {
      single += step.minutes;
      places.set(step.place, (places.get(step.place) ?? 0) + step.minutes);
    }
  }
  return alone + Math.max(Math.ceil(single / 2), 0, ...places.values());
}

/** Steps that begin no earlier than some moment and are followed by some time at least: what no order makes shorter. */
function window(work: TimedWork, head: number, tail: number): number {
  const inside = work.steps.filter(
    ({ minutes }, at) => nth(work.heads, at) >= head && nth(work.tails, at) - minutes >= tail,
  );
  return inside.length === 0 ? 0 : head + together(inside) + tail;
}

/** More moments than this would cost more than they tell. */
const MAX_MOMENTS = 40;

/** Some of many moments, evenly. */
function thinned(moments: readonly number[]): readonly number[] {
  const all = [...new Set(moments)].toSorted((a, b) => a - b);
  const every = Math.ceil(all.length / MAX_MOMENTS);
  return all.filter((_, at) => at % every === 0);
}

/** No order of the work ends earlier: the longest chain, and what places and people hold from any moment to any other. */
export function leastFinish(work: TimedWork): number {
  const { steps, heads, tails } = work;
  const chain = Math.max(0, ...steps.map((_, at) => nth(heads, at) + nth(tails, at)));
  const behind = thinned(steps.map(({ minutes }, at) => nth(tails, at) - minutes));
  const windows = thinned(heads).flatMap((head) => behind.map((tail) => window(work, head, tail)));
  return Math.max(chain, ...windows);
}
