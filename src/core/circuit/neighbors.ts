import type { LoadModel } from '../appliances/family';
import type { Insulation } from '../code/tables/shapes';
import type { WireSize } from '../units/wireSize';
import type { Segment } from './circuitSchema';
import { SHARE_KINDS, type ShareKind } from '../code/routeKinds';

/** Another circuit on the same way. Its sizes are null until it was sized itself. */
export interface SharedSegment {
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

/** Who else is in the raceway, the bundle or the trench of a segment. */
export type SegmentNeighbors = Readonly<Partial<Record<ShareKind, readonly SharedSegment[]>>>;

/** Neighbors of a circuit's segments, by the id of the segment. */
export type Neighbors = Readonly<Record<string, SegmentNeighbors>>;

/** Who shares one kind of way with a segment; nobody where it goes alone. */
export const neighborsOf = (
  { id, shares }: Segment,
  kind: ShareKind,
  neighbors: Neighbors | undefined,
): readonly SharedSegment[] => (shares?.[kind] === undefined ? [] : (neighbors?.[id]?.[kind] ?? []));

/** The ways that a segment shares, each in one word of its kind and id. */
export const shareKeys = ({ shares = {} }: Segment): readonly string[] =>
  SHARE_KINDS.flatMap((kind) => (shares[kind] === undefined ? [] : [`${kind} ${shares[kind]}`]));

/**
 * The current-carrying conductors that a circuit has itself: a neutral of unbalance only is none, but one with two hots of
 * a 208Y/120 house carries about what they do (310.15(E)).
 */
export function ownCarrying(
  { phase, neutral, volts }: Pick<LoadModel, 'phase' | 'neutral' | 'volts'>,
  houseV: 208 | 240,
): 2 | 3 {
  const isWye = houseV === 208 || volts === 208;
  return phase === 3 || (neutral && volts > 125 && isWye) ? 3 : 2;
}

/** The conductors that count together in a segment (310.15(C)(1)): those of the circuit, its neighbors, and no fewer than were typed. */
export function carryingTogether(segment: Segment, own: 2 | 3, neighbors: Neighbors): number {
  // Separate raceways or spaced cables in one trench do not heat each other (300.5(I)).
  const inRaceway = neighborsOf(segment, 'raceway', neighbors);
  const inBundle = neighborsOf(segment, 'bundle', neighbors).filter(
    ({ circuitId }) => !inRaceway.some((each) => each.circuitId === circuitId),
  );
  if (inRaceway.length + inBundle.length === 0) return segment.currentCarrying ?? own;
  const sum = [...inRaceway, ...inBundle].reduce<number>((count, { carrying }) => count + carrying, own);
  return Math.max(segment.currentCarrying ?? 0, sum);
}
