import type { LastCopy } from './lastCopy';

const KEY = 'pasture-copied';

const isCopy = (value: unknown): value is LastCopy =>
  typeof value === 'object' &&
  value !== null &&
  'at' in value &&
  typeof value.at === 'number' &&
  'cursors' in value &&
  typeof value.cursors === 'object' &&
  value.cursors !== null &&
  Object.values(value.cursors).every((cursor) => typeof cursor === 'number');

/** The last copy that this browser made; null where it made none, or does not remember. */
export function lastCopy(): LastCopy | null {
  try {
    const value: unknown = JSON.parse(localStorage.getItem(KEY) ?? 'null');
    return isCopy(value) ? value : null;
  } catch {
    return null;
  }
}

/** Remembers a copy. A browser that keeps nothing forgets it, and reminds again. */
export function rememberCopy(copy: LastCopy): void {
  try {
    localStorage.setItem(KEY, JSON.stringify(copy));
  } catch {
    // It reminds again, which is on the safe side.
  }
}
