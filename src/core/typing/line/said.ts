import type { TypedFigures } from '../../appliances/typedWords';
import type { Environment, MethodId } from '../../code/methods';
import type { WireSize } from '../../units/wireSize';
import type { FigureLabel } from './meaning';
import type { Token } from './tokens';

/** One stretch of a run as it was said. */
export interface Stretch {
  readonly method: MethodId | null;
  readonly lengthFt: number | null;
  readonly place: Environment | null;
}

/** A word that was not understood, and where it stands. */
export interface Unread {
  readonly word: string;
  readonly from: number;
  readonly to: number;
  readonly suggestion: string | null;
}

/** A number of amperes, or one without a unit, with what was said beside it. */
export interface Figure {
  readonly token: Token;
  readonly value: number;
  readonly isAmps: boolean;
  readonly label: FigureLabel | undefined;
}

/** Figures that a plate may have no field for. */
export type Measured = Exclude<keyof TypedFigures, 'words' | 'building'>;

/** Everything that a line says of a circuit beside the name of its appliance. */
export interface Said {
  readonly figures: readonly Figure[];
  readonly typed: TypedFigures;
  /** Where each figure with a unit stands. */
  readonly measured: ReadonlyMap<Measured, Token>;
  readonly stretches: readonly Stretch[];
  readonly material: 'cu' | 'al' | null;
  readonly size: WireSize | null;
  readonly gfci: boolean | null;
  readonly unread: readonly Unread[];
}
