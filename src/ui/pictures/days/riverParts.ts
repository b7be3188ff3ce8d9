/** A stroke of the picture: a piece of work within one day. */
export interface RiverStroke {
  readonly step: string;
  readonly lane: number;
  readonly y: number;
  readonly h: number;
  /** Whether it is the first piece of its step: that bears the name. */
  readonly first: boolean;
  /** Whether it leaves the house dead: a band over every lane. */
  readonly dead: boolean;
}

/** A step as it is drawn. */
export interface RiverStep {
  readonly id: string;
  readonly lane: string;
  readonly name: string;
  readonly hours: string;
  readonly parts: readonly { readonly start: string; readonly end: string }[];
  readonly people: readonly number[];
  readonly dead: boolean;
  readonly covers: boolean;
}

/** A time without work in some lanes, as it is drawn. */
export interface RiverClosed {
  readonly id: string;
  readonly from: string;
  readonly to: string;
  readonly lanes: readonly string[];
  readonly name: string;
}

/** A gate as it is drawn. */
export interface RiverGate {
  readonly id: string;
  readonly name: string;
  readonly opens: string;
  readonly isOpen: boolean;
}
