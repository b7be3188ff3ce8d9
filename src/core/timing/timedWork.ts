import { nth } from '../units/nth';

/** Work that has to be put in time; minutes of working time. */
export interface TimedStep {
  readonly minutes: number;
  /** Where it is done, as a number; two steps in one place never overlap. */
  readonly place: number;
  /** Whether nothing else is worked on meanwhile: it takes everybody, or the house is dead. */
  readonly alone: boolean;
  /** Steps that are done before it, by position. */
  readonly after: readonly number[];
  /** It begins no earlier. */
  readonly earliest: number;
  /** Spans in which it may not be worked on: from, to. */
  readonly closed?: readonly (readonly [from: number, to: number])[] | undefined;
}

/** Steps with what follows from their order. */
export interface TimedWork {
  readonly steps: readonly TimedStep[];
  /** Steps that wait for each. */
  readonly followers: readonly (readonly number[])[];
  /** A step stands after everything that it waits for. */
  readonly order: readonly number[];
  /** The earliest that each could begin, if nobody and no place were in the way. */
  readonly heads: readonly number[];
  /** What at least follows the beginning of each, itself with it. */
  readonly tails: readonly number[];
}

/** Steps in an order in which each stands after those that it waits for; undefined where they wait in a circle. */
export function orderOf(after: readonly (readonly number[])[]): readonly number[] | undefined {
  const waits = after.map((before) => new Set(before).size);
  const followers = followersOf(after);
  const order = waits.flatMap((count, at) => (count === 0 ? [at] : []));
  for (const at of order)
    for (const next of followers[at] ?? []) {
      const left = nth(waits, next) - 1;
      waits[next] = left;
      if (left === 0) order.push(next);
    }
  return order.length === after.length ? order : undefined;
}

function followersOf(after: readonly (readonly number[])[]): readonly (readonly number[])[] {
  const followers: number[][] = after.map(() => []);
  for (const [at, before] of after.entries()) for (const each of new Set(before)) followers[each]?.push(at);
  return followers;
}

/** The first moment from one on at which a step is not stopped before it is done. */
function pastClosed(step: Pick<TimedStep, 'minutes' | 'closed'>, from: number): number {
  const { minutes, closed = [] } = step;
  const shut = closed
    .filter(([opens, ends]) => opens < from + minutes && ends > from)
    .map(([, ends]) => ends);
  return shut.length === 0 ? from : pastClosed(step, Math.min(...shut));
}

/** Work with its order, or undefined where it waits in a circle. */
export function timedWork(steps: readonly TimedStep[]): TimedWork | undefined {
  const after = steps.map((step) => step.after);
  const order = orderOf(after);
  if (order === undefined) return undefined;
  const followers = followersOf(after);
  const heads = steps.map(({ earliest }) => earliest);
  for (const at of order) {
    const step = steps[at];
    if (step === undefined) continue;
    heads[at] = pastClosed(step, nth(heads, at));
    const done = nth(heads, at) + step.minutes;
    for (const next of followers[at] ?? []) heads[next] = Math.max(nth(heads, next), done);
  }
  const tails = steps.map(({ minutes }) => minutes);
  for (const at of order.toReversed()) {
    const longest = Math.max(0, ...(followers[at] ?? []).map((next) => nth(tails, next)));
    tails[at] = (steps[at]?.minutes ?? 0) + longest;
  }
  return { steps, followers, order, heads, tails };
}
