/** A square matrix of few rows, row by row. */
export type Square = Float64Array;

/**
 * The inverse of a symmetric matrix whose diagonal outweighs what couples it, as resistances and conductances do: by
 * elimination in place, no row exchanged.
 */
export function inverse(matrix: Square, size: number): Square {
  const made = new Float64Array(matrix);
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
export function times(matrix: Square, column: Float64Array): Float64Array {
  const size = column.length;
  const product = new Float64Array(size);
  for (let row = 0; row < size; row += 1)
    for (let at = 0; at < size; at += 1)
      product[row] = (product[row] ?? 0) + (matrix[row * size + at] ?? 0) * (column[at] ?? 0);
  return product;
}

/** Two matrices added up. */
export function plus(a: Square, b: Square): Square {
  const sum = new Float64Array(a);
  for (let at = 0; at < sum.length; at += 1) sum[at] = (sum[at] ?? 0) + (b[at] ?? 0);
  return sum;
}

/** A matrix with some more on its diagonal. */
export function plusDiagonal(matrix: Square, more: Float64Array): Square {
  const sum = new Float64Array(matrix);
  for (let at = 0; at < more.length; at += 1)
    sum[at * more.length + at] = (sum[at * more.length + at] ?? 0) + (more[at] ?? 0);
  return sum;
}
