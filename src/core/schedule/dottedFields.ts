type Tree = { [key: string]: unknown };

/** Fields that stay text although they may look like numbers: sizes and names. */
const TEXT =
  /^(id|name|family|kind|method|material|insulation|location|pinned\.(size|egc|trade)|site\.(receptacle|plug|lugLeast|lugMost))$/;

const isTree = (value: unknown): value is Tree =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** A cell as a value: number, yes or no, JSON for lists, or text. */
function valueOf(header: string, cell: string): unknown {
  if (TEXT.test(header)) return cell;
  if (/^-?\d+(\.\d+)?$/.test(cell)) return Number(cell);
  if (cell === 'true' || cell === 'yes') return true;
  if (cell === 'false' || cell === 'no') return false;
  if (cell === 'null') return null;
  if (cell.startsWith('[')) {
    try {
      return JSON.parse(cell);
    } catch {
      // Not JSON after all: the schema says what it should be.
      return cell;
    }
  }
  return cell;
}

/** A row with dotted headers as a nested object: "nameplate.kw" under "nameplate". Empty cells are left out. */
export function fromDotted(cells: Readonly<Record<string, string>>): Tree {
  const root: Tree = {};
  for (const [header, cell] of Object.entries(cells)) {
    if (cell === '' || header === '') continue;
    const path = header.split('.');
    const leaf = path.pop() ?? header;
    let at = root;
    for (const part of path) {
      const next = Object.hasOwn(at, part) ? at[part] : undefined;
      const branch: Tree = isTree(next) ? next : {};
      Object.defineProperty(at, part, {
        value: branch,
        enumerable: true,
        configurable: true,
        writable: true,
      });
      at = branch;
    }
    Object.defineProperty(at, leaf, {
      value: valueOf(header, cell),
      enumerable: true,
      configurable: true,
      writable: true,
    });
  }
  return root;
}

/** An object as one row with dotted headers; lists as JSON. What is empty is left out. */
export function toDotted(value: unknown, prefix = ''): Record<string, string | number | boolean> {
  if (!isTree(value)) return {};
  const row: Record<string, string | number | boolean> = {};
  for (const [key, part] of Object.entries(value)) {
    const header = prefix === '' ? key : `${prefix}.${key}`;
    if (isTree(part)) Object.assign(row, toDotted(part, header));
    else if (Array.isArray(part)) row[header] = JSON.stringify(part);
    else if (part === null) row[header] = 'null';
    else if (typeof part === 'string' || typeof part === 'number' || typeof part === 'boolean')
      row[header] = part;
  }
  return row;
}
