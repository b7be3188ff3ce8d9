/** A table as it is shown: heads and cells in words, row keys as steps name them. */
export interface TableFace {
  readonly title: string;
  readonly corner: string;
  readonly columns: readonly { readonly key: string; readonly head: string }[];
  readonly rows: readonly {
    readonly key: string;
    readonly head: string;
    readonly cells: readonly string[];
  }[];
}

/** A table before its title is put together from section and unit. */
export type Face = Omit<TableFace, 'title'> & { readonly unit: string };

/** A cell in words; a dot where the table has none. */
export const tableCell = (value: number | string | null | undefined): string =>
  value === null || value === undefined ? '·' : String(value);
