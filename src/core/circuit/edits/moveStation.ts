/** Moves the station between two segments: what one gains the other loses; undefined where one would vanish. */
export function moveStation(
  lengths: readonly number[],
  station: number,
  byFt: number,
  minFt: number,
): readonly [before: number, after: number] | undefined {
  const before = lengths[station - 1];
  const after = lengths[station];
  if (before === undefined || after === undefined) return undefined;
  const moved = Math.round((before + byFt) * 2) / 2;
  const rest = Math.round((before + after - moved) * 100) / 100;
  return moved < minFt || rest < minFt ? undefined : [moved, rest];
}
