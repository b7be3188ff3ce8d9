import { common } from '../units/common';
import type { TimedStep, TimedWork } from './timedWork';

/** When each step begins. */
export type Starts = readonly number[];

const FREE = -1;
const ALONE = -2;

/** What is worked on at each unit of time: nobody, one person in a place, or what takes everybody. */
export class Board {
  readonly #unit: number;
  readonly #first: Int16Array;
  readonly #second: Int16Array;

  constructor(unit: number, minutes: number) {
    this.#unit = unit;
    const cells = Math.ceil(minutes / unit) + 1;
    this.#first = new Int16Array(cells).fill(FREE);
    this.#second = new Int16Array(cells).fill(FREE);
  }

  clear(): void {
    this.#first.fill(FREE);
    this.#second.fill(FREE);
  }

  /** The last unit of some in which a step may not be worked on; undefined where it may in all of them. */
  #obstacle({ place, alone, closed }: TimedStep, from: number, to: number): number | undefined {
    const shut = closed?.find(([opens, ends]) => opens / this.#unit < to && ends / this.#unit > from);
    if (shut !== undefined) return shut[1] / this.#unit - 1;
    for (let at = to - 1; at >= from; at -= 1) {
      const first = this.#first[at] ?? FREE;
      const second = this.#second[at] ?? FREE;
      if (first === FREE && second === FREE) continue;
      const isFull = first !== FREE && second !== FREE;
      if (alone || isFull || first === place || second === place || first === ALONE) return at;
    }
    return undefined;
  }

  /** The earliest moment from one on at which a step fits. */
  earliest(step: TimedStep, from: number): number {
    const cells = step.minutes / this.#unit;
    let at = from / this.#unit;
    for (;;) {
      // Whatever stands in its way is looked for from the end, so that the next place that is tried lies behind all of it.
      const obstacle = this.#obstacle(step, at, at + cells);
      if (obstacle === undefined) return at * this.#unit;
      at = obstacle + 1;
    }
  }

  /** The latest moment between two at which a step fits; the first of them where it fits at no other. */
  latest(step: TimedStep, from: number, to: number): number {
    const cells = step.minutes / this.#unit;
    for (let at = Math.floor(to / this.#unit); at > from / this.#unit; at -= 1)
      if (this.#obstacle(step, at, at + cells) === undefined) return at * this.#unit;
    return from;
  }

  put({ place, alone, minutes }: TimedStep, start: number): void {
    const from = start / this.#unit;
    const to = from + minutes / this.#unit;
    for (let at = from; at < to; at += 1)
      if (alone) {
        this.#first[at] = ALONE;
        this.#second[at] = ALONE;
      } else if (this.#first[at] === FREE) this.#first[at] = place;
      else this.#second[at] = place;
  }

  take({ place, alone, minutes }: TimedStep, start: number): void {
    const from = start / this.#unit;
    const to = from + minutes / this.#unit;
    for (let at = from; at < to; at += 1)
      if (alone) {
        this.#first[at] = FREE;
        this.#second[at] = FREE;
      } else if (this.#second[at] === place) this.#second[at] = FREE;
      else this.#first[at] = FREE;
  }
}

/** A board on which work fits in any order: in the largest unit in which every length and moment is whole. */
export function boardFor({ steps }: TimedWork): Board {
  const moments = steps.flatMap(({ minutes, earliest, closed = [] }) => [
    minutes,
    earliest,
    ...closed.flat(),
  ]);
  const unit = moments.reduce(common, 0) || 1;
  const latest = Math.max(0, ...steps.flatMap(({ earliest, closed = [] }) => [earliest, ...closed.flat()]));
  return new Board(unit, latest + steps.reduce((sum, { minutes }) => sum + minutes, 0));
}

/**
 * Puts the steps on a board one after the other, each as early as it fits: of those that wait for nothing any more the
 * one of the lowest rank comes first.
 */
export function serialPlan({ steps, followers }: TimedWork, rank: ArrayLike<number>, board: Board): Starts {
  board.clear();
  const starts = steps.map(() => 0);
  const ready = steps.map(({ earliest }) => earliest);
  const waits = steps.map(({ after }) => new Set(after).size);
  const open = waits.flatMap((count, at) => (count === 0 ? [at] : []));
  while (open.length > 0) {
    let best = 0;
    for (let k = 1; k < open.length; k += 1)
      if ((rank[open[k] ?? 0] ?? 0) < (rank[open[best] ?? 0] ?? 0)) best = k;
    const [at = 0] = open.splice(best, 1);
    const step = steps[at];
    if (step === undefined) break;
    const start = board.earliest(step, ready[at] ?? 0);
    board.put(step, start);
    starts[at] = start;
    for (const next of followers[at] ?? []) {
      ready[next] = Math.max(ready[next] ?? 0, start + step.minutes);
      waits[next] = (waits[next] ?? 0) - 1;
      if (waits[next] === 0) open.push(next);
    }
  }
  return starts;
}

/** When the last step ends. */
export const finishOf = ({ steps }: TimedWork, starts: Starts): number =>
  Math.max(0, ...steps.map(({ minutes }, at) => (starts[at] ?? 0) + minutes));
