import { present } from '../units/present';
import type { Circuit } from '../circuit/circuitSchema';
import { neighborsOf, type Neighbors, type SharedSegment } from '../circuit/neighbors';
import { isSized, type SegmentFigures, type SolvedCircuit } from '../circuit/figures';
import { stationKinds, type StationKind } from '../circuit/stations';
import { METHODS } from '../code/methods';
import { sizeRank, type WireSize } from '../units/wireSize';
import { segmentConductors } from '../circuit/namedConductors';
import { type NamedConductor } from '../circuit/namedConductors';
import { minFree, makeUp, soldAs } from './makeUp';

/** One cable, or the conductors of one pull, in one length. */
export interface WirePiece {
  /** Stations at its ends, by position. */
  readonly from: number;
  readonly to: number;
  /** Segments that it runs through. */
  readonly segments: readonly number[];
  /** Cable by its name, or null for single conductors. */
  readonly cable: string | null;
  readonly conductors: readonly NamedConductor[];
  /** Length of the route. */
  readonly routeFt: number;
  readonly makeUpFt: number;
  /** What has to be cut: the route and what is left at both ends. */
  readonly cutFt: number;
  /** The shortest piece that the boxes at its ends take. */
  readonly minFt: number;
  /** The piece on hand, where there is one. */
  readonly hasFt: number | null;
}

/** Wire of one kind, as it is bought. */
export interface WireBought {
  readonly name: string;
  readonly cutFt: number;
  /** With waste. */
  readonly wantedFt: number;
  readonly buyFt: number;
  readonly coil: boolean;
}

const WASTE = { cable: 1.1, conductor: 1.05 } as const;

/** Stations at which conductors end or are spliced; through the others they run unbroken. */
const ENDS: readonly StationKind[] = ['panel', 'box', 'disconnect', 'appliance'];

/** Segments that one piece runs through: a cable each, conductors from splice to splice. */
function grouped({ run }: Circuit, kinds: readonly StationKind[]): readonly number[][] {
  const groups: number[][] = [];
  for (const [index, { method }] of run.entries()) {
    const last = groups.at(-1);
    const at = kinds[index];
    const before = run[index - 1];
    const goesOn =
      METHODS[method].kind === 'raceway' &&
      before !== undefined &&
      METHODS[before.method].kind === 'raceway' &&
      at !== undefined &&
      !ENDS.includes(at);
    if (goesOn && last !== undefined) last.push(index);
    else groups.push([index]);
  }
  return groups;
}

/** Whether a circuit brings the one ground of a shared raceway: the largest does, of equal ones the first by id. */
function bringsGround(
  circuit: Circuit,
  { ground: taken }: SegmentFigures,
  others: readonly SharedSegment[],
): boolean {
  const own = sizeRank(taken);
  return others.every(({ ground, circuitId }) => {
    const theirs = ground === null ? -1 : sizeRank(ground);
    return theirs < own || (theirs === own && circuit.id < circuitId);
  });
}

/** Every piece of cable and every set of conductors of a circuit, with what is left at both ends. */
export function wirePieces(
  circuit: Circuit,
  solved: SolvedCircuit,
  neighbors: Neighbors = {},
): readonly WirePiece[] {
  const { figures } = solved;
  if (!isSized(figures)) return [];
  const kinds = stationKinds(circuit.run);
  return grouped(circuit, kinds).flatMap((segments) => {
    const [first = 0] = segments;
    const from = first;
    const to = (segments.at(-1) ?? first) + 1;
    const at = figures.segments[first];
    if (at === undefined) return [];
    const cable = METHODS[at.method].kind === 'cable';
    const between = segments.slice(1).map((index) => kinds[index] ?? 'body');
    const ends = [kinds[from] ?? 'panel', kinds[to] ?? 'appliance'] as const;
    const grounded = segments.some((index) => {
      const segment = circuit.run[index];
      return segment !== undefined && bringsGround(circuit, at, neighborsOf(segment, 'raceway', neighbors));
    });
    const routeFt = segments.reduce(
      (ft, index) => ft + present(circuit.run[index], 'segment', index).lengthFt,
      0,
    );
    const makeUpFt = [...ends, ...between].reduce((ft, kind) => ft + makeUp(kind, cable), 0);
    return [
      {
        from,
        to,
        segments,
        cable: cable ? (at.cable?.name ?? null) : null,
        conductors: segmentConductors(at, figures).filter(({ letters }) => letters !== 'GN' || grounded),
        routeFt,
        makeUpFt,
        cutFt: routeFt + makeUpFt,
        minFt: routeFt + ends.reduce((ft, kind) => ft + minFree(kind), 0),
        hasFt: circuit.run[first]?.pieceFt ?? null,
      },
    ];
  });
}

/** Cables up to this size are sold in coils. */
const COIL_TO: WireSize = '6';

const named = (
  piece: WirePiece,
  circuit: Circuit,
): readonly { readonly name: string; readonly coil: boolean; readonly waste: number }[] => {
  const { cable, conductors } = piece;
  if (cable !== null) {
    const coil =
      conductors.every(({ size }) => sizeRank(size) <= sizeRank(COIL_TO)) && !cable.startsWith('SER');
    return [{ name: cable, coil, waste: WASTE.cable }];
  }
  return conductors.map(({ letters, size, metal }) => ({
    name: `${size}${metal === 'al' ? ' Al' : ''} ${letters === 'BARE' ? 'bare' : `${circuit.insulation} ${letters}`}`,
    coil: false,
    waste: WASTE.conductor,
  }));
};

/** What is bought of each kind of wire: pieces added up, waste on top, up to what is sold. */
export function wireBought(pieces: readonly WirePiece[], circuit: Circuit): readonly WireBought[] {
  const list = new Map<string, { cutFt: number; waste: number; coil: boolean }>();
  for (const piece of pieces) {
    for (const { name, coil, waste } of named(piece, circuit)) {
      const current = list.get(name) ?? { cutFt: 0, waste, coil };
      list.set(name, { ...current, cutFt: current.cutFt + piece.cutFt });
    }
  }
  return [...list].map(([name, { cutFt, waste, coil }]) => {
    const wantedFt = cutFt * waste;
    return { name, cutFt, wantedFt, buyFt: soldAs(wantedFt, coil), coil };
  });
}
