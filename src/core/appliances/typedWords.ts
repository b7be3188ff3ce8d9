/** What was typed after the name of an appliance: numbers by their unit, and words. */
export interface TypedFigures {
  /** Numbers without a unit, in order. */
  readonly plain: readonly number[];
  readonly amps: number | undefined;
  readonly kw: number | undefined;
  readonly hp: number | undefined;
  readonly volts: number | undefined;
  readonly percent: number | undefined;
  readonly va: number | undefined;
  /** "19/30": two numbers with a stroke between. */
  readonly pair: readonly [number, number] | undefined;
  /** "6.6+4.2": numbers added together. */
  readonly sum: readonly number[] | undefined;
  readonly words: ReadonlySet<string>;
}

/** How an appliance is typed: its names, an example that is also its completion, and its plate. */
export interface TypedWords {
  readonly names: readonly string[];
  readonly example: string;
  /** The plate, not yet checked; undefined where a figure is missing. */
  readonly plate: (typed: TypedFigures) => Record<string, unknown> | undefined;
  /** What is missing when there is no plate. */
  readonly needs: string;
}
