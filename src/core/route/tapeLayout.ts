/** One segment on the tape. */
export interface TapeColumn {
  readonly fromPx: number;
  readonly toPx: number;
  readonly pxPerFt: number;
  /** Whether it is drawn wider than to scale, so that its words have room. */
  readonly widened: boolean;
  readonly fromFt: number;
  readonly toFt: number;
}

/** Shares a width out by length, but gives every segment at least a least width while there is room. */
function widths(lengths: readonly number[], widthPx: number, minPx: number): number[] {
  const min = Math.min(minPx, widthPx / Math.max(1, lengths.length));
  const fixed = new Set<number>();
  for (;;) {
    const free = lengths.reduce((sum, length, at) => (fixed.has(at) ? sum : sum + length), 0);
    const room = widthPx - fixed.size * min;
    const short = lengths.findIndex((length, at) => !fixed.has(at) && (length / free) * room < min);
    if (short < 0) return lengths.map((length, at) => (fixed.has(at) ? min : (length / free) * room));
    fixed.add(short);
  }
}

/**
 * The tape: the wire laid straight, one column a segment, to scale where that leaves every column wide enough
 * to write in. A column that had to be widened says so, and keeps ticks true to its own length.
 */
export function tapeLayout(
  lengths: readonly number[],
  widthPx: number,
  minPx: number,
): readonly TapeColumn[] {
  const shared = widths(lengths, widthPx, minPx);
  const total = lengths.reduce((sum, length) => sum + length, 0);
  let px = 0;
  let ft = 0;
  return lengths.map((length, at) => {
    const width = shared[at] ?? 0;
    const column = {
      fromPx: px,
      toPx: px + width,
      pxPerFt: width / length,
      widened: width > (length / total) * widthPx * 1.02,
      fromFt: ft,
      toFt: ft + length,
    };
    px += width;
    ft += length;
    return column;
  });
}

/** A mark on the tape. */
export interface TapeTick {
  readonly px: number;
  readonly ft: number;
  readonly size: 'foot' | 'five' | 'ten';
}

/** Ticks of one column: every 2 ft where there is room, every 5 and every 10 with its number. */
export function tapeTicks({ fromPx, pxPerFt, fromFt, toFt }: TapeColumn): readonly TapeTick[] {
  const step = pxPerFt >= 5 ? 1 : pxPerFt >= 2 ? 5 : 10;
  const ticks: TapeTick[] = [];
  for (let ft = Math.ceil((fromFt + 1e-6) / step) * step; ft < toFt - 1e-6; ft += step) {
    const size = ft % 10 === 0 ? 'ten' : ft % 5 === 0 ? 'five' : 'foot';
    ticks.push({ px: fromPx + (ft - fromFt) * pxPerFt, ft, size });
  }
  return ticks;
}
