import type { Item } from './item';

/** What of the job something is for. */
export type Source =
  | { readonly kind: 'circuit'; readonly id: string }
  | { readonly kind: 'panel'; readonly id: string }
  | { readonly kind: 'water'; readonly id: string }
  | { readonly kind: 'service' }
  | { readonly kind: 'job' };

/** What a source is told apart by. */
export const sourceKey = (source: Source): string =>
  'id' in source ? `${source.kind} ${source.id}` : source.kind;

/** A piece that has to be cut in one length, and how that came about; feet. */
export interface NeededPiece {
  readonly id: string;
  /** Where it lies: the segments or the part that it is for. */
  readonly where: string;
  readonly runFt: number;
  /** Waste of the run, up to the foot. */
  readonly wasteFt: number;
  /** Left at both ends for making up. */
  readonly endsFt: readonly [from: number, to: number];
  readonly cutFt: number;
}

/** So much of an item, and what it is for. */
export interface Need {
  readonly item: Item;
  readonly source: Source;
  /** Where in the source: a segment, a station, a part. */
  readonly where: string;
  /** Pieces, or feet of what is measured. */
  readonly count: number;
  readonly piece: NeededPiece | null;
}

/** Waste of what is pulled or run, a share of it. */
const WASTE = { wire: 0.03, cable: 0.05, bond: 0.1 } as const;

/** A piece as it is cut: whole feet, since nobody cuts finer. */
export function pieceOf(
  id: string,
  where: string,
  runFt: number,
  endsFt: readonly [number, number],
  kind: keyof typeof WASTE,
): NeededPiece {
  const wasteFt = Math.ceil(runFt * WASTE[kind] - 1e-9);
  const cutFt = Math.ceil(runFt + wasteFt + endsFt[0] + endsFt[1] - 1e-9);
  return { id, where, runFt, wasteFt, endsFt, cutFt };
}
