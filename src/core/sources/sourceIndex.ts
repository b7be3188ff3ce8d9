import type { Source } from './sourceSchema';
import type { SourceEntry } from './sourcesDocument';

const indexes = new WeakMap<readonly SourceEntry[], ReadonlyMap<string, Source>>();

/** Sources by their input. */
export function sourceIndex(sources: readonly SourceEntry[]): ReadonlyMap<string, Source> {
  const known = indexes.get(sources);
  if (known !== undefined) return known;
  const index = new Map(sources.map(({ input, source }) => [input, source]));
  indexes.set(sources, index);
  return index;
}

/** Sources after some were put and some dropped; they stand in the order of their inputs. */
export function withSources(
  sources: readonly SourceEntry[],
  put: readonly SourceEntry[],
  drop: readonly string[],
): SourceEntry[] {
  const gone = new Set(drop);
  const fresh = new Map(put.map((entry) => [entry.input, entry]));
  const kept = sources.flatMap((entry) => {
    if (gone.has(entry.input)) return [];
    const now = fresh.get(entry.input) ?? entry;
    fresh.delete(entry.input);
    return [now];
  });
  for (const entry of fresh.values()) {
    const at = kept.findIndex(({ input }) => input > entry.input);
    kept.splice(at === -1 ? kept.length : at, 0, entry);
  }
  return kept;
}
