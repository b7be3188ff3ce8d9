/** A square matrix of few rows, row by row. Of so few numbers a plain array is made faster than a typed one. */
export type Square = number[];

/** So many zeros. */
export const zeros = (count: number): number[] => new Array<number>(count).fill(0);

/**
 * The inverse of a symmetric matrix whose diagonal outweighs what couples it, as resistances and conductances do: by
 * elimination in place, no row exchanged.
 */
export function inverse(matrix: readonly number[], size: number): Square {
  const made = matrix.slice();
  for (let pivot = 0; pivot < size; pivot += 1) {
    const own = pivot * size;
    const by = 1 / (made[own + pivot] ?? 1);
    made[own + pivot] = 1;
    for (let at = 0; at < size; at += 1) made[own + at] = (made[own + at] ?? 0) * by;
    for (let row = 0; row < size; row += 1) {
      const other = row * size;
      const factor = made[other + pivot] ?? 0;
      if (row === pivot || factor === 0) continue;
      made[other + pivot] = 0;
      for (let at = 0; at < size; at += 1)
        made[other + at] = (made[other + at] ?? 0) - factor * (made[own + at] ?? 0);
    }
  }
  return made;
}

/** A matrix times a column. */
export function times(matrix: readonly number[], column: readonly number[]): number[] {
  const size = column.length;
  const product = zeros(size);
  for (let row = 0; row < size; row += 1)
    for (let at = 0; at < size; at += 1)
      product[row] = (product[row] ?? 0) + (matrix[row * size + at] ?? 0) * (column[at] ?? 0);
  return product;
}

/** Two matrices added up. */
export function plus(a: readonly number[], b: readonly number[]): Square {
  const sum = a.slice();
  for (let at = 0; at < sum.length; at += 1) sum[at] = (sum[at] ?? 0) + (b[at] ?? 0);
  return sum;
}

/** A matrix with some more on its diagonal. */
export function plusDiagonal(matrix: readonly number[], more: readonly number[]): Square {
  const sum = matrix.slice();
  for (let at = 0; at < more.length; at += 1)
    sum[at * more.length + at] = (sum[at * more.length + at] ?? 0) + (more[at] ?? 0);
  return sum;
}
