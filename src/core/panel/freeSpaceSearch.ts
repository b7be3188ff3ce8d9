import { nth } from '../units/nth';
import { decisions, laidOut, type Decision, type Leftover, type Segment } from './freeSpaceSteps';

/** How many places are looked for. */
export interface Need {
  readonly pairs: number;
  readonly fulls: number;
}

/** What a search found: the fewest moves, and the cheapest of those. */
export interface freeSpace {
  readonly moves: number;
  readonly cents: number;
  /** Upper spaces of the pairs that are free afterwards. */
  readonly pairs: readonly number[];
  readonly leftovers: readonly { readonly slot: number; readonly use: Exclude<Leftover, 'unused'> }[];
  /** Segments that are cleared, and those whose offer of a half space is taken, by position. */
  readonly cleared: readonly number[];
  readonly offered: readonly number[];
}

/** A move weighs more than any sum of money. */
const MOVE = 1e9;
/** How many two-pole breakers, and singles that need a whole space, may be moved. */
const MAX_PAIRS_MOVED = 4;

/** Sizes of the three tallies that the search keeps, and where each of them starts. */
class Tally {
  readonly #fulls: number;
  readonly #halves: number;
  readonly pairs: number;
  readonly size: number;
  /** No tally at all: nothing owed, nothing free. */
  readonly start: number;
  readonly goal: number;
  readonly goalPairs: number;
  readonly reach: number;

  constructor(segments: readonly Segment[], need: Need) {
    // What may be owed while the search goes down: no more than could be moved at all.
    const owed = (what: 'pairs' | 'fulls'): number =>
      Math.min(MAX_PAIRS_MOVED, segments.filter(({ clear }) => (clear?.[what] ?? 0) > 0).length);
    const slots = segments.reduce((sum, { slots: each }) => sum + each.length, 0);
    this.goalPairs = need.pairs + owed('pairs');
    this.reach = Math.min(slots, 4 * need.pairs + 2 * need.fulls + 8);
    // What is owed may be paid before it is owed: the tally then stands above its goal for a while.
    this.pairs = this.goalPairs + owed('pairs') + 1;
    this.#fulls = need.fulls + 2 * owed('fulls') + 1;
    this.#halves = 2 * this.reach + 1;
    this.size = this.pairs * this.#fulls * this.#halves * 2;
    this.start = this.key(owed('pairs'), owed('fulls'), this.reach, 0);
    this.goal = this.key(this.goalPairs, need.fulls + owed('fulls'), this.reach, 0);
  }

  key(pairs: number, fulls: number, halves: number, pending: number): number {
    return ((pairs * this.#fulls + fulls) * this.#halves + halves) * 2 + pending;
  }

  /** The state after a decision; -1 where it is out of what can still lead anywhere. */
  after(state: number, choice: Decision, nodesLeft: number): number {
    const rest = (state - (state % 2)) / 2;
    const halves = rest % this.#halves;
    const above = (rest - halves) / this.#halves;
    const fulls = above % this.#fulls;
    const p = (above - fulls) / this.#fulls + choice.pairs;
    const f = fulls + choice.fulls;
    const h = halves + choice.halves;
    const within = p >= 0 && p < this.pairs && f >= 0 && f < this.#fulls && h >= 0 && h < this.#halves;
    // What is short must still be made up by the spaces that are left.
    const hopeless = Math.abs(h - this.reach) > 2 * nodesLeft + 2 || this.goalPairs - p > nodesLeft / 2 + 1;
    return within && !hopeless ? this.key(p, f, h, choice.pending) : -1;
  }
}

type Options = readonly (readonly [readonly Decision[], readonly Decision[]])[];

/** The cheapest way to every state before every node, with how each was come to. */
class Ways {
  readonly #worth: readonly Float64Array[];
  readonly #came: readonly Int32Array[];
  readonly #chose: readonly Int16Array[];
  readonly #options: Options;
  readonly #tally: Tally;

  constructor(options: Options, tally: Tally) {
    const rows = Array.from({ length: options.length + 1 });
    this.#options = options;
    this.#tally = tally;
    this.#worth = rows.map(() => new Float64Array(tally.size).fill(Infinity));
    this.#came = rows.map(() => new Int32Array(tally.size));
    this.#chose = rows.map(() => new Int16Array(tally.size));
    this.#worth[0]?.fill(0, tally.start, tally.start + 1);
  }

  #relax(at: number, state: number, value: number): void {
    const choices = this.#options[at]?.[state % 2 === 1 ? 1 : 0] ?? [];
    for (let index = 0; index < choices.length; index += 1) {
      const choice = choices[index];
      if (choice === undefined) continue;
      const to = this.#tally.after(state, choice, this.#options.length - choice.to);
      const there = this.#worth[choice.to];
      const total = value + choice.moves * MOVE + choice.cents;
      if (to < 0 || there === undefined || total >= nth(there, to)) continue;
      there[to] = total;
      (this.#came[choice.to] ?? [])[to] = at * this.#tally.size + state;
      (this.#chose[choice.to] ?? [])[to] = index;
    }
  }

  /** What the goal costs; infinite where it cannot be come to. */
  search(): number {
    for (const at of this.#options.keys()) {
      const here = this.#worth[at] ?? new Float64Array();
      for (let state = 0; state < here.length; state += 1) {
        const value = here[state] ?? Infinity;
        if (value < Infinity) this.#relax(at, state, value);
      }
    }
    return this.#worth.at(-1)?.[this.#tally.goal] ?? Infinity;
  }

  /** The decisions that led to the goal, the last first. */
  path(): readonly Decision[] {
    const path: Decision[] = [];
    const { size, goal } = this.#tally;
    for (let [node, state] = [this.#options.length, goal]; node > 0;) {
      const from = this.#came[node]?.[state] ?? 0;
      const [before, old] = [Math.floor(from / size), from % size];
      const decision = this.#options[before]?.[old % 2 === 1 ? 1 : 0]?.[this.#chose[node]?.[state] ?? 0];
      if (decision !== undefined) path.push(decision);
      [node, state] = [before, old];
    }
    return path;
  }
}

/**
 * The fewest moves that leave the wanted places free in a panel, and among those the cheapest: dynamic
 * programming down one column after the other, exact for singles that move to half or whole spaces and for up
 * to four two-pole breakers. Undefined where no sequence of moves makes the room.
 *
 * @param columns the segments of each column from the top
 * @param need pairs of spaces one above the other, and single whole spaces
 * @param tandemCents price of a breaker that holds two single poles
 */
export function findRoom(
  columns: readonly (readonly Segment[])[],
  need: Need,
  tandemCents: number,
): freeSpace | undefined {
  const { nodes, segments } = laidOut(columns);
  const options = nodes.map((node, at) =>
    decisions(node, at, segments, node.above === undefined, tandemCents),
  );
  const ways = new Ways(options, new Tally(segments, need));
  const best = ways.search();
  return best === Infinity ? undefined : told(ways.path(), best);
}

const isDefined = <T>(value: T | undefined): value is T => value !== undefined;

function told(path: readonly Decision[], best: number): freeSpace {
  const moves = path.reduce((sum, each) => sum + each.moves, 0);
  return {
    moves,
    cents: best - moves * MOVE,
    pairs: path.map(({ pairAt }) => pairAt).filter(isDefined),
    leftovers: path.flatMap(({ leftover }) =>
      leftover === undefined || leftover.use === 'unused' ? [] : [{ slot: leftover.slot, use: leftover.use }],
    ),
    cleared: path.map(({ cleared }) => cleared).filter(isDefined),
    offered: path.map(({ offered }) => offered).filter(isDefined),
  };
}
