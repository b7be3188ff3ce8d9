import type { CutRow, DrawnBar } from './cutRows';

/** How rows are laid out in pixels. */
export interface CutLayout {
  readonly leftPx: number;
  readonly topPx: number;
  readonly rowPx: number;
  readonly pxPerFt: number;
}

/** Beside a bar this still counts as on it, pixels. */
const NEAR_PX = 8;

/** The bar of the chosen line that a point lies on; undefined where it lies on none. */
export function barAt(
  rows: readonly CutRow[],
  layout: CutLayout,
  x: number,
  y: number,
): DrawnBar | undefined {
  const { leftPx, topPx, rowPx, pxPerFt } = layout;
  const row = rows[Math.floor((y - topPx) / rowPx)];
  if (row?.line.chosen !== true) return undefined;
  return row.bars.find(({ bar, atFt }) => {
    const from = leftPx + atFt * pxPerFt;
    return x >= from - NEAR_PX && x <= from + bar.ft * pxPerFt + NEAR_PX;
  })?.bar;
}

/** The bar before or after one among those of the chosen line; undefined at the ends. */
export function barBeside(rows: readonly CutRow[], bar: DrawnBar, by: -1 | 1): DrawnBar | undefined {
  const bars = rows.filter(({ line }) => line.chosen).flatMap((row) => row.bars.map((placed) => placed.bar));
  return bars[bars.findIndex(({ key }) => key === bar.key) + by];
}
