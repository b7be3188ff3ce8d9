import type { Environment, MethodId } from '../../code/methods';
import type { Stretch } from './said';
import type { Token } from './tokens';

const NOWHERE: Stretch = { method: null, lengthFt: null, place: null };
/** So near a disconnect may stand to its equipment, feet: no run is that short. */
const NEAR_FT = 10;

/** How a circuit runs, stretch by stretch, as it is heard from left to right. */
export class HeardRun {
  readonly #stretches: Stretch[] = [];
  #now: Stretch = NOWHERE;
  #stands: Environment | null = null;
  /** The last length in feet, and what stood before it. */
  #lastFt: { readonly token: Token; readonly before: Stretch; readonly stretches: number } | undefined;

  /** "Carport charger": where the thing stands, which is a place of the run only where no other is named. */
  stand(): void {
    const { method, lengthFt, place } = this.#now;
    if (place === null || method !== null || lengthFt !== null) return;
    this.#stands = place;
    this.#now = NOWHERE;
  }

  /** The stretch so far is whole; what follows belongs to the next. */
  turn(): void {
    const { method, lengthFt, place } = this.#now;
    if (method === null && lengthFt === null && place === null) return;
    this.#stretches.push(this.#now);
    this.#now = NOWHERE;
  }

  /** A method was named. */
  by(method: MethodId): void {
    if (this.#now.method !== null && this.#now.method !== method) this.turn();
    this.#now = { ...this.#now, method };
  }

  /** A place was named, and with it perhaps a method: "direct burial". */
  through(place: Environment, method: MethodId | undefined): void {
    if (this.#now.place !== null && this.#now.place !== place) this.turn();
    this.#now = { ...this.#now, place, method: this.#now.method ?? method ?? null };
  }

  /** A length was said, in feet; with its token where it had its unit. */
  length(ft: number, token?: Token): void {
    if (token !== undefined) this.#lastFt = { token, before: this.#now, stretches: this.#stretches.length };
    if (this.#now.lengthFt !== null) this.turn();
    this.#now = { ...this.#now, lengthFt: ft };
  }

  /** Whether a length in feet was said so far. */
  get isMeasured(): boolean {
    return this.#lastFt !== undefined;
  }

  /** Whether a token is the last length, and so short that it may be that of a disconnect: "7 ft disconnect". */
  isNear(token: Token | undefined): boolean {
    return (
      token !== undefined && this.#lastFt?.token === token && (this.#now.lengthFt ?? Infinity) <= NEAR_FT
    );
  }

  /** "8 ft from the tub": the last length is a distance, none of the run; its token, where there was one. */
  apart(): Token | undefined {
    const last = this.#lastFt;
    if (last === undefined) return undefined;
    this.#now = last.before;
    this.#stretches.splice(last.stretches);
    this.#lastFt = undefined;
    return last.token;
  }

  /** "To the post in the drive, 60 ft buried": it ends outdoors, and all of it is in the ground. */
  #bury(): void {
    const [out, down] = this.#stretches.slice(-2);
    if (out?.place !== 'outdoor' || out.lengthFt === null) return;
    if (down?.place === 'underground' && down.lengthFt === null)
      this.#stretches.splice(-2, 2, { ...out, place: 'underground', method: out.method ?? down.method });
  }

  /** "60 ft, 20 attic, 40 underground": what was said of the whole is not a part of it. */
  #dropWhole(): void {
    const [whole, ...parts] = this.#stretches;
    const sum = parts.reduce((ft, { lengthFt }) => ft + (lengthFt ?? 0), 0);
    if (whole?.lengthFt === sum && whole.method === null && whole.place === null && parts.length > 1)
      this.#stretches.shift();
  }

  /** The stretches as they were said. */
  whole(): readonly Stretch[] {
    this.turn();
    this.#bury();
    this.#dropWhole();
    const place = this.#stands;
    if (place === null || this.#stretches.some((each) => each.place !== null)) return this.#stretches;
    const [first = NOWHERE, ...rest] = this.#stretches;
    return [{ ...first, place }, ...rest];
  }
}
