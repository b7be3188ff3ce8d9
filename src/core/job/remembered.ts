interface Known<R> {
  readonly parts: readonly unknown[];
  readonly result: R;
}

const same = (a: readonly unknown[], b: readonly unknown[]): boolean =>
  a.length === b.length && a.every((part, at) => part === b[at]);

/**
 * Remembers one result under each key, for as long as the parts that it was made of are the same things.
 * A branch reads what its trunk remembers and keeps what it makes to itself, so that a trial leaves no trace.
 */
export class Remembered<R> {
  readonly #known = new Map<string, Known<R>>();
  readonly #trunk: Remembered<R> | undefined;

  constructor(trunk?: Remembered<R>) {
    this.#trunk = trunk;
  }

  #recall(key: string, parts: readonly unknown[]): Known<R> | undefined {
    const known = this.#known.get(key);
    if (known !== undefined && same(known.parts, parts)) return known;
    const trunk = this.#trunk;
    return trunk === undefined ? undefined : trunk.#recall(key, parts);
  }

  /** The result under a key: the one that is remembered, or a new one where its parts have changed. */
  of(key: string, parts: readonly unknown[], make: () => R): R {
    const known = this.#recall(key, parts);
    if (known !== undefined) return known.result;
    const result = make();
    this.#known.set(key, { parts, result });
    return result;
  }

  /** A branch for trying something out. */
  branch(): Remembered<R> {
    return new Remembered(this);
  }
}
