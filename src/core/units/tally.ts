/** Adds to what was counted under a key; nothing yet is 0. */
export function tally<K>(counts: Map<K, number>, key: K, by = 1): void {
  counts.set(key, (counts.get(key) ?? 0) + by);
}
