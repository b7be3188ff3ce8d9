import { nth } from '../../units/nth';

/**
 * Solves a few linear equations by elimination, the largest coefficient of a column first.
 *
 * @param matrix Rows of coefficients, as many as there are unknowns; it is not changed.
 */
export function solveLinear(matrix: readonly (readonly number[])[], right: readonly number[]): number[] {
  const rows = matrix.map((row, at) => [...row, nth(right, at)]);
  for (let column = 0; column < rows.length; column += 1) {
    const size = (row: number): number => Math.abs(rows[row]?.[column] ?? 0);
    let best = column;
    for (let row = column + 1; row < rows.length; row += 1) if (size(row) > size(best)) best = row;
    const [pivot, here] = [rows[best], rows[column]];
    if (pivot === undefined || here === undefined) continue;
    [rows[best], rows[column]] = [here, pivot];
    for (let row = column + 1; row < rows.length; row += 1) {
      const line = rows[row];
      const share = (line?.[column] ?? 0) / (pivot[column] ?? 1);
      if (line === undefined || share === 0) continue;
      for (let at = column; at <= rows.length; at += 1) line[at] = nth(line, at) - share * nth(pivot, at);
    }
  }
  const answer = new Array<number>(rows.length).fill(0);
  for (let row = rows.length - 1; row >= 0; row -= 1) {
    const line = rows[row] ?? [];
    const known = answer.reduce((sum, each, at) => (at > row ? sum + each * nth(line, at) : sum), 0);
    answer[row] = (nth(line, rows.length) - known) / (line[row] ?? 1);
  }
  return answer;
}
