import type { LoadModel } from '../appliances/family';
import type { Insulation } from '../code/tables/shapes';
import type { WireSize } from '../units/wireSize';
import type { Segment } from './circuitSchema';
import { METHODS } from '../code/methods';
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
  /** Whether it is a cable there, in no raceway of its own. */
  readonly isBareCable?: boolean;
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

/** Cables beside each other for more than this count together, touching or not, inches (310.15(C)(1)). */
const TOGETHER_IN = 24;

/** Whether a segment is a cable in no raceway. */
export const isBareCable = ({ method, sleeve }: Pick<Segment, 'method' | 'sleeve'>): boolean =>
  METHODS[method].kind === 'cable' && sleeve === undefined;

/** Cables in the trench of a cable, laid along it without spacing that is kept; whether it is was not looked at counts too. */
export const cablesBeside = (segment: Segment, neighbors: Neighbors): readonly SharedSegment[] =>
  isBareCable(segment) && segment.spaced !== true && segment.lengthFt * 12 > TOGETHER_IN
    ? neighborsOf(segment, 'trench', neighbors).filter((each) => each.isBareCable === true)
    : [];

/** The conductors that count together in a segment (310.15(C)(1)): those of the circuit, its neighbors, and no fewer than were typed. */
export function carryingTogether(segment: Segment, own: 2 | 3, neighbors: Neighbors): number {
  // Raceways of their own, and cables whose spacing is kept, do not heat each other in one trench (300.5(I)).
  const inRaceway = neighborsOf(segment, 'raceway', neighbors);
  const others = [...neighborsOf(segment, 'bundle', neighbors), ...cablesBeside(segment, neighbors)];
  const beside = others.filter(
    ({ circuitId }, at) =>
      !inRaceway.some((each) => each.circuitId === circuitId) &&
      others.findIndex((each) => each.circuitId === circuitId) === at,
  );
  if (inRaceway.length + beside.length === 0) return segment.currentCarrying ?? own;
  const sum = [...inRaceway, ...beside].reduce<number>((count, { carrying }) => count + carrying, own);
  return Math.max(segment.currentCarrying ?? 0, sum);
}
