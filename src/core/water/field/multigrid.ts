import { cellOf } from './cellOf';
import type { Sheet } from './sheet';

/**
 * One level of the sheet: the finest is the sheet itself, each coarser one has a quarter of its cells. A row of nothing
 * lies before the first and after the last, so that no cell needs to be asked whether it has neighbors.
 */
interface Level {
  readonly n: number;
  readonly right: Float64Array;
  readonly up: Float64Array;
  /** One over everything that a cell is joined to, ohms. */
  readonly inverse: Float64Array;
  readonly answer: Float64Array;
  readonly wanted: Float64Array;
  readonly rest: Float64Array;
}

const COARSEST = 8;
const COARSE_SWEEPS = 12;

function levelOf(n: number, right: Float64Array, up: Float64Array, ground: Float64Array): Level {
  const blank = (): Float64Array => new Float64Array(n * n + 2 * n);
  const padded = (of: Float64Array): Float64Array => {
    const into = blank();
    into.set(of, n);
    return into;
  };
  const diagonal = padded(ground);
  const join = (at: number, siemens: number): void => {
    diagonal[at] = cellOf(diagonal, at) + siemens;
  };
  for (let at = 0; at < n * n; at += 1) {
    const r = cellOf(right, at);
    const u = cellOf(up, at);
    join(at + n, r + u);
    join(at + n + 1, r);
    join(at + 2 * n, u);
  }
  return {
    n,
    right: padded(right),
    up: padded(up),
    inverse: diagonal.map((siemens) => (siemens === 0 ? 0 : 1 / siemens)),
    answer: blank(),
    wanted: blank(),
    rest: blank(),
  };
}

/** The next coarser level: two faces in parallel, each half as long again, carry what one of them carries. */
function coarser(n: number, right: Float64Array, up: Float64Array, ground: Float64Array) {
  const half = n / 2;
  const [cr, cu, cg] = [
    new Float64Array(half * half),
    new Float64Array(half * half),
    new Float64Array(half * half),
  ];
  for (let row = 0; row < half; row += 1) {
    for (let column = 0; column < half; column += 1) {
      const [at, fine] = [row * half + column, 2 * row * n + 2 * column];
      cr[at] = (cellOf(right, fine + 1) + cellOf(right, fine + n + 1)) / 2;
      cu[at] = (cellOf(up, fine + n) + cellOf(up, fine + n + 1)) / 2;
      cg[at] =
        cellOf(ground, fine) +
        cellOf(ground, fine + 1) +
        cellOf(ground, fine + n) +
        cellOf(ground, fine + n + 1);
    }
  }
  return { right: cr, up: cu, ground: cg };
}

/** Each cell from the first to the last, where none was known before: only those before it bring something. */
function sweepFromNothing({ n, right, up, answer, wanted, inverse }: Level): void {
  for (let at = n; at < n * n + n; at += 1)
    answer[at] =
      (cellOf(wanted, at) +
        cellOf(right, at - 1) * cellOf(answer, at - 1) +
        cellOf(up, at - n) * cellOf(answer, at - n)) *
      cellOf(inverse, at);
}

/** What a cell comes to by what its neighbors bring. */
const relaxed = ({ n, right, up, answer, wanted, inverse }: Level, at: number): number =>
  (cellOf(wanted, at) +
    cellOf(right, at) * cellOf(answer, at + 1) +
    cellOf(right, at - 1) * cellOf(answer, at - 1) +
    cellOf(up, at) * cellOf(answer, at + n) +
    cellOf(up, at - n) * cellOf(answer, at - n)) *
  cellOf(inverse, at);

/** Each cell from the first to the last. */
function sweepForward(level: Level): void {
  const { n, answer } = level;
  for (let at = n; at < n * n + n; at += 1) answer[at] = relaxed(level, at);
}

/** The same from the last to the first. */
function sweepBack(level: Level): void {
  const { n, answer } = level;
  for (let at = n * n + n - 1; at >= n; at -= 1) answer[at] = relaxed(level, at);
}

/** What is still missing in each cell after the first sweep: what those after it bring now. */
function missing({ n, right, up, answer, rest }: Level): void {
  for (let at = n; at < n * n + n; at += 1)
    rest[at] = cellOf(right, at) * cellOf(answer, at + 1) + cellOf(up, at) * cellOf(answer, at + n);
}

/** What is missing, four cells into one of the coarser level. */
function toCoarser({ n, rest }: Level, next: Level): void {
  for (let row = 0; row < next.n; row += 1) {
    for (let column = 0; column < next.n; column += 1) {
      const fine = n + 2 * row * n + 2 * column;
      next.wanted[next.n + row * next.n + column] =
        cellOf(rest, fine) + cellOf(rest, fine + 1) + cellOf(rest, fine + n) + cellOf(rest, fine + n + 1);
    }
  }
}

/** What the coarser level found, added to each of the four cells that it stands for. */
function fromCoarser({ n, answer }: Level, next: Level): void {
  for (let row = 0; row < n; row += 1) {
    const coarse = next.n + (row >> 1) * next.n;
    for (let column = 0; column < n; column += 1) {
      const at = n + row * n + column;
      answer[at] = cellOf(answer, at) + cellOf(next.answer, coarse + (column >> 1));
    }
  }
}

/** One cycle down to the coarsest level and back, the same forward and backward, so that it may speed up another solver. */
function cycle(levels: readonly Level[], depth: number): void {
  const level = levels[depth];
  const next = levels[depth + 1];
  if (level === undefined) return;
  if (next === undefined) {
    level.answer.fill(0);
    for (let step = 0; step < COARSE_SWEEPS; step += 1) {
      sweepForward(level);
      sweepBack(level);
    }
    return;
  }
  sweepFromNothing(level);
  missing(level);
  toCoarser(level, next);
  cycle(levels, depth + 1);
  fromCoarser(level, next);
  sweepBack(level);
}

/** An approximate inverse of a sheet with what else its cells are joined to. */
export interface Inverse {
  /** Writes an approximate answer for the cells. */
  readonly apply: (wanted: Float64Array, into: Float64Array) => void;
}

/**
 * A symmetric multigrid cycle over a sheet.
 *
 * @param joined Conductance from each cell to what is not of the sheet, siemens.
 */
export function multigrid({ n, right, up, leak }: Sheet, joined: Float64Array): Inverse {
  let part = { right, up, ground: leak.map((down, at) => down + cellOf(joined, at)) };
  let size = n;
  const levels = [levelOf(size, part.right, part.up, part.ground)];
  while (size > COARSEST && size % 2 === 0) {
    part = coarser(size, part.right, part.up, part.ground);
    size /= 2;
    levels.push(levelOf(size, part.right, part.up, part.ground));
  }
  const finest = levels[0];
  return {
    apply: (wanted, into) => {
      if (finest === undefined) return;
      finest.wanted.set(wanted, n);
      cycle(levels, 0);
      into.set(finest.answer.subarray(n, n + n * n));
    },
  };
}
