import type { Parameters } from './parameters';
import type { WireSize } from '../units/wireSize';

/** One change that a town, county or state makes to the adopted edition. */
type AmendmentChange =
  | { readonly kind: 'smallest-copper'; readonly size: WireSize }
  | { readonly kind: 'continuous-factor'; readonly factor: number }
  | { readonly kind: 'bend-limit'; readonly degrees: number };

/** A local rule laid over an edition, with where it was found and when. */
export interface Amendment {
  readonly id: string;
  readonly title: string;
  readonly source: string;
  /** Day it took effect, as YYYY-MM-DD. */
  readonly date: string;
  readonly changes: readonly AmendmentChange[];
}

const changed = (so: Parameters, change: AmendmentChange, by: string): Parameters => {
  switch (change.kind) {
    case 'smallest-copper':
      return { ...so, smallestCopper: { ...so.smallestCopper, value: change.size, by } };
    case 'continuous-factor':
      return { ...so, continuousFactor: { ...so.continuousFactor, value: change.factor, by } };
    case 'bend-limit':
      return { ...so, bendLimitDeg: { ...so.bendLimitDeg, value: change.degrees, by } };
  }
};

/** Laying local rules over an edition's parameters; each parameter remembers who set it. */
export const amendment = {
  apply: (parameters: Parameters, { id, changes }: Amendment): Parameters =>
    changes.reduce((so, change) => changed(so, change, id), parameters),
};
