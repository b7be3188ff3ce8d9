import type { Circuit } from './circuitSchema';

/** Neutral and ground bars of a panel as they were looked at; `unseen` where nobody did. */
export type Bars = 'bonded' | 'apart' | 'unseen';

/** What of its panel bears on the landing of a circuit. */
export interface PanelLanding {
  readonly role: 'service' | 'subpanel';
  readonly bars: Bars;
}

/** What a circuit is landed in. */
export interface LandedIn {
  /** Null where it was not said. */
  readonly role: PanelLanding['role'] | null;
  readonly bars: Bars;
}

/**
 * Where a circuit is landed: once it has a place in a panel the record of that panel alone decides. Until then what was
 * said of it tells the role, and nobody has looked at its bars.
 */
export const landedIn = ({ site }: Pick<Circuit, 'site'>, panel: PanelLanding | undefined): LandedIn =>
  panel ?? { role: site.panel ?? null, bars: 'unseen' };
