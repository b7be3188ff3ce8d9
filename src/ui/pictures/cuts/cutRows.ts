/** A piece as it is drawn in its bar. */
export interface DrawnPiece {
  readonly id: string;
  /** What it is for, in short: "2 B to C". */
  readonly name: string;
  readonly ft: number;
  /** Make-up at its ends, feet. */
  readonly endsFt: readonly [number, number];
  readonly lit: boolean;
}

/** One roll, coil, stick or cut with what is cut from it. */
export interface DrawnBar {
  readonly key: string;
  /** Which of the plan of its line it is. */
  readonly at: number;
  /** Whether its pieces were put there by hand. */
  readonly held: boolean;
  readonly ft: number;
  readonly leftFt: number;
  readonly pieces: readonly DrawnPiece[];
  /** Whether it is a stick, or cut to length at the counter: those stand beside each other. */
  readonly small: boolean;
  /** Whether it lies on the truck already. */
  readonly onTruck: boolean;
}

/** The bars of one line of the list. */
export interface DrawnLine {
  readonly key: string;
  readonly name: string;
  readonly sold: string;
  readonly bars: readonly DrawnBar[];
  readonly chosen: boolean;
}

/** A bar where it stands, feet from the start of its row. */
interface PlacedBar {
  readonly bar: DrawnBar;
  readonly atFt: number;
}

/** One row of the picture. */
export interface CutRow {
  readonly line: DrawnLine;
  /** Whether it is the first of its line: it bears the name. */
  readonly first: boolean;
  readonly bars: readonly PlacedBar[];
}

/** Room between two bars of one row, feet. */
const APART_FT = 3;

/** Rows of bars: a coil has a row to itself, short ones stand beside each other as long as there is room. */
export function cutRows(lines: readonly DrawnLine[], widthFt: number): readonly CutRow[] {
  return lines.flatMap((line) => {
    const rows: { bars: PlacedBar[]; endFt: number; open: boolean }[] = [];
    for (const bar of line.bars) {
      const last = rows.at(-1);
      const fits = last?.open === true && bar.small && last.endFt + APART_FT + bar.ft <= widthFt;
      if (last !== undefined && fits) {
        last.bars.push({ bar, atFt: last.endFt + APART_FT });
        last.endFt += APART_FT + bar.ft;
      } else rows.push({ bars: [{ bar, atFt: 0 }], endFt: bar.ft, open: bar.small });
    }
    return rows.map(({ bars }, at) => ({ line, first: at === 0, bars }));
  });
}
