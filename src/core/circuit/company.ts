import type { LoadModel } from '../appliances/family';
import type { Insulation } from '../code/tables/shapes';
import type { WireSize } from '../units/wireSize';
import type { Stretch } from './circuitSchema';
import { WAY_KINDS, type WayKind } from '../code/routeKinds';

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

/** Who else is in the raceway, the bundle or the trench of a stretch. */
export type StretchCompany = Readonly<Partial<Record<WayKind, readonly WayMember[]>>>;

/** Company of a circuit's stretches, by the id of the stretch. */
export type Companies = Readonly<Record<string, StretchCompany>>;

/** Who shares one kind of way with a stretch; nobody where it goes alone. */
export const companyOf = (
  { id, shares }: Stretch,
  kind: WayKind,
  company: Companies | undefined,
): readonly WayMember[] => (shares?.[kind] === undefined ? [] : (company?.[id]?.[kind] ?? []));

/** The ways that a stretch shares, each in one word of its kind and id. */
export const wayKeys = ({ shares = {} }: Stretch): readonly string[] =>
  WAY_KINDS.flatMap((kind) => (shares[kind] === undefined ? [] : [`${kind} ${shares[kind]}`]));

/** The current-carrying conductors that a circuit has itself: a neutral of unbalance only is none (310.15(E)). */
export const ownCarrying = ({ phase }: Pick<LoadModel, 'phase'>): 2 | 3 => (phase === 3 ? 3 : 2);

/** The conductors that count together in a stretch (310.15(C)(1)): those of the circuit, its company, and no fewer than were typed. */
export function carryingTogether(stretch: Stretch, own: 2 | 3, company: Companies): number {
  // Separate raceways or spaced cables in one trench do not heat each other (300.5(I)).
  const inRaceway = companyOf(stretch, 'raceway', company);
  const inBundle = companyOf(stretch, 'bundle', company).filter(
    ({ circuitId }) => !inRaceway.some((each) => each.circuitId === circuitId),
  );
  if (inRaceway.length + inBundle.length === 0) return stretch.currentCarrying ?? own;
  const sum = [...inRaceway, ...inBundle].reduce<number>((count, { carrying }) => count + carrying, own);
  return Math.max(stretch.currentCarrying ?? 0, sum);
}
