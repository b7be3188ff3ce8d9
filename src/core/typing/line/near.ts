/** Letters that two words differ by, a pair that is exchanged counting once; more than `most` is not counted out. */
export function lettersApart(a: string, b: string, most: number): number {
  if (Math.abs(a.length - b.length) > most) return most + 1;
  let before: number[] = [];
  let row = Array.from({ length: b.length + 1 }, (_, at) => at);
  for (let i = 1; i <= a.length; i += 1) {
    const next = [i];
    for (let j = 1; j <= b.length; j += 1) {
      const cost = a[i - 1] === b[j - 1] ? 0 : 1;
      const exchanged = i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1];
      next.push(
        Math.min(
          (row[j] ?? i) + 1,
          (next[j - 1] ?? j) + 1,
          (row[j - 1] ?? 0) + cost,
          exchanged ? (before[j - 2] ?? 0) + 1 : Infinity,
        ),
      );
    }
    before = row;
    row = next;
  }
  return row[b.length] ?? most + 1;
}

/** The shortest word of which a slip of one letter is still read. */
const SHORTEST = 4;

/** What a mistyped word may have been: the one word that is a letter away, or the nearest ones where there are more. */
export function nearest(
  word: string,
  among: Iterable<string>,
): { readonly sure: string | null; readonly suggestion: string | null } {
  if (word.length < SHORTEST) return { sure: null, suggestion: null };
  const [near, far]: [string[], string[]] = [[], []];
  for (const each of among) {
    const apart = lettersApart(word, each, 2);
    if (apart === 1) near.push(each);
    else if (apart === 2 && each.length > SHORTEST) far.push(each);
  }
  const [only = null] = near;
  return { sure: near.length === 1 ? only : null, suggestion: only ?? far[0] ?? null };
}
