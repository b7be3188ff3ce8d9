import { readFileSync } from 'node:fs';

/** The text of a file; undefined, with the reason on standard error, where it cannot be read. */
export function readText(file: string): string | undefined {
  try {
    return readFileSync(file, 'utf8');
  } catch (error) {
    console.error(`pasture: cannot read ${file}: ${error instanceof Error ? error.message : String(error)}`);
    return undefined;
  }
}
