import { cite, edition } from '../src/core/code/edition';
import { tableLibrary } from '../src/core/code/tableLibrary';

/** Lists the tables of the code with their sections, or prints one of them. Returns 2 for an id that is none. */
export function listTables(id: string | undefined): number {
  const code = edition(2023);
  if (id === undefined) {
    for (const { table, cite: key } of tableLibrary) {
      console.log(
        `${table.id.padEnd(22)} ${cite(code, key).section.padEnd(26)} ${table.title} (${table.certainty})`,
      );
    }
    return 0;
  }
  const entry = tableLibrary.find(({ table }) => table.id === id);
  if (entry === undefined) {
    console.error(`pasture: no table "${id}"; "pasture tables" lists them.`);
    return 2;
  }
  console.log(JSON.stringify(entry.table, null, 2));
  return 0;
}
