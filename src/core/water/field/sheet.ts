/**
 * Soil as one resistive sheet of square cells, with the way down to deep earth folded in as a leak. Conductance between
 * squares does not depend on their size; the leak grows with their area.
 */
export interface Sheet {
  /** Cells along each side. */
  readonly n: number;
  /** Conductance from each cell to the one at its right, siemens; nothing in the last column. */
  readonly right: Float64Array;
  /** Conductance from each cell to the one above it, siemens; nothing in the last row. */
  readonly up: Float64Array;
  /** Conductance from each cell to deep earth, siemens; more at the rim, where the soil goes on. */
  readonly leak: Float64Array;
}

/** What soil a sheet stands for. */
export interface Soil {
  /** Ohms of a square of the sheet. */
  readonly squareOhm: number;
  /** How far current runs along the sheet before it has gone down, feet. */
  readonly reachFt: number;
}

/**
 * A sheet of soil.
 *
 * @param stepFt Side of a cell, feet.
 * @param isSoil Whether a cell is soil; what is none, as water behind a liner, carries no current.
 */
export function soilSheet(
  n: number,
  stepFt: number,
  { squareOhm, reachFt }: Soil,
  isSoil: (column: number, row: number) => boolean,
): Sheet {
  const [right, up, leak] = [new Float64Array(n * n), new Float64Array(n * n), new Float64Array(n * n)];
  const soil = Uint8Array.from({ length: n * n }, (_, at) => (isSoil(at % n, Math.floor(at / n)) ? 1 : 0));
  const across = 1 / squareOhm;
  const down = stepFt ** 2 / (squareOhm * reachFt ** 2);
  // At the rim the sheet goes on without end: what leaves there falls off with the reach.
  const rim = stepFt / (squareOhm * reachFt);
  for (let row = 0; row < n; row += 1) {
    for (let column = 0; column < n; column += 1) {
      const at = row * n + column;
      const here = soil[at] === 1;
      if (column < n - 1 && here && soil[at + 1] === 1) right[at] = across;
      if (row < n - 1 && here && soil[at + n] === 1) up[at] = across;
      const edges =
        (column === 0 ? 1 : 0) + (column === n - 1 ? 1 : 0) + (row === 0 ? 1 : 0) + (row === n - 1 ? 1 : 0);
      // A cell without soil is held at the potential of earth, apart from all others.
      leak[at] = here ? down + edges * rim : 1;
    }
  }
  return { n, right, up, leak };
}
