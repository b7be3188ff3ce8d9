/** What a search for room may do with one space, or with the two of a two-pole breaker. */
export interface Segment {
  /** The spaces, from the top: one, or two for a two-pole breaker. */
  readonly slots: readonly number[];
  /** What it takes to clear the first of them; undefined where nothing may be cleared. Free already: no moves. */
  readonly clear:
    | { readonly moves: number; readonly pairs: number; readonly fulls: number; readonly halves: number }
    | undefined;
  /** Half spaces that it offers while it stays, each with what the breaker for it costs. */
  readonly offers: { readonly cents: number } | undefined;
  /** Whether two single poles may share each of them once it is free. */
  readonly tandem: readonly boolean[];
}

/** What becomes of a space that is free and belongs to no pair. */
export type Leftover = 'unused' | 'full' | 'one-half' | 'two-halves';

/** One thing done on the way down the panel, and where it leads. */
export interface Decision {
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
export interface Node {
  readonly segment: number;
  readonly inside: boolean;
  /** The space over this node, in the same column. */
  readonly above: { readonly slot: number; readonly tandem: boolean } | undefined;
}

const NOTHING = {
  pairs: 0,
  fulls: 0,
  halves: 0,
  moves: 0,
  cents: 0,
  pairAt: undefined,
  cleared: undefined,
  offered: undefined,
} as const;

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
export function decisions(
  node: Node,
  at: number,
  segments: readonly Segment[],
  newColumn: boolean,
  tandemCents: number,
): readonly [readonly Decision[], readonly Decision[]] {
  const segment = segments[node.segment];
  const lefts = node.above === undefined ? [] : leftovers(node.above.slot, node.above.tandem, tandemCents);
  const whole = (part: Partial<Decision>, to: number, pending: 0 | 1): Decision => ({
    ...NOTHING,
    leftover: undefined,
    ...part,
    to,
    pending,
  });
  if (segment === undefined) return [[whole({}, at + 1, 0)], lefts.map((left) => whole(left, at + 1, 0))];
  const end = node.inside ? at + 1 : at + segment.slots.length;
  const keeps: Partial<Decision>[] = node.inside || segment.clear?.moves === 0 ? [] : [{}];
  if (!node.inside && segment.offers !== undefined)
    keeps.push({ halves: 1, cents: segment.offers.cents, offered: node.segment });
  const { clear } = segment;
  const frees: Partial<Decision>[] = node.inside
    ? [{}]
    : clear === undefined
      ? []
      : [
          clear.moves === 0
            ? {}
            : {
                moves: clear.moves,
                pairs: -clear.pairs,
                fulls: -clear.fulls,
                halves: -clear.halves,
                cleared: node.segment,
              },
        ];
  const settled = [
    ...keeps.map((part) => whole(part, end, 0)),
    ...frees.map((part) => whole(part, at + 1, 1)),
  ];
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
}

/** One column after the other; a node closes each, where a space that is still undecided is settled. */
export function laidOut(columns: readonly (readonly Segment[])[]): {
  readonly nodes: readonly Node[];
  readonly segments: readonly Segment[];
} {
  const nodes: Node[] = [];
  const segments: Segment[] = [];
  for (const column of columns) {
    let above: Node['above'];
    for (const segment of column) {
      const index = segments.push(segment) - 1;
      for (const [position, slot] of segment.slots.entries()) {
        nodes.push({ segment: index, inside: position > 0, above });
        above = { slot, tandem: segment.tandem[position] === true };
      }
    }
    nodes.push({ segment: -1, inside: false, above });
  }
  return { nodes, segments };
}
