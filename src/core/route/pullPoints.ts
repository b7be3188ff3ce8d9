/** Bends and length of one piece of raceway, and whether it ends where conductors can be pulled. */
export interface BentPiece {
  readonly bendsDeg: readonly number[];
  readonly toPullPoint: boolean;
}

/** What bends come to between pull points. */
export interface BendSum {
  /** The most between two pull points, degrees. */
  readonly degrees: number;
  /** The sum of each part between pull points, in order. */
  readonly sums: readonly number[];
  /** Pull points that have to be added so that no part passes the limit. */
  readonly needed: number;
  /** For each added pull point: the piece and the bend before which it stands. */
  readonly before: readonly { readonly piece: number; readonly bend: number }[];
}

/**
 * Adds bends up between pull points, and sets a pull point before the bend that would pass the limit (the
 * sections of bends, 3xx.26). An offset counts twice its angle, a saddle all its bends: give each bend.
 */
export function sumBends(pieces: readonly BentPiece[], limitDeg: number): BendSum {
  const sums: number[] = [];
  const before: { piece: number; bend: number }[] = [];
  let sum = 0;
  let sinceAdded = 0;
  for (const [piece, { bendsDeg, toPullPoint }] of pieces.entries()) {
    for (const [bend, degrees] of bendsDeg.entries()) {
      sum += degrees;
      if (sinceAdded + degrees > limitDeg + 1e-9 && sinceAdded > 0) {
        before.push({ piece, bend });
        sinceAdded = 0;
      }
      sinceAdded += degrees;
    }
    if (!toPullPoint && piece < pieces.length - 1) continue;
    sums.push(sum);
    sum = 0;
    sinceAdded = 0;
  }
  return { degrees: Math.max(0, ...sums), sums, needed: before.length, before };
}
