/** Lots that are the same for the same seed: a drill can be drawn again. */
export class Lots {
  #state: number;

  constructor(seed: number) {
    this.#state = seed >>> 0;
  }

  /** A share from 0 up to 1. */
  share(): number {
    this.#state = (this.#state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(this.#state ^ (this.#state >>> 15), 1 | this.#state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296;
  }

  /** One of some. */
  of<T>(all: readonly T[]): T {
    const [first] = all.slice(Math.floor(this.share() * all.length));
    if (first === undefined) throw new Error('There is nothing to draw from.');
    return first;
  }

  /** A whole number from one to another. */
  whole(from: number, to: number): number {
    return from + Math.floor(this.share() * (to - from + 1));
  }

  /** Yes, in so many of a hundred. */
  yes(percent = 50): boolean {
    return 100 * this.share() < percent;
  }
}
