/** What a grid has in one of its cells; 0 past its edges, where nothing conducts and nothing is joined. */
export const cellOf = (grid: ArrayLike<number>, at: number): number => grid[at] ?? 0;
