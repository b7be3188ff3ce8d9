import type { LoadModel } from '../appliances/family';
import type { Insulation } from '../code/tables/shapes';
import type { WireSize } from '../units/wireSize';
import type { Stretch } from './circuitSchema';
import type { WayKind } from './wayKinds';

/** Another circuit on the same way. Its sizes are null until it was sized itself. */
export interface WayMember {
  readonly circuitId: string;
  readonly name: string;
  /** Current-carrying conductors that it adds. */
  readonly carrying: number;
  /** Insulated conductors without the ground. */
  readonly wires: number;
  readonly neutral: boolean;
  readonly volts: number;
  readonly insulation: Insulation;
  readonly size: WireSize | null;
  readonly ground: WireSize | null;
}

/** Who else goes the way of a stretch. */
export interface StretchCompany {
  readonly kind: WayKind;
  readonly members: readonly WayMember[];
}

/** Company of a circuit's stretches, by the id of the stretch. */
export type Companies = Readonly<Record<string, StretchCompany>>;

/** Who goes the way of a stretch; nobody where it goes alone. */
export const companyOf = ({ id, way }: Stretch, company: Companies): StretchCompany | undefined =>
  way === undefined ? undefined : company[id];

/** The current-carrying conductors that a circuit has itself: a neutral of unbalance only is none (310.15(E)). */
export const ownCarrying = ({ phase }: Pick<LoadModel, 'phase'>): 2 | 3 => (phase === 3 ? 3 : 2);

/** The conductors that count together in a stretch (310.15(C)(1)): those of the circuit, its company, and no fewer than were typed. */
export const carryingTogether = (
  stretch: Stretch,
  own: 2 | 3,
  company: StretchCompany | undefined,
): number => {
  // Separate raceways or spaced cables in one trench do not heat each other (300.5(I)).
  if (company === undefined || company.kind === 'trench') return stretch.currentCarrying ?? own;
  const sum = company.members.reduce<number>((count, { carrying }) => count + carrying, own);
  return Math.max(stretch.currentCarrying ?? 0, sum);
};
