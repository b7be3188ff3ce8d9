import type { Bar } from '../cutting/cutPlan';
import type { KeptBar } from './materialsDocument';
import type { NeededPiece } from './need';
import type { Pack } from './pack';

const EPS = 1e-6;

/** A bar whose pieces were put on it by hand: what it is cut from, its pieces, what is left. */
export interface HeldBar {
  readonly pack: Pack;
  readonly pieces: readonly NeededPiece[];
  readonly leftFt: number;
}

const sum = (pieces: readonly NeededPiece[]): number => pieces.reduce((ft, { cutFt }) => ft + cutFt, 0);

/**
 * The bars that hold by hand: those whose pieces are all still there, each once, on a pack that is sold or lies there and
 * is long enough. A bar that no longer can be is let go of; the plan is then made without it.
 */
export function heldBars(
  kept: readonly KeptBar[],
  pieces: readonly NeededPiece[],
  packs: readonly Pack[],
): readonly HeldBar[] {
  const free = new Map(pieces.map((piece) => [piece.id, piece]));
  const used = new Map<string, number>();
  return kept.flatMap(({ stock, pieces: ids }): readonly HeldBar[] => {
    const pack = packs.find(({ id }) => id === stock);
    const own = ids.flatMap((id) => free.get(id) ?? []);
    const taken = used.get(stock) ?? 0;
    if (pack === undefined || own.length !== ids.length || taken >= (pack.count ?? Infinity)) return [];
    const leftFt = pack.ft - sum(own);
    if (leftFt < -EPS) return [];
    for (const { id } of own) free.delete(id);
    used.set(stock, taken + 1);
    return [{ pack, pieces: own.toSorted((a, b) => b.cutFt - a.cutFt), leftFt: Math.max(0, leftFt) }];
  });
}

/** Why a piece does not go onto a bar. */
export interface DoesNotFit {
  readonly ft: number;
  readonly leftFt: number;
}

/** What is kept by hand once a piece lies on another bar: that bar as it then is; what it lay on is planned anew. */
export function movedPiece(
  item: string,
  piece: NeededPiece,
  to: Bar,
  kept: readonly KeptBar[],
): readonly KeptBar[] | DoesNotFit {
  if (to.pieces.includes(piece.id)) return kept;
  if (piece.cutFt > to.leftFt + EPS) return { ft: piece.cutFt, leftFt: to.leftFt };
  const others = kept.filter(
    (bar) => bar.item !== item || !bar.pieces.some((id) => id === piece.id || to.pieces.includes(id)),
  );
  return [...others, { item, stock: to.stock, pieces: [...to.pieces, piece.id] }];
}

/** Whether a piece does not fit where it was moved to. */
export const isDoesNotFit = (moved: readonly KeptBar[] | DoesNotFit): moved is DoesNotFit =>
  'leftFt' in moved;
