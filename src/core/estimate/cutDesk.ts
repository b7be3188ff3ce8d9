import { lineCuts, type LineAsked, type LineCuts } from '../takeoff/lineCuts';

/** Plans cuts and remembers them: variants of a job cut most of their lines alike. */
export class CutDesk {
  readonly #known = new Map<string, LineCuts | undefined>();

  /** How a line is bought and cut; undefined where it cannot be. */
  of(asked: LineAsked): LineCuts | undefined {
    const { key, pieces, offer, kept } = asked;
    const told = JSON.stringify([key, pieces.map(({ id, cutFt }) => [id, cutFt]), offer, kept]);
    if (!this.#known.has(told)) this.#known.set(told, lineCuts(asked));
    return this.#known.get(told);
  }
}
