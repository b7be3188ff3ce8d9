import type { RacewayFittingKind, SmallKind } from '../code/itemKinds';
import type { MethodId } from '../code/methods';
import type { ByTrade } from '../code/tables/shapes';
import type { BySize } from '../code/tables/shapes';
import type { GroundFaultForm } from '../code/groundFaultForms';
import type { Metal } from '../units/wireSize';

/** Prices of material in cents. Lengths are by the foot. */
export interface PriceList {
  readonly name: string;
  /** True for the list that ships with Pasture: good for comparing, not for a quote. */
  readonly isDefault: boolean;
  readonly conductor: Readonly<Record<Metal, BySize<number>>>;
  /** Cable with two or three insulated conductors and a ground. */
  readonly cable: Readonly<
    Partial<Record<MethodId, { readonly two: BySize<number>; readonly three: BySize<number> }>>
  >;
  readonly raceway: Readonly<Partial<Record<MethodId, ByTrade<number>>>>;
  /** Breaker by the largest rating that the price holds to, two-pole; one-pole is half. */
  readonly breaker: readonly { readonly toA: number; readonly cents: number }[];
  /** What each form of GFCI protection adds. */
  readonly groundFault: Readonly<Record<GroundFaultForm, number>>;
  readonly box: { readonly small: number; readonly large: number };
  readonly support: number;
  readonly receptacle: number;
  /** Two fittings end every raceway and cable. */
  readonly fitting: { readonly cable: number; readonly raceway: number };
  /** Fittings of a raceway of 3/4; of other sizes in proportion to the raceway itself. */
  readonly racewayFitting: Readonly<Record<RacewayFittingKind, number>>;
  /** What is counted and has no size, by its name. */
  readonly small: Readonly<Record<SmallKind, number>>;
  readonly disconnect: readonly { readonly toA: number; readonly cents: number }[];
  readonly bondWire: number;
  readonly ribbon: number;
  readonly tape: number;
  /** Rolls, coils and sticks by feet, each with its share of the price by the foot; whatever is cut at the counter has the whole. */
  readonly packs: Readonly<
    Record<
      'wire' | 'cable' | 'bond-wire' | 'coiled',
      readonly { readonly ft: number; readonly share: number }[]
    >
  >;
  readonly panel: {
    /** A breaker for two single poles in one space. */
    readonly tandem: number;
    /** Subpanels and whole panels by the spaces that they have. */
    readonly subpanel: readonly { readonly spaces: number; readonly cents: number }[];
    readonly main: readonly { readonly spaces: number; readonly cents: number }[];
  };
  readonly service: {
    readonly management: number;
    readonly sharing: number;
    /** A whole new service by the largest rating that the price holds to, with labor of others. */
    readonly upgrade: readonly { readonly toA: number; readonly cents: number }[];
  };
}
