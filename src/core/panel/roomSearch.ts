/** What a search for room may do with one space, or with the two of a two-pole breaker. */
export interface Segment {
  /** The spaces, from the top: one, or two for a two-pole breaker. */
  readonly slots: readonly number[];
  /** What it takes to clear the first of them; undefined where nothing may be cleared. Free already: no moves. */
  readonly clear: { readonly moves: number; readonly pairs: number; readonly fulls: number; readonly halves: number } | undefined;
  /** Half spaces that it offers while it stays, each with what the breaker for it costs. */
  readonly offers: { readonly cents: number } | undefined;
  /** Whether two single poles may share it once it is free. */
  readonly tandem: boolean;
} // prettier-ignore

/** How many places are looked for. */
export interface Need {
  readonly pairs: number;
  readonly fulls: number;
}

/** What becomes of a space that is free and belongs to no pair. */
export type Leftover = 'unused' | 'full' | 'one-half' | 'two-halves';

/** What a search found: the fewest moves, and the cheapest of those. */
export interface Room {
  readonly moves: number;
  readonly cents: number;
  /** Upper spaces of the pairs that are free afterwards. */
  readonly pairs: readonly number[];
  readonly leftovers: readonly { readonly slot: number; readonly use: Exclude<Leftover, 'unused'> }[];
  /** Segments that are cleared, and those whose offer of a half space is taken, by position. */
  readonly cleared: readonly number[];
  readonly offered: readonly number[];
}

interface Decision {
  readonly to: number;
  readonly pending: 0 | 1;
  readonly pairs: number;
  readonly fulls: number;
  readonly halves: number;
  readonly moves: number;
  readonly cents: number;
  readonly pairAt: number | undefined;
  readonly leftover: { readonly slot: number; readonly use: Leftover } | undefined;
  readonly cleared: number | undefined;
  readonly offered: number | undefined;
}

/** Every node lies before a space; two-pole breakers have one inside, reached only when they are cleared. */
interface Node {
  readonly segment: number;
  readonly inside: boolean;
  /** The space over this node, in the same column. */
  readonly above: { readonly slot: number; readonly tandem: boolean } | undefined;
}

/** A move weighs more than any sum of money. */
const MOVE = 1e9;
/** How many two-pole breakers, and singles that need a whole space, may be moved. */
const MOST_PAIRS_MOVED = 4;

const NOTHING = { pairs: 0, fulls: 0, halves: 0, moves: 0, cents: 0, pairAt: undefined, cleared: undefined, offered: undefined } as const; // prettier-ignore

function leftovers(slot: number, tandem: boolean, tandemCents: number): readonly Partial<Decision>[] {
  const uses: readonly (readonly [Leftover, number, number, number])[] = [
    ['unused', 0, 0, 0],
    ['full', 1, 0, 0],
    ['one-half', 0, 1, 0],
    ...(tandem ? [['two-halves', 0, 2, tandemCents] as const] : []),
  ];
  return uses.map(([use, fulls, halves, cents]) => ({ fulls, halves, cents, leftover: { slot, use } }));
}

const merged = (a: Partial<Decision>, b: Partial<Decision>): Partial<Decision> => ({
  ...a,
  ...b,
  pairs: (a.pairs ?? 0) + (b.pairs ?? 0),
  fulls: (a.fulls ?? 0) + (b.fulls ?? 0),
  halves: (a.halves ?? 0) + (b.halves ?? 0),
  moves: (a.moves ?? 0) + (b.moves ?? 0),
  cents: (a.cents ?? 0) + (b.cents ?? 0),
});

/** What may follow from a node: for each state of the space above (free and undecided, or not). */
function decisions(node: Node, at: number, segments: readonly Segment[], newColumn: boolean, tandemCents: number): readonly [readonly Decision[], readonly Decision[]] {
  const segment = segments[node.segment];
  const lefts = node.above === undefined ? [] : leftovers(node.above.slot, node.above.tandem, tandemCents);
  const whole = (part: Partial<Decision>, to: number, pending: 0 | 1): Decision => ({ ...NOTHING, leftover: undefined, ...part, to, pending });
  if (segment === undefined) return [[whole({}, at + 1, 0)], lefts.map((left) => whole(left, at + 1, 0))];
  const end = node.inside ? at + 1 : at + segment.slots.length;
  const keeps: Partial<Decision>[] = node.inside || segment.clear?.moves === 0 ? [] : [{}];
  if (!node.inside && segment.offers !== undefined) keeps.push({ halves: 1, cents: segment.offers.cents, offered: node.segment });
  const { clear } = segment;
  const frees: Partial<Decision>[] = node.inside ? [{}] : clear === undefined ? [] : [clear.moves === 0 ? {} : { moves: clear.moves, pairs: -clear.pairs, fulls: -clear.fulls, halves: -clear.halves, cleared: node.segment }];
  const settled = [...keeps.map((part) => whole(part, end, 0)), ...frees.map((part) => whole(part, at + 1, 1))];
  const undecided = newColumn
    ? settled
    : [
        ...keeps.flatMap((part) => lefts.map((left) => whole(merged(part, left), end, 0))),
        ...frees.flatMap((part) => [
          whole({ ...merged(part, { pairs: 1 }), pairAt: node.above?.slot }, at + 1, 0),
          ...lefts.map((left) => whole(merged(part, left), at + 1, 1)),
        ]),
      ];
  return [settled, undecided];
} // prettier-ignore

