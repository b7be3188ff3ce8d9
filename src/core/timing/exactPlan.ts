import { finishOf, type Board, type Starts } from './serialPlan';
import type { TimedWork } from './timedWork';

/** What a search came to: a better plan where it found one, and whether it looked everywhere. */
export interface Searched {
  readonly starts: Starts;
  readonly whole: boolean;
}

/** A search through every order of the steps, each as early as it fits; orders that cannot end earlier are left out. */
class Search {
  readonly #work: TimedWork;
  readonly #board: Board;
  readonly #starts: number[];
  readonly #waits: number[];
  readonly #least: number;
  best: Starts;
  bestFinish: number;
  #nodes: number;

  constructor(work: TimedWork, board: Board, first: Starts, least: number, nodes: number) {
    this.#work = work;
    this.#board = board;
    this.#starts = work.steps.map(() => -1);
    this.#waits = work.steps.map(({ after }) => new Set(after).size);
    this.#least = least;
    this.best = first;
    this.bestFinish = finishOf(work, first);
    this.#nodes = nodes;
    board.clear();
  }

  isOver(): boolean {
    return this.#nodes <= 0 || this.bestFinish <= this.#least;
  }

  /** Whether it was not given up. */
  get isWhole(): boolean {
    return this.#nodes > 0;
  }

  /** When what a step waits for is done. */
  #ready(at: number): number {
    const step = this.#work.steps[at];
    let ready = step?.earliest ?? 0;
    for (const before of step?.after ?? [])
      ready = Math.max(ready, (this.#starts[before] ?? 0) + (this.#work.steps[before]?.minutes ?? 0));
    return ready;
  }

  /**
   * Whether what is not laid yet could still end earlier than the best: by the chain behind each step, and by what two
   * people have to do from the moment of the last beginning on.
   */
  #mayBeBetter(from: number): boolean {
    const { steps, tails, heads } = this.#work;
    let personMinutes = 0;
    for (const [at, { minutes, alone }] of steps.entries()) {
      const start = this.#starts[at] ?? -1;
      const left = start < 0 ? minutes : Math.max(0, start + minutes - Math.max(start, from));
      personMinutes += alone ? 2 * left : left;
      if (start < 0 && Math.max(from, heads[at] ?? 0) + (tails[at] ?? 0) >= this.bestFinish) return false;
    }
    return from + personMinutes / 2 < this.bestFinish;
  }

  /** Lays one more step; steps are laid in the order in which they begin, so that no plan is made twice. */
  lay(left: number, from: number, last: number): void {
    const { steps, followers, tails } = this.#work;
    if (left === 0) {
      const finish = finishOf(this.#work, this.#starts);
      if (finish < this.bestFinish) {
        this.best = [...this.#starts];
        this.bestFinish = finish;
      }
      return;
    }
    this.#nodes -= 1;
    if (this.isOver() || !this.#mayBeBetter(from)) return;
    const open = steps.flatMap((step, at) => {
      if ((this.#starts[at] ?? -1) >= 0 || (this.#waits[at] ?? 0) > 0) return [];
      const start = this.#board.earliest(step, this.#ready(at));
      return start < from || (start === from && at < last) ? [] : [{ at, step, start }];
    });
    open.sort((a, b) => a.start - b.start || (tails[b.at] ?? 0) - (tails[a.at] ?? 0));
    for (const { at, step, start } of open) {
      if (this.isOver()) return;
      if (start + (tails[at] ?? 0) >= this.bestFinish) continue;
      this.#board.put(step, start);
      this.#starts[at] = start;
      for (const next of followers[at] ?? []) this.#waits[next] = (this.#waits[next] ?? 0) - 1;
      this.lay(left - 1, start, at);
      for (const next of followers[at] ?? []) this.#waits[next] = (this.#waits[next] ?? 0) + 1;
      this.#starts[at] = -1;
      this.#board.take(step, start);
    }
  }
}

/**
 * The plan that ends first, by trying every order that could still be better.
 *
 * @param nodes How many places are tried before it is given up.
 */
export function exactPlan(
  work: TimedWork,
  board: Board,
  first: Starts,
  least: number,
  nodes: number,
): Searched {
  const search = new Search(work, board, first, least, nodes);
  search.lay(work.steps.length, 0, -1);
  return { starts: search.best, whole: search.isWhole };
}
