import { lineCuts, type LineAsked } from './lineCuts';

/** Another way to buy a line, with what it costs and leaves. */
export interface OtherWay {
  /** Bought in coils of this length only; null: all of it cut at the counter. */
  readonly packFt: number | null;
  readonly cents: number;
  readonly leftFt: number;
}

const leftOf = (bars: readonly { readonly leftFt: number }[]): number =>
  bars.reduce((sum, { leftFt }) => sum + leftFt, 0);

/** What the line would cost in one kind of coil only, or cut at the counter; ways that cannot be are left out. */
export function otherWays(asked: LineAsked): readonly OtherWay[] {
  const { offer } = asked;
  const way = (packFt: number | null): readonly OtherWay[] => {
    const found = lineCuts({
      ...asked,
      kept: [],
      offer: {
        ...offer,
        packs: offer.packs.filter(({ ft }) => ft === packFt),
        each: packFt === null ? offer.each : undefined,
      },
    });
    return found === undefined
      ? []
      : [{ packFt, cents: found.plan.costCents, leftFt: leftOf(found.plan.bars) }];
  };
  return [...way(null), ...offer.packs.flatMap(({ ft }) => way(ft))].toSorted((a, b) => a.cents - b.cents);
}

/** What it adds to the price of a line when some of its pieces are a foot longer, cents; undefined where they then fit nothing. */
export function oneMoreFoot(asked: LineAsked, ids: ReadonlySet<string>): number | undefined {
  const now = lineCuts(asked);
  const longer = lineCuts({
    ...asked,
    pieces: asked.pieces.map((piece) => (ids.has(piece.id) ? { ...piece, cutFt: piece.cutFt + 1 } : piece)),
  });
  return now && longer && longer.plan.costCents - now.plan.costCents;
}
