import type { Circuit, Segment } from '../circuit/circuitSchema';
import type { SolvedCircuit, SegmentFigures } from '../circuit/figures';
import type { SolveContext } from '../circuit/solveContext';
import { stationKinds, type StationKind } from '../circuit/stations';
import { METHODS } from '../code/methods';
import { sectionGeometry, type SectionGeometry, type SectionPoint } from './sectionGeometry';

/** A circuit that was solved. */
export interface Routed {
  readonly circuit: Circuit;
  readonly solved: SolvedCircuit;
}

/** What the judgment of a route looks at. */
export interface RouteCase extends Routed {
  readonly context: SolveContext;
  /** Circuits that share a part of the route, solved. */
  readonly neighbors: readonly Routed[];
  /** Whether the lines in the ground were located: a ticket is known. */
  readonly located: boolean;
}

/** A segment as it was saved, with its figures. */
export interface RoutedSegment {
  readonly index: number;
  readonly segment: Segment;
  readonly figures: SegmentFigures;
}

/** The segments of a circuit with their figures. */
export const routedSegments = ({ circuit, solved }: Routed): readonly RoutedSegment[] =>
  circuit.run.flatMap((segment, index) => {
    const figures = solved.figures.segments[index];
    return figures === undefined ? [] : [{ index, segment, figures }];
  });

/** Whether a segment is of raceway. */
export const isRaceway = ({ method }: Pick<Segment, 'method'>): boolean => METHODS[method].kind === 'raceway';

/** Whether a fitting of the route was left out. */
export const leftOut = (
  { without = [] }: Segment,
  fitting: NonNullable<Segment['without']>[number],
): boolean => without.includes(fitting);

/** One straight leg of a segment. */
export interface StraightPart {
  readonly lengthFt: number;
  /** How much higher its end is than its start; negative where it falls. */
  readonly riseFt: number;
}

/** The straight legs of a segment as it is drawn; together they are as long as the segment. */
function legsOf(path: readonly SectionPoint[], totalFt: number): readonly StraightPart[] {
  const drawn = path.slice(1).map((point, at) => {
    const from = path[at] ?? point;
    return { along: Math.abs(point.xFt - from.xFt), rise: point.heightFt - from.heightFt };
  });
  const sum = drawn.reduce((ft, { along, rise }) => ft + along + Math.abs(rise), 0);
  const scale = sum === 0 ? 0 : totalFt / sum;
  return drawn
    .map(({ along, rise }) => ({ lengthFt: (along + Math.abs(rise)) * scale, riseFt: rise * scale }))
    .filter(({ lengthFt }) => lengthFt > 0);
}

/** A case with what everything else is read from. */
export interface LaidOut extends RouteCase {
  readonly kinds: readonly StationKind[];
  readonly geometry: SectionGeometry;
  readonly segments: readonly RoutedSegment[];
  /** The straight legs of each segment as it is drawn; together they are as long as the segment. */
  readonly legs: readonly (readonly StraightPart[])[];
}

/** A case laid out: stations named, section drawn, segments with their figures and legs. */
export function layOut(about: RouteCase): LaidOut {
  const { run, startHeightFt } = about.circuit;
  const geometry = sectionGeometry(run, startHeightFt);
  return {
    ...about,
    kinds: stationKinds(run),
    geometry,
    segments: routedSegments(about),
    legs: run.map(({ lengthFt }, index) => legsOf(geometry.segments[index]?.path ?? [], lengthFt)),
  };
}
