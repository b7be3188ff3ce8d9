/** What a line says of an appliance beside its name, each thing as far as it was said. */
export interface TypedFigures {
  /** Rating of the circuit: said, or taken of a bare number that is a breaker's. */
  readonly breakerA?: number | undefined;
  /** Current on the nameplate. */
  readonly amps?: number | undefined;
  readonly kw?: number | undefined;
  readonly hp?: number | undefined;
  readonly volts?: number | undefined;
  readonly percent?: number | undefined;
  readonly va?: number | undefined;
  readonly mca?: number | undefined;
  readonly mocp?: number | undefined;
  /** "6.6+4.2": numbers added together. */
  readonly sum?: readonly number[] | undefined;
  /** A further bare number: how many there are. */
  readonly count?: number | undefined;
  readonly phase?: number | undefined;
  /** Conductors of its cable or plug, the ground among them. */
  readonly wires?: 2 | 3 | 4 | undefined;
  readonly neutral?: boolean | undefined;
  readonly connection?: 'hardwired' | 'receptacle' | undefined;
  /** Configuration of its receptacle: "14-50". */
  readonly receptacle?: string | undefined;
  /** The room that was named: "kitchen". */
  readonly room?: string | undefined;
  /** Whether another building was named. */
  readonly building: boolean;
  readonly words: ReadonlySet<string>;
}

/** A plate as far as a line says it, and what stands for the rest. */
export interface TypedPlate {
  readonly told: Readonly<Record<string, unknown>>;
  readonly usual: Readonly<Record<string, unknown>>;
}

/** How an appliance is typed: its names, an example that is also its completion, and its plate. */
export interface TypedWords {
  readonly names: readonly string[];
  readonly example: string;
  /** What a number that is no breaker's rating is taken for. */
  readonly main: 'amps' | 'kw' | 'hp' | 'mca';
  /** A figure beside which every other number is the nameplate's too: the duty of a welder. */
  readonly plated?: 'percent';
  /** The plate, not yet checked. */
  readonly plate: (typed: TypedFigures) => TypedPlate;
}