/** One column after the other; a node closes each, where a space that is still undecided is settled. */
function laidOut(columns: readonly (readonly Segment[])[]): { readonly nodes: readonly Node[]; readonly segments: readonly Segment[] } {
  const nodes: Node[] = [];
  const segments: Segment[] = [];
  for (const column of columns) {
    let above: Node['above'];
    for (const segment of column) {
      const index = segments.push(segment) - 1;
      for (const [position, slot] of segment.slots.entries()) {
        nodes.push({ segment: index, inside: position > 0, above });
        above = { slot, tandem: segment.tandem };
      }
    }
    nodes.push({ segment: -1, inside: false, above });
  }
  return { nodes, segments };
} // prettier-ignore

/**
 * The fewest moves that leave the wanted places free in a panel, and among those the cheapest: dynamic
 * programming down one column after the other, exact for singles that move to half or whole spaces and for up
 * to four two-pole breakers. Undefined where no sequence of moves makes the room.
 *
 * @param columns the segments of each column from the top
 * @param need pairs of spaces one above the other, and single whole spaces
 * @param tandemCents price of a breaker that holds two single poles
 */
export function findRoom(columns: readonly (readonly Segment[])[], need: Need, tandemCents: number): Room | undefined {
  const { nodes, segments } = laidOut(columns);
  const slots = segments.reduce((sum, { slots: each }) => sum + each.length, 0);
  // What may be owed while the search goes down: no more than could be moved at all.
  const owedPairs = Math.min(MOST_PAIRS_MOVED, segments.filter(({ clear }) => (clear?.pairs ?? 0) > 0).length);
  const owedFulls = Math.min(MOST_PAIRS_MOVED, segments.filter(({ clear }) => (clear?.fulls ?? 0) > 0).length);
  const pairsSize = need.pairs + owedPairs + 1;
  const fullsSize = need.fulls + owedFulls + 1;
  const reach = Math.min(slots, 4 * need.pairs + 2 * need.fulls + 8);
  const halvesSize = 2 * reach + 1;
  const size = pairsSize * fullsSize * halvesSize * 2;
  const worth = nodes.map(() => new Float64Array(size).fill(Infinity));
  worth.push(new Float64Array(size).fill(Infinity));
  const came = worth.map(() => new Int32Array(size));
  const chose = worth.map(() => new Int16Array(size));
  const key = (pairs: number, fulls: number, halves: number, pending: number): number =>
    ((pairs * fullsSize + fulls) * halvesSize + halves) * 2 + pending;
  const start = key(owedPairs, owedFulls, reach, 0);
  const first = worth[0];
  if (first === undefined) return undefined;
  first[start] = 0;
  const options = nodes.map((node, at) => decisions(node, at, segments, node.above === undefined, tandemCents));
  const goalPairs = need.pairs + owedPairs;
  const relax = (at: number, state: number, value: number): void => {
    const pending = state % 2;
    const rest = (state - pending) / 2;
    const halves = rest % halvesSize;
    const fulls = ((rest - halves) / halvesSize) % fullsSize;
    const pairs = ((rest - halves) / halvesSize - fulls) / fullsSize;
    const choices = options[at]?.[pending === 1 ? 1 : 0] ?? [];
    for (let index = 0; index < choices.length; index += 1) {
      const choice = choices[index];
      if (choice === undefined) continue;
      const p = pairs + choice.pairs;
      const f = fulls + choice.fulls;
      const h = halves + choice.halves;
      if (p < 0 || p >= pairsSize || f < 0 || f >= fullsSize || h < 0 || h >= halvesSize) continue;
      const to = key(p, f, h, choice.pending);
      const total = value + choice.moves * MOVE + choice.cents;
      // What is short must still be made up by the spaces that are left.
      const left = nodes.length - choice.to;
      if (Math.abs(h - reach) > 2 * left + 2 || goalPairs - p > left / 2 + 1) continue;
      const there = worth[choice.to];
      if (there === undefined || total >= (there[to] ?? 0)) continue;
      there[to] = total;
      (came[choice.to] ?? [])[to] = at * size + state;
      (chose[choice.to] ?? [])[to] = index;
    }
  };
  for (const at of nodes.keys()) {
    const here = worth[at] ?? new Float64Array();
    for (let state = 0; state < size; state += 1) {
      const value = here[state] ?? Infinity;
      if (value < Infinity) relax(at, state, value);
    }
  }
  const goal = key(goalPairs, need.fulls + owedFulls, reach, 0);
  const best = worth.at(-1)?.[goal] ?? Infinity;
  if (best === Infinity) return undefined;
  const path: Decision[] = [];
  for (let [node, state] = [nodes.length, goal]; node > 0; ) {
    const from = came[node]?.[state] ?? 0;
    const [before, old] = [Math.floor(from / size), from % size];
    const decision = options[before]?.[old % 2 === 1 ? 1 : 0]?.[chose[node]?.[state] ?? 0];
    if (decision !== undefined) path.push(decision);
    [node, state] = [before, old];
  }
  return told(path, best);
}

const isDefined = <T>(value: T | undefined): value is T => value !== undefined;

function told(path: readonly Decision[], best: number): Room {
  const moves = path.reduce((sum, each) => sum + each.moves, 0);
  return {
    moves,
    cents: best - moves * MOVE,
    pairs: path.map(({ pairAt }) => pairAt).filter(isDefined),
    leftovers: path.flatMap(({ leftover }) => (leftover === undefined || leftover.use === 'unused' ? [] : [{ slot: leftover.slot, use: leftover.use }])),
    cleared: path.map(({ cleared }) => cleared).filter(isDefined),
    offered: path.map(({ offered }) => offered).filter(isDefined),
  };
} // prettier-ignore
